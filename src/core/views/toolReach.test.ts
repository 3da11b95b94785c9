import fc from 'fast-check'
import { expect, test } from 'vitest'
import { buildCatalogue } from '../parts/catalogue/catalogue'
import { constructionOf } from '../parts/catalogue/constructions'
import { demoShelf, demoShelfInput } from '../parts/catalogue/demoShelf.testing'
import type { Placard, Tool } from '../parts/catalogue/types'
import { notCrimpedYet, toolReach } from './toolReach'

const shelf = demoShelf()
const input = demoShelfInput()
const tool = (id: string): Tool => {
  const found = shelf.tools.get(id)
  if (!found) throw new Error(id)
  return found
}

test('a frame crimps what its cards name, could do what its class closes, and never what it destroys', () => {
  const { crimps, noRow, never } = toolReach(shelf, tool('QF-5'))
  expect(crimps.find(({ contact }) => contact.id === 'CS-SK-N')?.wire).toEqual({ minMm2: 0.14, maxMm2: 0.52 })
  const named = new Set(
    input.placards.filter((one) => one.tool === 'QF-5').flatMap(({ rows }) => rows.map((row) => row.contact)),
  )
  expect(new Set(crimps.map(({ contact }) => contact.id))).toEqual(named)
  expect(noRow.some(({ contact, by }) => !named.has(contact.id) && by.includes('QF-7'))).toBe(true)
  expect(never).toContain('open-barrel')
  expect(never).not.toContain('closed-barrel')
})

test.each(['ST-2', 'RL-B', 'GG-5'])('%s crimps nothing', (id) => {
  expect(toolReach(shelf, tool(id))).toEqual({ crimps: [], noRow: [], never: [] })
})

test('a contact that its class may close is crimped or lacks a row, once; no other is', () => {
  for (const one of shelf.tools.values()) {
    const { crimps, noRow, never } = toolReach(shelf, one)
    if (crimps.length + noRow.length + never.length === 0) continue
    const said = [...crimps, ...noRow].map(({ contact }) => contact.id)
    expect(new Set(said).size).toBe(said.length)
    for (const contact of shelf.contacts.values())
      expect(said.includes(contact.id)).toBe(
        (constructionOf(contact).toolClasses(contact) as readonly string[]).includes(one.class),
      )
  }
})

const source = { document: 'card', basis: 'sheet' as const }

/** What is missing of one contact with cards for these ranges. */
function gapsWith(rows: readonly (readonly [number, number])[], held: Tool['held'] = 'crib') {
  const contact = input.families.flatMap((family) => family.contacts).find(({ id }) => id === 'RK-SK-B')
  if (!contact) throw new Error('RK-SK-B')
  const placard: Placard = {
    id: 'P',
    tool: 'T',
    source,
    rows: rows.map(([minMm2, maxMm2]) => ({ contact: 'RK-SK-B', conductor: { minMm2, maxMm2 } })),
  }
  const built = buildCatalogue({
    ...input,
    tools: [{ id: 'T', name: 'T', class: 'four-indent-positioned', held, source }],
    placards: [placard],
  })
  if (!built.ok) throw new Error(JSON.stringify(built.fault[0]))
  return notCrimpedYet(built.value).find((one) => one.contact.id === 'RK-SK-B')
}

test.each<[string, readonly (readonly [number, number])[], object | undefined]>([
  [
    'all of it',
    [
      [0.2, 0.35],
      [0.36, 0.7],
    ],
    undefined,
  ],
  ['nothing', [], { gaps: [{ minMm2: 0.2, maxMm2: 0.7 }] }],
  ['its lower part', [[0.1, 0.35]], { gaps: [{ minMm2: 0.35, maxMm2: 0.7 }] }],
  ['its upper part', [[0.4, 0.8]], { gaps: [{ minMm2: 0.2, maxMm2: 0.4 }] }],
  [
    'a hole in the middle',
    [
      [0.5, 0.7],
      [0.2, 0.3],
    ],
    { gaps: [{ minMm2: 0.3, maxMm2: 0.5 }] },
  ],
])('cards for %s', (_what, rows, expected) => {
  const found = gapsWith(rows)
  if (expected) expect(found).toMatchObject(expected)
  else expect(found).toBeUndefined()
})

test('a tool that is not held covers nothing, and is named', () => {
  expect(gapsWith([[0.2, 0.7]], 'shop')).toMatchObject({ gaps: [{ minMm2: 0.2, maxMm2: 0.7 }], elsewhere: ['T'] })
})

test('what is covered and what is missing make up the whole range', () => {
  const area = fc.integer({ min: 20, max: 70 })
  fc.assert(
    fc.property(fc.array(fc.tuple(area, area), { maxLength: 4 }), (pairs) => {
      // apart in their maxima, so that no two rows contradict each other
      const rows = pairs.map(([a, b]) => [Math.min(a, b) / 100, Math.max(a, b) / 100] as const)
      const gaps = gapsWith(rows)?.gaps ?? []
      for (let at = 0.205; at < 0.7; at += 0.01) {
        const covered = rows.some(([min, max]) => at > min - 0.026 && at < max + 0.026)
        const missing = gaps.some(({ minMm2, maxMm2 }) => at > minMm2 && at < maxMm2)
        expect(covered || missing).toBe(true)
      }
    }),
    { numRuns: 100 },
  )
})

import { expect, test } from 'vitest'
import { buildCatalogue } from './catalogue'
import { demoShelfInput } from './demoShelf.testing'
import type { CatalogueInput } from './types'
import { type Waiting, waitingOfFamily } from './waiting'

const demo = demoShelfInput()

function built(input: CatalogueInput) {
  const catalogue = buildCatalogue(input)
  if (!catalogue.ok) throw new Error(JSON.stringify(catalogue.fault[0]))
  return catalogue.value
}
const [placard] = demo.placards
if (!placard) throw new Error('placards')

test('on the demo’s shelf nothing waits', () => {
  expect(built(demo).waiting).toEqual([])
})

test.each<[string, Partial<CatalogueInput>, Waiting]>([
  [
    'a card whose tool is not here',
    { placards: [{ ...placard, id: 'X', tool: 'PF-99', rows: placard.rows.slice(0, 2) }] },
    { kind: 'tool', tool: 'PF-99', contacts: [...new Set(placard.rows.slice(0, 2).map((row) => row.contact))] },
  ],
  [
    'rows for a contact that is not on the shelf',
    {
      placards: [
        {
          ...placard,
          rows: [
            ...placard.rows,
            { contact: 'RK-SK-8', conductor: { minMm2: 0.2, maxMm2: 0.3 } },
            { contact: 'RK-SK-8', conductor: { minMm2: 0.3, maxMm2: 0.5 } },
          ],
        },
      ],
    },
    {
      kind: 'contact',
      contact: 'RK-SK-8',
      tool: placard.tool,
      rows: [placard.rows.length + 1, placard.rows.length + 2],
    },
  ],
  [
    'a mate that is still to come',
    {
      families: demo.families.map((family) => ({
        ...family,
        housings: family.housings.map((one) => (one.id === 'SW-7P' ? { ...one, mates: ['SW-7Z'] } : one)),
      })),
    },
    { kind: 'mate', housing: 'SW-7P', mate: 'SW-7Z' },
  ],
  [
    'the hook of a lock that is not here',
    {
      families: demo.families.map((family) => ({
        ...family,
        housings: family.housings.map((one) =>
          one.id === 'CL-5P' ? { ...one, secondLock: { ...one.secondLock, tool: 'RL-99' } } : one,
        ),
      })),
    },
    { kind: 'lock-tool', housing: 'CL-5P', tool: 'RL-99' },
  ],
  [
    'contacts whose sheet names a tool that is not here',
    {
      families: demo.families.map((family) => ({
        ...family,
        contacts: family.contacts.map((one) => (one.id === 'SC-03-08' ? { ...one, sheetTool: 'PF-99' } : one)),
      })),
    },
    { kind: 'tool', tool: 'PF-99', contacts: ['SC-03-08'] },
  ],
])('%s: the shelf is taken, and it is said what waits', (_what, change, waiting) => {
  expect(built({ ...demo, ...change }).waiting).toContainEqual(waiting)
})

test('what waits sets up no job: its rows are found when contact and tool are there', () => {
  const without = built({ ...demo, tools: demo.tools.filter((one) => one.id !== placard.tool) })
  const contact = placard.rows[0]?.contact ?? ''
  expect((without.rowsByContact.get(contact) ?? []).filter((one) => one.placard.id === placard.id)).toEqual([])
  expect((built(demo).rowsByContact.get(contact) ?? []).some((one) => one.placard.id === placard.id)).toBe(true)
})

test('a family is told what of it waits, and not what waits for another’s', () => {
  const tools = demo.tools.filter((one) => one.id !== 'PF-10')
  const { waiting } = built({ ...demo, tools })
  const of = (id: string) => {
    const family = demo.families.find((one) => one.id === id)
    if (!family) throw new Error(id)
    return waitingOfFamily(waiting, family)
  }
  const [bisque] = of('bisque')
  expect(bisque).toMatchObject({ kind: 'tool', tool: 'PF-10' })
  expect(bisque?.kind === 'tool' && bisque.contacts.every((id) => id.startsWith('BQ-'))).toBe(true)
  expect(of('celadon-m').some((one) => one.kind === 'tool' && one.contacts.some((id) => id.startsWith('BQ-')))).toBe(
    false,
  )
})

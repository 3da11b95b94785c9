import { expect, test } from 'vitest'
import { buildCatalogue } from './catalogue'
import { demoShelfInput } from './demoShelf.testing'
import { comparePackages, figureChanges } from './comparePackages'
import { familyPackage } from './familyPackage'
import { fitToShelf, layPackage } from './layPackage'
import { planFacts } from '../../record/plan/facts'
import { freshFacts, olderFacts } from '../../record/plan/factsAge'
import type { CatalogueInput } from './types'

const shelf = demoShelfInput()
const changed: CatalogueInput = {
  ...shelf,
  families: shelf.families.map((family) =>
    family.id === 'bisque'
      ? {
          ...family,
          contacts: family.contacts.map((contact) =>
            contact.id === 'BQ-SK-T' ? { ...contact, ratedA: 2.5 } : contact,
          ),
        }
      : family,
  ),
  wireTypes: [
    ...shelf.wireTypes.slice(0, 3),
    { ...(shelf.wireTypes[0] ?? shelf.wireTypes[1]), id: 'NEW-1' } as CatalogueInput['wireTypes'][number],
  ],
}

test('a package against the shelf: what is added, what changed and how, what is the same', () => {
  const changes = comparePackages(shelf, changed)
  expect(changes.filter((one) => one.change === 'added').map((one) => `${one.kind} ${one.id}`)).toEqual([
    'wire-type NEW-1',
  ])
  expect(changes.filter((one) => one.change === 'changed')).toEqual([
    {
      kind: 'family',
      id: 'bisque',
      name: 'Bisque',
      change: 'changed',
      differences: [{ path: 'contacts.BQ-SK-T.ratedA', from: 2.2, to: 2.5 }],
      moreDifferences: 0,
    },
  ])
  expect(comparePackages(shelf, shelf).every((one) => one.change === 'same')).toBe(true)
})

test('a row that is put in the middle is one difference; a figure that is new or gone says so', () => {
  const row = (contact: string, selector: number) => ({ contact, conductor: { minMm2: 0.1, maxMm2: 0.2 }, selector })
  expect(
    figureChanges({ rows: [row('A', 1), row('C', 3)] }, { rows: [row('A', 1), row('B', 2), row('C', 3)] }),
  ).toEqual([{ path: 'rows.B 0.1-0.2', from: undefined, to: row('B', 2) }])
  expect(figureChanges({ a: 1, b: 2 }, { a: 1, c: 3 })).toEqual([
    { path: 'b', from: 2, to: undefined },
    { path: 'c', from: undefined, to: 3 },
  ])
  expect(figureChanges({ list: ['x'] }, { list: ['x', 'y'] })).toEqual([{ path: 'list', from: ['x'], to: ['x', 'y'] }])
})

test('a job says which of its facts are older than the shelf, and can take the shelf’s', () => {
  const build = (input: CatalogueInput) => {
    const built = buildCatalogue(input)
    if (!built.ok) throw new Error(JSON.stringify(built.fault))
    return built.value
  }
  const before = build(shelf)
  const pinned = {
    ...planFacts(before, { ends: [{ id: 'A', housing: 'BQ-4P' }], wires: [] }, before.rules.get('sheet-strict')),
    contacts: Object.fromEntries([...before.contacts].filter(([id]) => id === 'BQ-SK-T')),
  }
  expect(olderFacts(pinned, before)).toEqual([])
  const after = build({ ...shelf, families: changed.families })
  expect(olderFacts(pinned, after)).toEqual([
    { kind: 'contact', id: 'BQ-SK-T', change: 'changed', differences: [{ path: 'ratedA', from: 2.2, to: 2.5 }] },
  ])
  expect(olderFacts(freshFacts(pinned, after), after)).toEqual([])
  const without = build({
    ...shelf,
    packs: [],
    placards: [],
    families: shelf.families.filter((family) => family.id !== 'bisque'),
  })
  expect(olderFacts(pinned, without).map((one) => `${one.kind} ${one.id} ${one.change}`)).toEqual([
    'family bisque gone',
    'housing BQ-4P gone',
    'contact BQ-SK-T gone',
  ])
  expect(freshFacts(pinned, without)).toEqual(pinned)
})

test('a tool that lies elsewhere makes no job older; one that was verified anew does', () => {
  const built = (change: Partial<CatalogueInput['tools'][number]>) => {
    const catalogue = buildCatalogue({
      ...shelf,
      tools: shelf.tools.map((tool) => (tool.id === 'QF-5' ? { ...tool, ...change } : tool)),
    })
    if (!catalogue.ok) throw new Error(JSON.stringify(catalogue.fault))
    return catalogue.value
  }
  const { tools } = built({})
  const pinned = {
    ...planFacts(built({}), { ends: [], wires: [] }, built({}).rules.get('sheet-strict')),
    tools: Object.fromEntries([...tools].filter(([id]) => id === 'QF-5')),
  }
  const history = [{ doneOn: '2025-11-03', dueOn: '2026-05-03', by: 'Ansa Quill' }]
  expect(olderFacts(pinned, built({ liesIn: 'drawer 2', ownMark: 'SET-21', price: 290, history }))).toEqual([])
  const verification = { doneOn: '2026-11-28', dueOn: '2027-05-28', by: 'Ansa Quill' }
  expect(olderFacts(pinned, built({ verification })).map(({ id, change }) => `${id} ${change}`)).toEqual([
    'QF-5 changed',
  ])
})

const rowCount = (input: CatalogueInput) => input.placards.reduce((sum, placard) => sum + placard.rows.length, 0)

test.each(shelf.families.map((family) => family.id))(
  '%s, exported alone and taken in again, changes nothing: other families keep their placard rows',
  (id) => {
    const alone = familyPackage(shelf, id) ?? shelf
    expect(alone.families.map((family) => family.id)).toEqual([id])
    expect(comparePackages(shelf, fitToShelf(shelf, alone)).filter((one) => one.change !== 'same')).toEqual([])
    expect(rowCount(layPackage(shelf, fitToShelf(shelf, alone)))).toBe(rowCount(shelf))
  },
)

test('a row that a family’s package leaves out is taken out, and only that one', () => {
  const alone = familyPackage(shelf, 'slipware') ?? shelf
  const [gone] = alone.placards[0]?.rows ?? []
  const shorter = {
    ...alone,
    placards: alone.placards.map((placard, i) => (i === 0 ? { ...placard, rows: placard.rows.slice(1) } : placard)),
  }
  const after = layPackage(shelf, fitToShelf(shelf, shorter))
  expect(rowCount(after)).toBe(rowCount(shelf) - 1)
  expect(after.placards.find((placard) => placard.id === alone.placards[0]?.id)?.rows).not.toContainEqual(gone)
})

test('no family of that id is no package', () => {
  expect(familyPackage(shelf, 'nothing')).toBeUndefined()
})

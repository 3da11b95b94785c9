import fc from 'fast-check'
import { expect, test } from 'vitest'
import { placeHousing } from '../catalogue/catalogue'
import { demoShelfInput } from '../catalogue/demoShelf.testing'
import type { HousingInput } from '../catalogue/types'
import { emptyHousing, type HousingDraft } from './housingDraft'
import { readHousing } from './readHousing'
import { mateOf, meetingOf } from './housingMate'

const source = { document: 'sheet', basis: 'sheet' as const }

function housingOf(draft: HousingDraft): HousingInput {
  const { housing, problems, cells } = readHousing(draft, source)
  if (!housing || Object.keys(problems).length > 0 || cells.length > 0)
    throw new Error(JSON.stringify([problems, cells]))
  return housing
}
function mated(housing: HousingInput): HousingInput {
  const draft = mateOf(housing, 'MATE')
  if (!draft) throw new Error('no mate')
  return housingOf({ ...draft, size: draft.size || 'S' })
}
const housings = demoShelfInput().families.flatMap((family) => family.housings)

test.each(housings.map((one) => [one.id, one] as const))(
  'each cavity of %s meets its own of the mate',
  (_id, housing) => {
    const mate = mated(housing)
    const meeting = meetingOf(housing, mate)
    expect(meeting).toMatchObject({ miss: [], alone: [] })
    const placed = placeHousing(housing, 'family')
    expect(meeting?.meet).toHaveLength(placed.ok ? placed.value.cavities.length : -1)
    expect(mate.role).not.toBe(housing.role)
    expect(mate.mates).toEqual([housing.id])
  },
)

test('the halves of the demo’s world meet', () => {
  const byId = new Map(housings.map((one) => [one.id, one]))
  // a housing that goes on one like itself has no key, and goes on either way
  const pairs = housings.flatMap((one) =>
    (one.mates ?? []).filter((id) => id !== one.id).map((id) => [one, byId.get(id)] as const),
  )
  expect(pairs.length).toBeGreaterThan(40)
  for (const [one, other] of pairs) {
    if (!other) throw new Error(`the mate of ${one.id}`)
    expect([one.id, meetingOf(one, other)?.miss, meetingOf(one, other)?.alone]).toEqual([one.id, [], []])
  }
})

test('the mate of the mate is the housing again, whatever its rows and numbers', () => {
  const rows = fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 4 })
  const order = fc.constantFrom<HousingDraft['order'][]>('same-side', 'snake')
  fc.assert(
    fc.property(
      rows,
      order,
      fc.integer({ min: 1, max: 9 }),
      fc.boolean(),
      fc.boolean(),
      (counts, counted, first, offset, own) => {
        const housing = housingOf({
          ...emptyHousing,
          id: 'H',
          size: 'S',
          cavities: counts.map((ways, i) => ({
            ways: String(ways),
            pitchMm: own ? String(3 + i) : '4',
            ...(offset && { firstXMm: String(-3 - i) }),
          })),
          order: counted,
          first: String(first),
          keys: [{ kind: 'slot', xMm: '5', yMm: '3', widthMm: '1.8', heightMm: '1.2', keyings: 'K1 K3' }],
        })
        const mate = mated(housing)
        expect(meetingOf(housing, mate)).toMatchObject({ miss: [], alone: [], keyless: false })
        expect(mate.keys).toEqual([
          { kind: 'key', at: { xMm: -5, yMm: 3 }, widthMm: 1.8, heightMm: 1.2, keyings: ['K1', 'K3'] },
        ])
        const again = mated(mate)
        expect(meetingOf(again, mate)).toMatchObject({ miss: [], alone: [] })
        expect(again.role).toBe(housing.role)
        expect(again.keys).toEqual(housing.keys)
      },
    ),
    { numRuns: 60 },
  )
})

const two = (more: Partial<HousingDraft>) =>
  housingOf({ ...emptyHousing, id: 'H', size: 'S', cavities: [{ ways: '3', pitchMm: '4' }], ...more })

test('a half with the same numbers from the same side misses all but the middle, and by how much is said', () => {
  expect(meetingOf(two({}), two({ id: 'R', role: 'receptacle' }))).toEqual({
    meet: ['2'],
    miss: [
      { id: '1', byMm: 8 },
      { id: '3', byMm: 8 },
    ],
    alone: [],
    keyless: true,
  })
})

test('a half with other ways is told by the numbers that stand alone', () => {
  const meeting = meetingOf(two({}), two({ id: 'R', cavities: [{ ways: '4', pitchMm: '4', ids: '4–1' }], ids: 'list' }))
  expect(meeting?.alone).toEqual(['4'])
})

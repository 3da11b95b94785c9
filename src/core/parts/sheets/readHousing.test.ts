import fc from 'fast-check'
import { expect, test } from 'vitest'
import { demoShelfInput } from '../catalogue/demoShelf.testing'
import { figureChanges } from '../catalogue/comparePackages'
import { placeHousing } from '../catalogue/catalogue'
import type { HousingInput } from '../catalogue/types'
import { expandIds, shortIds } from './expandIds'
import { emptyHousing, type HousingDraft, noSecondLock } from './housingDraft'
import { draftHousing } from './draftHousing'
import { readHousing } from './readHousing'

const source = { document: 'sheet', basis: 'sheet' } as const
const read = (change: Partial<HousingDraft>) => readHousing({ ...emptyHousing, id: 'X', size: 'F1', ...change }, source)
const placed = (change: Partial<HousingDraft>) => {
  const { housing } = read(change)
  const found = housing && placeHousing(housing, 'f')
  return found?.ok ? found.value.cavities : []
}

test.each<[string, Partial<HousingDraft>, string]>([
  ['no rows at all', { cavities: [{}] }, 'cavities'],
  [
    'a row pitch below nothing',
    { cavities: [{ ways: '3', pitchMm: '4' }, { ways: '2' }], rowPitchMm: '-2' },
    'rowPitchMm',
  ],
  [
    'rings numbered like rows',
    { arrangement: 'rings', cavities: [{ ways: '6', radiusMm: '4' }], order: 'snake' },
    'order',
  ],
  ['no contact size anywhere', { size: '' }, 'size'],
  ['a size for one row only', { size: '', cavities: [{ ways: '2', pitchMm: '3', size: 'A' }, { ways: '2' }] }, 'size'],
  ['a mark that is nowhere', { markXMm: 'left' }, 'markXMm'],
  ['a mate with a space in it', { mates: ['A B'] }, 'mates'],
  ['a bar of one cavity', { joined: '1' }, 'joined'],
  ['a bar with a cavity that is not there', { joined: '1 99' }, 'joined'],
  ['a cavity on two bars', { joined: '1 2; 2 3' }, 'joined'],
  ['a stop that is no figure', { secondLock: { ...noSecondLock, partWayMm: 'deep' } }, 'partWayMm'],
])('housing: %s is named at its field', (_what, change, field) => {
  expect(Object.keys(read(change).problems)).toContain(field)
})

test.each<[string, Partial<HousingDraft>, object]>([
  ['ways that are none', { cavities: [{ ways: 'x', pitchMm: '4' }] }, { sheet: 'cavities', row: 0, column: 'ways' }],
  [
    'a pitch that nobody said',
    { cavities: [{ ways: '3' }] },
    { row: 0, column: 'pitchMm', problem: { kind: 'missing' } },
  ],
  [
    'one row of several without its place',
    { cavities: [{ ways: '3', pitchMm: '4', fromMiddleMm: '2' }, { ways: '3' }] },
    { row: 1, column: 'fromMiddleMm', problem: { kind: 'missing' } },
  ],
  [
    'a ring without its radius',
    { arrangement: 'rings', order: 'out', cavities: [{ ways: '6' }] },
    { column: 'radiusMm' },
  ],
  ['a place without its height', { arrangement: 'free', cavities: [{ xMm: '1' }] }, { row: 0, column: 'yMm' }],
  [
    'too few numbers for a row',
    { ids: 'list', cavities: [{ ways: '3', pitchMm: '4', ids: '8 9' }] },
    { column: 'ids', problem: { kind: 'not-as-many', wanted: 3, found: 2 } },
  ],
  [
    'a number twice',
    {
      ids: 'list',
      cavities: [
        { ways: '2', pitchMm: '4', ids: '1 2' },
        { ways: '2', ids: '2 3' },
      ],
    },
    { row: 1, column: 'ids', problem: { kind: 'twice' } },
  ],
  ['a key without its place', { keys: [{ kind: 'key', xMm: '1' }] }, { sheet: 'keys', row: 0, column: 'yMm' }],
  [
    'another size for a cavity that is not there',
    { oddSizes: [{ size: 'B', cavities: '9' }] },
    {
      sheet: 'oddSizes',
      row: 0,
      column: 'cavities',
      problem: { kind: 'unknown', what: 'cavity 9', known: ['1', '2'] },
    },
  ],
])('housing: %s is named at its cell', (_what, change, fault) => {
  expect(read(change).cells).toContainEqual(expect.objectContaining(fault))
})

test('rows of one pitch are rows; rows of their own pitch, size and place are places in rows, numbered as they are printed', () => {
  expect(
    read({ cavities: [{ ways: '3', pitchMm: '4' }, { ways: '4' }], rowPitchMm: '5' }).housing?.arrangement,
  ).toEqual({
    kind: 'rows',
    rowCounts: [3, 4],
    pitchMm: 4,
    rowPitchMm: 5,
  })
  const engobe: Partial<HousingDraft> = {
    size: '',
    ids: 'list',
    cavities: [
      { ways: '4', size: 'E08', pitchMm: '4.30', fromMiddleMm: '+5.3', ids: '1 – 4' },
      { ways: '3', size: 'E24', pitchMm: '6.2', fromMiddleMm: '0', ids: '5-7' },
      { ways: '5', size: 'E08', pitchMm: '4,3', fromMiddleMm: '−5.3', ids: '8 to 12' },
    ],
  }
  const { housing, problems, cells } = read(engobe)
  expect([problems, cells]).toEqual([{}, []])
  expect(housing).toMatchObject({
    cavitySize: 'E08',
    otherSizes: { E24: ['5', '6', '7'] },
    arrangement: { kind: 'free' },
  })
  expect(placed(engobe).filter((one) => ['1', '6', '12'].includes(one.id))).toEqual([
    { id: '1', row: 0, index: 0, xMm: -6.45, yMm: 5.3, size: 'E08' },
    { id: '6', row: 1, index: 1, xMm: 0, yMm: 0, size: 'E24' },
    { id: '12', row: 2, index: 4, xMm: 8.6, yMm: -5.3, size: 'E08' },
  ])
  // opened again it is said as it was: in rows, not place by place
  expect(housing && draftHousing(housing)).toMatchObject({
    arrangement: 'rows',
    cavities: [{ ways: '4', pitchMm: '4.3', ids: '1–4' }, {}, {}],
  })
})

test('numbers that are listed along their rows come out in the order in which the housing counts', () => {
  const snake: Partial<HousingDraft> = {
    ids: 'list',
    order: 'snake',
    cavities: [
      { ways: '3', pitchMm: '4', ids: 'A B C' },
      { ways: '3', ids: 'F E D' },
    ],
  }
  expect(placed(snake).map((one) => one.id)).toEqual(['A', 'B', 'C', 'F', 'E', 'D'])
  expect(read(snake).housing?.ids).toMatchObject({ list: ['A', 'B', 'C', 'D', 'E', 'F'] })
})

test('a shell without measures is drawn round its cavities, and every housing of the demo world comes back the same', () => {
  expect(
    read({ cavities: [{ ways: '3', pitchMm: '4' }, { ways: '4' }], rowPitchMm: '5' }).housing?.outline,
  ).toMatchObject({
    widthMm: 19,
    heightMm: 12,
  })
  for (const one of demoShelfInput().families.flatMap((family) => family.housings)) {
    const again = readHousing(draftHousing(one), one.source)
    expect([again.problems, again.cells]).toEqual([{}, []])
    // which cavities are of another size is a set: they come back in the order of their rows
    const plain = (housing: Partial<HousingInput> | undefined) => ({
      ...housing,
      aliases: [],
      otherSizes: Object.fromEntries(
        Object.entries(housing?.otherSizes ?? {}).map(([size, ids]) => [size, [...ids].sort()]),
      ),
    })
    expect(figureChanges(plain(one), plain(again.housing))).toEqual([])
  }
})

test.each<[string, readonly string[]]>([
  ['1 – 4', ['1', '2', '3', '4']],
  ['12-8', ['12', '11', '10', '9', '8']],
  ['A1-A3, B7', ['A1', 'A2', 'A3', 'B7']],
  ['A–D', ['A', 'B', 'C', 'D']],
  ['8 to 10; 12', ['8', '9', '10', '12']],
  ['A1-B3', ['A1–B3']],
  ['', []],
])('“%s” stands for its ids', (text, ids) => {
  expect(expandIds(text)).toEqual(ids)
})

test('ids that are said shortly come back the same', () => {
  const id = fc.oneof(fc.integer({ min: 1, max: 99 }).map(String), fc.constantFrom('A', 'B', 'Q', 'A1', 'GND', 'a'))
  const run = fc
    .tuple(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 1, max: 40 }))
    .map(([from, count]) => Array.from({ length: count }, (_, i) => String(from + i)))
  fc.assert(
    fc.property(fc.oneof(fc.array(id, { maxLength: 12 }), run), (ids) => {
      expect(expandIds(shortIds(ids))).toEqual(ids)
    }),
  )
})

test('a housing is said in rows, each with its size, whatever the order in which a database gives its fields', () => {
  const mixed = demoShelfInput()
    .families.flatMap((family) => family.housings)
    .find((one) => one.id === 'CL-5P')
  if (!mixed) throw new Error('CL-5P')
  const turned = (value: unknown): unknown =>
    Array.isArray(value)
      ? value.map(turned)
      : typeof value === 'object' && value !== null
        ? Object.fromEntries(
            Object.entries(value)
              .reverse()
              .map(([key, one]) => [key, turned(one)]),
          )
        : value
  const draft = draftHousing(turned(mixed) as HousingInput)
  expect(draft.oddSizes).toEqual([])
  expect(draft.cavities.map(({ ways, size }) => [ways, size])).toEqual([
    ['2', undefined],
    ['3', 'C18L'],
  ])
})

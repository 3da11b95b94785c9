import { describe, expect, test } from 'vitest'
import { diagnose } from './diagnose'
import type { Diagnosis, DiagnosisInput, Point } from './diagnosisTypes'
import { lead, row } from './lead.testing'

const rows10 = [
  ['1', '2', '3'],
  ['4', '5', '6', '7'],
  ['8', '9', '10'],
]

/** What is found when pin `n` of A leads to where `to` says at B. */
const wired = (pairs: readonly (readonly [string | number, string | number])[]): readonly (readonly Point[])[] =>
  pairs.map(([a, b]) => [`A.${a}`, `B.${b}`])

function good(input: DiagnosisInput): Diagnosis {
  const read = diagnose(input)
  if (!read.ok) throw new Error(JSON.stringify(read.fault))
  return read.value
}
const kinds = (input: DiagnosisInput) => good(input).mistakes.map(({ kind }) => kind)
const straight = (count: number) => Array.from({ length: count }, (_, i) => [i + 1, i + 1] as const)

describe('one mistake', () => {
  test('nothing is wrong', () => {
    const { ends, expected } = lead([row(6)])
    expect(good({ ends, expected, measured: expected }).mistakes).toEqual([])
  })

  test('two contents changed places: at one end or the other, and one measurement tells', () => {
    const { ends, expected } = lead([row(6)])
    const measured = wired([
      [1, 1],
      [2, 5],
      [3, 3],
      [4, 4],
      [5, 2],
      [6, 6],
    ])
    const found = good({ ends, expected, measured })
    expect(found.mistakes).toHaveLength(1)
    expect(found.mistakes[0]?.kind).toBe('swap')
    expect(found.mistakes[0]?.places).toEqual([
      {
        end: 'A',
        kind: 'swap',
        pins: ['A.2', 'A.5'],
        moved: [
          { from: 'A.2', to: 'A.5' },
          { from: 'A.5', to: 'A.2' },
        ],
      },
      {
        end: 'B',
        kind: 'swap',
        pins: ['B.2', 'B.5'],
        moved: [
          { from: 'B.2', to: 'B.5' },
          { from: 'B.5', to: 'B.2' },
        ],
      },
    ])
    expect(found.deciding).toEqual({
      mistake: 0,
      pair: ['A.5', 'B.2'],
      ifAt: [
        { end: 'A', wireOf: 'A.2' },
        { end: 'B', wireOf: 'A.5' },
      ],
    })
  })

  test('the wires tell at which end, where they read differently; like ones tell nothing', () => {
    const { ends, expected } = lead([row(3)])
    const measured = wired([
      [1, 2],
      [2, 1],
      [3, 3],
    ])
    const told = (firstOhm: number, secondOhm: number, crossedOhm?: number) =>
      good({
        ends,
        expected,
        measured,
        expectedOhms: [firstOhm, secondOhm].map((expectedOhm, i) => ({
          pair: [`A.${i + 1}`, `B.${i + 1}`] as const,
          expectedOhm,
        })),
        ...(crossedOhm !== undefined && {
          resistances: [{ pair: ['A.2', 'B.1'] as const, ohm: crossedOhm, expectedOhm: crossedOhm }],
        }),
      })
    // moved at A, wire 1 lies between A.2 and B.1; moved at B, wire 2
    expect(told(0.1, 0.3).deciding).toMatchObject({
      pair: ['A.2', 'B.1'],
      ifAt: [{ wireOf: 'A.1' }, { wireOf: 'A.2' }],
    })
    expect(told(0.1, 0.1).deciding).toBeUndefined()
    expect(told(0.1, 0.3, 0.11).mistakes[0]?.places.map(({ end }) => end)).toEqual(['A'])
    expect(told(0.1, 0.3, 0.29).mistakes[0]?.places.map(({ end }) => end)).toEqual(['B'])
    // neither wire reads so: nothing is told by it
    expect(told(0.1, 0.3, 2).mistakes[0]?.places).toHaveLength(2)
  })

  test.each([
    [
      'a row that was begun one hole on',
      rows10,
      [
        [8, 9],
        [9, 10],
        [10, 8],
      ],
      'rotation',
    ],
    [
      'a face that was read from the wrong side',
      rows10,
      [
        [1, 3],
        [3, 1],
        [4, 7],
        [5, 6],
        [6, 5],
        [7, 4],
        [8, 10],
        [10, 8],
      ],
      'mirror',
    ],
    [
      'a row that was begun at its other side',
      rows10,
      [
        [4, 7],
        [5, 6],
        [6, 5],
        [7, 4],
      ],
      'row-restart',
    ],
  ] as const)('%s', (_what, rows, moved, kind) => {
    const { ends, expected } = lead(rows)
    const to = new Map<number, number>(moved.map(([a, b]) => [a, b]))
    const measured = wired(straight(10).map(([pin]) => [pin, to.get(pin) ?? pin]))
    const { mistakes } = good({ ends, expected, measured })
    expect(mistakes.map((one) => one.kind)).toEqual([kind])
    // the same rows stand at both ends
    expect(mistakes[0]?.places.map(({ end }) => end)).toEqual(['A', 'B'])
  })

  test('all shifted by one: the last one hangs beside the face', () => {
    const { ends, expected } = lead([row(8)])
    const { mistakes } = good({ ends, expected, measured: wired(straight(7).map(([pin]) => [pin, pin + 1])) })
    expect(mistakes.map(({ kind }) => kind)).toEqual(['shift'])
  })

  test('from one hole on all stand one further, up to the empty one', () => {
    const { ends, expected } = lead([row(8)], 7)
    const measured = wired(straight(7).map(([pin]) => [pin, pin >= 4 ? pin + 1 : pin]))
    const { mistakes } = good({ ends, expected, measured })
    expect(mistakes).toHaveLength(1)
    expect(mistakes[0]?.kind).toBe('shift')
    expect(mistakes[0]?.places.at(-1)?.moved).toEqual(
      [4, 5, 6, 7].map((pin) => ({ from: `B.${pin}`, to: `B.${pin + 1}` })),
    )
  })

  test('a content in a wrong hole that should be empty', () => {
    const { ends, expected } = lead([row(8)], 5)
    const measured = wired([...straight(4), [5, 8]])
    expect(good({ ends, expected, measured }).mistakes).toMatchObject([
      { kind: 'swap', places: [{ end: 'B', moved: [{ from: 'B.5', to: 'B.8' }] }] },
    ])
  })

  test('open, and which leg of three', () => {
    const { ends, expected } = lead([row(4)])
    const open = good({ ends, expected, measured: wired(straight(3)) })
    expect(open.mistakes).toMatchObject([{ kind: 'open', pins: ['A.4', 'B.4'] }])
    expect(open.mistakes[0]?.places).toHaveLength(2)
    const three = { ends, expected: [['A.1', 'A.2', 'B.1']] }
    expect(good({ ...three, measured: [['A.1', 'B.1']] }).mistakes).toMatchObject([
      { kind: 'open', pins: ['A.2'], places: [{ end: 'A' }] },
    ])
  })

  test('short, and two in one hole', () => {
    const { ends, expected } = lead([row(4)])
    const [one = [], two = [], ...others] = expected
    expect(kinds({ ends, expected, measured: [[...one, ...two], ...others] })).toEqual(['short'])
    expect(good({ ends, expected, measured: [[...one, 'B.2'], ...others] }).mistakes).toMatchObject([
      { kind: 'doubled', places: [{ end: 'A', pins: ['A.1', 'A.2'] }] },
    ])
  })

  test('a net that reads too much', () => {
    const { ends, expected } = lead([row(2)])
    const read = (ohm: number) =>
      kinds({ ends, expected, measured: expected, resistances: [{ pair: ['A.1', 'B.1'], ohm, expectedOhm: 0.1 }] })
    expect(read(0.13)).toEqual([])
    expect(read(0.131)).toEqual(['high-resistance'])
  })
})

test('a row at one end that is none at the other tells the end', () => {
  const ends = [
    { id: 'A', rows: rows10 },
    {
      id: 'C',
      rows: [
        ['G', 'x'],
        ['H', 'y'],
        ['J', 'z'],
      ],
    },
  ]
  const expected = [
    ['A.8', 'C.G'],
    ['A.9', 'C.H'],
    ['A.10', 'C.J'],
  ]
  const measured = [
    ['A.9', 'C.G'],
    ['A.10', 'C.H'],
    ['A.8', 'C.J'],
  ]
  const { mistakes, deciding } = good({ ends, expected, measured })
  expect(mistakes).toMatchObject([{ kind: 'rotation', places: [{ end: 'A', pins: ['A.8', 'A.9', 'A.10'] }] }])
  expect(deciding).toBeUndefined()
})

test('mixtures: a mirrored face, and besides it a swap, an open, a short', () => {
  const { ends, expected } = lead([row(12)])
  const mirrored = new Map(straight(12).map(([pin]) => [pin, 13 - pin]))
  mirrored.set(2, 7).set(6, 11)
  const found = straight(12).map(([pin]) => [pin, mirrored.get(pin) ?? 0] as const)
  const measured = wired(found.filter(([pin]) => pin !== 9)).filter(([a]) => a !== 'A.4' && a !== 'A.5')
  const short = ['A.4', `B.${mirrored.get(4) ?? 0}`, 'A.5', `B.${mirrored.get(5) ?? 0}`]
  expect(kinds({ ends, expected, measured: [...measured, short] }).sort()).toEqual(['mirror', 'open', 'short', 'swap'])
})

test.each([
  [
    'a point that no end has',
    { measured: [['A.1', 'B.9']] },
    { kind: 'unknown-point', where: 'measured', point: 'B.9' },
  ],
  [
    'a point of two nets',
    {
      expected: [
        ['A.1', 'B.1'],
        ['A.1', 'B.2'],
      ],
    },
    { kind: 'point-twice', point: 'A.1' },
  ],
  [
    'a reading between points that were found apart',
    { resistances: [{ pair: ['A.1', 'B.2'] as const, ohm: 1, expectedOhm: 1 }] },
    { kind: 'reading-contradicts', pair: ['A.1', 'B.2'] },
  ],
])('%s is refused', (_what, change, fault) => {
  const { ends, expected } = lead([row(2)])
  expect(diagnose({ ends, expected, measured: expected, ...change })).toEqual({ ok: false, fault })
})

import fc from 'fast-check'
import { expect, test } from 'vitest'
import { harmOf, mismate } from './mismate'
import type { Carried, MismateInput } from './mismateTypes'

const carry = (text: string): Carried =>
  text === 'return' || text === 'signal' || text === 'none'
    ? { kind: text }
    : { kind: 'supply', name: text.slice('supply:'.length) }
const row = (ways: number, first = 1) => Array.from({ length: ways }, (_, i) => String(first + i))
/** Two halves that mate, carrying these from pin 1 on. */
const pair = (
  rows: readonly (readonly string[])[],
  carried: readonly string[],
  more: Partial<MismateInput> = {},
): MismateInput => {
  const signals = Object.fromEntries(rows.flat().map((pin, i) => [pin, carry(carried[i] ?? 'none')]))
  return { a: { rows, keyed: false }, b: { rows, keyed: false }, signals: { A: signals, B: signals }, ...more }
}
function studied(input: MismateInput) {
  const read = mismate(input)
  if (!read.ok) throw new Error(JSON.stringify(read.fault))
  return read.value
}

test.each([
  ['supply:12', 'return', 'supply-return'],
  ['return', 'supply:12', 'supply-return'],
  ['supply:12', 'supply:5', 'supply-supply'],
  ['supply:12', 'supply:12', 'none'],
  ['supply:12', 'signal', 'supply-signal'],
  ['supply:12', 'none', 'none'],
  ['signal', 'return', 'none'],
])('%s on %s: %s', (one, other, harm) => {
  expect(harmOf(carry(one), carry(other))).toBe(harm)
})

test('a header of three that is turned: its supply meets its return', () => {
  const { ways, assignment, proof } = studied(pair([row(3)], ['supply:12', 'signal', 'return'], { ways: ['turned'] }))
  expect(ways).toEqual([
    {
      how: 'turned',
      meets: [
        { a: '1', b: '3', harm: 'supply-return' },
        { a: '2', b: '2', harm: 'none' },
        { a: '3', b: '1', harm: 'supply-return' },
      ],
      worst: 'supply-return',
    },
  ])
  // with the supply in the middle nothing can happen
  expect(proof).toBeUndefined()
  expect(assignment?.A['2']).toEqual({ kind: 'supply', name: '12' })
  expect(assignment?.B).toEqual(assignment?.A)
})

test('two contacts cannot be assigned harmlessly: there is a proof', () => {
  expect(studied(pair([row(2)], ['supply:12', 'return'], { ways: ['turned'] }))).toMatchObject({ proof: 'none-exists' })
})

test('an empty hole between supply and return makes a shift harmless', () => {
  const found = studied(pair([row(4)], ['supply:12', 'return', 'return', 'none'], { ways: ['shifted'] }))
  expect(found.ways.map(({ worst }) => worst)).toEqual(['supply-return', 'supply-return'])
  expect(found.assignment).toBeDefined()
})

test('turned in two rows goes over to the other row; keyed halves go in one way only', () => {
  const rows = [row(3), row(3, 4)]
  const carried = ['supply:12', 'signal', 'signal', 'signal', 'signal', 'return']
  const { ways } = studied(pair(rows, carried, { ways: ['turned'] }))
  expect(ways[0]?.meets[0]).toEqual({ a: '1', b: '6', harm: 'supply-return' })
  const both = { rows, keyed: true }
  expect(studied(pair(rows, carried, { a: both, b: both })).ways).toEqual([])
  expect(studied(pair(rows, carried)).ways.map(({ how }) => how)).toEqual([
    'turned',
    'shifted',
    'shifted',
    'shifted',
    'shifted',
    'mirrored',
  ])
})

test('a pin that the half has not is refused', () => {
  const input = pair([row(2)], ['signal', 'signal'])
  expect(mismate({ ...input, signals: { ...input.signals, B: { '9': { kind: 'signal' } } } })).toEqual({
    ok: false,
    fault: { kind: 'unknown-pin', half: 'B', pin: '9' },
  })
})

/** All orders of a list. */
const orders = (all: readonly string[]): readonly (readonly string[])[] =>
  all.length <= 1
    ? [all]
    : all.flatMap((one, i) => orders([...all.slice(0, i), ...all.slice(i + 1)]).map((rest) => [one, ...rest]))

test('an assignment does no harm in any way; a proof holds against all orders', () => {
  const kinds = fc.constantFrom('supply:12', 'supply:5', 'return', 'signal', 'none')
  fc.assert(
    fc.property(
      fc.constantFrom([row(3)], [row(5)], [row(3), row(3, 4)], [row(2), row(3, 3)]),
      fc.array(kinds, { minLength: 6, maxLength: 6 }),
      fc.subarray(['turned', 'shifted', 'mirrored'] as const, { minLength: 1 }),
      (rows, carried, ways) => {
        const own = carried.slice(0, rows.flat().length)
        const found = studied(pair(rows, own, { ways }))
        const isHarmless = (signals: readonly string[]) =>
          studied(pair(rows, signals, { ways })).ways.every(({ worst }) => worst === 'none')
        if (found.assignment) {
          const { A } = found.assignment
          const again = mismate({ ...pair(rows, own, { ways }), signals: found.assignment })
          expect(again.ok && again.value.ways.every(({ worst }) => worst === 'none')).toBe(true)
          expect(
            Object.values(A)
              .map((one) => JSON.stringify(one))
              .sort(),
          ).toEqual(own.map((one) => JSON.stringify(carry(one))).sort())
        } else if (found.proof) expect(orders(own).some(isHarmless)).toBe(false)
        else expect(isHarmless(own)).toBe(true)
      },
    ),
    { numRuns: 60 },
  )
})

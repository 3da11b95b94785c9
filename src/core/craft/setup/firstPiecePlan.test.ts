import fc from 'fast-check'
import { expect, test } from 'vitest'
import { type CrimpPair, type ShownPiece, bearsOut, isCovered } from './crimpPair'
import { firstPiecePlan } from './firstPiecePlan'

const pair = (insulationMm: number, more: Partial<CrimpPair> = {}): CrimpPair => ({
  contact: 'SW-P10',
  conductor: '1 mm² 32×0.2',
  insulationMm,
  minimumN: 108,
  ...more,
})
const low = { minMm: 1.24, maxMm: 1.4 }
const high = { minMm: 1.42, maxMm: 1.59 }
const shown = (of: CrimpPair, more: Partial<ShownPiece> = {}): ShownPiece => ({
  contact: of.contact,
  conductor: of.conductor,
  insulationMm: of.insulationMm,
  pullN: 120,
  heightMm: 1.31,
  ...more,
})
const noHeight = ({ heightMm: _, ...rest }: ShownPiece): ShownPiece => rest
const byHand = ({ pullN: _, ...rest }: ShownPiece): ShownPiece => rest
const allShow = { force: true, height: true }

test.each<[string, ShownPiece, CrimpPair, boolean]>([
  ['its own pair', shown(pair(2)), pair(2), true],
  ['another insulation, the figures reach', shown(pair(2)), pair(2.4), true],
  ['another contact', shown(pair(2)), pair(2, { contact: 'SW-P25' }), false],
  ['another stranding', shown(pair(2)), pair(2, { conductor: '1 mm² 19×0.26' }), false],
  ['110 N where 136 N is asked', shown(pair(2), { pullN: 110 }), pair(2, { minimumN: 136 }), false],
  ['1.31 mm where 1.42 to 1.59 mm is asked', shown(pair(2)), pair(2, { height: high }), false],
  ['1.31 mm where 1.24 to 1.40 mm is asked', shown(pair(2)), pair(2.4, { height: low }), true],
  ['no height where one is asked', noHeight(shown(pair(2))), pair(2.4, { height: low }), false],
  ['no height, its own pair', noHeight(shown(pair(2))), pair(2, { height: low }), true],
  ['held by hand, its own pair', byHand(shown(pair(2))), pair(2), true],
  ['held by hand, another insulation', byHand(shown(pair(2))), pair(2.4), false],
  [
    'nobody says what it must hold',
    shown(pair(2)),
    { contact: 'SW-P10', conductor: '1 mm² 32×0.2', insulationMm: 2.4 },
    false,
  ],
])('a piece bears out a pair: %s', (_what, piece, of, expected) => {
  expect(bearsOut(piece, of)).toBe(expected)
})

test.each<[string, number, readonly number[], number, boolean]>([
  ['between two that were tried', 2.2, [2, 2.4], 1, true],
  ['the thinnest alone', 2.2, [2], 1, false],
  ['the thickest alone', 2.2, [2.4], 1, false],
  ['its own alone', 2.2, [2.2], 1, true],
  ['its own, where two are asked', 2.2, [2.2], 2, false],
  ['two of its own, where two are asked', 2.2, [2.2, 2.2], 2, true],
  ['outside of both', 2.6, [2, 2.4], 1, false],
  ['where none is asked', 2.6, [], 0, true],
])('insulation %s is covered', (_what, insulationMm, tried, enough, expected) => {
  const pieces = tried.map((one) => shown(pair(one)))
  expect(isCovered(pair(insulationMm), pieces, enough)).toBe(expected)
})

test('three insulations of one wire take the thinnest and the thickest, and the middle comes with the second', () => {
  const pairs = [pair(2.2), pair(2.6), pair(2)]
  const plan = firstPiecePlan(pairs, [], 1, allShow)
  expect(plan.map((piece) => [piece.pair.insulationMm, piece.covers.map((one) => one.insulationMm)])).toEqual([
    [2, [2]],
    [2.6, [2.2, 2.6]],
  ])
})

test('without a figure each pair takes pieces of its own', () => {
  const pairs = [pair(2), pair(2.2), pair(2.6)]
  expect(firstPiecePlan(pairs, [], 1, { force: false, height: true })).toHaveLength(3)
  expect(firstPiecePlan(pairs, [], 2, { force: false, height: true })).toHaveLength(6)
})

test('the piece with the narrower window and the higher minimum stands for the other too, not the other way round', () => {
  const strict = pair(2, { height: { minMm: 1.28, maxMm: 1.34 }, minimumN: 136 })
  const loose = pair(2, { contact: 'SW-P10', height: low, insulationMm: 2 + 1e-12 })
  expect(firstPiecePlan([{ ...loose, insulationMm: 2.0001 }, strict], [], 1, allShow)).toHaveLength(2)
  const plan = firstPiecePlan([strict, pair(2.2, { height: low }), { ...strict, insulationMm: 2.4 }], [], 1, allShow)
  expect(plan.map((piece) => piece.pair.insulationMm)).toEqual([2, 2.4])
  expect(plan.at(-1)?.covers.map((one) => one.insulationMm)).toEqual([2.2, 2.4])
})

test('what was shown already is not asked again', () => {
  const pairs = [pair(2), pair(2.2), pair(2.6)]
  expect(firstPiecePlan(pairs, [shown(pair(2))], 1, allShow).map((piece) => piece.pair.insulationMm)).toEqual([2.6])
  expect(firstPiecePlan(pairs, [shown(pair(2)), shown(pair(2.6))], 1, allShow)).toEqual([])
  expect(firstPiecePlan(pairs, [], 0, allShow)).toEqual([])
})

const pairArb: fc.Arbitrary<CrimpPair> = fc
  .record({
    contact: fc.constantFrom('P', 'S'),
    conductor: fc.constantFrom('1.0', '0.5'),
    insulationMm: fc.constantFrom(1.8, 2, 2.2, 2.4),
    minimumN: fc.constantFrom(60, 90),
    height: fc.constantFrom(low, high, { minMm: 1.28, maxMm: 1.34 }, undefined),
  })
  .map(({ height, ...rest }) => ({ ...rest, ...(height && { height }) }))
const bench = fc.record({
  pairs: fc.uniqueArray(pairArb, {
    minLength: 1,
    maxLength: 4,
    selector: (one) => `${one.contact}${one.conductor}${String(one.insulationMm)}`,
  }),
  enough: fc.integer({ min: 1, max: 2 }),
  show: fc.record({ force: fc.boolean(), height: fc.boolean() }),
})

/** What a good piece of a pair shows at the least: its minimum, and a height at one edge of its window or the other. */
const leastShown = (
  of: CrimpPair,
  show: { readonly force: boolean; readonly height: boolean },
  edge: 'minMm' | 'maxMm',
) => ({
  contact: of.contact,
  conductor: of.conductor,
  insulationMm: of.insulationMm,
  ...(show.force && { pullN: of.minimumN ?? 0 }),
  ...(show.height && of.height && { heightMm: of.height[edge] }),
})

function allCovered(
  pairs: readonly CrimpPair[],
  made: readonly CrimpPair[],
  enough: number,
  show: { readonly force: boolean; readonly height: boolean },
): boolean {
  return (['minMm', 'maxMm'] as const).every((edge) => {
    const pieces = made.map((one) => leastShown(one, show, edge))
    return pairs.every((one) => isCovered(one, pieces, enough))
  })
}

/** Every choice of so many pieces, the order aside. */
function* choices<T>(of: readonly T[], count: number, from = 0): Generator<readonly T[]> {
  if (count === 0) yield []
  else for (let i = from; i < of.length; i++) for (const rest of choices(of, count - 1, i)) yield [of[i] as T, ...rest]
}

test('the plan covers every pair whatever its good pieces show, and no choice of fewer does: by trying them all', () => {
  fc.assert(
    fc.property(bench, ({ pairs, enough, show }) => {
      const plan = firstPiecePlan(pairs, [], enough, show).map((piece) => piece.pair)
      expect(allCovered(pairs, plan, enough, show)).toBe(true)
      for (let fewer = 0; fewer < plan.length; fewer++)
        for (const choice of choices(pairs, fewer)) expect(allCovered(pairs, choice, enough, show)).toBe(false)
    }),
    { numRuns: 300 },
  )
})

test('each pair is said to be covered by one piece, and is, with those before it', () => {
  fc.assert(
    fc.property(bench, ({ pairs, enough, show }) => {
      const plan = firstPiecePlan(pairs, [], enough, show)
      expect(plan.flatMap((piece) => piece.covers)).toHaveLength(pairs.length)
      plan.forEach((piece, i) => {
        const made = plan.slice(0, i + 1).map((one) => one.pair)
        expect(allCovered(piece.covers, made, enough, show)).toBe(true)
      })
    }),
  )
})

test('a shelf of twenty insulations is planned at once', () => {
  const pairs = Array.from({ length: 20 }, (_, i) => pair(1.8 + i / 20, { height: low }))
  expect(firstPiecePlan(pairs, [], 5, allShow)).toHaveLength(5)
})

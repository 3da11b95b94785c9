import fc from 'fast-check'
import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { crimpedSection } from './section'
import { normalDraws, seedOf } from './scatter'
import { gripOf, specimen, voidShareOf } from './specimen'
import type { CrimpMade } from './specimenTypes'

const shelf = demoShelf()
const contact = (id: string) => {
  const found = shelf.contacts.get(id)
  if (!found) throw new Error(id)
  return found
}
// 0.5 mm² of 19 × 0.18 in the open wings of 2.8 mm, 0.8 mm of window
const good: CrimpMade = {
  contact: contact('SC-03-08'),
  strands: 19,
  strandMm: 0.18,
  insulationMm: 1.6,
  stripMm: 3.8,
  endShortMm: -0.6,
  strandsLost: 0,
  compaction: 0.85,
}
const closed: CrimpMade = { ...good, contact: contact('CM-SK-N'), stripMm: 5.85, endShortMm: 0 }

test('a good open crimp by hand: 230 N/mm² × 0.4835 mm² × 0.9, all along its wings', () => {
  const seen = specimen(good)
  expect(seen.brushMm).toBeCloseTo(0.6, 9)
  expect(seen.gapMm).toBeCloseTo(0.4, 9)
  expect(seen.held).toBe(1)
  expect(seen.pullN).toBeCloseTo(230 * 19 * (Math.PI / 4) * 0.18 ** 2 * 0.9, 6)
  expect(seen.breaks).toBe('broke-in-wire')
})

test.each<[string, Partial<CrimpMade>, Partial<ReturnType<typeof specimen>>]>([
  [
    'insulation in a closed barrel',
    { ...closed, stripMm: 4.2 },
    { gapMm: -1, held: 4.2 / 5.2, breaks: 'broke-in-wire' },
  ],
  [
    'a closed barrel half filled',
    { ...closed, endShortMm: 2.6, stripMm: 2.6 + 0.65 },
    { held: 0.5, breaks: 'pulled-out' },
  ],
  ['two strands lost', { strandsLost: 2 }, { breaks: 'broke-at-crimp' }],
  ['a loose crimp', { compaction: 0.97 }, { breaks: 'pulled-out' }],
  ['a tight crimp', { compaction: 0.7 }, { breaks: 'broke-at-crimp' }],
])('%s', (_what, change, expected) => {
  const seen = specimen({ ...good, ...change })
  for (const [key, value] of Object.entries(expected)) {
    const found = seen[key as keyof typeof seen]
    if (typeof value === 'number') expect(found).toBeCloseTo(value, 9)
    else expect(found).toBe(value)
  }
  expect(seen.pullN).toBeLessThanOrEqual(specimen(good).pullN + 1e-9)
})

test.each([
  [0.8, 0.9],
  [0.85, 0.9],
  [0.9, 0.9],
  [0.95, 0.6],
  [1, 0.3],
  [1.2, 0.3],
  [0.725, 0.7],
  [0.65, 0.5],
  [0.5, 0.5],
])('at compaction %f the grip is %f', (compaction, grip) => {
  expect(gripOf(compaction)).toBeCloseTo(grip, 9)
})

const made = fc
  .record({
    stripMm: fc.double({ min: 0.5, max: 12, noNaN: true }),
    endShortMm: fc.double({ min: -3, max: 5, noNaN: true }),
    strandsLost: fc.integer({ min: 0, max: 25 }),
    compaction: fc.double({ min: 0.5, max: 1.2, noNaN: true }),
  })
  .map((change): CrimpMade => ({ ...good, ...change }))

test('a longer strip never shows a smaller gap, and pushed deeper never a shorter brush', () => {
  fc.assert(
    fc.property(made, fc.double({ min: 0, max: 4, noNaN: true }), (crimp, more) => {
      expect(specimen({ ...crimp, stripMm: crimp.stripMm + more }).gapMm).toBeGreaterThanOrEqual(
        specimen(crimp).gapMm - 1e-9,
      )
      expect(specimen({ ...crimp, endShortMm: crimp.endShortMm - more }).brushMm).toBeGreaterThanOrEqual(
        specimen(crimp).brushMm - 1e-9,
      )
    }),
  )
})

test('a sound section has hardly any void, a loose one is open', () => {
  expect([0.8, 0.85, 0.9].map((one) => voidShareOf(one) <= 0.02)).toEqual([true, true, true])
  expect(voidShareOf(1)).toBeCloseTo(0.21, 9)
})

test('tighter never opens a void, fewer strands and a looser hold never pull higher, and nothing is below nought', () => {
  fc.assert(
    fc.property(made, fc.double({ min: 0, max: 0.3, noNaN: true }), (crimp, more) => {
      expect(voidShareOf(crimp.compaction - more)).toBeLessThanOrEqual(voidShareOf(crimp.compaction) + 1e-12)
      const seen = specimen(crimp)
      expect(specimen({ ...crimp, strandsLost: crimp.strandsLost + 1 }).pullN).toBeLessThanOrEqual(seen.pullN)
      expect(seen.held >= 0 && seen.held <= 1 && seen.pullN >= 0 && seen.voidShare > 0 && seen.voidShare < 0.25).toBe(
        true,
      )
    }),
  )
})

test('scatter repeats for its seed, lies about nought and is about one wide', () => {
  const [first, again] = [normalDraws(seedOf('W01a')), normalDraws(seedOf('W01a'))]
  const draws = Array.from({ length: 4000 }, () => first())
  expect(Array.from({ length: 4000 }, () => again())).toEqual(draws)
  const mean = draws.reduce((sum, one) => sum + one, 0) / draws.length
  expect(Math.abs(mean)).toBeLessThan(0.05)
  expect(Math.abs(draws.reduce((sum, one) => sum + (one - mean) ** 2, 0) / draws.length - 1)).toBeLessThan(0.08)
  expect(seedOf('W01a')).not.toBe(seedOf('W01b'))
})

test('a section has every strand inside its wall, none over another, and they fill all but the voids', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 200 }),
      fc.double({ min: 0.5, max: 1.5, noNaN: true }),
      fc.double({ min: 0.005, max: 0.2, noNaN: true }),
      (strands, heightMm, voidShare) => {
        const section = crimpedSection({
          strands,
          wireAreaMm2: 0.5,
          barrelAreaMm2: 1.1,
          widthMm: 1.6,
          heightMm,
          voidShare,
        })
        expect(section.strands).toHaveLength(strands)
        const share = Math.sqrt(0.5 / 1.6)
        const edges = section.strands.map(({ xMm, yMm, widthMm, heightMm: high }) => ({
          left: xMm - widthMm / 2,
          right: xMm + widthMm / 2,
          low: yMm - high / 2,
          top: yMm + high / 2,
        }))
        const slack = 1e-9
        for (const [i, one] of edges.entries()) {
          expect(Math.max(-one.left, one.right)).toBeLessThanOrEqual((1.6 * share) / 2 + slack)
          expect(Math.max(-one.low, one.top)).toBeLessThanOrEqual((heightMm * share) / 2 + slack)
          const clear = edges
            .slice(i + 1)
            .every(
              (other) =>
                other.left >= one.right - slack ||
                other.right <= one.left + slack ||
                other.low >= one.top - slack ||
                other.top <= one.low + slack,
            )
          expect(clear).toBe(true)
        }
        const metal = section.strands.reduce(
          (sum, one) => sum + one.widthMm * one.heightMm - (4 - Math.PI) * one.cornerMm ** 2,
          0,
        )
        expect(metal / (1.6 * share * heightMm * share)).toBeCloseTo(1 - voidShare, 9)
      },
    ),
  )
})

import fc from 'fast-check'
import { expect, test } from 'vitest'
import { ties, type TiesWanted } from './ties'

const wanted = (lengthMm: number, keepOut: TiesWanted['keepOut'] = []): TiesWanted => ({
  lengthMm,
  firstOffsetMm: 40,
  pitchMm: 110,
  keepOut,
})
const placed = (of: TiesWanted) => {
  const found = ties(of)
  if (!found.ok) throw new Error(JSON.stringify(found.fault))
  return found.value.positionsMm
}

test('the first and the last at the offset, the others evenly between', () => {
  expect(ties(wanted(880))).toEqual({
    ok: true,
    value: { positionsMm: [40, 140, 240, 340, 440, 540, 640, 740, 840], pitchMm: 100 },
  })
  // just long enough for its two offsets: one tie serves for both
  expect(ties(wanted(80))).toEqual({ ok: true, value: { positionsMm: [40], pitchMm: 0 } })
  // a pitch that fits exactly takes no tie more
  expect(placed({ ...wanted(300), pitchMm: 110 })).toEqual([40, 150, 260])
})

test.each([
  ['to the nearer edge, a millimetre beside it', [[135, 150]], [40, 134, 240]],
  ['out at the other edge where that is nearer', [[120, 145]], [40, 146, 240]],
  ['never nearer to an end than the offset', [[38, 60]], [61, 140, 240]],
  [
    'past two that leave no room between them',
    [
      [130, 139],
      [140.5, 150],
    ],
    [40, 129, 184.5, 240],
  ],
] as const)('one that lies where none may be moves %s', (_what, closed, first) => {
  const keepOut = closed.map(([fromMm, toMm]) => ({ fromMm, toMm }))
  expect(placed(wanted(880, keepOut)).slice(0, first.length)).toEqual(first)
})

test('a gap that a move has opened takes one more', () => {
  expect(placed(wanted(880, [{ fromMm: 130, toMm: 235 }])).slice(0, 5)).toEqual([40, 129, 236, 240, 340])
})

test.each([
  ['two offsets are longer than the stretch', wanted(79), { fromMm: 0, toMm: 79 }],
  ['more is closed than a pitch', wanted(880, [{ fromMm: 300, toMm: 420 }]), { fromMm: 299, toMm: 440 }],
  ['all of it is closed', wanted(880, [{ fromMm: 0, toMm: 880 }]), { fromMm: 0, toMm: 880 }],
])('no place: %s', (_what, of, where) => {
  expect(ties(of)).toEqual({ ok: false, fault: { kind: 'no-place', ...where } })
})

test('whatever is closed: no tie lies there, none nearer to an end than the offset, no gap above the pitch', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 60, max: 4000, noNaN: true }),
      fc.double({ min: 5, max: 80, noNaN: true }),
      fc.double({ min: 20, max: 300, noNaN: true }),
      fc.array(fc.tuple(fc.double({ min: 0, max: 4000, noNaN: true }), fc.double({ min: 0, max: 120, noNaN: true })), {
        maxLength: 6,
      }),
      (lengthMm, firstOffsetMm, pitchMm, blocks) => {
        const keepOut = blocks.map(([fromMm, wide]) => ({ fromMm, toMm: fromMm + wide }))
        const found = ties({ lengthMm, firstOffsetMm, pitchMm, keepOut })
        if (!found.ok) {
          expect(found.fault.toMm).toBeGreaterThanOrEqual(found.fault.fromMm)
          return
        }
        const { positionsMm } = found.value
        positionsMm.forEach((at, i) => {
          expect(at).toBeGreaterThanOrEqual(firstOffsetMm - 1e-6)
          expect(at).toBeLessThanOrEqual(lengthMm - firstOffsetMm + 1e-6)
          expect(keepOut.some(({ fromMm, toMm }) => at >= fromMm && at <= toMm)).toBe(false)
          if (i > 0) expect(at - (positionsMm[i - 1] ?? 0)).toBeLessThanOrEqual(pitchMm + 1e-5)
        })
      },
    ),
  )
})

import fc from 'fast-check'
import { expect, test } from 'vitest'
import { judgeStrip, stripWindow } from './stripWindow'

test('closed barrel 5.2 mm deep, gap 0.3 to 1.0: strip 5.5 to 6.2, nominal 5.85', () => {
  const window = stripWindow({
    kind: 'closed',
    barrelDepthMm: 5.2,
    cupDepthMm: 0,
    gap: { minMm: 0.3, maxMm: 1 },
  })
  // the gap is what runs out first; where no gap is asked for, it is the hole that empties
  expect(window).toMatchObject({ ok: true, value: { limits: { below: 'gap-too-small', above: 'gap-too-large' } } })
  const touching = stripWindow({ kind: 'closed', barrelDepthMm: 5.2, cupDepthMm: 0, gap: { minMm: 0, maxMm: 0.5 } })
  expect(touching).toMatchObject({ ok: true, value: { limits: { below: 'hole-empty' } } })
  if (!window.ok) return
  expect([window.value.minMm, window.value.nominalMm, window.value.maxMm].map((mm) => mm.toFixed(2))).toEqual([
    '5.50',
    '5.85',
    '6.20',
  ])
})

const open = {
  kind: 'open',
  conductorBarrelMm: 2.6,
  transitionMm: 0.8,
  brush: { minMm: 0.2, maxMm: 1 },
} as const

test('open barrel: brush + barrel + half the transition, cut short by what is free in front', () => {
  const free = stripWindow({ ...open, reachMm: 1.4 })
  expect(free.ok && free.value).toMatchObject({
    minMm: 3.2,
    maxMm: 4,
    limits: { above: 'bare-under-insulation-wings' },
  })
  const tight = stripWindow({ ...open, reachMm: 0.5 })
  expect(tight.ok && tight.value).toMatchObject({
    minMm: 3.2,
    maxMm: 3.5,
    limits: { above: 'brush-reaches-mating-part' },
  })
})

test('no room for the smallest brush leaves no window', () => {
  expect(stripWindow({ ...open, reachMm: 0.1 })).toEqual({
    ok: false,
    fault: { kind: 'no-window', reachMm: 0.1, brushMinMm: 0.2 },
  })
})

test('a strip is judged against the window, with what to take off or add to reach its middle', () => {
  const window = stripWindow({ ...open, reachMm: 1.4 })
  if (!window.ok) throw new Error('expected a window')
  expect(judgeStrip(3.6, window.value)).toEqual({ kind: 'inside' })
  expect(judgeStrip(3.0, window.value)).toMatchObject({ kind: 'short', limit: 'brush-too-short' })
  expect(judgeStrip(4.4, window.value)).toMatchObject({ kind: 'long', limit: 'bare-under-insulation-wings' })
})

test('whatever the dimensions, nominal lies inside the window and is judged so', () => {
  const mm = fc.double({ min: 0.1, max: 20, noNaN: true })
  fc.assert(
    fc.property(mm, mm, mm, mm, (barrel, transition, low, more) => {
      const window = stripWindow({
        kind: 'open',
        conductorBarrelMm: barrel,
        transitionMm: transition,
        brush: { minMm: low, maxMm: low + more },
        reachMm: low + more / 2,
      })
      if (!window.ok) throw new Error('reach is above the smallest brush')
      expect(window.value.minMm).toBeLessThanOrEqual(window.value.maxMm)
      expect(judgeStrip(window.value.nominalMm, window.value)).toEqual({ kind: 'inside' })
    }),
  )
})

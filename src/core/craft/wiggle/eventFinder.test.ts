import fc from 'fast-check'
import { expect, test } from 'vitest'
import { EventFinder, shortestSeenMs } from './eventFinder'

/** Readings of one channel a thousand times a second. */
const run = (ohms: readonly (number | undefined)[], limitOhm = 0.1) => {
  const finder = new EventFinder(1000, [limitOhm])
  const found = ohms.flatMap((ohm, i) => finder.take(i / 1000, [ohm]))
  return [...found, ...finder.end()]
}
const quiet = (count: number) => Array.from({ length: count }, () => 0.05)

test('four readings above the limit are one interruption of 4 ms, with the highest of them', () => {
  const [event, ...others] = run([...quiet(20), 0.2, 0.4, 0.3, 0.15, ...quiet(40)])
  expect(others).toEqual([])
  expect(event).toMatchObject({ channel: 0, lengthMs: 4, peakOhm: 0.4 })
  expect(event?.atS).toBeCloseTo(0.02)
})

test('what was open for one reading has no height', () => {
  expect(run([...quiet(20), 0.3, undefined, 0.3, ...quiet(40)])[0]).toMatchObject({ lengthMs: 3, peakOhm: undefined })
})

test('contact that is back for 5 ms has bounced: one interruption; back for 30 ms, it is two', () => {
  const bounce = [...quiet(20), undefined, undefined, ...quiet(5), undefined, ...quiet(40)]
  expect(run(bounce)).toHaveLength(1)
  expect(run(bounce)[0]?.lengthMs).toBe(8)
  expect(run([...quiet(20), undefined, ...quiet(30), undefined, ...quiet(40)])).toHaveLength(2)
})

test('one that has not ended when the watching does is told at its end', () => {
  expect(run([...quiet(20), undefined, undefined])).toHaveLength(1)
})

test('two samples are the shortest that is sure to be seen', () => {
  expect(shortestSeenMs(1000)).toBe(2)
  expect(shortestSeenMs(64)).toBe(31.25)
})

test('a quiet wire has none; one that was above its limit has at least one, and never more than readings above it', () => {
  fc.assert(
    fc.property(fc.array(fc.boolean(), { maxLength: 200 }), (above) => {
      const found = run(above.map((is) => (is ? 1 : 0.05)))
      const count = above.filter(Boolean).length
      expect(found.length > 0).toBe(count > 0)
      expect(found.length).toBeLessThanOrEqual(count)
      const ms = found.reduce((sum, { lengthMs }) => sum + lengthMs, 0)
      expect(ms).toBeGreaterThanOrEqual(count - 0.01)
    }),
  )
})

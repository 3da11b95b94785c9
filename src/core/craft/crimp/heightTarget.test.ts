import fc from 'fast-check'
import { expect, test } from 'vitest'
import { compactionOf, heightTarget } from './heightTarget'

test('0.5 mm² in 1.1 mm² of barrel, 1.6 mm wide: 0.95 to 1.07 mm', () => {
  const target = heightTarget({ wireAreaMm2: 0.5, barrelAreaMm2: 1.1, widthMm: 1.6 })
  // 1.6 / (0.84 × 1.6) = 1.1905 mm uncompacted
  expect(target.minMm).toBeCloseTo(0.9524, 4)
  expect(target.nominalMm).toBeCloseTo(1.0119, 4)
  expect(target.maxMm).toBeCloseTo(1.0714, 4)
  expect(target.estimate).toBe(true)
})

test('the height of a compaction gives back that compaction', () => {
  const mm = fc.double({ min: 0.1, max: 10, noNaN: true })
  fc.assert(
    fc.property(mm, mm, mm, (wireAreaMm2, barrelAreaMm2, widthMm) => {
      const section = { wireAreaMm2, barrelAreaMm2, widthMm, compaction: { min: 0.7, max: 0.95 } }
      expect(compactionOf(heightTarget(section).minMm, section)).toBeCloseTo(0.7, 9)
      expect(compactionOf(heightTarget(section).maxMm, section)).toBeCloseTo(0.95, 9)
    }),
  )
})

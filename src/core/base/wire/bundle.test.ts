import { expect, test } from 'vitest'
import { packBundle } from '../../craft/bundle/bundle'
import { bundleDiameterMm } from './bundle'

const few = [2, 3, 4, 5, 6, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18]

test.each(few)('%i equal strands lie as dense as any packing found for them', (strands) => {
  const tableMm = bundleDiameterMm(strands, 1)
  const foundMm = packBundle(Array.from({ length: strands }, () => 1)).diameterMm
  // the table is the densest known: a search comes near it from above
  expect(foundMm).toBeGreaterThan(tableMm - 1e-6)
  expect(foundMm / tableMm).toBeLessThan(1.03)
})

test('a strand more never makes a bundle thinner, up to the concentric lay of 19', () => {
  for (let strands = 2; strands <= 19; strands++)
    expect(bundleDiameterMm(strands, 0.2)).toBeGreaterThanOrEqual(bundleDiameterMm(strands - 1, 0.2))
})

import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { bundleFactor, houseRules } from '../../parts/rules/houseRules'
import { wireLoad } from './load'

const type = demoShelf().wireTypes.get('TW-1.0')
if (!type) throw new Error('TW-1.0')
const rules = houseRules['sheet-strict']

test('alone at 20 °C a wire carries its rating; at 90 °C √(35/105) of it; among ten loaded ones half', () => {
  expect(wireLoad(type, { lengthMm: 1000 }, { ambientC: 20 }, rules).allowedA).toBe(11)
  expect(wireLoad(type, { lengthMm: 1000 }, { ambientC: 90 }, rules).allowedA).toBeCloseTo(11 * Math.sqrt(35 / 105), 9)
  expect(wireLoad(type, { lengthMm: 1000, currentA: 6 }, { ambientC: 20, loadedInBundle: 10 }, rules)).toMatchObject({
    allowedA: 5.5,
    bundleFactor: 0.5,
    overloaded: true,
  })
  expect(wireLoad(type, { lengthMm: 1000, currentA: 6 }, { ambientC: 20 }, rules).overloaded).toBe(false)
})

test('the drop counts the way back, the warm conductor and the contacts: 4.5 A over 2.35 m of 32 × 0.2 mm', () => {
  // 32 × π × 0.1² = 1.00531 mm²; 0.017241 × 1.02 / 1.00531 = 17.493 mΩ/m at 20 °C
  // 4.5 of 11 A warm it by (125 − 20) × (4.5 / 11)² = 17.57 K: × (1 + 0.00393 × 17.57) = 1.06906
  // × 4.7 m × 4.5 A = 0.39553 V; two times 10 mΩ × 4.5 A = 0.09 V
  const load = wireLoad(
    type,
    { lengthMm: 2350, currentA: 4.5, contactsOhm: 0.01 },
    { ambientC: 20, supplyV: 12 },
    rules,
  )
  expect(load.loadedC).toBeCloseTo(37.57, 2)
  expect(load.contactsDropV).toBeCloseTo(0.09, 9)
  expect(load.dropV).toBeCloseTo(0.48553, 4)
  expect(load.dropPercent).toBeCloseTo(4.046, 2)
  expect(load.dropTooLarge).toBe(true)
  expect(wireLoad(type, { lengthMm: 2350, currentA: 4.5 }, { ambientC: 20, supplyV: 24 }, rules).dropTooLarge).toBe(
    false,
  )
  expect(wireLoad(type, { lengthMm: 2350, currentA: 4.5 }, { ambientC: 20 }, rules).dropPercent).toBeUndefined()
})

test('without a highest temperature the plain rating holds, the drop is that at ambient, and both are said', () => {
  const { maxC: _none, ...plain } = type
  const load = wireLoad(plain, { lengthMm: 1000, currentA: 12 }, { ambientC: 90 }, rules)
  expect(load).toMatchObject({ allowedA: 11, notDerated: true, overloaded: true })
  expect(load).not.toHaveProperty('loadedC')
})

test('a rating that is on no sheet is not made up', () => {
  const { ratedA: _rated, ...bare } = type
  const load = wireLoad(bare, { lengthMm: 1000, currentA: 40 }, { ambientC: 20 }, rules)
  expect(load.allowedA).toBeUndefined()
  expect(load.overloaded).toBe(false)
})

test.each([
  [1, 1],
  [3, 1],
  [4, 0.8],
  [6, 0.8],
  [7, 0.7],
  [20, 0.5],
  [40, 0.4],
  [41, 0.35],
  [100_000, 0.35],
])('%i loaded wires leave %f', (count, factor) => {
  expect(bundleFactor(rules, count)).toBe(factor)
})

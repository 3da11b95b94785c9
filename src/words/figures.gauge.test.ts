import fc from 'fast-check'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { plausible } from '@/core/base/units/plausible'
import { bareUnit, sayIn, writtenInBase } from './benchUnits'
import {
  areaSaid,
  heightWindow,
  leastForce,
  lengthSaid,
  metres,
  mm,
  mm2,
  mmRange,
  money,
  newtons,
  stripWindow,
} from './figures'
import { reasonWords } from './fit'
import { firstPieceCardWords } from './screens/crimp/firstPieceCard'
import { pieceFieldsWords } from './screens/crimp/pieceFields'
import { asksWords } from './strip'
import { implausibleWords } from './implausible'
import { quantityWords, understoodAs } from './quantity'

beforeAll(() => sayIn({ units: 'gauge', currency: 'NOK' }))
afterAll(() => sayIn({ units: 'metric' }))

test.each([
  ['a strip', () => mm(4.4, 1), '.173 in (4.4 mm)'],
  ['a crimp height', () => mm(1.82), '.0717 in (1.82 mm)'],
  ['a cut length', () => metres(620), '24.41 in (620 mm)'],
  ['a long lead', () => metres(1240), '4.07 ft (1.24 m)'],
  ['a pull', () => newtons(62), '13.9 lbf (62 N)'],
  ['lengths from and to', () => mmRange(1.7, 2.4), '.0669 to .0945 in (1.7 to 2.4 mm)'],
  ['an area that is a gauge', () => mm2(0.518), '20 AWG (0.518 mm²)'],
  ['an area between gauges is only near one', () => mm2(0.5), '≈ 20 AWG (0.5 mm²)'],
  ['a price', () => money(21.5), '21.5 NOK'],
  // 4.2 mm is 0.16535 in and 4.6 is 0.18110: what is said to be a limit is inside
  ['a strip’s window, inward', () => stripWindow({ minMm: 4.2, maxMm: 4.6 }), '.166 to .181 in (4.2 to 4.6 mm)'],
  ['a height’s window, inward', () => heightWindow({ minMm: 1.7, maxMm: 1.9 }), '.067 to .0748 in (1.7 to 1.9 mm)'],
])('%s', (_what, say, words) => {
  expect(say()).toBe(words)
})

test.each([
  [
    'a seal that would tear',
    () => reasonWords({ kind: 'seal-tears', insulationMm: 2.95, maxMm: 2.75, by: 'seal' }),
    'the seal would tear: .1161 in (2.95 mm) in a window that ends at .1083 in (2.75 mm)',
  ],
  [
    'insulation that is too thick by next to nothing',
    () => reasonWords({ kind: 'insulation-support', insulationMm: 2.5004, minMm: 1, maxMm: 2.5 }),
    'it holds insulation from .0394 in (1 mm) to .09843 in (2.5 mm), this is .09844 in (2.5004 mm)',
  ],
  [
    'a barrel that is too small',
    () => reasonWords({ kind: 'conductor-large', areaMm2: 1.31, maxMm2: 1 }),
    'barrel too small: 16 AWG (1.31 mm²) in one that ends at ≈ 18 AWG (1 mm²)',
  ],
  [
    'a height that cannot be',
    () => implausibleWords({ kind: 'implausible', figure: 'height', value: 45.72, min: 0.6, max: 2.7 }),
    '1.8 in (45.72 mm) cannot be the height of this crimp (about .0472 to .0531 in (1.2 to 1.35 mm)). Is it in inches, and this piece?',
  ],
  [
    'a figure without a unit',
    () => quantityWords({ kind: 'empty' }, 'force'),
    'A figure is wanted, like 14 lbf or 62 N.',
  ],
])('compared: %s', (_what, say, words) => {
  expect(say()).toBe(words)
})

test('a field’s label and hint are in the unit that a bare figure in it is read in; what is written into it says its own', () => {
  expect(pieceFieldsWords.pulledOffAt()).toBe('Pulled off at, lbf')
  expect(firstPieceCardWords.crimpHeight()).toBe('Crimp height, in')
  expect(firstPieceCardWords.heightHint({ minMm: 1.7, maxMm: 1.9 }, false, true)).toBe('.067 to .0748')
  expect(asksWords.gap()).toBe('Gap that is seen, in')
  expect(writtenInBase('1.9', 'length')).toBe('1.9 mm')
  expect(writtenInBase('145.3', 'force')).toBe('145.3 N')
})

test('a minimum that a hint says is never below the one that is judged', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 5000 }), (forceN) => {
      const saidN = Number(leastForce(forceN)) * 4.4482216152605
      expect(saidN).toBeGreaterThanOrEqual(forceN - 1e-4)
      expect(saidN).toBeLessThan(forceN + 0.45)
    }),
  )
})

test('what is typed without a unit is in the bench’s, and is told', () => {
  const help = { plausible: plausible.crimpHeightMm, unit: bareUnit('length') }
  expect(parseQuantity('.072', 'length', help)).toEqual({ ok: true, value: 1.8288 })
  expect(understoodAs('.072', 'length', help)).toBe('read as 0.072 in, that is 1.829 mm')
  expect(parseQuantity('1.83 mm', 'length', help)).toEqual({ ok: true, value: 1.83 })
  expect(bareUnit('resistance')).toBeUndefined()
})

test('what is printed on a wire is said as it is printed', () => {
  expect(areaSaid(0.597, 20)).toEqual({ value: '20', unit: 'AWG', other: '0.597 mm²' })
  expect(areaSaid(67.4, -1)).toEqual({ value: '2/0', unit: 'AWG', other: '67.4 mm²' })
})

test('a limit in inches is never outside the window in millimetres, and a figure in inches is the metric one to its last place', () => {
  fc.assert(
    fc.property(fc.integer({ min: 10, max: 200 }), fc.integer({ min: 3, max: 30 }), (tenths, wide) => {
      const window = { minMm: tenths / 10, maxMm: (tenths + wide) / 10 }
      const [, low = '', high = ''] = /^([\d.]+) to ([\d.]+) in/.exec(stripWindow(window)) ?? []
      expect(Number(low) * 25.4).toBeGreaterThanOrEqual(window.minMm - 1e-6)
      expect(Number(high) * 25.4).toBeLessThanOrEqual(window.maxMm + 1e-6)
      expect(Math.abs(Number(lengthSaid(window.minMm, 1).value) * 25.4 - window.minMm)).toBeLessThanOrEqual(0.0128)
    }),
  )
})

import fc from 'fast-check'
import { expect, test } from 'vitest'
import { parseQuantity, readQuantity, saidGauge } from './parseQuantity'
import { plausible } from './plausible'
import type { Dimension } from './units'

test.each<[string, Dimension, number]>([
  ['0.5 mm2', 'area', 0.5],
  ['20 awg', 'area', 0.5176],
  ['AWG 2/0', 'area', 67.43],
  ['2,3mm', 'length', 2.3],
  ['0.09 in', 'length', 2.286],
  ['1.2 m', 'length', 1200],
  ['12 lbf', 'force', 53.379],
  ['60', 'force', 60],
  ['35 mohm', 'resistance', 0.035],
  ['250 mA', 'current', 0.25],
  // prefixes have a case
  ['30 MΩ', 'resistance', 30e6],
  ['30 mΩ', 'resistance', 0.03],
  ['30 Mohm', 'resistance', 30e6],
  ['4.7 kΩ', 'resistance', 4700],
  ['4.7 K ohms', 'resistance', 4700],
  ['2 MA', 'current', 2e6],
  ['2 ohms', 'resistance', 2],
  ['14 lbs', 'force', 62.275],
  ['3/8 in', 'length', 9.525],
  ['1 1/2"', 'length', 38.1],
  ['½ in', 'length', 12.7],
  ['1½ in', 'length', 38.1],
  ['#18', 'area', 0.8231],
  ['18 ga', 'area', 0.8231],
  ['0,62 m', 'length', 620],
  ['24 in', 'length', 609.6],
  ['1,5e3', 'length', 1500],
  // what leaves no doubt
  ['0,620', 'length', 0.62],
  ['.620 in', 'length', 15.748],
  ['1,234.500 mm', 'length', 1234.5],
  ['1.234,5 mm', 'length', 1234.5],
  ['1,234,567 mm', 'length', 1234567],
  ['1 200 mm', 'length', 1200],
  ['1234,567', 'length', 1234.567],
  ['1,20', 'length', 1.2],
])('"%s" as %s is %f', (text, dimension, value) => {
  const read = parseQuantity(text, dimension)
  expect(read.ok && read.value).toBeCloseTo(value, 2)
})

test.each<[string, Dimension, string]>([
  ['', 'length', 'empty'],
  ['about two', 'length', 'not-a-number'],
  ['5 lbf', 'length', 'unknown-unit'],
  ['1.2.3', 'length', 'not-a-number'],
  ['12,34.5', 'length', 'not-a-number'],
  ['3/0 in', 'length', 'not-a-number'],
  ['1,200', 'length', 'ambiguous'],
  ['1.026 mm', 'length', 'ambiguous'],
  ['3 mV', 'current', 'unknown-unit'],
  ['0', 'length', 'not-positive'],
  ['-3 mm', 'length', 'not-positive'],
  ['99 awg', 'area', 'not-a-number'],
  ['5 constructor', 'length', 'unknown-unit'],
])('"%s" as %s is refused: %s', (text, dimension, code) => {
  const read = parseQuantity(text, dimension)
  expect(read.ok ? undefined : read.fault.kind).toBe(code)
})

test.each<[string, readonly [number, number], number | readonly [number, number]]>([
  ['1,200', plausible.wireLengthMm, 1200],
  ['1.200 mm', plausible.wireLengthMm, 1200],
  ['1,200 m', plausible.wireLengthMm, 1200],
  ['1.026', plausible.crimpHeightMm, 1.026],
  ['1,026 mm', plausible.crimpHeightMm, 1.026],
  // both can be meant, or neither: it is asked
  ['20,500', plausible.wireLengthMm, [20.5, 20500]],
  ['9,500', plausible.crimpHeightMm, [9.5, 9500]],
])('of “%s” the field takes the reading that it can have', (text, range, expected) => {
  const read = readQuantity(text, 'length', { plausible: range })
  if (typeof expected === 'number') expect(read).toMatchObject({ ok: true, value: { value: expected, doubtful: true } })
  else expect(read).toEqual({ ok: false, fault: { kind: 'ambiguous', text, readings: expected } })
})

test.each([
  ['1,200', ',', 1.2],
  ['1,200', '.', 1200],
  ['1,200', 'any', 1.2],
  ['1.200', ',', 1200],
] as const)('“%s” where the decimal mark is known to be “%s” is %f', (text, decimal, value) => {
  expect(parseQuantity(text, 'length', { decimal })).toEqual({ ok: true, value })
})

test('a temperature may lie below nought, and has two scales', () => {
  const celsius = (text: string) => {
    const read = readQuantity(text, 'temperature')
    return read.ok ? Number(read.value.value.toFixed(3)) : read.fault.kind
  }
  expect(['-40', '−40 °F', '68 f', '293.15 K', '20 °C', '5 bar'].map(celsius)).toEqual([
    -40,
    -40,
    20,
    20,
    20,
    'unknown-unit',
  ])
})

test.each([
  ['20 awg', 20],
  ['AWG 2/0', -1],
  ['#18', 18],
  ['18 ga', 18],
  ['0.5 mm2', undefined],
  ['18', undefined],
])('the gauge of “%s” is %s', (text, awg) => expect(saidGauge(text)).toBe(awg))

test('a figure that is written with either mark and fewer or more than three decimals is read as it was meant', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 99_999 }),
      fc.constantFrom(1, 2, 4, 5),
      fc.nat(),
      fc.constantFrom('.', ','),
      (whole, places, parts, mark) => {
        const decimals = String(parts % 10 ** places).padStart(places, '0')
        const read = readQuantity(`${String(whole)}${mark}${decimals} mm`, 'length')
        expect(read.ok && read.value.value).toBeCloseTo(Number(`${String(whole)}.${decimals}`), 6)
      },
    ),
  )
})

test('any text gives a value above 0 or a fault, never an exception', () => {
  fc.assert(
    fc.property(fc.string(), fc.constantFrom<Dimension>('length', 'area', 'force'), (text, dimension) => {
      const read = parseQuantity(text, dimension)
      expect(read.ok ? read.value > 0 : read.fault.kind.length > 0).toBe(true)
    }),
  )
})

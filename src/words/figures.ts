import type { Range } from '@/core/base/range'
import { atStep, STEP } from '@/core/base/units/atStep'
import { FOOT_MM, INCH_MM, LBF_IN_N } from '@/core/base/units/units'
import { awgAreaMm2, formatAwg, nearestTradeGauge } from '@/core/base/wire/awg'
import { currencySaid, unitsFirst } from './benchUnits'

/** Figures as they are said on screens and papers. A figure is cut to what a hand can use, never padded to look exact. */

const trim = (text: string) => (text.includes('.') ? text.replace(/0+$/, '').replace(/\.$/, '') : text)

/** Halves round away from nought, as a hand does: 5.85 is 5.9, though its binary form lies a little below. */
export const figure = (value: number, digits: number): string => {
  const text = trim((value + Math.sign(value) * 1e-9).toFixed(digits))
  // what rounds to nothing has no sign
  return text === '-0' ? '0' : text
}

/** A figure in the units that the bench says first, and the same in the others, with their name. */
export interface SaidFigure {
  readonly value: string
  readonly unit: string
  readonly other: string
}

const said = (metric: readonly [string, string], gauge: readonly [string, string]): SaidFigure => {
  const [[value, unit], other] = unitsFirst() === 'metric' ? [metric, gauge] : [gauge, metric]
  return { value, unit, other: other.join(' ') }
}

/** One sentence's figure: where gauges come first, the metric one that is judged stands beside it. */
const inWords = ({ value, unit, other }: SaidFigure): string =>
  unitsFirst() === 'metric' ? `${value} ${unit}` : `${value} ${unit} (${other})`

/** An inch takes two places more than a millimetre for the same fineness. */
const INCH_PLACES = 2
/** Inches stand without the nought before their point, as the trade writes them. */
const withoutNought = (text: string) => text.replace(/^(-?)0\./, '$1.')
const inches = (valueIn: number, places: number) => withoutNought(figure(valueIn, places))

/** @param places of the inches; two more than of the millimetres when left out */
export const lengthSaid = (valueMm: number, digits = 2, places = digits + INCH_PLACES): SaidFigure =>
  said([figure(valueMm, digits), 'mm'], [inches(valueMm / INCH_MM, places), 'in'])

/** A length alone, for a place that has no room for the other units. */
export function shortMm(valueMm: number, digits = 2): string {
  const { value, unit } = lengthSaid(valueMm, digits)
  return `${value} ${unit}`
}

/** A conductor by its size: what is printed on it where that is a gauge; else the nearest trade gauge, said to be near. */
export function areaSaid(areaMm2: number, printedAwg?: number): SaidFigure {
  const awg = printedAwg ?? nearestTradeGauge(areaMm2).awg
  // 0.5 is sold as 20: nearer than a hundredth of an AWG's step it is that gauge
  const isNear = printedAwg === undefined && Math.abs(areaMm2 / awgAreaMm2(awg) - 1) > 0.005
  return said([figure(areaMm2, 3), 'mm²'], [`${isNear ? '≈ ' : ''}${formatAwg(awg)}`, 'AWG'])
}

export const forceSaid = (forceN: number, digits = 0): SaidFigure =>
  said([figure(forceN, digits), 'N'], [figure(forceN / LBF_IN_N, digits + 1), 'lbf'])

/** A minimum in the unit that stands first, never below the one that is judged. */
export const leastForce = (forceN: number): string =>
  unitsFirst() === 'metric' ? String(forceN) : figure(Math.ceil((forceN / LBF_IN_N) * 10 - 1e-6) / 10, 1)

/** Lengths at the bench to a tenth, diameters to a hundredth. */
export const mm = (value: number, digits = 2): string => inWords(lengthSaid(value, digits))
export const mm2 = (value: number): string => inWords(areaSaid(value))

const inchRange = (min: number, max: number, places: number): string =>
  max - min < 10 ** -places / 2 ? inches(min, places) : `${inches(min, places)} to ${inches(max, places)}`

/** Lengths from and to: 4.2 to 4.6 mm. */
export const mmRange = (min: number, max: number, digits = 2): string =>
  inWords(said([range(min, max, digits), 'mm'], [inchRange(min / INCH_MM, max / INCH_MM, digits + INCH_PLACES), 'in']))

const gaugeOf = (areaMm2: number) => formatAwg(nearestTradeGauge(areaMm2).awg)

/** Conductors from and to, in mm² and by the trade gauges nearest to them, as a print says them: 20 to 16. */
export function areaRangeSaid(minMm2: number, maxMm2: number): SaidFigure {
  const [thin, thick] = [gaugeOf(minMm2), gaugeOf(maxMm2)]
  return said([range(minMm2, maxMm2, 3), 'mm²'], [thin === thick ? thin : `${thin} to ${thick}`, 'AWG'])
}
export const areaRange = (minMm2: number, maxMm2: number): string => inWords(areaRangeSaid(minMm2, maxMm2))

/** A price in the bench's currency; a bare figure where nobody has said which that is. */
export const money = (price: number): string => [figure(price, 2), currencySaid() ?? []].flat().join(' ')

/** A thousandth of a unit stays below a thousand of it, also once it is rounded. */
const isThousandths = (value: number) => Math.abs(value) * 1000 < 999.95

export const amps = (value: number): string =>
  isThousandths(value) ? `${figure(value * 1000, 1)} mA` : `${figure(value, 1)} A`
export const newtons = (value: number, digits = 0): string => inWords(forceSaid(value, digits))
export const ohms = (value: number): string =>
  isThousandths(value) ? `${figure(value * 1000, 1)} mΩ` : `${figure(value, 3)} Ω`
/** Lengths of wire: 620 mm, 1.24 m; 24.41 in, 4.07 ft. */
export const metres = (lengthMm: number): string =>
  lengthMm < 1000
    ? mm(lengthMm, 0)
    : inWords(said([figure(lengthMm / 1000, 3), 'm'], [figure(lengthMm / FOOT_MM, 2), 'ft']))

/** 5.5 to 6.2 */
export const range = (min: number, max: number, digits = 2): string =>
  max - min < 10 ** -digits / 2 ? figure(min, digits) : `${figure(min, digits)} to ${figure(max, digits)}`

/** A strip's window and a crimp height's as they are judged: limits rounded inward to their step. */
export const stripRange = (window: Range): string => {
  const { minMm, maxMm } = atStep(window, STEP.stripMm)
  return range(minMm, maxMm, 1)
}
export const heightRange = (window: Range): string => {
  const { minMm, maxMm } = atStep(window, STEP.heightMm)
  return range(minMm, maxMm, 2)
}

/** The same windows with their units. In inches their limits are cut inward too. */
function windowSaid({ minMm, maxMm }: Range, digits: number, metric: string): SaidFigure {
  const places = digits + INCH_PLACES
  const steps = 10 ** places
  const [min, max] = [Math.ceil((minMm / INCH_MM) * steps - 1e-6), Math.floor((maxMm / INCH_MM) * steps + 1e-6)]
  return said([metric, 'mm'], [inchRange(min / steps, max / steps, places), 'in'])
}
export const stripSaid = (window: Range): SaidFigure => windowSaid(window, 1, stripRange(window))
export const heightSaid = (window: Range): SaidFigure => windowSaid(window, 2, heightRange(window))
export const stripWindow = (window: Range): string => inWords(stripSaid(window))
export const heightWindow = (window: Range): string => inWords(heightSaid(window))

/** What a column of lengths is in, and its cells: where gauges come first the metric figure stands behind. */
export const lengthUnit = (): string => (unitsFirst() === 'metric' ? 'mm' : 'in (mm)')
const inCell = ({ value }: SaidFigure, metric: string): string =>
  unitsFirst() === 'metric' ? metric : `${value} (${metric})`
export const lengthCell = (valueMm: number, digits: number): string =>
  inCell(lengthSaid(valueMm, digits), figure(valueMm, digits))
export const stripCell = (window: Range): string => inCell(stripSaid(window), stripRange(window))
export const heightCell = (window: Range): string => inCell(heightSaid(window), heightRange(window))

/** So many places more than usual tell figures apart that differ by next to nothing. */
const MOST_PLACES = 6

/**
 * Two figures that a sentence compares, at the digits of their kind, or at as many more as tell them apart: a verdict is exact,
 * and what stands beside it must bear it out.
 */
export function apart(one: number, other: number, digits: number): readonly [string, string] {
  for (let places = digits; places < digits + MOST_PLACES; places++) {
    const [a, b] = [figure(one, places), figure(other, places)]
    if (Number(a) < Number(b) === one < other && Number(a) > Number(b) === one > other) return [a, b]
  }
  return [String(one), String(other)]
}

/** Two currents that a sentence compares, each with its unit. */
export function ampsApart(one: number, other: number): readonly [string, string] {
  const [a, b] = [amps(one), amps(other)]
  if (a !== b) return [a, b]
  const small = isThousandths(Math.max(one, other))
  const [x, y] = small ? apart(one * 1000, other * 1000, 1) : apart(one, other, 1)
  return [`${x} ${small ? 'mA' : 'A'}`, `${y} ${small ? 'mA' : 'A'}`]
}

/** Two figures that a sentence compares, each with its unit: both as the bench says them, and as they are judged. */
function unitsApart(one: number, other: number, metric: SaidUnit, gauge: SaidUnit): readonly [string, string] {
  const inUnit = ({ unit, size, places }: SaidUnit) =>
    apart(one / size, other / size, places).map((value) => `${unit === 'in' ? withoutNought(value) : value} ${unit}`)
  const judged = inUnit(metric)
  const first = unitsFirst() === 'metric' ? judged : inUnit(gauge)
  const said = first.map((value, i) => (value === judged[i] ? value : `${value} (${judged[i] ?? ''})`))
  return [said[0] ?? '', said[1] ?? '']
}

/** A unit, what it is in the metric one, and the places that are usual in it. */
interface SaidUnit {
  readonly unit: string
  readonly size: number
  readonly places: number
}

/** Two forces that a sentence compares. */
export const newtonsApart = (one: number, other: number): readonly [string, string] =>
  unitsApart(one, other, { unit: 'N', size: 1, places: 0 }, { unit: 'lbf', size: LBF_IN_N, places: 1 })

/** Two lengths that a sentence compares. */
export const lengthsApart = (one: number, other: number): readonly [string, string] =>
  unitsApart(one, other, { unit: 'mm', size: 1, places: 2 }, { unit: 'in', size: INCH_MM, places: 2 + INCH_PLACES })

/** Two conductors that a sentence compares: where gauges come first, the ones nearest to them stand before what is judged. */
export function areasApart(one: number, other: number): readonly [string, string] {
  const [a, b] = apart(one, other, 3)
  if (unitsFirst() === 'metric') return [`${a} mm²`, `${b} mm²`]
  const before = (areaMm2: number, judged: string) => `${areaSaid(areaMm2).value} AWG (${judged} mm²)`
  return [before(one, a), before(other, b)]
}

export const plural = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`

export const list = (items: readonly string[], limit = 6): string =>
  items.length <= limit ? items.join(', ') : `${items.slice(0, limit).join(', ')} and ${items.length - limit} more`

const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']

/** `3 Nov 2026` from a day, `2026-11-03`. A time has a day at a bench only: its clock says which. */
export function day(iso: string): string {
  const [year = '', month = '1', date = '1'] = iso.split('-')
  return `${Number(date)} ${months[Number(month) - 1] ?? ''} ${year}`
}

/** Words as a sentence begins. */
export const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`

import { fail, ok, type Result } from '../result'
import { awgAreaMm2, parseAwg, type AwgNumber } from '../wire/awg'
import { type DecimalMark, type FigureText, readFigureText } from './figureText'
import { type Dimension, knownUnits, unitOf } from './units'

export type { Dimension } from './units'
export { LBF_IN_N } from './units'

export type QuantityFault =
  | { readonly kind: 'empty' }
  | { readonly kind: 'not-a-number'; readonly text: string }
  | { readonly kind: 'unknown-unit'; readonly unit: string; readonly known: readonly string[] }
  | { readonly kind: 'not-positive'; readonly value: number }
  /** both readings are plausible, or neither; in the base unit */
  | { readonly kind: 'ambiguous'; readonly text: string; readonly readings: readonly [number, number] }

/** What a figure may be in its field, in the base unit: from, to. */
export type Plausible = readonly [number, number]

export interface ReadingHelp {
  readonly plausible?: Plausible | undefined
  /** the mark that is a decimal here, known from elsewhere; `any`: an instrument's figures are decimals always */
  readonly decimal?: DecimalMark | 'any' | undefined
  /** what a figure is in that stands without a unit; the base unit when left out */
  readonly unit?: string | undefined
}

/** A figure as it was understood. */
export interface Quantity {
  /** in the base unit */
  readonly value: number
  readonly said:
    | { readonly kind: 'figure'; readonly figure: number; readonly unit: string }
    | { readonly kind: 'fraction'; readonly text: string; readonly unit: string }
    | { readonly kind: 'gauge'; readonly awg: AwgNumber }
  /** it could have been read in another way */
  readonly doubtful: boolean
}

const GAUGE = /^(?:(?:awg|#|no\.)\s*([0-9]+(?:\/0)?)|([0-9]+(?:\/0)?)\s*(?:awg|ga\.?|gauge|gage))$/
/** The whole and the fraction of it, as a rule is marked. */
const FRACTION = /^(?:(\d+)(?:\s+|-))?(\d+)\s*[/\u2044]\s*([1-9]\d*)\s*(\D.*)?$/
const FIGURE =
  /^([+\-\u2212]?)\s*((?:\d|[.,](?=\d)|(?<=\d)[.,](?![\d.,])|(?<=\d)[\u0020\u00a0\u2009\u202f](?=\d{3}(?!\d)))+)(e[+-]?\d+(?!\w))?\s*(.*)$/i

/** One way of writing for many: ½ becomes 1/2, full-width digits plain ones. */
const tidy = (text: string) =>
  text
    .trim()
    .replace(/\u2033/g, '"')
    .replace(/(\d)([\u00bc-\u00be\u2150-\u215e])/g, '$1 $2')
    .normalize('NFKC')

/** 24 in are 609.6 mm, though the product of their binary forms lies a little below. */
const exact = (value: number) => Number(value.toPrecision(12))

/** The gauge that a size was said in, like `20 awg`, `#18` or `18 ga`; undefined for a size in mm² or none. */
export function saidGauge(text: string): AwgNumber | undefined {
  const gauge = GAUGE.exec(tidy(text).toLowerCase())
  return gauge ? parseAwg(gauge[1] ?? gauge[2] ?? '') : undefined
}

/**
 * Reads a figure as people say it, of any sign: `2.3mm`, `0,62 m`, `3/8 in`, `12 lbf`, `30 MΩ`, `20 awg`, `68 °F`.
 *
 * Without a unit the help's holds, or the base unit of the dimension (mm, N, Ω, A, mm², °C). An area may be given as a gauge.
 * A mark with exactly three digits behind it may be a decimal mark or one of thousands: what is known of the field or its column decides,
 * else it is asked about.
 */
export function readQuantity(
  text: string,
  dimension: Dimension,
  { plausible, decimal, unit: bareUnit = '' }: ReadingHelp = {},
): Result<Quantity, QuantityFault> {
  const said = tidy(text)
  const unreadable = fail<QuantityFault>({ kind: 'not-a-number', text: text.trim() })
  if (said === '') return fail({ kind: 'empty' })
  if (dimension === 'area' && GAUGE.test(said.toLowerCase())) {
    const awg = saidGauge(said)
    return awg === undefined
      ? unreadable
      : ok({ value: awgAreaMm2(awg), said: { kind: 'gauge', awg }, doubtful: false })
  }
  const inUnit = (unit: string) => unitOf(dimension, unit.trim())
  const unknown = (unit: string) =>
    fail<QuantityFault>({ kind: 'unknown-unit', unit: unit.trim(), known: knownUnits(dimension) })
  const fraction = FRACTION.exec(said)
  if (fraction) {
    const [, whole = '0', over = '', under = ''] = fraction
    const unit = fraction[4]?.trim() ?? bareUnit
    const known = inUnit(unit)
    if (!known) return unknown(unit)
    const figure = Number(whole) + Number(over) / Number(under)
    const written = `${fraction[1] === undefined ? '' : `${whole} `}${over}/${under}`
    return ok({
      value: exact((figure + (known.offset ?? 0)) * known.factor),
      said: { kind: 'fraction', text: written, unit },
      doubtful: false,
    })
  }
  const match = FIGURE.exec(said)
  const digits = match && readFigureText(match[2] ?? '')
  const [, minus = '', , power = '', rest = ''] = match ?? []
  // a rest that goes on like a figure is none of a unit
  if (!digits || /^[\d/\u2044]/.test(rest)) return unreadable
  const unit = rest.trim() || bareUnit
  const known = inUnit(unit)
  if (!known) return unknown(unit)
  const signed = (figure: number) => (minus === '' || minus === '+' ? 1 : -1) * Number(`${String(figure)}${power}`)
  const value = (figure: number) => exact((signed(figure) + (known.offset ?? 0)) * known.factor)
  const chosen = chooseReading(digits, value, { plausible, decimal: power === '' ? decimal : 'any' })
  if (chosen === undefined && digits.kind === 'doubtful')
    return fail({
      kind: 'ambiguous',
      text: text.trim(),
      readings: [value(digits.decimal), value(digits.thousands)],
    })
  if (chosen === undefined || !Number.isFinite(value(chosen))) return unreadable
  return ok({
    value: value(chosen),
    said: { kind: 'figure', figure: signed(chosen), unit },
    doubtful: digits.kind === 'doubtful',
  })
}

/** The one reading of a doubtful figure that can be meant; undefined when both can, or neither. */
function chooseReading(
  digits: FigureText,
  valueOf: (figure: number) => number,
  { plausible, decimal }: ReadingHelp,
): number | undefined {
  if (digits.kind === 'clear') return digits.value
  const [from, to] = plausible ?? [-Infinity, Infinity]
  const inside = [digits.decimal, digits.thousands].filter((one) => valueOf(one) >= from && valueOf(one) <= to)
  if (decimal === undefined) return inside.length === 1 ? inside[0] : undefined
  const known = decimal === 'any' || decimal === digits.mark ? digits.decimal : digits.thousands
  // what is known of the mark and what is known of the field contradict each other
  return inside.length === 1 && inside[0] !== known ? undefined : known
}

/**
 * Reads a figure that is above 0, as people say it.
 *
 * @param text      what was typed
 * @param dimension what the field asks for
 * @param help      what is known of the field: it decides what `1,200` is
 * @returns         the value in the base unit, above 0, or what is wrong with the text
 */
export function parseQuantity(
  text: string,
  dimension: Dimension,
  help: ReadingHelp = {},
): Result<number, QuantityFault> {
  const read = readQuantity(text, dimension, help)
  if (!read.ok) return read
  const { value } = read.value
  return value > 0 ? ok(value) : fail({ kind: 'not-positive', value })
}

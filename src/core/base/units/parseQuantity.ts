import { fail, ok, type Result } from '../result'
import { awgAreaMm2, parseAwg, type AwgNumber } from '../wire/awg'

/** What a number field is asked for. Each dimension lists the units people say, as factors to its base unit. */
const dimensions = {
  /** base mm */
  length: { mm: 1, cm: 10, m: 1000, in: 25.4, inch: 25.4, '"': 25.4, ft: 304.8, thou: 0.0254 },
  /** base N */
  force: { n: 1, kn: 1000, lbf: 4.4482216152605, lb: 4.4482216152605, kgf: 9.80665 },
  /** base Ω */
  resistance: { ohm: 1, ω: 1, mohm: 0.001, mω: 0.001, kohm: 1000, kω: 1000 },
  /** base A */
  current: { a: 1, ma: 0.001 },
  /** base mm² */
  area: { mm2: 1, 'mm²': 1, sqmm: 1 },
} as const satisfies Record<string, Record<string, number>>

export type Dimension = keyof typeof dimensions

export type QuantityFault =
  | { readonly kind: 'empty' }
  | { readonly kind: 'not-a-number'; readonly text: string }
  | { readonly kind: 'unknown-unit'; readonly unit: string; readonly known: readonly string[] }
  | { readonly kind: 'not-positive'; readonly value: number }

export const LBF_IN_N = dimensions.force.lbf

const GAUGE = /^(?:awg\s*)?([0-9/]+)\s*(?:awg|ga|gauge)$|^awg\s*([0-9/]+)$/

/** The gauge that a size was said in, like `20 awg`; undefined for a size in mm² or none. */
export function saidGauge(text: string): AwgNumber | undefined {
  const gauge = GAUGE.exec(text.trim().toLowerCase())
  return gauge ? parseAwg(gauge[1] ?? gauge[2] ?? '') : undefined
}

/**
 * Reads a figure as people say it: `2.3mm`, `2,3 mm`, `0.09 in`, `12 lbf`, `20 awg`, `0.5 mm2`.
 *
 * A comma is a decimal comma: figures at a bench have no thousands groups. Without a unit the base unit of the
 * dimension holds (mm, N, Ω, A, mm²). An area may be given as a gauge.
 *
 * @param text      what was typed
 * @param dimension what the field asks for
 * @returns         the value in the base unit, above 0, or what is wrong with the text
 */
export function parseQuantity(text: string, dimension: Dimension): Result<number, QuantityFault> {
  const said = text.trim().toLowerCase()
  if (said === '') return fail({ kind: 'empty' })
  if (dimension === 'area') {
    const gauge = GAUGE.exec(said)
    if (gauge) {
      const awg = parseAwg(gauge[1] ?? gauge[2] ?? '')
      return awg === undefined ? fail({ kind: 'not-a-number', text: text.trim() }) : ok(awgAreaMm2(awg))
    }
  }
  const match = /^([+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:e[+-]?\d+)?)\s*(.*)$/.exec(said)
  if (!match) return fail({ kind: 'not-a-number', text: text.trim() })
  const value = Number((match[1] ?? '').replace(',', '.'))
  if (!Number.isFinite(value)) return fail({ kind: 'not-a-number', text: text.trim() })
  const unit = match[2] ?? ''
  const units: Readonly<Record<string, number>> = dimensions[dimension]
  const factor = unit === '' ? 1 : Object.hasOwn(units, unit) ? units[unit] : undefined
  if (factor === undefined) return fail({ kind: 'unknown-unit', unit, known: Object.keys(units) })
  if (value <= 0) return fail({ kind: 'not-positive', value })
  return ok(value * factor)
}

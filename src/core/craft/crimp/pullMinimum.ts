import { fail, ok, type Result } from '../../base/result'
import { LBF_IN_N } from '../../base/units/parseQuantity'
import { awgAreaMm2, formatAwg, type AwgNumber } from '../../base/wire/awg'
import type { PullScope } from '../../parts/catalogue/pullScope'
import { pullTables, type PullTableId } from './pullTables'

export type Conductor = { readonly areaMm2: number } | { readonly awg: AwgNumber }

export type PullRow =
  { readonly areaMm2: number; readonly forceN: number } | { readonly awg: string; readonly forceLbf: number }

export interface PullMinimum {
  /** whole newtons, rounded up */
  readonly forceN: number
  readonly forceLbf: number
  readonly rows: readonly PullRow[]
  readonly scope: PullScope
}

export interface OutsideTable {
  readonly kind: 'outside-table'
  readonly table: PullTableId
  readonly areaMm2: number
  readonly fromMm2: number
  readonly toMm2: number
}

/** Up to the whole newton; the small amount keeps a product that is whole but for rounding where it is. */
const wholeN = (forceN: number) => Math.ceil(forceN - 1e-9)

/**
 * The least force that a crimp on this conductor must hold, by a named table.
 *
 * The mm² table has a row that stands for each printed gauge; an area is interpolated. A gauge table takes the row of the printed gauge; without a print, or between
 * two rows, that of the next larger one. Outside its rows a table says nothing.
 *
 * @param table     which table
 * @param conductor by area in mm², or by printed gauge
 */
export function pullMinimum(table: PullTableId, conductor: Conductor): Result<PullMinimum, OutsideTable> {
  return pullTables[table].unit === 'mm2' ? byArea(table, conductor) : byGauge(table, conductor)
}

const areaOf = (conductor: Conductor) => ('awg' in conductor ? awgAreaMm2(conductor.awg) : conductor.areaMm2)

/** The area by which the mm² table knows a conductor: a printed gauge has a row of its own, whatever its metal. */
function rowAreaMm2(conductor: Conductor): number {
  const { gaugeRows } = pullTables['iec-60352-2']
  const own = 'awg' in conductor ? gaugeRows.find(([awg]) => awg === conductor.awg) : undefined
  return own ? own[1] : areaOf(conductor)
}

function byArea(table: PullTableId, conductor: Conductor): Result<PullMinimum, OutsideTable> {
  const { rows, scope } = pullTables[table]
  const areaMm2 = rowAreaMm2(conductor)
  const upper = rows.findIndex(([rowMm2]) => rowMm2 >= areaMm2)
  const above = rows[upper]
  if (!above) return outside(table, areaMm2)
  if (above[0] === areaMm2) return found([{ areaMm2: above[0], forceN: above[1] }], above[1], scope)
  const below = rows[upper - 1]
  if (!below) return outside(table, areaMm2)
  const share = (areaMm2 - below[0]) / (above[0] - below[0])
  return found(
    [below, above].map(([rowMm2, forceN]) => ({ areaMm2: rowMm2, forceN })),
    below[1] + share * (above[1] - below[1]),
    scope,
  )
}

function byGauge(table: PullTableId, conductor: Conductor): Result<PullMinimum, OutsideTable> {
  const { rows, scope } = pullTables[table]
  const areaMm2 = areaOf(conductor)
  const thinnest = rows[0][0]
  const row =
    'awg' in conductor
      ? rows.find(([awg]) => awg <= conductor.awg)
      : rows.find(([awg]) => awgAreaMm2(awg) >= areaMm2 - 1e-9)
  const tooThin = 'awg' in conductor ? conductor.awg > thinnest : areaMm2 < awgAreaMm2(thinnest) - 1e-9
  if (!row || tooThin) return outside(table, areaMm2)
  return found([{ awg: formatAwg(row[0]), forceLbf: row[1] }], row[1] * LBF_IN_N, scope)
}

const found = (rows: readonly PullRow[], forceN: number, scope: PullScope): Result<PullMinimum, OutsideTable> => {
  const only = rows[0]
  const forceLbf = only && 'forceLbf' in only ? only.forceLbf : forceN / LBF_IN_N
  return ok({ forceN: wholeN(forceN), forceLbf, rows, scope })
}

function outside(table: PullTableId, areaMm2: number): Result<PullMinimum, OutsideTable> {
  const { rows, unit } = pullTables[table]
  const mm2 = (value: number | undefined) => (value === undefined ? NaN : unit === 'mm2' ? value : awgAreaMm2(value))
  return fail({ kind: 'outside-table', table, areaMm2, fromMm2: mm2(rows[0][0]), toMm2: mm2(rows.at(-1)?.[0]) })
}

import { parseQuantity } from '../../base/units/parseQuantity'
import type { SheetColumn, SheetProblem, SheetRow } from './sheet'

/** A figure alone, with nothing that says in what. */
const BARE = /^[\d.,]+$/
/** The unit behind a figure, as it is written. */
const UNIT = /[\d.,]\s*([^\d\s.,][^\s\d]*)$/u
/** Units that a figure without one is in anyway. */
const BASE = /^(mm|mm2|mm²|mm\^2|n|a|v)$/i

export interface BareCell {
  readonly row: number
  readonly column: string
  readonly problem: Extract<SheetProblem, { kind: 'bare-among-units' }>
}

/** Figures of one column are of one kind of thing: within this many times of each other. */
const ALIKE = 8

/**
 * Cells without a unit that may be in the one that others of their column say: 0.08 among inches is 2 mm, or it is 0.08 mm, and 16
 * among gauges either. Nobody can tell but who typed it. 0.9 among twentieths of an inch leaves no doubt.
 */
export function bareAmongUnits(columns: readonly SheetColumn[], rows: readonly SheetRow[]): readonly BareCell[] {
  return columns.flatMap(({ id, cell }) => {
    if (cell.kind !== 'figure') return []
    const { dimension } = cell
    const said = rows.map((row) => (row[id] ?? '').trim())
    const withUnit = said.flatMap((text) => {
      const unit = UNIT.exec(text)?.[1]
      const read = unit === undefined || BASE.test(unit) ? undefined : parseQuantity(text, dimension)
      return unit !== undefined && read?.ok ? [{ unit, value: read.value }] : []
    })
    if (withUnit.length === 0) return []
    return said.flatMap((text, row) => {
      if (!BARE.test(text)) return []
      const other = withUnit.find(({ unit, value }) => {
        const read = parseQuantity(`${text}${unit}`, dimension)
        return read.ok && read.value < value * ALIKE && read.value > value / ALIKE
      })
      return other === undefined
        ? []
        : [{ row, column: id, problem: { kind: 'bare-among-units' as const, unit: other.unit } }]
    })
  })
}

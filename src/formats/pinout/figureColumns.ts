import { decimalMarkOf } from '@/core/base/units/figureText'
import { type Plausible, readQuantity } from '@/core/base/units/parseQuantity'
import { plausible } from '@/core/base/units/plausible'
import type { Dimension } from '@/core/base/units/units'
import type { CellRow, UnderstoodCell } from '../../core/record/grid/pinoutTypes'
import type { AddFault } from './pinoutSides'

interface FigureColumn {
  readonly dimension: Dimension
  readonly range: Plausible
  readonly required: boolean
}

const columns = {
  length: { dimension: 'length', range: plausible.wireLengthMm, required: true },
  current: { dimension: 'current', range: plausible.currentA, required: false },
} as const satisfies Readonly<Record<string, FigureColumn>>

type FigureColumnId = keyof typeof columns

/** The figures of a pinout. The clear cells of a column decide its doubtful ones, and what was decided is kept to be said. */
export class FigureColumns {
  readonly understood: UnderstoodCell[] = []
  readonly #marks: ReadonlyMap<FigureColumnId, ReturnType<typeof decimalMarkOf>>

  constructor(private readonly rows: readonly CellRow[]) {
    this.#marks = new Map(
      (Object.keys(columns) as FigureColumnId[]).map((id) => [
        id,
        decimalMarkOf(rows.map(({ cells }) => cells[id] ?? '')),
      ]),
    )
  }

  /** The figure of a cell in its base unit, to a thousandth; a fault is added where there is none and should be one. */
  read(row: number, id: FigureColumnId, said: string, fault: AddFault): number | undefined {
    const { dimension, range, required } = columns[id]
    if (said === '') {
      if (required) fault(id, { kind: 'missing' })
      return undefined
    }
    const mark = this.#marks.get(id)
    const read = readQuantity(said, dimension, { plausible: range, decimal: mark?.mark })
    if (!read.ok) {
      fault(id, { kind: 'quantity', dimension, fault: read.fault })
      return undefined
    }
    const quantity = read.value
    if (quantity.value <= 0) {
      fault(id, { kind: 'quantity', dimension, fault: { kind: 'not-positive', value: quantity.value } })
      return undefined
    }
    const byRow = mark && this.rows[mark.by]?.row
    if (quantity.doubtful)
      this.understood.push({ row, column: id, found: said, dimension, quantity, ...(byRow !== undefined && { byRow }) })
    return Math.round(quantity.value * 1000) / 1000
  }
}

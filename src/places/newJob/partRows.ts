import { pinoutColumns, type ColumnId } from '@/core/record/grid/pinoutColumns'
import { mapRows } from '@/core/record/grid/importTable'
import type { GridText } from '@/core/record/grid/columns'
import { toCsv } from '@/formats/csv'
import type { Preview } from './preview'

const ids = Object.keys(pinoutColumns) as readonly ColumnId[]
/** What a column of a pinout is in the grid. */
const targets = {
  wire: 'id',
  type: 'type',
  colour: 'colour',
  fromEnd: 'fromEnd',
  fromCavity: 'fromCavity',
  toEnd: 'toEnd',
  toCavity: 'toCavity',
  length: 'length',
  signal: 'signal',
  current: 'current',
  group: 'group',
  note: 'note',
  fromHousing: undefined,
  toHousing: undefined,
} as const satisfies Record<ColumnId, unknown>

export interface Parted {
  /** the pinout of the rows that can be read, or none */
  readonly sound: string | undefined
  readonly faulty: readonly Partial<GridText>[]
}

/**
 * A pinout parted into the rows that can be read and those that cannot. What is wrong with the file as a whole parts nothing.
 */
export function partRows({ rows, faults }: Preview): Parted {
  const wrong = new Set(faults.map((fault) => fault.row))
  const cells = (row: Preview['rows'][number]) => ids.map((id) => row.cells[id] ?? '')
  const good = rows.filter((row) => row.read && !wrong.has(row.row))
  const bad = rows.filter((row) => !row.read || wrong.has(row.row))
  return {
    sound:
      good.length === 0 || bad.length === 0 || wrong.has(undefined)
        ? undefined
        : toCsv([ids.map((id) => pinoutColumns[id].heading), ...good.map(cells)]),
    faulty: mapRows(
      bad.map(cells),
      ids.map((id) => targets[id]),
    ),
  }
}

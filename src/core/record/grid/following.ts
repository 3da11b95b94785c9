import { countOn } from '../../base/cells/cells'
import type { GridColumnId } from './columns'
import type { GridNames } from './gridNames'

/** What a cell of the pinout becomes so many rows below another: ids and cavities count on, since no two may be alike. */
export const following =
  (names: GridNames) =>
  (column: GridColumnId, text: string, by: number): string => {
    if (column === 'id') return countOn(text, by)
    if (column !== 'from' && column !== 'to') return text
    const dot = text.lastIndexOf('.')
    const end = dot < 0 ? undefined : names.ends.get(text.slice(0, dot))
    const at = end?.cavities.indexOf(text.slice(dot + 1)) ?? -1
    const next = at < 0 ? undefined : end?.cavities[at + by]
    return end && next !== undefined ? `${end.id}.${next}` : text
  }

import { countOn } from '../../base/cells/cells'
import type { GridText } from './columns'

/** Ids and signals of rows; undefined unless every row has an id of its own. */
export function readNames(
  rows: readonly Partial<GridText>[],
): readonly { readonly id: string; readonly signal?: string }[] | undefined {
  const named = rows.map(({ id = '', signal }) => ({
    id: id.trim(),
    ...(signal !== undefined && signal.trim() !== '' && { signal }),
  }))
  return named.some((one) => one.id === '') || new Set(named.map((one) => one.id)).size < named.length
    ? undefined
    : named
}

/** Rows without an id get the next ones, from the first on. */
export function numbered(rows: readonly Partial<GridText>[], first: string): readonly Partial<GridText>[] {
  let given = 0
  return rows.map((text) => (text.id === undefined || text.id === '' ? { ...text, id: countOn(first, given++) } : text))
}

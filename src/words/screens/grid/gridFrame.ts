import { plural } from '@/words/figures'

/** What a grid says of itself: its rows are called what they are. */
export interface GridWords {
  readonly label: string
  /** one row, several */
  readonly row: string
  readonly rows: string
  readonly filterHint: string
}

export const gridHeadWords = {
  filter: ({ rows }: GridWords) => `Filter the ${rows}`,
  count: ({ row, rows }: GridWords, seen: number, all: number) =>
    seen < all ? `${String(seen)} of ${plural(all, row, rows)}` : plural(all, row, rows),
  toMend: (count: number) => `${String(count)} to mend`,
  unsaved: (count: number) => `${String(count)} not saved`,
  undo: 'Undo',
  redo: 'Redo',
  add: ({ row }: GridWords) => `Add ${row}`,
  remove: ({ row }: GridWords) => `Remove ${row}`,
  wrong: 'wrong',
  needed: 'needed',
}

export const gridKeyWords = {
  next: ({ row }: GridWords) => `Next ${row}`,
  previous: ({ row }: GridWords) => `Previous ${row}`,
  cells: 'Work in the cells (Escape leaves them)',
  undo: ({ label }: GridWords) => `Undo in ${label}`,
  redo: ({ label }: GridWords) => `Redo in ${label}`,
}

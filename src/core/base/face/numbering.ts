/** Where a cavity stands in its arrangement: row from the top, or ring from the centre, both from 0. */
export interface Position {
  readonly row: number
  readonly index: number
}

/**
 * How the counting runs over an arrangement. Seen from the wire face, rows go from left to right, rings as drawn.
 * `walk` gives the positions in the order in which they are numbered.
 */
export interface NumberingScheme {
  readonly id: string
  readonly over: 'rows' | 'rings'
  readonly walk: (counts: readonly number[]) => readonly Position[]
}

const along = (count: number, row: number): Position[] => Array.from({ length: count }, (_, index) => ({ row, index }))

export const numberingSchemes = {
  /** every row starts again at the same side */
  'same-side': { id: 'same-side', over: 'rows', walk: (counts) => counts.flatMap(along) },
  /** every other row runs back */
  snake: {
    id: 'snake',
    over: 'rows',
    walk: (counts) => counts.flatMap((count, row) => (row % 2 === 0 ? along(count, row) : along(count, row).reverse())),
  },
  /** from the centre outward */
  out: { id: 'out', over: 'rings', walk: (counts) => counts.flatMap(along) },
  /** from the rim inward */
  in: { id: 'in', over: 'rings', walk: (counts) => counts.map(along).reverse().flat() },
} as const satisfies Record<string, NumberingScheme>

export type NumberingId = keyof typeof numberingSchemes

export type IdStyle =
  | { readonly kind: 'numbers'; readonly start: number; readonly order: NumberingId }
  | { readonly kind: 'letters'; readonly skip: readonly string[]; readonly order: NumberingId }
  | { readonly kind: 'list'; readonly list: readonly string[]; readonly order: NumberingId }

/** The printed ids in the order of counting: 1, 2, 3 …, or A, B, C … Z, AA, AB … without the skipped letters, or as listed. */
export function printedIds(count: number, style: IdStyle): readonly string[] {
  if (style.kind === 'list') return style.list.slice(0, count)
  if (style.kind === 'numbers') return Array.from({ length: count }, (_, i) => String(style.start + i))
  const letters = Array.from({ length: 26 }, (_, i) => String.fromCharCode(65 + i)).filter(
    (letter) => !style.skip.includes(letter),
  )
  return Array.from({ length: count }, (_, i) => lettersOf(i, letters))
}

function lettersOf(index: number, letters: readonly string[]): string {
  const ahead = Math.floor(index / letters.length)
  return (ahead > 0 ? lettersOf(ahead - 1, letters) : '') + (letters[index % letters.length] ?? '')
}

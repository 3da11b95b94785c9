/** The mark between the whole and its parts. */
export type DecimalMark = '.' | ','

/** A number as it was written: clear, or one that may be read in two ways. */
export type FigureText =
  | { readonly kind: 'clear'; readonly value: number; readonly decimal?: DecimalMark }
  /** `1,200`: one and a fifth, or twelve hundred */
  | { readonly kind: 'doubtful'; readonly mark: DecimalMark; readonly decimal: number; readonly thousands: number }

const GROUPED = /^\d{1,3}(?:,\d{3})+$/
/** Blanks that people put between thousands. */
const BLANK = /[\u0020\u00a0\u2009\u202f]/g

const isGrouped = (whole: string, mark: string) => GROUPED.test(whole.replaceAll(mark, ','))
const plain = (whole: string, parts = '') => Number(`${whole.replace(/[.,]/g, '')}.${parts || '0'}`)

/**
 * Reads digits and their marks, without a sign or a unit.
 *
 * Of two different marks the last is the decimal. A single mark with exactly three digits behind it may be either: it is a
 * decimal after a leading 0, after more than three digits and after nothing, else doubtful.
 *
 * @param text digits, `.`, `,` and blanks between thousands
 * @returns    undefined when it is no number
 */
export function readFigureText(text: string): FigureText | undefined {
  const spaced = text.trim()
  const digits = spaced.replace(BLANK, '')
  if (!/^[\d.,]*\d[\d.,]*$/.test(digits)) return undefined
  const groupedByBlank = digits !== spaced
  if (groupedByBlank && !/^\d{1,3}( \d{3})+([.,]\d*)?$/.test(spaced.replace(BLANK, ' '))) return undefined
  const marks = [...digits.matchAll(/[.,]/g)].map(([mark]) => mark as DecimalMark)
  const last = marks.at(-1)
  if (last === undefined) return { kind: 'clear', value: Number(digits) }
  const at = digits.lastIndexOf(last)
  const [whole, parts] = [digits.slice(0, at), digits.slice(at + 1)]
  const others = marks.slice(0, -1)
  if (others.includes(last)) {
    // the same mark twice stands between thousands
    return others.every((mark) => mark === last) && isGrouped(digits, last)
      ? { kind: 'clear', value: plain(digits) }
      : undefined
  }
  const [other] = others
  if (other !== undefined && !isGrouped(whole, other)) return undefined
  const decimal = plain(whole, parts)
  const isClear = others.length > 0 || groupedByBlank || parts.length !== 3 || !/^[1-9]\d{0,2}$/.test(whole)
  return isClear
    ? { kind: 'clear', value: decimal, decimal: last }
    : { kind: 'doubtful', mark: last, decimal, thousands: plain(digits) }
}

/**
 * The decimal mark of a column, by its cells that leave no doubt.
 * @param cells what stands in the column, units and all
 * @returns     undefined when no cell says, or when they contradict each other
 */
export function decimalMarkOf(
  cells: readonly string[],
): { readonly mark: DecimalMark; readonly by: number } | undefined {
  let found: { readonly mark: DecimalMark; readonly by: number } | undefined
  for (const [by, cell] of cells.entries()) {
    const digits = /[\d.,]*\d[\d.,]*/.exec(cell)?.[0]
    const read = digits === undefined ? undefined : readFigureText(digits)
    if (read?.kind !== 'clear' || read.decimal === undefined) continue
    if (found && found.mark !== read.decimal) return undefined
    found ??= { mark: read.decimal, by }
  }
  return found
}

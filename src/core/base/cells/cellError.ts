/** A cell that holds no figure and no word, but what a spreadsheet left there. */
export type CellError =
  /** `#REF!`, `#N/A`, `Err:502` */
  | { readonly kind: 'error'; readonly said: string }
  /** a formula that nobody computed */
  | { readonly kind: 'formula' }

const ERROR =
  /^(?:#(?:REF|VALUE|DIV\/0|NAME|NUM|NULL|SPILL|CALC|FIELD|BLOCKED|CONNECT|UNKNOWN|BUSY|GETTING_DATA)[!?]?|#N\/A|Err:\d{3})$/i
const FORMULA = /^=\S/

/** What a spreadsheet left in a cell instead of its value; undefined where there is a value, or nothing. */
export function cellError(text: string): CellError | undefined {
  const said = text.trim()
  if (ERROR.test(said)) return { kind: 'error', said }
  return FORMULA.test(said) ? { kind: 'formula' } : undefined
}

import { parseQuantity, type Dimension, type Plausible, type QuantityFault } from '../../base/units/parseQuantity'
import { plausible } from '../../base/units/plausible'

/** A table that somebody fills in or pastes from a data sheet: its columns say what a cell may hold. */
export interface SheetColumn {
  readonly id: string
  readonly heading: string
  /** other headings by which it is known in somebody's spreadsheet */
  readonly aliases: readonly string[]
  readonly required: boolean
  readonly cell: CellShape
}

export type CellShape =
  | { readonly kind: 'id' }
  | { readonly kind: 'text'; readonly limit: number }
  | { readonly kind: 'figure'; readonly dimension: Dimension; readonly zero?: boolean }
  | { readonly kind: 'number' }
  | { readonly kind: 'whole'; readonly min: number; readonly max: number }
  | { readonly kind: 'choice'; readonly of: readonly string[] }
  | { readonly kind: 'yes-no' }
  /** several texts, with spaces or commas between */
  | { readonly kind: 'list' }
  /** several of these, as `list` is written */
  | { readonly kind: 'choices'; readonly of: readonly string[] }

export type SheetProblem =
  | { readonly kind: 'missing' }
  | { readonly kind: 'bad-id' }
  | { readonly kind: 'too-long'; readonly limit: number }
  | { readonly kind: 'quantity'; readonly dimension: Dimension; readonly fault: QuantityFault }
  | { readonly kind: 'no-number' }
  | { readonly kind: 'not-whole'; readonly min: number; readonly max: number }
  | { readonly kind: 'no-choice'; readonly of: readonly string[] }
  | { readonly kind: 'twice' }
  | { readonly kind: 'unknown'; readonly what: string; readonly known: readonly string[] }
  | { readonly kind: 'min-above-max' }
  /** others of its column say this unit, and it says none */
  | { readonly kind: 'bare-among-units'; readonly unit: string }
  /** so many are wanted in one cell */
  | { readonly kind: 'not-as-many'; readonly wanted: number; readonly found: number }
  /** another row, counted from 1, is for the same and says otherwise */
  | { readonly kind: 'contradicts'; readonly row: number }
  /** strands and print do not belong to one wire */
  | { readonly kind: 'metal-off'; readonly metalMm2: number; readonly printedMm2: number }
  | { readonly kind: 'inside-metal'; readonly metalMm2: number }

export type CellValue = string | number | boolean | readonly string[] | undefined
/** A row as it is written. */
export type SheetRow = Readonly<Record<string, string>>

export interface SheetReading {
  /** by column; what is empty or cannot be read is not there */
  readonly values: Readonly<Record<string, CellValue>>
  readonly problems: Readonly<Record<string, SheetProblem>>
}

const ID = /^[^\s,;:"'<>]{1,60}$/
/** What a figure of a part's sheet may be, where a mark leaves a doubt. */
const ofPart: Readonly<Partial<Record<Dimension, Plausible>>> = {
  length: plausible.partMm,
  force: plausible.pullN,
  current: plausible.currentA,
  area: plausible.areaMm2,
}

/** What people write where a sheet gives no figure. */
const NOTHING = /^(-|–|—|n\/?a|not on the sheet|\?)$/i

export function readSheetCell(
  said: string,
  { cell, required }: SheetColumn,
): { readonly value?: CellValue; readonly problem?: SheetProblem } {
  const text = said.trim()
  if (text === '' || NOTHING.test(text)) return required ? { problem: { kind: 'missing' } } : {}
  switch (cell.kind) {
    case 'id':
      return ID.test(text) ? { value: text } : { problem: { kind: 'bad-id' } }
    case 'text':
      return text.length > cell.limit ? { problem: { kind: 'too-long', limit: cell.limit } } : { value: text }
    case 'figure': {
      if (cell.zero && Number(text) === 0) return { value: 0 }
      const read = parseQuantity(text, cell.dimension, { plausible: ofPart[cell.dimension] })
      return read.ok
        ? { value: Math.round(read.value * 1e6) / 1e6 }
        : { problem: { kind: 'quantity', dimension: cell.dimension, fault: read.fault } }
    }
    case 'number': {
      const value = Number(
        text
          .replace(/\s*(°\s*)?c$/i, '')
          .replace(',', '.')
          .replace('−', '-'),
      )
      return Number.isFinite(value) ? { value } : { problem: { kind: 'no-number' } }
    }
    case 'whole': {
      const value = Number(text)
      return Number.isInteger(value) && value >= cell.min && value <= cell.max
        ? { value }
        : { problem: { kind: 'not-whole', min: cell.min, max: cell.max } }
    }
    case 'choice': {
      const found =
        cell.of.find((one) => plain(one) === plain(text)) ??
        onlyOne(cell.of.filter((one) => plain(one).startsWith(plain(text))))
      return found === undefined ? { problem: { kind: 'no-choice', of: cell.of } } : { value: found }
    }
    case 'yes-no':
      return /^(yes|y|1|true|x)$/i.test(text)
        ? { value: true }
        : /^(no|n|0|false)$/i.test(text)
          ? { value: false }
          : { problem: { kind: 'no-choice', of: ['yes', 'no'] } }
    case 'choices': {
      const said = text.split(/[\s,;]+/).filter(Boolean)
      const found = said.map((one) => cell.of.find((id) => id === one.toLowerCase().replace(/s$/, '')))
      return found.includes(undefined)
        ? { problem: { kind: 'no-choice', of: cell.of } }
        : { value: [...new Set(found.filter((id) => id !== undefined))] }
    }
    case 'list':
      return { value: text.split(/[\s,;]+/).filter(Boolean) }
  }
}

const onlyOne = (found: readonly string[]) => (found.length === 1 ? found[0] : undefined)
const plain = (text: string) =>
  text
    .toLowerCase()
    .replace(/[([].*?[)\]]/g, '')
    .replace(/[_\-.\s]+/g, ' ')
    .trim()

/** Readings of rows that nobody has typed into since, with the columns that they were read by. */
const readings = new WeakMap<SheetRow, { readonly columns: readonly SheetColumn[]; readonly reading: SheetReading }>()

/** Reads a row by its columns. A row is never changed in place: one that is the same is not read again. */
export function readSheetRow(columns: readonly SheetColumn[], row: SheetRow): SheetReading {
  const known = readings.get(row)
  if (known?.columns === columns) return known.reading
  const reading = readCells(columns, row)
  readings.set(row, { columns, reading })
  return reading
}

function readCells(columns: readonly SheetColumn[], row: SheetRow): SheetReading {
  const values: Record<string, CellValue> = {}
  const problems: Record<string, SheetProblem> = {}
  for (const column of columns) {
    const { value, problem } = readSheetCell(row[column.id] ?? '', column)
    if (problem) problems[column.id] = problem
    else if (value !== undefined) values[column.id] = value
  }
  return { values, problems }
}

export const isBlankRow = (row: SheetRow): boolean => Object.values(row).every((text) => text.trim() === '')

export interface PastedBlock {
  readonly rows: readonly SheetRow[]
  /** headings that no column has, as they were written */
  readonly ignored: readonly string[]
  /** columns were found by their headings */
  readonly byHeadings: boolean
}

/**
 * Cells from a spreadsheet as rows of a sheet. A first line of headings is matched by name; without one the cells go from
 * the column in hand to the right.
 */
export function pasteIntoSheet(
  columns: readonly SheetColumn[],
  block: readonly (readonly string[])[],
  from: string,
): PastedBlock {
  const [head = [], ...body] = block
  const match = head.map(
    (heading) =>
      columns.find((column) =>
        [column.heading, column.id, ...column.aliases].some((name) => plain(name) === plain(heading)),
      )?.id,
  )
  const known = match.filter((one) => one !== undefined).length
  const byHeadings = known >= 2 || (known === 1 && head.length === 1)
  const first = Math.max(
    0,
    columns.findIndex((column) => column.id === from),
  )
  const mapping = byHeadings ? match : head.map((_cell, i) => columns[first + i]?.id)
  const rows = (byHeadings ? body : block).map((line) =>
    Object.fromEntries(
      line.flatMap((cell, i) => {
        const id = mapping[i]
        return id === undefined ? [] : [[id, cell.trim()]]
      }),
    ),
  )
  return {
    rows: rows.filter((row) => !isBlankRow(row)),
    ignored: byHeadings ? head.filter((heading, i) => match[i] === undefined && heading.trim() !== '') : [],
    byHeadings,
  }
}

/**
 * Rows that were pasted, laid over those of a sheet as they are seen, or added below. Cells that were not pasted stay.
 * @param seen places of the rows in the order in which they are seen, sorted or filtered
 * @param from the first of them that is pasted over
 */
export function layPasted(
  rows: readonly SheetRow[],
  pasted: readonly SheetRow[],
  seen: readonly number[],
  from: number,
): readonly SheetRow[] {
  const laid = [...rows]
  pasted.forEach((one, i) => {
    const place = seen[from + i]
    if (place === undefined) laid.push(one)
    else laid[place] = { ...laid[place], ...one }
  })
  return laid.filter((one) => !isBlankRow(one))
}

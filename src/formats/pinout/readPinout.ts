import type { Catalogue } from '@/core/parts/catalogue/catalogue'
import { designatedAreaMm2, shelfNames } from '@/core/record/plan/facts'
import { readGroup } from '@/core/record/grid/columns'
import { typesOfSize } from '@/core/record/grid/gridNames'
import { type End, type Wire, emptyPlan, planFaults } from '@/core/record/plan/plan'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { formatColour, parseColour } from '@/core/base/wire/colour'
import { type ColumnId, matchHeadings } from '../../core/record/grid/pinoutColumns'
import {
  type CellFault,
  type CellProblem,
  type CellRow,
  PINOUT_ROW_LIMIT,
  type PinoutEnd,
  type PinoutRow,
  type TableFault,
  type UnderstoodCell,
} from '../../core/record/grid/pinoutTypes'
import { countLines } from './countLines'
import { FigureColumns } from './figureColumns'
import { type AddFault, isId, type OpenEnd, SUGGESTIONS, readSide, resolveEnds } from './pinoutSides'
import { cellError } from '@/core/base/cells/cellError'
import { readSeparator } from '@/core/base/cells/separator'
import Papa from 'papaparse'

export interface PinoutReading {
  readonly rows: readonly PinoutRow[]
  readonly ends: readonly PinoutEnd[]
  readonly tableFaults: readonly TableFault[]
  readonly cellFaults: readonly CellFault[]
  /** figures that could be read in two ways, and how they were */
  readonly understood: readonly UnderstoodCell[]
  /** headings that are not read */
  readonly ignored: readonly string[]
  /** complete and without fault */
  readonly plan?: { readonly ends: readonly End[]; readonly wires: readonly Wire[] }
}

const nothing = (fault: TableFault): PinoutReading => ({
  rows: [],
  ends: [],
  tableFaults: [fault],
  cellFaults: [],
  understood: [],
  ignored: [],
})

/** Characters up to which a table is looked at: a row of them all would have two thousand. */
const TABLE_AT_MOST = 10_000_000

/**
 * Reads a pinout in CSV as it will become a plan.
 *
 * Columns are matched by name, in any order; comma, semicolon, tab or bar, or what a `sep=` line names; with or without a byte
 * order mark. Every cell that
 * cannot be read gives a fault with its row and column; `plan` is there only when there is none.
 *
 * @param text   the file's text
 * @param lookup the shelf, for wire types and housings
 * @param picks  housings chosen by hand, by end
 */
export function readPinout(
  text: string,
  lookup: Catalogue,
  picks: Readonly<Record<string, string>> = {},
): PinoutReading {
  const { separator, body, skipped } = readSeparator(text)
  if (body.trim() === '') return nothing({ kind: 'empty' })
  if (looksBinary(body)) return nothing({ kind: 'not-text' })
  if (body.length > TABLE_AT_MOST) return nothing({ kind: 'too-large', limit: TABLE_AT_MOST })
  const lines = countLines(body)
  if (lines - 1 > PINOUT_ROW_LIMIT) return nothing({ kind: 'too-many-rows', rows: lines - 1, limit: PINOUT_ROW_LIMIT })
  const parsed = Papa.parse<string[]>(body, { skipEmptyLines: 'greedy', delimiter: separator })
  const quote = parsed.errors.find((error) => error.type === 'Quotes')
  if (quote) return nothing({ kind: 'quote-open', row: (quote.row ?? 0) + 1 + skipped })
  const [headings = [], ...data] = parsed.data
  const { at, missing, unknown, twice } = matchHeadings(headings)
  if (twice.length > 0) return nothing({ kind: 'columns-twice', headings: twice })
  if (missing.length > 0) return { ...nothing({ kind: 'columns-missing', missing, unknown }), ignored: unknown }
  if (data.length === 0) return nothing({ kind: 'no-rows' })
  const ragged = data.flatMap((cells, i): TableFault[] =>
    cells.length === headings.length || trailingBlank(cells, headings.length)
      ? []
      : [{ kind: 'ragged', row: i + 2 + skipped, cells: cells.length, expected: headings.length }],
  )
  const cellRows = data.map((cells, i) => ({
    row: i + 2 + skipped,
    cells: Object.fromEntries(Object.entries(at).map(([id, index]) => [id, (cells[index] ?? '').trim()])),
  }))
  if (ragged.length > 0)
    return { ...nothing({ kind: 'no-rows' }), rows: cellRows, tableFaults: ragged.slice(0, 50), ignored: unknown }
  return interpret(cellRows, lookup, picks, unknown)
}

const trailingBlank = (cells: readonly string[], expected: number) =>
  cells.length > expected && cells.slice(expected).every((cell) => cell.trim() === '')

// NUL and its neighbours stand in no CSV; the replacement character is what a decoder leaves of rubbish
function looksBinary(text: string): boolean {
  const head = text.slice(0, 4000)

  return /[\u0000-\u0008\u000E-\u001F]/.test(head) || (head.match(/\uFFFD/g)?.length ?? 0) > 3
}

/** Cells in which a spreadsheet left an error, or a formula that it did not compute: said once, and not read as anything else. */
function spreadsheetLeft(cells: CellRow['cells'], fault: AddFault): boolean {
  let any = false
  for (const [column, text] of Object.entries(cells)) {
    const error = cellError(text)
    if (!error) continue
    any = true
    fault(column as ColumnId, { kind: 'spreadsheet', error })
  }
  return any
}

interface Reading {
  readonly ends: ReturnType<typeof resolveEnds>
  readonly lookup: Catalogue
  readonly seenWires: Map<string, number>
  readonly seenCavities: Map<string, { wire: string; row: number }>
  readonly faults: CellFault[]
  readonly figures: FigureColumns
}

/** A row as a wire, or the faults that keep it from being one. */
function readRow(
  { row, cells }: CellRow,
  { ends, lookup, seenWires, seenCavities, faults, figures }: Reading,
): PinoutRow {
  const before = faults.length
  const fault = (column: ColumnId, problem: CellProblem) =>
    faults.push({ row, column, found: cells[column] ?? '', problem })
  if (spreadsheetLeft(cells, fault)) return { row, cells }
  const id = readId(cells.wire ?? '', row, seenWires, fault)
  const type = readType(cells.type ?? '', lookup, fault)
  const colour = parseColour(cells.colour ?? '')
  if (!colour) fault('colour', cells.colour ? { kind: 'bad-colour' } : { kind: 'missing' })
  const side = (endColumn: 'fromEnd' | 'toEnd') => readSide(endColumn, cells, row, ends, lookup, seenCavities, fault)
  const from = side('fromEnd')
  const to = side('toEnd')
  if (from?.kind === 'open' && to?.kind === 'open') fault('fromEnd', { kind: 'open-both-sides' })
  const lengthMm = figures.read(row, 'length', cells.length ?? '', fault)
  const currentA = figures.read(row, 'current', cells.current ?? '', fault)
  if (lengthMm !== undefined && lengthMm > LENGTH_LIMIT_MM)
    fault('length', { kind: 'too-long', limit: LENGTH_LIMIT_MM })
  if ((cells.signal ?? '').length > 60) fault('signal', { kind: 'too-long', limit: 60 })
  const note = readNote(cells.note ?? '', fault)
  const group = readGroup(cells.group ?? '')
  if (!group.ok) fault('group', { kind: 'bad-group' })
  if (faults.length > before || !colour || !from || !to || lengthMm === undefined) return { row, cells }
  const wire: Wire = {
    id,
    type,
    colour: formatColour(colour),
    from,
    to,
    lengthMm,
    ...(cells.signal ? { signal: cells.signal } : {}),
    ...(currentA !== undefined && { currentA }),
    ...(group.ok && group.value),
    ...note,
  }
  return { row, cells, wire }
}

function interpret(
  cellRows: readonly CellRow[],
  lookup: Catalogue,
  picks: Readonly<Record<string, string>>,
  ignored: readonly string[],
): PinoutReading {
  const faults: CellFault[] = []
  const ends = resolveEnds(cellRows, lookup, picks, faults)
  const seenWires = new Map<string, number>()
  const seenCavities = new Map<string, { wire: string; row: number }>()
  const figures = new FigureColumns(cellRows)
  const rows = cellRows.map((cellRow) => readRow(cellRow, { ends, lookup, seenWires, seenCavities, faults, figures }))
  for (const end of ends.values()) {
    if (end.housing !== undefined || end.badHousing) continue
    const first = cellRows.find(({ cells }) => cells.fromEnd === end.id || cells.toEnd === end.id)
    const column = first?.cells.fromEnd === end.id ? 'fromEnd' : 'toEnd'
    faults.push({ row: first?.row ?? 1, column, found: end.id, problem: { kind: 'no-housing', end: end.id } })
  }
  if (faults.length === 0) faults.push(...joinFaults(rows, ends, lookup))
  const listed = [...ends.values()].map(({ badHousing: _bad, firstRow: _first, ...end }): PinoutEnd => end)
  const complete = faults.length === 0
  return {
    rows,
    ends: listed,
    tableFaults: [],
    cellFaults: faults.sort((a, b) => a.row - b.row),
    understood: figures.understood,
    ignored,
    ...(complete && {
      plan: {
        ends: listed.map(({ id, housing }) => ({ id, housing: housing ?? '' })),
        wires: rows.flatMap((row) => row.wire ?? []),
      },
    }),
  }
}

const LENGTH_LIMIT_MM = 100_000

function readNote(said: string, fault: AddFault): Partial<Wire> {
  if (said.length > 200) fault('note', { kind: 'too-long', limit: 200 })
  return said === '' ? {} : { note: said }
}

/** What only all the rows together can show, each at the row of the wire that it is about. */
function joinFaults(
  rows: readonly PinoutRow[],
  ends: ReadonlyMap<string, OpenEnd>,
  lookup: Catalogue,
): readonly CellFault[] {
  const wires = rows.flatMap((row) => row.wire ?? [])
  const rowOf = new Map(rows.map((row) => [row.wire?.id, row]))
  const plan = {
    ...emptyPlan,
    ends: [...ends.values()].map(({ id, housing }) => ({ id, housing: housing ?? '' })),
    wires,
  }
  return planFaults(plan, shelfNames(lookup)).flatMap((fault) => {
    if (!('wire' in fault)) return []
    const row = rowOf.get(fault.wire)
    return row
      ? [{ row: row.row, column: 'wire' as const, found: fault.wire, problem: { kind: 'plan' as const, fault } }]
      : []
  })
}

function readId(said: string, row: number, seen: Map<string, number>, fault: AddFault): string {
  if (said === '') fault('wire', { kind: 'missing' })
  else if (!isId(said)) fault('wire', { kind: 'bad-id' })
  const first = seen.get(said)
  if (said !== '' && first !== undefined) fault('wire', { kind: 'wire-twice', firstRow: first })
  else seen.set(said, row)
  return said
}

/** A wire type by id or alias, or by its size where only one on the shelf has it: `20 awg`, `0.5 mm2`. */
function readType(said: string, lookup: Catalogue, fault: AddFault): string {
  const named = lookup.names.get(said.toLowerCase())
  if (named?.kind === 'wire-type') return named.id
  if (said === '') {
    fault('type', { kind: 'missing' })
    return said
  }
  const size = parseQuantity(said, 'area')
  const sized = size.ok
    ? typesOfSize(
        [...lookup.wireTypes.values()].map((type) => [type.id, designatedAreaMm2(type)]),
        size.value,
      )
    : []
  const [only] = sized
  if (only !== undefined && sized.length === 1) return only
  fault(
    'type',
    sized.length > 1
      ? { kind: 'several-types', known: sized }
      : { kind: 'unknown-type', known: [...lookup.wireTypes.keys()].slice(0, SUGGESTIONS) },
  )
  return said
}

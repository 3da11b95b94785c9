import Papa from 'papaparse'
import type { Catalogue } from '@/core/catalogue/catalogue'
import { designatedAreaMm2 } from '@/core/job/facts'
import type { End, Wire, WireSide } from '@/core/job/plan'
import { parseQuantity, type Dimension, type QuantityFault } from '@/core/units/parseQuantity'
import { formatColour, parseColour } from '@/core/wire/colour'
import { matchHeadings, type ColumnId } from './columns'

/** Why a cell cannot be read; the words stand elsewhere. */
export type CellProblem =
  | { readonly code: 'missing' }
  | { readonly code: 'bad-id' }
  | { readonly code: 'wire-twice'; readonly firstRow: number }
  | { readonly code: 'unknown-type'; readonly known: readonly string[] }
  | { readonly code: 'several-types'; readonly known: readonly string[] }
  | { readonly code: 'bad-colour' }
  | { readonly code: 'unknown-housing'; readonly known: readonly string[] }
  | { readonly code: 'housing-differs'; readonly end: string; readonly first: string; readonly firstRow: number }
  | { readonly code: 'no-housing'; readonly end: string }
  | { readonly code: 'unknown-cavity'; readonly housing: string; readonly known: readonly string[] }
  | { readonly code: 'cavity-taken'; readonly byWire: string; readonly firstRow: number }
  | { readonly code: 'half-a-side' }
  | { readonly code: 'open-both-sides' }
  | { readonly code: 'quantity'; readonly dimension: Dimension; readonly fault: QuantityFault }
  | { readonly code: 'too-long'; readonly limit: number }

export interface CellFault {
  /** line in the file, the heading being 1 */
  readonly row: number
  readonly column: ColumnId
  readonly found: string
  readonly problem: CellProblem
}

export type TableFault =
  | { readonly code: 'empty' }
  | { readonly code: 'not-text' }
  | { readonly code: 'too-many-rows'; readonly rows: number; readonly limit: number }
  | { readonly code: 'columns-missing'; readonly missing: readonly ColumnId[]; readonly unknown: readonly string[] }
  | { readonly code: 'columns-twice'; readonly headings: readonly string[] }
  | { readonly code: 'ragged'; readonly row: number; readonly cells: number; readonly expected: number }
  | { readonly code: 'quote-open'; readonly row: number }
  | { readonly code: 'no-rows' }

/** A row as it will be read; undefined parts could not be. */
export interface PinoutRow {
  readonly row: number
  readonly cells: Readonly<Partial<Record<ColumnId, string>>>
  readonly wire?: Wire
}

export interface PinoutEnd {
  readonly id: string
  /** the housing as resolved, from a column or a pick */
  readonly housing?: string
  readonly from: 'column' | 'pick' | 'none'
  readonly wires: number
}

export interface PinoutReading {
  readonly rows: readonly PinoutRow[]
  readonly ends: readonly PinoutEnd[]
  readonly tableFaults: readonly TableFault[]
  readonly cellFaults: readonly CellFault[]
  /** headings that are not read */
  readonly ignored: readonly string[]
  /** complete and without fault */
  readonly plan?: { readonly ends: readonly End[]; readonly wires: readonly Wire[] }
}

export const PINOUT_ROW_LIMIT = 5000
const SUGGESTIONS = 8

const nothing = (fault: TableFault): PinoutReading => ({ rows: [], ends: [], tableFaults: [fault], cellFaults: [], ignored: [] })

/**
 * Reads a pinout in CSV as it will become a plan.
 *
 * Columns are matched by name, in any order; comma, semicolon or tab; with or without a byte order mark. Every cell that
 * cannot be read gives a fault with its row and column; `plan` is there only when there is none.
 *
 * @param text   the file's text
 * @param lookup the shelf, for wire types and housings
 * @param picks  housings chosen by hand, by end
 */
export function readPinout(text: string, lookup: Catalogue, picks: Readonly<Record<string, string>> = {}): PinoutReading {
  const body = text.replace(/^\uFEFF/, '')
  if (body.trim() === '') return nothing({ code: 'empty' })
  if (looksBinary(body)) return nothing({ code: 'not-text' })
  const lines = countLines(body)
  if (lines - 1 > PINOUT_ROW_LIMIT) return nothing({ code: 'too-many-rows', rows: lines - 1, limit: PINOUT_ROW_LIMIT })
  const parsed = Papa.parse<string[]>(body, { skipEmptyLines: 'greedy', delimiter: delimiterOf(body) })
  const quote = parsed.errors.find((error) => error.type === 'Quotes')
  if (quote) return nothing({ code: 'quote-open', row: (quote.row ?? 0) + 1 })
  const [headings = [], ...data] = parsed.data
  const { at, missing, unknown, twice } = matchHeadings(headings)
  if (twice.length > 0) return nothing({ code: 'columns-twice', headings: twice })
  if (missing.length > 0) return { ...nothing({ code: 'columns-missing', missing, unknown }), ignored: unknown }
  if (data.length === 0) return nothing({ code: 'no-rows' })
  const ragged = data.flatMap((cells, i): TableFault[] => (cells.length === headings.length || trailingBlank(cells, headings.length) ? [] : [{ code: 'ragged', row: i + 2, cells: cells.length, expected: headings.length }]))
  const cellRows = data.map((cells, i) => ({
    row: i + 2,
    cells: Object.fromEntries(Object.entries(at).map(([id, index]) => [id, (cells[index] ?? '').trim()])),
  }))
  if (ragged.length > 0) return { rows: cellRows, ends: [], tableFaults: ragged.slice(0, 50), cellFaults: [], ignored: unknown }
  return interpret(cellRows, lookup, picks, unknown)
}

const trailingBlank = (cells: readonly string[], expected: number) => cells.length > expected && cells.slice(expected).every((cell) => cell.trim() === '')

// NUL and its neighbours stand in no CSV; the replacement character is what a decoder leaves of rubbish
function looksBinary(text: string): boolean {
  const head = text.slice(0, 4000)
   
  return /[\u0000-\u0008\u000E-\u001F]/.test(head) || (head.match(/\uFFFD/g)?.length ?? 0) > 3
}

function countLines(text: string): number {
  let lines = 1
  for (let at = text.indexOf('\n'); at >= 0 && at < text.length - 1; at = text.indexOf('\n', at + 1)) lines++
  return lines
}

/** The one of , ; and tab that stands most often in the heading line, outside quotes. */
function delimiterOf(text: string): string {
  const heading = text.slice(0, text.search(/\r?\n|$/)).replace(/"[^"]*"/g, '')
  const count = (mark: string) => heading.split(mark).length
  return [',', ';', '\t'].reduce((best, mark) => (count(mark) > count(best) ? mark : best))
}

type CellRow = Omit<PinoutRow, 'wire'>

function interpret(cellRows: readonly CellRow[], lookup: Catalogue, picks: Readonly<Record<string, string>>, ignored: readonly string[]): PinoutReading {
  const faults: CellFault[] = []
  const ends = resolveEnds(cellRows, lookup, picks, faults)
  const seenWires = new Map<string, number>()
  const seenCavities = new Map<string, { wire: string; row: number }>()
  const rows = cellRows.map(({ row, cells }): PinoutRow => {
    const before = faults.length
    const fault = (column: ColumnId, problem: CellProblem) => faults.push({ row, column, found: cells[column] ?? '', problem })
    const id = readId(cells.wire ?? '', row, seenWires, fault)
    const type = readType(cells.type ?? '', lookup, fault)
    const colour = parseColour(cells.colour ?? '')
    if (!colour) fault('colour', cells.colour ? { code: 'bad-colour' } : { code: 'missing' })
    const side = (endColumn: ColumnId, cavityColumn: ColumnId) => readSide(endColumn, cavityColumn, cells, row, ends, lookup, seenCavities, fault)
    const from = side('fromEnd', 'fromCavity')
    const to = side('toEnd', 'toCavity')
    if (from?.kind === 'open' && to?.kind === 'open') fault('fromEnd', { code: 'open-both-sides' })
    const lengthMm = readFigure(cells.length ?? '', 'length', 'length', true, fault)
    const currentA = readFigure(cells.current ?? '', 'current', 'current', false, fault)
    if (lengthMm !== undefined && lengthMm > LENGTH_LIMIT_MM) fault('length', { code: 'too-long', limit: LENGTH_LIMIT_MM })
    if ((cells.signal ?? '').length > 60) fault('signal', { code: 'too-long', limit: 60 })
    if (faults.length > before || !colour || !from || !to || lengthMm === undefined) return { row, cells }
    const wire: Wire = {
      id, type, colour: formatColour(colour), from, to, lengthMm,
      ...(cells.signal ? { signal: cells.signal } : {}),
      ...(currentA !== undefined && { currentA }),
    }
    return { row, cells, wire }
  })
  for (const end of ends.values()) {
    if (end.housing !== undefined || end.badHousing) continue
    const first = cellRows.find(({ cells }) => cells.fromEnd === end.id || cells.toEnd === end.id)
    const column = first?.cells.fromEnd === end.id ? 'fromEnd' : 'toEnd'
    faults.push({ row: first?.row ?? 1, column, found: end.id, problem: { code: 'no-housing', end: end.id } })
  }
  const listed = [...ends.values()].map(({ badHousing: _bad, firstRow: _first, ...end }): PinoutEnd => end)
  const complete = faults.length === 0
  return {
    rows, ends: listed, tableFaults: [], cellFaults: faults.sort((a, b) => a.row - b.row), ignored,
    ...(complete && {
      plan: { ends: listed.map(({ id, housing }) => ({ id, housing: housing ?? '' })), wires: rows.flatMap((row) => row.wire ?? []) },
    }),
  }
}

const LENGTH_LIMIT_MM = 100_000

type OpenEnd = { id: string; housing?: string; from: PinoutEnd['from']; wires: number; firstRow: number; badHousing: boolean }
type AddFault = (column: ColumnId, problem: CellProblem) => void

const ID = /^[^\s,;:"'<>/]{1,40}$/

/** Every end that a row names, with its housing from the first row that states one, or from a pick. */
function resolveEnds(rows: readonly CellRow[], lookup: Catalogue, picks: Readonly<Record<string, string>>, faults: CellFault[]): Map<string, OpenEnd> {
  const ends = new Map<string, OpenEnd>()
  const known = [...lookup.housings.keys()].slice(0, SUGGESTIONS)
  for (const { row, cells } of rows) {
    for (const [endColumn, housingColumn] of [['fromEnd', 'fromHousing'], ['toEnd', 'toHousing']] as const) {
      const id = cells[endColumn]
      if (!id || !ID.test(id)) continue
      const end = ends.get(id) ?? { id, from: 'none', wires: 0, firstRow: row, badHousing: false }
      end.wires++
      ends.set(id, end)
      const said = cells[housingColumn]
      if (!said) continue
      const named = lookup.names.get(said.toLowerCase())
      if (named?.kind !== 'housing') {
        end.badHousing = true
        faults.push({ row, column: housingColumn, found: said, problem: { code: 'unknown-housing', known } })
      } else if (end.housing === undefined) {
        end.housing = named.id
        end.from = 'column'
        end.firstRow = row
      } else if (end.housing !== named.id) {
        faults.push({ row, column: housingColumn, found: said, problem: { code: 'housing-differs', end: id, first: end.housing, firstRow: end.firstRow } })
      }
    }
  }
  for (const end of ends.values()) {
    const pick = Object.hasOwn(picks, end.id) ? picks[end.id] : undefined
    if (end.housing !== undefined || pick === undefined) continue
    const named = lookup.names.get(pick.toLowerCase())
    if (named?.kind !== 'housing') continue
    end.housing = named.id
    end.from = 'pick'
  }
  return ends
}

function readId(said: string, row: number, seen: Map<string, number>, fault: AddFault): string {
  if (said === '') fault('wire', { code: 'missing' })
  else if (!ID.test(said)) fault('wire', { code: 'bad-id' })
  const first = seen.get(said)
  if (said !== '' && first !== undefined) fault('wire', { code: 'wire-twice', firstRow: first })
  else seen.set(said, row)
  return said
}

/** Sizes within this share of each other are the same print: 20 AWG is 0.518 mm² to two digits. */
const SAME_PRINT = 0.01

/** A wire type by id or alias, or by its size where only one on the shelf has it: `20 awg`, `0.5 mm2`. */
function readType(said: string, lookup: Catalogue, fault: AddFault): string {
  const named = lookup.names.get(said.toLowerCase())
  if (named?.kind === 'wire-type') return named.id
  if (said === '') {
    fault('type', { code: 'missing' })
    return said
  }
  const size = parseQuantity(said, 'area')
  const sized = size.ok ? [...lookup.wireTypes.values()].filter((type) => Math.abs(designatedAreaMm2(type) / size.value - 1) < SAME_PRINT).map((type) => type.id) : []
  const [only] = sized
  if (only !== undefined && sized.length === 1) return only
  fault('type', sized.length > 1 ? { code: 'several-types', known: sized } : { code: 'unknown-type', known: [...lookup.wireTypes.keys()].slice(0, SUGGESTIONS) })
  return said
}

function readSide(
  endColumn: ColumnId, cavityColumn: ColumnId, cells: CellRow['cells'], row: number, ends: ReadonlyMap<string, OpenEnd>, lookup: Catalogue,
  seen: Map<string, { wire: string; row: number }>, fault: AddFault,
): WireSide | undefined {
  const end = cells[endColumn] ?? ''
  const cavity = cells[cavityColumn] ?? ''
  if (end === '' && cavity === '') return { kind: 'open' }
  if (end === '' || cavity === '') {
    fault(end === '' ? endColumn : cavityColumn, { code: 'half-a-side' })
    return undefined
  }
  if (!ID.test(end)) {
    fault(endColumn, { code: 'bad-id' })
    return undefined
  }
  const housing = lookup.housings.get(ends.get(end)?.housing ?? '')
  if (!housing) return { kind: 'cavity', end, cavity }
  const known = housing.cavities.map((one) => one.id)
  const id = known.find((one) => one.toLowerCase() === cavity.toLowerCase())
  if (id === undefined) {
    fault(cavityColumn, { code: 'unknown-cavity', housing: housing.id, known })
    return undefined
  }
  const place = `${end}.${id}`
  const first = seen.get(place)
  if (first) {
    fault(cavityColumn, { code: 'cavity-taken', byWire: first.wire, firstRow: first.row })
    return undefined
  }
  seen.set(place, { wire: cells.wire ?? '', row })
  return { kind: 'cavity', end, cavity: id }
}

function readFigure(said: string, column: ColumnId, dimension: Dimension, required: boolean, fault: AddFault): number | undefined {
  if (said === '' && !required) return undefined
  if (said === '') {
    fault(column, { code: 'missing' })
    return undefined
  }
  const read = parseQuantity(said, dimension)
  if (read.ok) return Math.round(read.value * 1000) / 1000
  fault(column, { code: 'quantity', dimension, fault: read.fault })
  return undefined
}

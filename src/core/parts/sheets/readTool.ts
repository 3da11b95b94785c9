import { contradictions } from '../catalogue/faults'
import type { releaseTipIds } from '../catalogue/schema/tool'
import type { Placard, PlacardRow, Tool } from '../catalogue/types'
import { placardWindows, toPlacardRow } from './familySheets'
import { bareAmongUnits } from './mixedUnits'
import { type CellValue, isBlankRow, readSheetCell, readSheetRow, type SheetProblem, type SheetRow } from './sheet'
import { fieldsOf, ORIGIN, ORIGIN_ROW, type ToolDraft, type ToolField, toolFields } from './toolDraft'
import { isStranger, partsOfTool } from './toolParts'
import { columnsOf, sheetsOf, type ToolSheet } from './toolSheets'

export type ToolProblem = SheetProblem | { readonly kind: 'no-day' } | { readonly kind: 'due-before-done' }

export interface ToolSheetFault {
  readonly sheet: ToolSheet
  readonly row: number
  readonly column: string
  readonly problem: SheetProblem
}

export interface ToolReading {
  /** when nothing is wrong */
  readonly tool: Tool | undefined
  /** its cards, each whole */
  readonly placards: readonly Placard[]
  readonly faults: Readonly<Partial<Record<ToolField, ToolProblem>>>
  readonly sheetFaults: readonly ToolSheetFault[]
  /** rows of the card, from 0, whose contact is not on the shelf: they are kept, and wait for it */
  readonly waiting: readonly { readonly row: number; readonly contact: string }[]
}

/** What a tool is read against. */
export interface ToolSurroundings {
  /** ids of tools that are there, where this is a new one */
  readonly taken: ReadonlySet<string>
  /** contacts on the shelf */
  readonly contacts: ReadonlySet<string>
  /** the tool that is changed: what no field shows of it stays */
  readonly before?: Tool | undefined
  /** its cards as they stand */
  readonly placards?: readonly Placard[]
}

const DAY = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/

/** When it was verified, until when that holds, and by whom: all of it, or nothing. */
function readVerification({ doneOn = '', dueOn = '', by = '' }: SheetRow): {
  readonly verification?: Tool['verification']
  readonly faults: ToolReading['faults']
} {
  if (doneOn.trim() === '' && dueOn.trim() === '' && by.trim() === '') return { faults: {} }
  const faults: Partial<Record<ToolField, ToolProblem>> = {}
  for (const [id, text] of [
    ['doneOn', doneOn],
    ['dueOn', dueOn],
  ] as const)
    if (!DAY.test(text.trim())) faults[id] = { kind: text.trim() === '' ? 'missing' : 'no-day' }
  if (by.trim() === '') faults.by = { kind: 'missing' }
  if (Object.keys(faults).length === 0 && dueOn < doneOn) faults.dueOn = { kind: 'due-before-done' }
  return {
    faults,
    ...(Object.keys(faults).length === 0 && {
      verification: { doneOn: doneOn.trim(), dueOn: dueOn.trim(), by: by.trim() },
    }),
  }
}

interface ReadRow {
  readonly row: number
  readonly said: SheetRow
  readonly values: Readonly<Record<string, CellValue>>
}
type ReadSheets = Readonly<Record<ToolSheet, readonly ReadRow[]>>

/** The tables of a draft, row by row; what its class does not have is not read. */
function readSheets(draft: ToolDraft): { readonly sheets: ReadSheets; readonly faults: ToolSheetFault[] } {
  const faults: ToolSheetFault[] = []
  const has = new Set(sheetsOf(draft.class))
  const read = (sheet: ToolSheet): readonly ReadRow[] => {
    if (!has.has(sheet)) return []
    for (const bare of bareAmongUnits(columnsOf(sheet, draft.class), draft.sheets[sheet]))
      faults.push({ sheet, ...bare })
    return draft.sheets[sheet].flatMap((said, row) => {
      const { [ORIGIN]: _placard, [ORIGIN_ROW]: _at, ...typed } = said
      if (isBlankRow(typed)) return []
      const { values, problems } = readSheetRow(columnsOf(sheet, draft.class), said)
      for (const [column, problem] of Object.entries(problems)) faults.push({ sheet, row, column, problem })
      return [{ row, said, values }]
    })
  }
  const sheets = { dies: read('dies'), nests: read('nests'), notches: read('notches'), card: read('card') }
  const names = [
    ['dies', 'id'],
    ['nests', 'mm'],
    ['notches', 'mm'],
    ['nests', 'mark'],
    ['notches', 'mark'],
  ] as const
  for (const [sheet, column] of names) {
    const seen = new Set<CellValue>()
    for (const { row, values } of sheets[sheet]) {
      const value = values[column]
      if (value !== undefined && seen.has(value)) faults.push({ sheet, row, column, problem: { kind: 'twice' } })
      seen.add(value)
    }
  }
  return { sheets, faults }
}

/** What the tool itself says against a row of its card. */
function cardFaults(
  card: readonly ReadRow[],
  tool: Pick<Tool, 'dies' | 'positioners' | 'selector' | 'nestsMm' | 'nestMarks'>,
) {
  const faults: ToolSheetFault[] = []
  const known = Object.entries(partsOfTool(tool))
  for (const { row, values } of card) {
    const fault = (column: string, problem: SheetProblem) => faults.push({ sheet: 'card', row, column, problem })
    for (const [column, of] of known) {
      const value = values[column]
      if (typeof value === 'string' && isStranger(value, of))
        fault(column, { kind: 'unknown', what: `${column} of this tool`, known: of.slice(0, 8) })
    }
    const { selector } = values
    if (typeof selector === 'number' && tool.selector && (selector < tool.selector.min || selector > tool.selector.max))
      fault('selector', { kind: 'not-whole', ...tool.selector })
    for (const [low, high] of placardWindows) {
      const [min, max] = [values[low], values[high]]
      if (typeof min === 'number' && typeof max === 'number' && min > max) fault(high, { kind: 'min-above-max' })
    }
  }
  return faults
}

/** The cards of a tool with the rows as they are typed: each on its own, a new one where its positioner has its card. */
function cardsOf(
  toolId: string,
  source: Tool['source'],
  card: readonly ReadRow[],
  before: readonly Placard[],
): { readonly placards: readonly Placard[]; readonly rowOf: ReadonlyMap<PlacardRow, number> } {
  const rowOf = new Map<PlacardRow, number>()
  const byPlacard = new Map<string, PlacardRow[]>(before.map(({ id }) => [id, []]))
  const cardOfPositioner = new Map(
    before.flatMap(({ id, rows }) =>
      rows.flatMap(({ positioner }) => (positioner === undefined ? [] : [[positioner, id]])),
    ),
  )
  const first = before[0]?.id ?? `${toolId}-card`
  for (const { row: at, said, values } of card) {
    const was = before.find(({ id }) => id === said[ORIGIN])?.rows[Number(said[ORIGIN_ROW])]
    const row = toPlacardRow(values)
    const id =
      (was ? said[ORIGIN] : row.positioner === undefined ? undefined : cardOfPositioner.get(row.positioner)) ?? first
    byPlacard.set(id, [...(byPlacard.get(id) ?? []), row])
    rowOf.set(row, at)
  }
  return {
    rowOf,
    placards: [...byPlacard].map(([id, rows]): Placard => ({
      ...(before.find((one) => one.id === id) ?? { id, source }),
      tool: toolId,
      rows,
    })),
  }
}

/**
 * A tool as it was typed, with its card.
 * @returns tool and cards when all of it can be read, and each fault at its field or cell
 */
export function readTool(draft: ToolDraft, around: ToolSurroundings): ToolReading {
  const { before, placards: cards = [] } = around
  const { values, faults } = readCells(draft, around.taken)
  const verified = readVerification(draft.class === 'release' ? {} : draft.cells)
  Object.assign(faults, verified.faults)
  const { sheets, faults: sheetFaults } = readSheets(draft)
  const tool = toolOf(draft, values, sheets, verified.verification, before)
  sheetFaults.push(...cardFaults(sheets.card, tool))
  const { placards, rowOf } = cardsOf(tool.id, tool.source, sheets.card, cards)
  for (const placard of placards)
    for (const { rows, field } of contradictions(placard)) {
      const [at, other] = [Math.max(...rows), Math.min(...rows)].map((one) => {
        const row = placard.rows[one - 1]
        return row && rowOf.get(row)
      })
      if (at !== undefined && other !== undefined)
        sheetFaults.push({ sheet: 'card', row: at, column: field, problem: { kind: 'contradicts', row: other + 1 } })
    }
  const waiting = sheets.card.flatMap(({ row, values: { contact } }) =>
    typeof contact === 'string' && !around.contacts.has(contact) ? [{ row, contact }] : [],
  )
  const sound = Object.keys(faults).length === 0 && sheetFaults.length === 0
  return { tool: sound ? tool : undefined, placards: sound ? placards : [], faults, sheetFaults, waiting }
}

type Values = Partial<Record<ToolField, CellValue>>

function readCells(draft: ToolDraft, taken: ReadonlySet<string>) {
  const faults: Partial<Record<ToolField, ToolProblem>> = {}
  const values: Values = {}
  for (const id of fieldsOf(draft.class)) {
    const { value, problem } = readSheetCell(draft.cells[id] ?? '', toolFields[id])
    if (problem) faults[id] = problem
    else if (value !== undefined) values[id] = value
  }
  if (taken.has(String(values.id ?? ''))) faults.id = { kind: 'twice' }
  if (typeof values.price === 'number' && values.price < 0) faults.price = { kind: 'no-number' }
  // a hook that lifts a cover has no tip; what goes over contacts has one
  if (!faults.tip && values.tip === undefined && (values.sizes !== undefined || values.insertionEnd === true))
    faults.tip = { kind: 'missing' }
  const { selectorMin: min, selectorMax: max, gaugedTool, gaugedSelector } = values
  if (min === undefined && max !== undefined) faults.selectorMin ??= { kind: 'missing' }
  if (max === undefined && min !== undefined) faults.selectorMax ??= { kind: 'missing' }
  if (typeof min === 'number' && typeof max === 'number' && min > max) faults.selectorMax = { kind: 'min-above-max' }
  if (gaugedSelector !== undefined && gaugedTool === undefined) faults.gaugedTool ??= { kind: 'missing' }
  const { torqueMinNm: least, torqueMaxNm: most } = values
  if (least === undefined && most !== undefined) faults.torqueMinNm ??= { kind: 'missing' }
  if (most === undefined && least !== undefined) faults.torqueMaxNm ??= { kind: 'missing' }
  if (typeof least === 'number' && least <= 0) faults.torqueMinNm = { kind: 'no-number' }
  if (typeof least === 'number' && typeof most === 'number' && least > most)
    faults.torqueMaxNm = { kind: 'min-above-max' }
  return { values, faults }
}

function toolOf(
  { class: of }: ToolDraft,
  values: Values,
  sheets: ReadSheets,
  verification: Tool['verification'],
  before: Tool | undefined,
): Tool {
  const has = new Set(sheetsOf(of))
  const text = (key: 'ownMark' | 'liesIn' | 'colourMark') =>
    values[key] === undefined ? {} : { [key]: String(values[key]) }
  const { selectorMin: min, selectorMax: max, gaugedTool, gaugedSelector } = values
  const { torqueMinNm: least, torqueMaxNm: most } = values
  return {
    id: String(values.id ?? ''),
    name: String(values.name ?? ''),
    class: of,
    ...text('ownMark'),
    ...text('liesIn'),
    ...text('colourMark'),
    ...(values.held !== undefined && values.held !== 'crib' && { held: values.held as 'borrow' | 'shop' }),
    ...(before?.grade && { grade: before.grade }),
    ...(typeof values.price === 'number' && { price: values.price }),
    ...(listOf(values.positioners).length > 0 && { positioners: [...listOf(values.positioners)] }),
    ...(typeof min === 'number' && typeof max === 'number' && { selector: { min, max } }),
    ...(typeof gaugedTool === 'string' && {
      gauges: { tool: gaugedTool, ...(typeof gaugedSelector === 'number' && { selector: gaugedSelector }) },
    }),
    ...(typeof least === 'number' && typeof most === 'number' && { torque: { minNm: least, maxNm: most } }),
    ...(has.has('dies') && {
      dies: sheets.dies.map(({ values: die }) => ({
        id: String(die.id),
        conductorFormMm: Number(die.conductorFormMm),
        spacingMm: Number(die.spacingMm),
      })),
    }),
    ...openingsOf(sheets.nests, 'nestsMm', 'nestMarks'),
    ...openingsOf(sheets.notches, 'notchesMm', 'notchMarks'),
    ...(values.tip !== undefined && {
      release: {
        ...(before?.release?.wire && { wire: before.release.wire }),
        tip: values.tip as (typeof releaseTipIds)[number],
        ...(listOf(values.sizes).length > 0 && { sizes: [...listOf(values.sizes)] }),
        ...(values.insertionEnd === true && { insertionEnd: true }),
      },
    }),
    ...(typeof values.dueEveryStrokes === 'number' && { dueEveryStrokes: values.dueEveryStrokes }),
    ...(verification && { verification: kept(verification, before?.verification) }),
    ...(before?.history && { history: before.history }),
    source: { basis: 'sheet', ...before?.source, document: String(values.document ?? '') },
  }
}

/** A verification that is as it was keeps how it was done. */
const kept = (said: NonNullable<Tool['verification']>, was: Tool['verification']): NonNullable<Tool['verification']> =>
  was?.doneOn === said.doneOn && was.dueOn === said.dueOn && was.by === said.by ? was : said

/** Openings in mm, and what is printed beside them; where some have no print, their width is what one reads. */
function openingsOf(
  rows: readonly ReadRow[],
  mm: 'nestsMm' | 'notchesMm',
  marks: 'nestMarks' | 'notchMarks',
): Partial<Tool> {
  if (rows.length === 0) return {}
  const printed = rows.map(({ values }) => values.mark)
  return {
    [mm]: rows.map(({ values }) => Number(values.mm)),
    ...(printed.some((one) => one !== undefined) && {
      [marks]: rows.map(({ values }) => String(values.mark ?? values.mm)),
    }),
  }
}

const listOf = (value: CellValue): readonly string[] => (Array.isArray(value) ? (value as readonly string[]) : [])

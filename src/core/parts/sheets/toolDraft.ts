import { parseQuantity } from '../../base/units/parseQuantity'
import { plausible } from '../../base/units/plausible'
import { releaseTipIds } from '../catalogue/schema/tool'
import { type ToolClass, toolClasses } from '../catalogue/toolClasses'
import type { Tool } from '../catalogue/types'
import { isBlankRow, readSheetCell, readSheetRow, type SheetColumn, type SheetProblem, type SheetRow } from './sheet'

/** A tool while it is entered: everything as it is typed. */
export interface ToolDraft {
  readonly class: ToolClass
  /** by field */
  readonly cells: SheetRow
  readonly dies: readonly SheetRow[]
}

const field = (id: string, cell: SheetColumn['cell'], required = false): SheetColumn => ({
  id,
  heading: id,
  aliases: [],
  required,
  cell,
})

/** The fields of a tool, in the order in which they are asked for. */
export const toolFields = {
  id: field('id', { kind: 'id' }, true),
  name: field('name', { kind: 'text', limit: 120 }, true),
  held: field('held', { kind: 'choice', of: ['crib', 'borrow', 'shop'] }),
  price: field('price', { kind: 'number' }),
  nests: field('nests', { kind: 'list' }),
  notches: field('notches', { kind: 'list' }, true),
  tip: field('tip', { kind: 'choice', of: releaseTipIds }),
  sizes: field('sizes', { kind: 'list' }),
  insertionEnd: field('insertionEnd', { kind: 'yes-no' }),
  doneOn: field('doneOn', { kind: 'text', limit: 10 }),
  dueOn: field('dueOn', { kind: 'text', limit: 10 }),
  by: field('by', { kind: 'text', limit: 120 }),
  document: field('document', { kind: 'text', limit: 120 }, true),
} as const satisfies Record<string, SheetColumn>
export type ToolField = keyof typeof toolFields

/** A table of a parallel frame's dies, with what is printed on them. */
export const dieSheet: readonly SheetColumn[] = [
  { id: 'id', heading: 'die', aliases: ['mark', 'die set'], required: true, cell: { kind: 'id' } },
  {
    id: 'conductorFormMm',
    heading: 'conductor form mm',
    aliases: ['form', 'width', 'conductor form'],
    required: true,
    cell: { kind: 'figure', dimension: 'length' },
  },
  {
    id: 'spacingMm',
    heading: 'to insulation form mm',
    aliases: ['spacing', 'gap'],
    required: true,
    cell: { kind: 'figure', dimension: 'length', zero: true },
  },
]

/** What only some classes have: the rest is asked of every tool. */
const own: Readonly<Partial<Record<ToolClass, readonly ToolField[]>>> = {
  'nest-ratchet': ['nests'],
  'sleeve-nest': ['nests'],
  'notch-pliers': ['nests'],
  stripper: ['notches'],
  release: ['tip', 'sizes', 'insertionEnd'],
}

/** The fields that a tool of a class has, besides its dies. */
export const fieldsOf = (of: ToolClass): readonly ToolField[] => [
  'id',
  'name',
  ...(own[of] ?? []),
  'held',
  'price',
  ...(of === 'release' ? [] : (['doneOn', 'dueOn', 'by'] as const)),
  'document',
]

/** Does a class carry dies? */
export const hasDies = (of: ToolClass): boolean => toolClasses[of].setBy.includes('die')

export type ToolProblem = SheetProblem | { readonly kind: 'no-day' } | { readonly kind: 'due-before-done' }

export interface ToolReading {
  /** when nothing is wrong */
  readonly tool: Tool | undefined
  readonly faults: Readonly<Partial<Record<ToolField, ToolProblem>>>
  readonly dieFaults: readonly { readonly row: number; readonly column: string; readonly problem: SheetProblem }[]
}

/** Reads a list of widths or openings, mm. */
function readWidths(said: readonly string[]): { readonly mm?: number[]; readonly problem?: SheetProblem } {
  const mm: number[] = []
  for (const text of said) {
    const read = parseQuantity(text, 'length', { plausible: plausible.partMm })
    if (!read.ok) return { problem: { kind: 'quantity', dimension: 'length', fault: read.fault } }
    const width = Math.round(read.value * 1000) / 1000
    if (mm.includes(width)) return { problem: { kind: 'twice' } }
    mm.push(width)
  }
  return { mm }
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

function readDies(rows: readonly SheetRow[]): {
  readonly dies: NonNullable<Tool['dies']>
  readonly faults: ToolReading['dieFaults']
} {
  const seen = new Set<string>()
  const faults: { row: number; column: string; problem: SheetProblem }[] = []
  const dies = rows.flatMap((row, at) => {
    if (isBlankRow(row)) return []
    const { values, problems } = readSheetRow(dieSheet, row)
    for (const [column, problem] of Object.entries(problems)) faults.push({ row: at, column, problem })
    const id = String(values.id ?? '')
    if (id !== '' && seen.has(id)) faults.push({ row: at, column: 'id', problem: { kind: 'twice' } })
    seen.add(id)
    return [{ id, conductorFormMm: Number(values.conductorFormMm), spacingMm: Number(values.spacingMm) }]
  })
  return { dies, faults }
}

/**
 * A tool as it was typed.
 * @param taken  ids of tools that are there, where this is a new one
 * @param before the tool that is changed: what no field shows of it stays
 * @returns the tool when all of it can be read, and each fault at its field
 */
export function readTool(draft: ToolDraft, taken: ReadonlySet<string>, before?: Tool): ToolReading {
  const faults: Partial<Record<ToolField, ToolProblem>> = {}
  const values: Partial<Record<ToolField, ReturnType<typeof readSheetCell>['value']>> = {}
  for (const id of fieldsOf(draft.class)) {
    const { value, problem } = readSheetCell(draft.cells[id] ?? '', toolFields[id])
    if (problem) faults[id] = problem
    else if (value !== undefined) values[id] = value
  }
  const id = String(values.id ?? '')
  if (taken.has(id)) faults.id = { kind: 'twice' }
  if (typeof values.price === 'number' && values.price < 0) faults.price = { kind: 'no-number' }
  // a hook that lifts a cover has no tip; what goes over contacts has one
  if (!faults.tip && values.tip === undefined && (values.sizes !== undefined || values.insertionEnd === true))
    faults.tip = { kind: 'missing' }
  const widths = { nests: readWidths(listOf(values.nests)), notches: readWidths(listOf(values.notches)) }
  for (const list of ['nests', 'notches'] as const) if (widths[list].problem) faults[list] = widths[list].problem
  const verified = readVerification(draft.class === 'release' ? {} : draft.cells)
  Object.assign(faults, verified.faults)
  const { dies, faults: dieFaults } = hasDies(draft.class) ? readDies(draft.dies) : { dies: [], faults: [] }
  if (Object.keys(faults).length > 0 || dieFaults.length > 0) return { tool: undefined, faults, dieFaults }
  return {
    faults,
    dieFaults,
    tool: {
      id,
      name: String(values.name),
      class: draft.class,
      ...(values.held !== undefined && values.held !== 'crib' && { held: values.held as 'borrow' | 'shop' }),
      ...(before?.grade && { grade: before.grade }),
      ...(typeof values.price === 'number' && { price: values.price }),
      ...(hasDies(draft.class) && { dies }),
      ...(widths.nests.mm && widths.nests.mm.length > 0 && { nestsMm: widths.nests.mm }),
      ...(widths.notches.mm && widths.notches.mm.length > 0 && { notchesMm: widths.notches.mm }),
      ...(values.tip !== undefined && {
        release: {
          ...(before?.release?.wire && { wire: before.release.wire }),
          tip: values.tip as (typeof releaseTipIds)[number],
          ...(listOf(values.sizes).length > 0 && { sizes: [...listOf(values.sizes)] }),
          ...(values.insertionEnd === true && { insertionEnd: true }),
        },
      }),
      ...(verified.verification && { verification: verified.verification }),
      source: { basis: 'sheet', ...before?.source, document: String(values.document) },
    },
  }
}

const listOf = (value: unknown): readonly string[] => (Array.isArray(value) ? (value as readonly string[]) : [])

/** A tool that is there, as it would be typed. */
export function draftOfTool(tool: Tool): ToolDraft {
  const { release, verification } = tool
  const said: Partial<Record<ToolField, string | undefined>> = {
    id: tool.id,
    name: tool.name,
    held: tool.held ?? 'crib',
    price: tool.price === undefined ? undefined : String(tool.price),
    nests: tool.nestsMm?.join(' '),
    notches: tool.notchesMm?.join(' '),
    tip: release?.tip,
    sizes: release?.sizes?.join(' '),
    insertionEnd: release?.insertionEnd ? 'yes' : undefined,
    doneOn: verification?.doneOn,
    dueOn: verification?.dueOn,
    by: verification?.by,
    document: tool.source.document,
  }
  return {
    class: tool.class,
    cells: Object.fromEntries(Object.entries(said).filter((one): one is [string, string] => one[1] !== undefined)),
    dies: (tool.dies ?? []).map(({ id, conductorFormMm, spacingMm }) => ({
      id,
      conductorFormMm: String(conductorFormMm),
      spacingMm: String(spacingMm),
    })),
  }
}

import { releaseTipIds } from '../catalogue/schema/tool'
import { type ToolClass, toolClasses } from '../catalogue/toolClasses'
import type { Placard, Tool } from '../catalogue/types'
import { fromPlacardRow } from './familySheets'
import type { SheetColumn, SheetRow } from './sheet'
import type { ToolSheet } from './toolSheets'

/** A tool while it is entered: everything as it is typed. */
export interface ToolDraft {
  readonly class: ToolClass
  /** by field */
  readonly cells: SheetRow
  readonly sheets: Readonly<Record<ToolSheet, readonly SheetRow[]>>
}

export const noSheets: ToolDraft['sheets'] = { dies: [], nests: [], notches: [], card: [] }

const field = (id: string, cell: SheetColumn['cell'], required = false): SheetColumn => ({
  id,
  heading: id,
  aliases: [],
  required,
  cell,
})
const mark = (id: string) => field(id, { kind: 'text', limit: 60 })
const selector = (id: string) => field(id, { kind: 'whole', min: 1, max: 40 })

/** The fields of a tool, in the order in which they are asked for. */
export const toolFields = {
  id: field('id', { kind: 'id' }, true),
  name: field('name', { kind: 'text', limit: 120 }, true),
  ownMark: mark('ownMark'),
  liesIn: mark('liesIn'),
  colourMark: mark('colourMark'),
  held: field('held', { kind: 'choice', of: ['crib', 'borrow', 'shop'] }),
  price: field('price', { kind: 'number' }),
  positioners: field('positioners', { kind: 'list' }),
  selectorMin: selector('selectorMin'),
  selectorMax: selector('selectorMax'),
  gaugedTool: field('gaugedTool', { kind: 'id' }),
  gaugedSelector: selector('gaugedSelector'),
  tip: field('tip', { kind: 'choice', of: releaseTipIds }),
  sizes: field('sizes', { kind: 'list' }),
  insertionEnd: field('insertionEnd', { kind: 'yes-no' }),
  torqueMinNm: field('torqueMinNm', { kind: 'number' }),
  torqueMaxNm: field('torqueMaxNm', { kind: 'number' }),
  doneOn: field('doneOn', { kind: 'text', limit: 10 }),
  dueOn: field('dueOn', { kind: 'text', limit: 10 }),
  dueEveryStrokes: field('dueEveryStrokes', { kind: 'whole', min: 1, max: 10_000_000 }),
  by: field('by', { kind: 'text', limit: 120 }),
  document: field('document', { kind: 'text', limit: 120 }, true),
} as const satisfies Record<string, SheetColumn>
export type ToolField = keyof typeof toolFields

/** What only some classes have: the rest is asked of every tool. */
const own: Readonly<Partial<Record<ToolClass, readonly ToolField[]>>> = {
  'four-indent-positioned': ['positioners', 'selectorMin', 'selectorMax'],
  'four-indent-plain': ['selectorMin', 'selectorMax'],
  release: ['tip', 'sizes', 'insertionEnd'],
  gauge: ['gaugedTool', 'gaugedSelector'],
  'torque-cable': ['torqueMinNm', 'torqueMaxNm'],
}

/** What a tool of a class is, besides its tables. */
export const headFieldsOf = (of: ToolClass): readonly ToolField[] => [
  'id',
  'name',
  'document',
  'ownMark',
  'liesIn',
  ...(own[of] ?? []),
]

/** What else is said of it. */
export const moreFieldsOf = (of: ToolClass): readonly ToolField[] => [
  'colourMark',
  'held',
  'price',
  ...(of === 'release'
    ? []
    : (['doneOn', 'dueOn', ...(toolClasses[of].crimps ? (['dueEveryStrokes'] as const) : []), 'by'] as const)),
]

/** The fields that a tool of a class has, in the order in which they are asked for. */
export const fieldsOf = (of: ToolClass): readonly ToolField[] => [...headFieldsOf(of), ...moreFieldsOf(of)]

/** On a row of the card: which placard it stood on, and as which of its rows. */
export const ORIGIN = 'placard'
export const ORIGIN_ROW = 'at'

const openings = (mm: readonly number[] = [], marks: readonly string[] = []): readonly SheetRow[] =>
  mm.map((one, i) => ({ mark: marks[i] ?? '', mm: String(one) }))

/** A tool that is there, and its placards, as they would be typed. */
export function draftOfTool(tool: Tool, placards: readonly Placard[] = []): ToolDraft {
  const { release, verification, selector: range, gauges, torque } = tool
  const said: Partial<Record<ToolField, string | number | undefined>> = {
    id: tool.id,
    name: tool.name,
    ownMark: tool.ownMark,
    liesIn: tool.liesIn,
    colourMark: tool.colourMark,
    held: tool.held ?? 'crib',
    price: tool.price,
    dueEveryStrokes: tool.dueEveryStrokes,
    positioners: tool.positioners?.join(' '),
    selectorMin: range?.min,
    selectorMax: range?.max,
    gaugedTool: gauges?.tool,
    gaugedSelector: gauges?.selector,
    torqueMinNm: torque?.minNm,
    torqueMaxNm: torque?.maxNm,
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
    cells: Object.fromEntries(
      Object.entries(said).flatMap(([id, value]) => (value === undefined ? [] : [[id, String(value)]])),
    ),
    sheets: {
      dies: (tool.dies ?? []).map(({ id, conductorFormMm, spacingMm }) => ({
        id,
        conductorFormMm: String(conductorFormMm),
        spacingMm: String(spacingMm),
      })),
      nests: openings(tool.nestsMm, tool.nestMarks),
      notches: openings(tool.notchesMm, tool.notchMarks),
      card: placards.flatMap((placard) =>
        placard.rows.map((row, at) => ({
          ...fromPlacardRow(tool.id, row),
          [ORIGIN]: placard.id,
          [ORIGIN_ROW]: String(at),
        })),
      ),
    },
  }
}

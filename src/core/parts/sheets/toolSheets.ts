import { toolClasses, type ToolClass } from '../catalogue/toolClasses'
import { placardSheet } from './familySheets'
import type { SheetColumn } from './sheet'

/** The tables of a tool: what is printed on it, and its card. */

/** A parallel frame's dies, with what is printed on them. */
const dies: readonly SheetColumn[] = [
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

/** What is printed beside an opening, and how wide it truly is. */
const openings = (heading: string, aliases: readonly string[]): readonly SheetColumn[] => [
  {
    id: 'mark',
    heading: 'as printed',
    aliases: ['mark', 'printed', 'awg', 'gauge'],
    required: false,
    cell: { kind: 'text', limit: 12 },
  },
  { id: 'mm', heading, aliases, required: true, cell: { kind: 'figure', dimension: 'length' } },
]

export const toolSheets = {
  dies,
  nests: openings('width mm', ['width', 'mm', 'nest']),
  notches: openings('opening mm', ['opening', 'mm', 'notch']),
  card: placardSheet.filter(({ id }) => id !== 'tool'),
} as const satisfies Record<string, readonly SheetColumn[]>
export type ToolSheet = keyof typeof toolSheets

/** Columns of the card that say what is mounted or dialled, each by what the class of the tool is set by. */
const setBy = ['die', 'positioner', 'turret', 'selector', 'nest', 'wireStopMm'] as const

const hasNests = (of: ToolClass) => toolClasses[of].setBy.includes('nest')

/** The tables that a tool of a class has. */
export const sheetsOf = (of: ToolClass): readonly ToolSheet[] => [
  ...(toolClasses[of].setBy.includes('die') ? (['dies'] as const) : []),
  ...(hasNests(of) ? (['nests'] as const) : []),
  ...(of === 'stripper' ? (['notches'] as const) : []),
  ...(toolClasses[of].crimps ? (['card'] as const) : []),
]

/** The columns of a table, for a tool of a class: what it cannot be set by is not asked for. */
export function columnsOf(sheet: ToolSheet, of: ToolClass): readonly SheetColumn[] {
  if (sheet !== 'card') return toolSheets[sheet]
  const own = new Set<string>(toolClasses[of].setBy)
  const other = new Set<string>(setBy.filter((one) => !own.has(one)))
  return toolSheets.card.filter(({ id }) => !other.has(id))
}

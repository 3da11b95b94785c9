import { openingsOf } from '../catalogue/openings'
import type { Tool } from '../catalogue/types'

/** The columns of a card that name a part of its tool. */
export type ToolPart = 'die' | 'positioner' | 'nest'

/** The parts that a tool has, as a card names them. An empty list: nobody has listed them, and any name may be right. */
export const partsOfTool = ({
  dies = [],
  positioners = [],
  nestsMm,
  nestMarks = [],
}: Pick<Tool, 'dies' | 'positioners' | 'nestsMm' | 'nestMarks'>): Readonly<Record<ToolPart, readonly string[]>> => ({
  die: dies.map(({ id }) => id),
  positioner: positioners,
  nest: nestsMm ? openingsOf(nestsMm, nestMarks).map(({ mark }) => mark) : nestMarks,
})

/** Is a name that a card gives none of the parts that are listed? */
export const isStranger = (named: string, known: readonly string[]): boolean =>
  known.length > 0 && !known.includes(named)

import { isSleeve, type Contact } from '@/core/parts/catalogue/types'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'
import { strokeFigures, type StrokeFigures } from '@/core/craft/stroke/strokeFigures'
import { holdsOn, strokeRoutine, type StrokeLine, type StrokeLineId } from '@/core/craft/stroke/strokeRoutine'
import { setupId } from '@/core/craft/setup/setup'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { termState, type JobState } from '@/core/record/state/state'
import type { QueueItem } from '@/core/views/queue'
import type { CheckLine } from '@/ui/card/CheckList'
import { specimenOf } from '@/ui/job/specimenOf'
import type { SpecimenPiece } from '@/ui/specimen/specimenModel'
import { setupWords } from '@/words/crimp'
import { strokeLineWords } from '@/words/stroke'

/** The stroke of one termination: its lines with the figures in their words, and the piece that is drawn. */
export interface Stroke {
  readonly lines: readonly StrokeLine[]
  readonly checks: readonly CheckLine[]
  readonly figures: StrokeFigures
  readonly piece: SpecimenPiece | undefined
  /** a positioner or turret holds the contact */
  readonly holder: boolean
  /** the tool opens by itself at the end of its stroke, not before */
  readonly holdsOn: boolean
  readonly tool: string
  /** looks that the hand answers in the stroke */
  readonly answers: readonly LookCode[]
}

/** A line of the stroke among the ticks of a card: a look may have its name. */
const tickOf = (line: StrokeLineId): string => `stroke ${line}`
export const isStrokeTicked = (ticked: ReadonlySet<string>, line: StrokeLineId): boolean => ticked.has(tickOf(line))

/** The line of a stroke that the hand is at; all of them where one press answers them. */
export const dueOfStroke = (
  { lines }: Stroke,
  ticked: ReadonlySet<string>,
  atOnce: boolean,
): StrokeLineId | 'all' | undefined => (atOnce ? 'all' : lines.find(({ id }) => !isStrokeTicked(ticked, id))?.id)

const checkLine = (line: StrokeLine, figures: StrokeFigures): CheckLine => {
  const { line: says, hint, seen } = strokeLineWords[line.id](figures)
  return { id: tickOf(line.id), words: says, hint, seen }
}

const isInHolder = (contact: Contact, { positioner, turret }: QueueItem['set']['setup']) =>
  !isSleeve(contact) && (positioner !== undefined || turret !== undefined)

/** The stroke that a termination is crimped with; undefined where contact or tool are not known. */
export function strokeOf(state: JobState, { termination, set }: QueueItem): Stroke | undefined {
  const contact = state.facts.contacts[set.contact]
  const tool = state.facts.tools[set.setup.tool]
  if (!contact || !tool) return undefined
  const adjusted = state.adjustments.get(setupId(set.setup))?.wireStopMm
  const figures = strokeFigures(contact, set.setup, rulesOf(state), adjusted)
  const lines = strokeRoutine(tool.class, contact, figures.wireStopMm !== undefined)
  if (lines.length === 0) return undefined
  return {
    lines,
    checks: lines.map((line) => checkLine(line, figures)),
    figures,
    piece: specimenOf(state.facts, termination.wire, set, {
      crimped: true,
      stripMm: termState(state, termination.key).stripped?.stripMm,
    }),
    holder: isInHolder(contact, set.setup),
    holdsOn: holdsOn(tool.class),
    tool: setupWords(set.setup),
    answers: lines.flatMap(({ look }) => look ?? []),
  }
}

import { placeAtStep, STEP } from '../../base/units/atStep'
import type { CauseCode, DefectCode } from '../../craft/crimp/looks'
import type { BreakKind } from '../../craft/specimen/specimenTypes'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { parseQuantity, type Plausible, type ReadingHelp } from '../../base/units/parseQuantity'
import { plausible } from '../../base/units/plausible'
import type { LookCode } from '../../parts/catalogue/lookCodes'
import type { PracticeId } from '../../parts/catalogue/practiceIds'
import type { Facts } from '../../record/plan/facts'
import type { Termination } from '../../record/plan/plan'
import type { PulledByHand } from '../../record/state/records'
import { type Implausible, implausibleHeight, implausiblePull } from '../../record/standing/plausible'

/** A figure as a hand types it, a calliper sends it, or an instrument reads it. */
export interface WrittenFigure {
  readonly text: string
  /** what it is in where its text has no unit; an instrument's are in the base unit */
  readonly unit?: string | undefined
  /** the instrument that it came from, as it names itself */
  readonly by?: string
}

/** A pull, with how the piece gave way where the tester saw it. */
export type WrittenPull = WrittenFigure & {
  readonly breaks?: BreakKind
  /** more than copper holds: asked, and meant */ readonly meant?: true
}

/** A fault that is being reported: at which look, what is seen there, and whether its cure is written with the decision. */
export interface Reported {
  readonly look: LookCode
  readonly defect?: DefectCode
  /** why, where a hand has said so; else the likeliest counts */
  readonly cause?: CauseCode
  readonly withCure?: boolean
  /** a contact that is thrown away is asked about once more */
  readonly sure?: true
}

/** A crimped piece while it is looked at and measured: what is written of it, and what the rules allowed to do with it. */
export interface PieceForm {
  readonly height: WrittenFigure
  readonly pull: WrittenPull
  /** pulled by hand: that is in the place of a figure */
  readonly byHand?: PulledByHand
  readonly practices: readonly PracticeId[]
  readonly fault?: Reported
}

export type PieceMove =
  | { readonly kind: 'height-written'; readonly figure: WrittenFigure }
  /** a pull that begins has no figure yet, whatever stood there */
  | { readonly kind: 'pull-begun' }
  | { readonly kind: 'pull-written'; readonly figure: WrittenPull }
  | { readonly kind: 'pulled-by-hand'; readonly how: PulledByHand }
  /** what seemed too strong was no slip: an alloy holds more */
  | { readonly kind: 'pull-meant' }
  | { readonly kind: 'practice-ticked'; readonly practice: PracticeId; readonly on: boolean }
  /** something is wrong at a look; what exactly may still be open */
  | { readonly kind: 'fault-seen'; readonly look: LookCode; readonly defect?: DefectCode }
  | { readonly kind: 'fault-dropped' }
  | { readonly kind: 'cure-ticked' }
  | { readonly kind: 'scrap-meant' }
  | { readonly kind: 'cause-chosen'; readonly cause: CauseCode }
  /** what the rules allow has put it right: it is another crimp now, looked at and measured anew */
  | { readonly kind: 'saved'; readonly practice: PracticeId }
  /** it stands in the record: the next piece has no figures yet */
  | { readonly kind: 'recorded' }

export const nothingWritten: WrittenFigure = { text: '' }
export const newPiece: PieceForm = { height: nothingWritten, pull: nothingWritten, practices: [] }

export function pieceForm(form: PieceForm, move: PieceMove): PieceForm {
  switch (move.kind) {
    case 'height-written':
      return { ...form, height: move.figure }
    case 'pull-begun':
      return { ...withoutHand(form), pull: nothingWritten }
    case 'pull-written':
      return { ...withoutHand(form), pull: move.figure }
    case 'pulled-by-hand':
      return { ...form, pull: nothingWritten, byHand: move.how }
    case 'pull-meant':
      return { ...form, pull: { ...form.pull, meant: true } }
    case 'practice-ticked':
      return ticked(form, move.practice, move.on)
    case 'fault-seen':
      return { ...form, fault: { look: move.look, ...(move.defect !== undefined && { defect: move.defect }) } }
    case 'fault-dropped':
      return dropped(form)
    case 'cure-ticked':
      return form.fault ? { ...form, fault: { ...form.fault, withCure: !form.fault.withCure } } : form
    case 'scrap-meant':
      return form.fault ? { ...form, fault: { ...form.fault, sure: true } } : form
    case 'cause-chosen':
      return form.fault ? { ...form, fault: { ...form.fault, cause: move.cause, withCure: true } } : form
    case 'saved':
      return { ...ticked(dropped(form), move.practice, true), height: nothingWritten }
    case 'recorded':
      return newPiece
  }
}

const withoutHand = ({ byHand: _, ...form }: PieceForm): PieceForm => form
const dropped = ({ fault: _, ...form }: PieceForm): PieceForm => form

function ticked(form: PieceForm, practice: PracticeId, on: boolean): PieceForm {
  const others = form.practices.filter((one) => one !== practice)
  return { ...form, practices: on ? [...others, practice] : others }
}

/** A height that was measured on the piece, as an entry says it. */
export interface MeasuredHeight {
  readonly heightMm: number
  readonly heightBy?: string
}

export interface HeightReading {
  /** undefined while nothing, or nothing readable, is written */
  readonly heightMm: number | undefined
  /** no such crimp can have it, or it lies outside of the setup's window */
  readonly fault: Implausible | { readonly kind: 'outside'; readonly minMm: number; readonly maxMm: number } | undefined
  /** what an entry may say of it: also a bad height, never an impossible one */
  readonly measured: MeasuredHeight | undefined
}

const fraction = (value: number, parts: number) => Math.round(value * parts) / parts

/** An instrument's figures are decimals always; what a hand types is what its field can be. */
export const readingHelp = ({ by, unit }: WrittenFigure, range: Plausible): ReadingHelp =>
  by === undefined ? { plausible: range, unit } : { decimal: 'any' }

/** What a written height says of a piece that was made with this set. */
export function readHeight(figure: WrittenFigure, set: ChosenSet): HeightReading {
  const { by } = figure
  const read = parseQuantity(figure.text, 'length', readingHelp(figure, plausible.crimpHeightMm))
  if (!read.ok) return { heightMm: undefined, fault: undefined, measured: undefined }
  const heightMm = read.value
  const implausible = implausibleHeight(set, heightMm)
  if (implausible) return { heightMm, fault: implausible, measured: undefined }
  const window = set.height
  const outside = window && placeAtStep(heightMm, window, STEP.heightMm) !== 'inside'
  return {
    heightMm,
    fault: outside ? { kind: 'outside', minMm: window.minMm, maxMm: window.maxMm } : undefined,
    measured: { heightMm: fraction(heightMm, 1000), ...(by !== undefined && { heightBy: by }) },
  }
}

/** A pull as an entry says it. */
export interface MeasuredPull {
  readonly pullN: number
  readonly pullBy?: string
  readonly breaks?: BreakKind
  readonly meant?: true
}

export interface PullReading {
  readonly pullN: number | undefined
  /** no such wire holds it, or it is less than the contact must hold */
  readonly fault: Implausible | { readonly kind: 'low'; readonly pullN: number; readonly minimumN: number } | undefined
  readonly measured: MeasuredPull | undefined
}

/** What a written pull says of a piece like this termination. */
export function readPull(
  figure: WrittenPull,
  facts: Facts,
  termination: Pick<Termination, 'wire' | 'also'>,
  set: ChosenSet,
): PullReading {
  const { by, breaks, meant } = figure
  const read = parseQuantity(figure.text, 'force', readingHelp(figure, plausible.pullN))
  if (!read.ok) return { pullN: undefined, fault: undefined, measured: undefined }
  // judged as it will stand in the record, so that both say the same
  const pullN = fraction(read.value, 10)
  const implausible = implausiblePull(facts, termination, set, pullN)
  if (implausible && !meant) return { pullN, fault: implausible, measured: undefined }
  const minimumN = set.pull?.forceN
  return {
    pullN,
    fault: minimumN !== undefined && pullN < minimumN ? { kind: 'low', pullN, minimumN } : undefined,
    measured: {
      pullN,
      ...(by !== undefined && { pullBy: by }),
      ...(breaks && { breaks }),
      ...(implausible && { meant: true as const }),
    },
  }
}

export interface FirstPieceReading {
  readonly height: HeightReading
  readonly pull: PullReading
  /** what is still to be done before it can be written down; a closed button says it */
  readonly missing: 'height' | 'pull' | 'right-figure' | undefined
  /** it can be written down, as a piece that is not good */
  readonly bad: boolean
  /** what its entry says, when nothing is missing */
  readonly measured: (Pulled & Partial<MeasuredHeight>) | undefined
}

/** How a piece was pulled, as an entry says it: with a figure, or by hand without one. */
export type Pulled = MeasuredPull | { readonly byHand: PulledByHand }

/** What was pulled, as it can be written down. */
export function readPulled(form: PieceForm, pull: PullReading): Pulled | undefined {
  return form.byHand ? { byHand: form.byHand } : pull.measured
}

/**
 * A first piece: its height where the setup has a window and the house rules ask for it, its pull always. Good or bad, it can
 * be written down; guessed it cannot.
 */
export function readFirstPiece(
  form: PieceForm,
  facts: Facts,
  termination: Pick<Termination, 'wire' | 'also'>,
  set: ChosenSet,
  asks: { readonly height: boolean },
): FirstPieceReading {
  const height = readHeight(form.height, set)
  const pull = readPull(form.pull, facts, termination, set)
  const pulled = readPulled(form, pull)
  const written = form.height.text !== ''
  const missing =
    set.height !== undefined && asks.height && height.heightMm === undefined
      ? 'height'
      : !pulled && pull.pullN === undefined
        ? 'pull'
        : !pulled || (set.height !== undefined && (asks.height || written) && !height.measured)
          ? 'right-figure'
          : undefined
  const fails = height.fault !== undefined || (form.byHand ? form.byHand === 'came-off' : pull.fault !== undefined)
  return {
    height,
    pull,
    missing,
    bad: missing === undefined && fails,
    measured: missing === undefined && pulled ? { ...(set.height && height.measured), ...pulled } : undefined,
  }
}

export interface LooksReading {
  readonly height: HeightReading
  /** the house rules want a height of this piece, and there is none */
  readonly heightMissing: boolean
  /** nothing that is written speaks against the crimp: after the last look it is accepted */
  readonly good: boolean
}

/**
 * A crimp that is looked at: its height only where one is due or written.
 * @param heightDue one in so many is measured, and this is one
 */
export function readLooks(form: PieceForm, set: ChosenSet, heightDue: boolean): LooksReading {
  const height = readHeight(form.height, set)
  const heightMissing = set.height !== undefined && heightDue && height.heightMm === undefined
  const unreadable = form.height.text !== '' && height.heightMm === undefined
  return { height, heightMissing, good: !heightMissing && !unreadable && height.fault === undefined }
}

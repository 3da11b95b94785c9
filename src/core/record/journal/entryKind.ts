import type { Implausible } from '../standing/plausible'
import type { ReuseLimit } from '../standing/reuse'
import type { StripVerdict } from '../../craft/strip/stripWindow'
import type { LayoutFault } from '../plan/layout'
import type { PairFault } from '../plan/matedPair'
import type { EntryKindId, EntryOf } from './entry'
import type { Facts } from '../plan/facts'
import type { JobState, KeyedSliceId, SliceItem, WholeSliceId } from '../state/state'
import type { LookCode } from '../../parts/catalogue/lookCodes'

/** Why an entry cannot be appended now. The words stand elsewhere. */
export type Refusal =
  | { readonly kind: 'job-closed' }
  | {
      readonly kind: 'unknown'
      readonly what:
        | 'termination'
        | 'nest'
        | 'wire'
        | 'end'
        | 'cavity'
        | 'entry'
        | 'setup'
        | 'look'
        | 'part'
        | 'tool'
        | 'practice'
        | 'cause'
        | 'photo'
        | 'segment'
      readonly id: string
    }
  | { readonly kind: 'id-twice'; readonly id: string }
  | { readonly kind: 'no-set'; readonly term: string }
  | {
      readonly kind: 'already'
      readonly what:
        | 'cut'
        | 'stripped'
        | 'crimped'
        | 'seated'
        | 'plugged'
        | 'fitted'
        | 'closed'
        | 'released'
        | 'part-way'
        | 'open'
        | 'mated'
        | 'signed'
        | 'taken-back'
        | 'ended'
    }
  | {
      readonly kind: 'not-yet'
      readonly what:
        | 'cut'
        | 'stripped'
        | 'crimped'
        | 'seated'
        | 'probed'
        | 'mated'
        | 'leads'
        | 'closed'
        | 'mounted'
        | 'released'
        | 'first-piece'
        | 'signed'
        | 'complete'
        | 'tray'
        | 'plugged'
        | 'fitted'
        | 'out'
        | 'lacing-open'
        | 'suspect'
      readonly left?: number
    }
  | {
      readonly kind: 'strip-outside'
      readonly verdict: Exclude<StripVerdict, { kind: 'inside' }>
      readonly minMm: number
      readonly maxMm: number
    }
  | { readonly kind: 'strands-lost'; readonly lost: number; readonly allowed: number }
  | { readonly kind: 'not-threaded'; readonly items: readonly string[] }
  | { readonly kind: 'ahead-of-release'; readonly setup: string; readonly ahead: number; readonly allowed: number }
  | { readonly kind: 'wrong-setup'; readonly needs: string; readonly given: string }
  | { readonly kind: 'setup-not-in-hand'; readonly needs: string; readonly mounted: string | undefined }
  | {
      readonly kind: 'tool-overdue'
      readonly tool: string
      readonly dueOn: string
      /** its count ran out before its date */
      readonly strokes?: { readonly made: number; readonly every: number }
    }
  | { readonly kind: 'looks-missing'; readonly missing: readonly LookCode[] }
  | { readonly kind: 'look-failed'; readonly look: LookCode }
  | { readonly kind: 'height-missing' }
  | { readonly kind: 'height-outside'; readonly heightMm: number; readonly minMm: number; readonly maxMm: number }
  | { readonly kind: 'practice-forbidden'; readonly practice: string }
  | Implausible
  | { readonly kind: 'pull-due'; readonly setup: string; readonly every: number }
  | { readonly kind: 'not-covered'; readonly setup: string; readonly term: string }
  | { readonly kind: 'pull-missing' }
  | { readonly kind: 'pull-by-hand' }
  | { readonly kind: 'new-day'; readonly released: string }
  | { readonly kind: 'tool-unverified'; readonly tool: string }
  | { readonly kind: 'gauge-due'; readonly tool: string; readonly gauge: string }
  | { readonly kind: 'singly-due'; readonly nth: number }
  | { readonly kind: 'figure-missing'; readonly part: string }
  | { readonly kind: 'outside-window'; readonly toMm: number; readonly minMm: number; readonly maxMm: number }
  | { readonly kind: 'decision-not-for-defect'; readonly defect: string; readonly decision: string }
  | { readonly kind: 'wrong-cavity'; readonly planned: string; readonly given: string }
  | { readonly kind: 'stands-elsewhere'; readonly stands: string; readonly given: string }
  | { readonly kind: 'cavity-taken'; readonly cavity: string; readonly by: string }
  | { readonly kind: 'lock-closed'; readonly end: string }
  | { readonly kind: 'lock-open'; readonly end: string }
  | { readonly kind: 'no-part-way'; readonly end: string }
  | { readonly kind: 'cover-due'; readonly end: string }
  | { readonly kind: 'not-looked-over'; readonly end: string }
  | { readonly kind: 'pair-fault'; readonly fault: PairFault }
  | { readonly kind: 'not-home'; readonly contacts: readonly string[] }
  | { readonly kind: 'tug-missing'; readonly tugN: number }
  | { readonly kind: 'tug-too-hard'; readonly tugN: number; readonly lightN: number }
  | { readonly kind: 'not-tightened'; readonly what: 'screw' | 'nut' }
  | { readonly kind: 'torque-missing'; readonly askedNm: number }
  /** a writer says that another torque was asked than the sheet asks; none where it asks none */
  | { readonly kind: 'torque-not-asked'; readonly saidNm: number; readonly askedNm?: number }
  | { readonly kind: 'torque-off'; readonly askedNm: number; readonly setNm: number }
  | { readonly kind: 'pull-too-light'; readonly forceN: number; readonly askedN: number }
  | { readonly kind: 'beyond-segment'; readonly segment: string; readonly atMm: number; readonly lengthMm: number }
  | { readonly kind: 'block-off'; readonly set: number; readonly block: number }
  | { readonly kind: 'layout-fault'; readonly fault: LayoutFault }
  | { readonly kind: 'one-net'; readonly red: string; readonly black: string }
  | { readonly kind: 'contact-spent'; readonly used: number; readonly allowed: number; readonly by: ReuseLimit }
  | { readonly kind: 'improvised-forbidden'; readonly how: string }
  | { readonly kind: 'cavity-in-use'; readonly cavity: string }
  | {
      readonly kind: 'stands-on-it'
      readonly later: readonly { readonly seq: number; readonly kind: EntryKindId; readonly about: string }[]
    }
  | { readonly kind: 'not-this-one'; readonly of: EntryKindId }
  | { readonly kind: 'stale-signature'; readonly covers: number; readonly seq: number }
  | { readonly kind: 'same-person'; readonly by: string }
  | { readonly kind: 'plan-fault'; readonly fault: string; readonly detail: Readonly<Record<string, unknown>> }
  | { readonly kind: 'set-impossible'; readonly wire: string; readonly side: string }

/** Writes of one entry into the state, remembered so that they can be taken back. Nothing else changes a state. */
export interface Draft {
  readonly state: JobState
  /** undefined takes the key out */
  put<Id extends KeyedSliceId>(slice: Id, key: string, value: SliceItem<Id> | undefined): void
  set<Id extends WholeSliceId>(slice: Id, value: JobState[Id]): void
  /** pins facts over those that are there */
  pin(facts: Facts): void
}

export interface Subjects {
  readonly writes: readonly string[]
  readonly reads?: readonly string[]
}

/** When and by whom, as far as admission needs it. */
export interface Moment {
  readonly at: string
  readonly by: string
  /** the day at the bench of a time; its day in UTC where no bench says */
  readonly dayOf?: ((at: string) => string) | undefined
  /** contacts that a tool has closed since it was verified, where a bench counts them */
  readonly made?: ReadonlyMap<string, number> | undefined
}

export const dayIn = ({ dayOf }: Moment, at: string): string => dayOf?.(at) ?? at.slice(0, 10)

/**
 * What is still to be done in a job. It is worked out on the floor above; the record asks before an end is looked over and
 * before a job is signed.
 */
export interface WorkAhead {
  /** what comes before the last look at an end, and how many tasks that are; undefined when nothing does */
  readonly beforeLook: (
    state: JobState,
    unit: number,
    end: string,
  ) => { readonly what: 'seated' | 'plugged' | 'closed' | 'fitted'; readonly left: number } | undefined
  /** tasks before Close */
  readonly left: (state: JobState) => number
}

/**
 * One kind of journal entry. `subjects` are what it is about: two benches collide only on the same subject, and an
 * entry can be taken back only while nothing later has one of its subjects.
 */
export interface EntryKind<Kind extends EntryKindId> {
  readonly kind: Kind
  readonly subjects: (entry: EntryOf<Kind>, state: JobState) => Subjects
  /** undefined when it may be appended in this state */
  readonly refuse: (state: JobState, entry: EntryOf<Kind>, moment: Moment, ahead: WorkAhead) => Refusal | undefined
  readonly apply: (draft: Draft, entry: EntryOf<Kind>) => void
  /** short, for lists: `W07a`, `A.7`, a setup */
  readonly about: (entry: EntryOf<Kind>) => string
  /** may it be appended to a signed job? */
  readonly whenClosed?: boolean
  /** may it be taken back? */
  readonly final?: boolean
  /** written without a tool in the hand: a tray that is counted stays counted */
  readonly atDesk?: boolean
}

import type { Implausible } from '../standing/plausible'
import type { ReuseLimit } from '../standing/reuse'
import type { StripVerdict } from '../../craft/strip/stripWindow'
import type { PairFault } from '../plan/matedPair'
import type { EntryKindId, EntryOf } from './entry'
import type { Facts } from '../plan/facts'
import type { JobState, KeyedSliceId, SliceItem, WholeSliceId } from '../state/state'
import type { LookCode } from '../../parts/catalogue/lookCodes'

/** Why an entry cannot be appended now. The words stand elsewhere. */
export type Refusal =
  | { readonly code: 'job-closed' }
  | {
      readonly code: 'unknown'
      readonly what:
        'termination' | 'wire' | 'end' | 'cavity' | 'entry' | 'setup' | 'look' | 'part' | 'tool' | 'practice' | 'cause'
      readonly id: string
    }
  | { readonly code: 'id-twice'; readonly id: string }
  | { readonly code: 'no-set'; readonly term: string }
  | {
      readonly code: 'already'
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
      readonly code: 'not-yet'
      readonly what:
        | 'cut'
        | 'stripped'
        | 'crimped'
        | 'seated'
        | 'probed'
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
      readonly left?: number
    }
  | {
      readonly code: 'strip-outside'
      readonly verdict: Exclude<StripVerdict, { kind: 'inside' }>
      readonly minMm: number
      readonly maxMm: number
    }
  | { readonly code: 'strands-lost'; readonly lost: number; readonly allowed: number }
  | { readonly code: 'not-threaded'; readonly items: readonly string[] }
  | { readonly code: 'ahead-of-release'; readonly setup: string; readonly ahead: number; readonly allowed: number }
  | { readonly code: 'wrong-setup'; readonly needs: string; readonly given: string }
  | { readonly code: 'setup-not-in-hand'; readonly needs: string; readonly mounted: string | undefined }
  | { readonly code: 'tool-overdue'; readonly tool: string; readonly dueOn: string }
  | { readonly code: 'looks-missing'; readonly missing: readonly LookCode[] }
  | { readonly code: 'look-failed'; readonly look: LookCode }
  | { readonly code: 'height-missing' }
  | { readonly code: 'height-outside'; readonly heightMm: number; readonly minMm: number; readonly maxMm: number }
  | { readonly code: 'practice-forbidden'; readonly practice: string }
  | Implausible
  | { readonly code: 'pull-due'; readonly setup: string; readonly every: number }
  | { readonly code: 'new-day'; readonly released: string }
  | { readonly code: 'tool-unverified'; readonly tool: string }
  | { readonly code: 'figure-missing'; readonly part: string }
  | { readonly code: 'outside-window'; readonly toMm: number; readonly minMm: number; readonly maxMm: number }
  | { readonly code: 'decision-not-for-defect'; readonly defect: string; readonly decision: string }
  | { readonly code: 'wrong-cavity'; readonly planned: string; readonly given: string }
  | { readonly code: 'stands-elsewhere'; readonly stands: string; readonly given: string }
  | { readonly code: 'cavity-taken'; readonly cavity: string; readonly by: string }
  | { readonly code: 'lock-closed'; readonly end: string }
  | { readonly code: 'lock-open'; readonly end: string }
  | { readonly code: 'no-part-way'; readonly end: string }
  | { readonly code: 'cover-due'; readonly end: string }
  | { readonly code: 'not-looked-over'; readonly end: string }
  | { readonly code: 'pair-fault'; readonly fault: PairFault }
  | { readonly code: 'not-home'; readonly contacts: readonly string[] }
  | { readonly code: 'tug-missing'; readonly tugN: number }
  | { readonly code: 'tug-too-hard'; readonly tugN: number; readonly lightN: number }
  | { readonly code: 'contact-spent'; readonly used: number; readonly allowed: number; readonly by: ReuseLimit }
  | { readonly code: 'improvised-forbidden'; readonly how: string }
  | { readonly code: 'cavity-in-use'; readonly cavity: string }
  | {
      readonly code: 'stands-on-it'
      readonly later: readonly { readonly seq: number; readonly kind: EntryKindId; readonly about: string }[]
    }
  | { readonly code: 'not-this-one'; readonly kind: EntryKindId }
  | { readonly code: 'stale-signature'; readonly covers: number; readonly seq: number }
  | { readonly code: 'same-person'; readonly by: string }
  | { readonly code: 'plan-fault'; readonly fault: string; readonly detail: Readonly<Record<string, unknown>> }
  | { readonly code: 'set-impossible'; readonly wire: string; readonly side: string }

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

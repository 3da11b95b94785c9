import { noFacts, type Facts } from '../plan/facts'
import { emptyPlan, type Plan } from '../plan/plan'
import type { ReleaseEnding, SetupPart } from '../../craft/crimp/setupPart'
import type { DamageId } from '../../craft/faults/damage'
import type { BreakKind } from '../../craft/specimen/specimenTypes'
import type { Setup } from '../../craft/setup/setup'
import type { EntryKindId } from '../journal/entry'
import type { LookCode } from '../../parts/catalogue/lookCodes'
import type { ChosenSet } from '../../craft/setup/chosenSet'

export interface LookSeen {
  readonly look: LookCode
  readonly seen: boolean
}

/** The setup that a crimp of somebody else stands on. */
export const AS_FOUND = 'as-found'

export interface TermState {
  readonly stripped?: {
    readonly stripMm: number
    readonly threaded: readonly string[]
    readonly strandsLost: number
    readonly practices?: readonly string[]
    readonly at: string
  }
  readonly crimp?: {
    readonly setup: string
    readonly heightMm?: number
    readonly practices?: readonly string[]
    readonly at: string
    readonly by: string
  }
  /** every height that was measured here, of crimps that were scrapped too */
  readonly heights?: readonly { readonly setup: string; readonly heightMm: number; readonly at: string }[]
  readonly seat?: {
    readonly end: string
    readonly cavity: string
    readonly home: boolean
    readonly tugN?: number
    readonly at: string
    readonly by: string
  }
  /** contacts lost, tries lost */
  readonly scrapped: number
  /** of those, the ones that came with the harness */
  readonly cameLost?: number
  readonly redone: number
  /** wire used up by second tries, mm */
  readonly usedMm: number
  /** how often this contact has come out of a cavity; a new contact begins at 0 */
  readonly extractions: number
  /** it is broken: it comes out, and is cut off */
  readonly damaged?: { readonly what: DamageId; readonly lostMm: number }
  /** `end.cavity` that it came out of last */
  readonly outOf?: string
}

/** What a cavity holds, and how often something has passed its mat or bore here. */
export interface CavityState {
  readonly term?: string
  readonly plug?: string
  readonly passes?: number
  /** its plug came with the harness */
  readonly came?: true
}

export interface SetupState {
  readonly setup: Setup
  /** seq of the last mounting: a release holds for that mounting only */
  readonly mounted: number
  readonly released?: { readonly at: string; readonly by: string; readonly pullN: number; readonly minimumN?: number }
  /** why the last release ended, when it did not by a new mounting */
  readonly ended?: { readonly why: ReleaseEnding | SetupPart | 'pull-low'; readonly at: string; readonly by: string }
  /** pieces before this one stand on an earlier release */
  readonly piecesFrom: number
  /** pieces of production that were pulled */
  readonly samples: readonly PullSample[]
  /** released at least once in this job: the strip has been proven */
  readonly proven: boolean
  readonly pieces: readonly FirstPiece[]
}

export interface PullSample {
  readonly contact: string
  readonly seal?: string
  readonly pullN: number
  readonly minimumN?: number
  readonly good: boolean
  readonly breaks?: BreakKind
  readonly at: string
  readonly by: string
}

/** What was set otherwise than the setup says, because of what was seen. */
export interface Adjustment {
  /** the stripper's stop, off the middle of the window */
  readonly stripOffMm?: number
  readonly wireStopMm?: number
  readonly notchMm?: number
}

export interface FirstPiece {
  readonly mounted: number
  /** the parts that it took */
  readonly contact: string
  readonly seal?: string
  readonly looks: readonly LookSeen[]
  readonly heightMm?: number
  readonly pullN: number
  readonly breaks?: BreakKind
  readonly minimumN?: number
  readonly good: boolean
  readonly at: string
  readonly by: string
}

export interface EndState {
  /** part-way: a stop at which contacts still go in */
  readonly lock: 'open' | 'part-way' | 'closed'
  readonly fitted: readonly string[]
  /** looked over from both sides after the covers */
  readonly lookedOver: boolean
  /** checked against the half that it mates with, since it was looked over */
  readonly mated?: true
  /** it came with the harness: its parts are not from the shelf */
  readonly came?: true
  /** locks that broke here */
  readonly locksLost?: number
  /** a new cover that must be on the wires before any contact is in */
  readonly coverDue?: string
}

/** A housing that is given up: its contacts come out of it, one by one, into the one that takes its place. */
export interface OldEnd {
  /** the end of the plan that it was */
  readonly end: string
  readonly housing: string
  readonly why: 'broken' | 'replaced'
}

export interface NetState {
  readonly probe?: {
    readonly result: 'pass' | 'fail'
    readonly found?: string
    readonly at: string
    readonly by: string
  }
  readonly measured?: {
    readonly ohm: number
    readonly leadsOhm: number
    readonly resolutionOhm: number
    readonly at: string
  }
}

export interface Signature {
  readonly by: string
  readonly at: string
  readonly role: 'builder' | 'second'
  readonly covers: number
  /** a reopening ends it; it stays readable */
  readonly void?: boolean
}

export interface Photo {
  readonly photo: string
  readonly widthPx: number
  readonly heightPx: number
  readonly at: string
  readonly by: string
}

export interface LogLine {
  readonly seq: number
  readonly id: string
  readonly kind: EntryKindId
  readonly at: string
  readonly by: string
  /** what it was about, for a list */
  readonly about: string
  readonly undone?: boolean
}

/** A job's state: what the journal adds up to. Its records are never changed in place, the maps are. */
export interface JobState {
  seq: number
  plan: Plan
  facts: Facts
  readonly sets: Map<string, ChosenSet>
  /** by `unit/wire` */
  readonly cuts: Map<
    string,
    { readonly lengthMm: number; readonly spool?: string; /** it came with the harness */ readonly came?: true }
  >
  /** by `unit/wire`: how many wires went to scrap here, their length, and what of it came with the harness */
  readonly wiresLost: Map<string, { readonly count: number; readonly lengthMm: number; readonly cameMm?: number }>
  /** by `unit/wire/side` */
  readonly terms: Map<string, TermState>
  /** by `unit/end.cavity` */
  readonly cavities: Map<string, CavityState>
  /** by end: cavities in the order in which a hand wants them filled */
  readonly seatOrders: Map<string, readonly string[]>
  /** by unit: the place `end.cavity` at which something went in or came out last */
  readonly lastPlace: Map<string, string>
  /** by `unit/end` */
  readonly ends: Map<string, EndState>
  /** by `unit/id`: housings that are given up, under ids of their own */
  readonly oldEnds: Map<string, OldEnd>
  /** by `unit/wire`: the bundle must be opened along it, or is open, and is laced again before Close */
  readonly lacings: Map<string, 'to-open' | 'open'>
  readonly setups: Map<string, SetupState>
  /** what is mounted on each frame: its setup and since which entry */
  readonly tools: Map<string, { readonly setup: string; readonly since: number; readonly by: string }>
  /** by setup */
  readonly adjustments: Map<string, Adjustment>
  /** by tool: its verification ended with a turned adjuster, or was made again here */
  readonly toolChecks: Map<
    string,
    { readonly kind: 'ended' | 'verified' | 'failed'; readonly at: string; readonly by: string }
  >
  /** by termination or setup */
  readonly photos: Map<string, readonly Photo[]>
  readonly nets: Map<string, NetState>
  leads: { readonly ohm: number; readonly resolutionOhm: number; readonly at: string } | undefined
  tray:
    | {
        readonly allBack: boolean
        readonly missing: readonly string[]
        readonly scrapped: number
        readonly scrapFound: number
        readonly at: string
        readonly by: string
      }
    | undefined
  signatures: readonly Signature[]
  /** by entry id */
  readonly notes: Map<string, { readonly text: string; readonly at: string; readonly by: string }>
  /** the last entries, newest last: what can be shown and taken back */
  readonly recent: LogLine[]
}

export const newJobState = (): JobState => ({
  seq: 0,
  plan: emptyPlan,
  facts: noFacts,
  sets: new Map(),
  cuts: new Map(),
  terms: new Map(),
  cavities: new Map(),
  lastPlace: new Map(),
  seatOrders: new Map(),
  ends: new Map(),
  oldEnds: new Map(),
  lacings: new Map(),
  setups: new Map(),
  tools: new Map(),
  nets: new Map(),
  wiresLost: new Map(),
  adjustments: new Map(),
  toolChecks: new Map(),
  photos: new Map(),
  leads: undefined,
  tray: undefined,
  signatures: [],
  notes: new Map(),
  recent: [],
})

export const freshTerm: TermState = { scrapped: 0, redone: 0, usedMm: 0, extractions: 0 }
export const freshEnd: EndState = { lock: 'open', fitted: [], lookedOver: false }

export const termState = (state: JobState, key: string): TermState => state.terms.get(key) ?? freshTerm
export const endState = (state: JobState, key: string): EndState => state.ends.get(key) ?? freshEnd

/** Is the job signed, and not reopened since? */
export const isClosed = (state: JobState): boolean =>
  state.signatures.some((signature) => signature.role === 'builder' && !signature.void)

/** Was it signed before, or did it come whole? Then its bundle is laced. */
export const isLaced = (state: JobState): boolean => state.plan.kind !== 'build' || state.signatures.length > 0

/** A copy that later entries do not touch. Records are shared: they are never changed in place. */
export const snapshot = (state: JobState): JobState => ({
  ...state,
  sets: new Map(state.sets),
  cuts: new Map(state.cuts),
  terms: new Map(state.terms),
  cavities: new Map(state.cavities),
  lastPlace: new Map(state.lastPlace),
  seatOrders: new Map(state.seatOrders),
  ends: new Map(state.ends),
  oldEnds: new Map(state.oldEnds),
  lacings: new Map(state.lacings),
  setups: new Map(state.setups),
  tools: new Map(state.tools),
  nets: new Map(state.nets),
  wiresLost: new Map(state.wiresLost),
  adjustments: new Map(state.adjustments),
  toolChecks: new Map(state.toolChecks),
  photos: new Map(state.photos),
  notes: new Map(state.notes),
  recent: [...state.recent],
})

import type { PhotoQuestionId } from '../../craft/photo/photoQuestions'
import type { DamageId } from '../../craft/faults/damage'
import type { BreakKind } from '../../craft/specimen/specimenTypes'
import type { Setup } from '../../craft/setup/setup'
import type { EntryKindId } from '../journal/entry'
import type { LookCode } from '../../parts/catalogue/lookCodes'
import type { ReleaseEnding, SetupPart } from '../../craft/crimp/setupPart'
import type { Held } from './proofRecords'
import type { Secured } from './closeRecords'

/** How a screw or nut was tightened, N·m: what its sheet asked, what the driver was set to; without that it was by hand. */
export interface Tightened {
  readonly askedNm?: number | undefined
  readonly setNm?: number | undefined
  readonly tool?: string | undefined
}

export interface LookSeen {
  readonly look: LookCode
  readonly seen: boolean
}

/** The setup that a crimp of somebody else stands on. */
export const AS_FOUND = 'as-found'

export interface TermState {
  readonly stripped?: {
    readonly stripMm: number
    /** whether that was measured, or is what the stop was set to; older records do not say */
    readonly lengthFrom?: 'measured' | 'stop'
    readonly threaded: readonly string[]
    readonly strandsLost: number
    readonly practices?: readonly string[]
    /** ticked together with so many alike */
    readonly together?: number
    readonly at: string
  }
  readonly crimp?: {
    readonly setup: string
    /** what came crimped: the contact, where somebody has said which */
    readonly contact?: string
    readonly heightMm?: number
    readonly practices?: readonly string[]
    /** its looks were answered at once; left out, one by one */
    readonly together?: true
    /** its wire was pulled by hand */
    readonly handPull?: Held
    readonly at: string
    readonly by: string
  }
  /** every height that was measured here, of crimps that were scrapped too */
  readonly heights?: readonly { readonly setup: string; readonly heightMm: number; readonly at: string }[]
  readonly seat?: {
    readonly end: string
    readonly cavity: string
    readonly home: boolean
    /** how it was tugged; older records do not say */
    readonly tug?: 'by-hand' | 'gauge'
    /** what a gauge showed; in older records what was asked for */
    readonly tugN?: number
    readonly tugAskedN?: number
    /** what helped it in */
    readonly helps?: readonly string[]
    /** its screw or nut: asked and set, N·m; without `setNm` by hand */
    readonly tightened?: Tightened
    /** pulled with a gauge, from the mating face or at the wire, as the family says */
    readonly retention?: Held
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
  /** how it lay before it was cut off, in somebody's words */
  readonly layBefore?: string
  /** it was crimped with a tool in which a cause was found afterwards: to be looked at, pulled or made anew */
  readonly suspect?: Suspect
  /** `end.cavity` that it came out of last */
  readonly outOf?: string
}

export interface Suspect {
  readonly cause: string
  readonly part: SetupPart
  readonly tool: string
  readonly at: string
  readonly by: string
  /** the job in which it was found, where that is another one */
  readonly foundIn?: string
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
  readonly released?: SetupRelease
  /** why the last release ended, when it did not by a new mounting */
  readonly ended?: { readonly why: ReleaseEnded; readonly at: string; readonly by: string }
  /** pieces before this one stand on an earlier release */
  readonly piecesFrom: number
  /** pieces of production that were pulled */
  readonly samples: readonly PullSample[]
  /** crimp classes that were released at least once in this job: their strip has been proven */
  readonly proven: readonly string[]
  readonly pieces: readonly FirstPiece[]
}

/** Why a release ended: something was changed, or a piece spoke against it. */
export type ReleaseEnded = ReleaseEnding | SetupPart | 'pull-low' | 'piece-failed'

/** A release holds for what its pieces showed. */
export interface SetupRelease {
  readonly at: string
  readonly by: string
  /** the pieces of the setup that it stands on: from this place, up to and without that one */
  readonly from: number
  readonly upTo: number
  /** what the first of them showed, and had to; no figure where it was pulled by hand */
  readonly pullN?: number
  readonly minimumN?: number
}

/** How a test piece came through a pull by hand. */
export type PulledByHand = 'held' | 'came-off'

export interface PullSample {
  readonly contact: string
  readonly seal?: string
  readonly pullN?: number
  readonly byHand?: PulledByHand
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
  /** the termination that it was made like, and what it stood for; unknown where that is not in the plan */
  readonly like?: {
    readonly wire: string
    readonly side: 'a' | 'b'
    readonly conductor: string
    readonly insulationMm: number
  }
  readonly looks: readonly LookSeen[]
  readonly heightMm?: number
  readonly pullN?: number
  readonly byHand?: PulledByHand
  readonly breaks?: BreakKind
  readonly minimumN?: number
  /** its looks were answered at once */
  readonly together?: true
  readonly good: boolean
  readonly at: string
  readonly by: string
}

export interface EndState {
  /** part-way: a stop at which contacts still go in */
  readonly lock: 'open' | 'part-way' | 'closed'
  /** its covers were opened, raised or taken off before the first contact */
  readonly opened?: true
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
  /** its backshell, nut, wire or cable */
  readonly secured?: readonly Secured[]
}

/** A housing that is given up: its contacts come out of it, one by one, into the one that takes its place. */
export interface OldEnd {
  /** the end of the plan that it was */
  readonly end: string
  readonly housing: string
  readonly why: 'broken' | 'replaced'
}

export interface Photo {
  readonly photo: string
  readonly widthPx: number
  readonly heightPx: number
  readonly at: string
  readonly by: string
  /** lengths that were measured in it */
  readonly measured?: readonly PhotoLength[]
}

/** A length in a photo, with what gave it its scale. */
export interface PhotoLength {
  readonly what: PhotoQuestionId
  readonly mm: number
  readonly goodToMm: number
  readonly known: { readonly what: string; readonly mm: number }
  readonly points: readonly { readonly x: number; readonly y: number }[]
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

export interface CutState {
  readonly lengthMm: number
  readonly spool?: string
  /** it came with the harness */
  readonly came?: true
}

export interface WireLost {
  readonly count: number
  readonly lengthMm: number
  readonly cameMm?: number
}

export interface MountedTool {
  readonly setup: string
  readonly since: number
  readonly by: string
}

export interface ToolCheck {
  readonly kind: 'ended' | 'verified' | 'failed'
  readonly at: string
  readonly by: string
}

export interface Note {
  readonly text: string
  readonly at: string
  readonly by: string
}

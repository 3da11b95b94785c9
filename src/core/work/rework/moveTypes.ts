import type { Point } from '../../base/face/arrangement'

/** What has to change: which contact stands in which place now, and which should. A place is a cavity of one end. */
export interface MoveProblem {
  /** place → contact; a contact stands in one place at most */
  readonly now: ReadonlyMap<string, string>
  readonly wanted: ReadonlyMap<string, string>
  /** contacts that are out already, tagged or in the hand, and are wanted somewhere */
  readonly loose?: ReadonlySet<string> | undefined
  /** places that a plug closes now */
  readonly plugged?: ReadonlySet<string> | undefined
  /** does a place that stays empty get a plug? */
  readonly takesPlug?: ((place: string) => boolean) | undefined
  /** places that have been emptied already and still wait for their plug */
  readonly emptied?: ReadonlySet<string> | undefined
  /** the one of the loose ones that came out last, and is still in the hand: if its place is free it goes in first */
  readonly inHand?: string | undefined
  /** where the hands worked last: the plan goes on from there, so that what is left of it stays what it was */
  readonly from?: string | undefined
  /** where a place lies, for the shortest way of the hands; without it the order of the places counts */
  readonly at?: ((place: string) => Point | undefined) | undefined
}

/** One thing that the hands do. `park` is an extraction whose place-to-be is not free yet: the wire gets a tag. */
export type MoveStep =
  | { readonly do: 'extract' | 'park' | 'retire'; readonly contact: string; readonly place: string }
  | { readonly do: 'bring'; readonly contact: string }
  | { readonly do: 'insert'; readonly contact: string; readonly place: string }
  | { readonly do: 'plug' | 'unplug'; readonly place: string }

export interface MovePlan {
  readonly steps: readonly MoveStep[]
  /** all contacts taken out, retired ones too: each that is in the wrong place once, which is the fewest there can be */
  readonly extractions: number
  /** wires put aside: one for each closed cycle, which is the fewest there can be */
  readonly parkings: number
  /** most wires that hang out with a tag at one time, those that hung out at the start too */
  readonly parkedAtOnce: number
  /** the hands' way over the faces, mm; `shortest` when every order was compared */
  readonly walk: { readonly mm: number; readonly shortest: boolean }
}

/** Why a plan cannot be made of what was given. */
export type MoveFault =
  | {
      readonly kind: 'contact-in-two-places'
      readonly contact: string
      readonly places: readonly [string, string]
      readonly when: 'now' | 'wanted'
    }
  | { readonly kind: 'loose-and-seated'; readonly contact: string; readonly place: string }
  | { readonly kind: 'plugged-and-filled'; readonly contact: string; readonly place: string }

/** Why a step cannot be done in the state in which it comes. */
export type StepFault =
  | { readonly kind: 'not-there'; readonly contact: string; readonly place: string; readonly found: string | undefined }
  | { readonly kind: 'place-taken'; readonly contact: string; readonly place: string; readonly by: string }
  | { readonly kind: 'place-plugged'; readonly contact: string; readonly place: string }
  | { readonly kind: 'not-in-hand'; readonly contact: string; readonly place: string }
  | { readonly kind: 'already-out'; readonly contact: string }
  | { readonly kind: 'no-plug'; readonly place: string }

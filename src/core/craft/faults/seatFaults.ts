import { type ReleaseId, isFixed, releaseMechanisms } from '../../parts/catalogue/releaseMechanisms'
import { practices } from '../crimp/practices'
import type { HouseRules } from '../../parts/rules/houseRules'

/** What can be wrong when a contact goes in, as the hand notices it. */
export const seatFaultIds = [
  'will-not-go-in',
  'no-click',
  'out-by-tug',
  'stands-low',
  'stands-proud',
  'strand-outside',
  'will-not-tighten',
  'came-loose',
] as const
export type SeatFaultId = (typeof seatFaultIds)[number]

/** Why, as the eye then finds it. */
export type SeatCauseId =
  | 'banana'
  | 'lance-flat'
  | 'wrong-contact'
  | 'wrong-way-up'
  | 'off-its-hole'
  | 'hole-plugged'
  | 'too-thick'
  | 'lock-part-way'
  | 'used-up'
  | 'not-far-enough'
  | 'clip-broken'
  | 'pushed-back'
  | 'past-its-lock'
  | 'seal-rucked'
  | 'tool-tilted'
  | 'wrong-tip'
  | 'not-behind-shoulder'
  | 'screw-not-open'
  | 'beside-clamp'
  | 'not-tight'
  | 'tinned'
  | 'strand-missed'
  | 'insulation-clamped'
  | 'thread-stripped'
  | 'tongue-off-washer'

/**
 * What becomes of the contact. `again`: nothing is lost, it goes in again. `take-out`: it stands in the cavity and must come out.
 * `cut-off`: it is scrap, strip and crimp begin again. `straighten`: by the house rules, else it is cut off.
 */
export type SeatOutcome = 'again' | 'take-out' | 'cut-off' | 'straighten'

export interface SeatFault {
  readonly id: SeatFaultId
  /** as it goes in, of what stands there already, or of both */
  readonly noticed: 'going-in' | 'standing' | 'both'
  /** only where something snaps, or only where something is tightened; left out, everywhere */
  readonly where?: 'snaps' | 'tightens'
  /** the likeliest cause first */
  readonly causes: readonly { readonly id: SeatCauseId; readonly outcome: SeatOutcome }[]
}

export const seatFaults: Readonly<Record<SeatFaultId, SeatFault>> = {
  'will-not-go-in': {
    id: 'will-not-go-in',
    noticed: 'going-in',
    causes: [
      { id: 'screw-not-open', outcome: 'again' },
      { id: 'wrong-way-up', outcome: 'again' },
      { id: 'off-its-hole', outcome: 'again' },
      { id: 'tool-tilted', outcome: 'again' },
      { id: 'wrong-tip', outcome: 'again' },
      { id: 'banana', outcome: 'straighten' },
      { id: 'hole-plugged', outcome: 'again' },
      { id: 'lock-part-way', outcome: 'again' },
      { id: 'too-thick', outcome: 'cut-off' },
      { id: 'wrong-contact', outcome: 'cut-off' },
      { id: 'used-up', outcome: 'cut-off' },
    ],
  },
  'no-click': {
    id: 'no-click',
    noticed: 'going-in',
    where: 'snaps',
    causes: [
      { id: 'not-far-enough', outcome: 'again' },
      { id: 'not-behind-shoulder', outcome: 'again' },
      { id: 'tool-tilted', outcome: 'again' },
      { id: 'lance-flat', outcome: 'again' },
      { id: 'wrong-way-up', outcome: 'take-out' },
      { id: 'lock-part-way', outcome: 'again' },
      { id: 'clip-broken', outcome: 'take-out' },
    ],
  },
  'out-by-tug': {
    id: 'out-by-tug',
    noticed: 'going-in',
    causes: [
      { id: 'beside-clamp', outcome: 'again' },
      { id: 'not-tight', outcome: 'again' },
      { id: 'not-far-enough', outcome: 'again' },
      { id: 'lance-flat', outcome: 'again' },
      { id: 'clip-broken', outcome: 'again' },
      { id: 'wrong-contact', outcome: 'cut-off' },
    ],
  },
  'stands-low': {
    id: 'stands-low',
    noticed: 'both',
    where: 'snaps',
    causes: [
      { id: 'not-far-enough', outcome: 'again' },
      { id: 'pushed-back', outcome: 'take-out' },
      { id: 'seal-rucked', outcome: 'take-out' },
      { id: 'clip-broken', outcome: 'take-out' },
    ],
  },
  'stands-proud': {
    id: 'stands-proud',
    noticed: 'both',
    where: 'snaps',
    causes: [
      { id: 'past-its-lock', outcome: 'take-out' },
      { id: 'wrong-contact', outcome: 'take-out' },
      { id: 'clip-broken', outcome: 'take-out' },
    ],
  },
  'strand-outside': {
    id: 'strand-outside',
    noticed: 'going-in',
    where: 'tightens',
    causes: [
      { id: 'strand-missed', outcome: 'cut-off' },
      { id: 'beside-clamp', outcome: 'again' },
    ],
  },
  'will-not-tighten': {
    id: 'will-not-tighten',
    noticed: 'going-in',
    where: 'tightens',
    causes: [
      { id: 'insulation-clamped', outcome: 'again' },
      { id: 'tongue-off-washer', outcome: 'again' },
      { id: 'tinned', outcome: 'cut-off' },
      { id: 'thread-stripped', outcome: 'again' },
    ],
  },
  'came-loose': {
    id: 'came-loose',
    noticed: 'standing',
    where: 'tightens',
    causes: [
      { id: 'not-tight', outcome: 'take-out' },
      { id: 'tinned', outcome: 'cut-off' },
      { id: 'insulation-clamped', outcome: 'take-out' },
    ],
  },
}

const idsOf = (isScrewed: boolean): readonly ReleaseId[] =>
  Object.values(releaseMechanisms).flatMap((one) => (isFixed({ release: one.id }) === isScrewed ? [one.id] : []))
const screwed = idsOf(true)
const sprung = idsOf(false)

/** What a hand can notice there: as it goes in, or once it is in. */
export const faultsOf = (release: ReleaseId, isIn: boolean): readonly SeatFaultId[] =>
  seatFaultIds.filter((id) => {
    const { noticed, where } = seatFaults[id]
    return (
      noticed !== (isIn ? 'going-in' : 'standing') &&
      (where === undefined || where === (isFixed({ release }) ? 'tightens' : 'snaps'))
    )
  })

/** Causes that only some mechanisms know: a round contact with a clip has no lance, one that goes in by hand no tip. */
const ofMechanism: Readonly<Partial<Record<SeatCauseId, readonly ReleaseId[]>>> = {
  'wrong-way-up': ['barbs', 'window-lance', 'side-tang', 'neck', 'comb'],
  'lance-flat': ['barbs', 'window-lance', 'side-tang'],
  'clip-broken': ['finger', 'rear-sleeve', 'neck'],
  'tool-tilted': ['rear-sleeve'],
  'wrong-tip': ['rear-sleeve'],
  'not-behind-shoulder': ['rear-sleeve'],
  'screw-not-open': ['clamp'],
  'beside-clamp': ['clamp'],
  'not-tight': screwed,
  'insulation-clamped': ['clamp'],
  'tongue-off-washer': ['stud'],
  banana: sprung,
  'hole-plugged': sprung,
  'used-up': sprung,
  'not-far-enough': sprung,
  'too-thick': [...sprung, 'clamp'],
}

/** What can be behind a fault at this half: not what it does not have. */
export const causesOf = (
  fault: SeatFaultId,
  half: { readonly release: ReleaseId; readonly hasLock: boolean; readonly hasMat: boolean },
): SeatFault['causes'] =>
  seatFaults[fault].causes.filter(
    ({ id }) =>
      (ofMechanism[id]?.includes(half.release) ?? true) &&
      (id !== 'lock-part-way' || half.hasLock) &&
      (id !== 'off-its-hole' || half.hasMat),
  )

/** What becomes of the contact by these rules; undefined when the cause does not belong to the fault. */
export function seatOutcome(
  fault: SeatFaultId,
  cause: string,
  rules: HouseRules,
): Exclude<SeatOutcome, 'straighten'> | 'straightened' | undefined {
  const outcome = seatFaults[fault].causes.find((one) => one.id === cause)?.outcome
  if (outcome !== 'straighten') return outcome
  return practices.straightening.allowance(rules) === 'forbidden' ? 'cut-off' : 'straightened'
}

import type { ReleaseId } from '../../parts/catalogue/releaseMechanisms'
import { practices } from '../crimp/practices'
import type { HouseRules } from '../../parts/rules/houseRules'

/** What can be wrong when a contact goes in, as the hand notices it. */
export const seatFaultIds = ['will-not-go-in', 'no-click', 'out-by-tug', 'stands-low', 'stands-proud'] as const
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

/**
 * What becomes of the contact. `again`: nothing is lost, it goes in again. `take-out`: it stands in the cavity and must come out.
 * `cut-off`: it is scrap, strip and crimp begin again. `straighten`: by the house rules, else it is cut off.
 */
export type SeatOutcome = 'again' | 'take-out' | 'cut-off' | 'straighten'

export interface SeatFault {
  readonly id: SeatFaultId
  /** the likeliest cause first */
  readonly causes: readonly { readonly id: SeatCauseId; readonly outcome: SeatOutcome }[]
}

export const seatFaults: Readonly<Record<SeatFaultId, SeatFault>> = {
  'will-not-go-in': {
    id: 'will-not-go-in',
    causes: [
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
    causes: [
      { id: 'not-far-enough', outcome: 'again' },
      { id: 'lance-flat', outcome: 'again' },
      { id: 'clip-broken', outcome: 'again' },
      { id: 'wrong-contact', outcome: 'cut-off' },
    ],
  },
  'stands-low': {
    id: 'stands-low',
    causes: [
      { id: 'not-far-enough', outcome: 'again' },
      { id: 'pushed-back', outcome: 'take-out' },
      { id: 'seal-rucked', outcome: 'take-out' },
      { id: 'clip-broken', outcome: 'take-out' },
    ],
  },
  'stands-proud': {
    id: 'stands-proud',
    causes: [
      { id: 'past-its-lock', outcome: 'take-out' },
      { id: 'wrong-contact', outcome: 'take-out' },
      { id: 'clip-broken', outcome: 'take-out' },
    ],
  },
}

/** Causes that only some mechanisms know: a round contact with a clip has no lance, one that goes in by hand no tip. */
const ofMechanism: Readonly<Partial<Record<SeatCauseId, readonly ReleaseId[]>>> = {
  'wrong-way-up': ['barbs', 'window-lance', 'side-tang', 'neck', 'comb'],
  'lance-flat': ['barbs', 'window-lance', 'side-tang'],
  'clip-broken': ['finger', 'rear-sleeve', 'neck'],
  'tool-tilted': ['rear-sleeve'],
  'wrong-tip': ['rear-sleeve'],
  'not-behind-shoulder': ['rear-sleeve'],
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

import { ohmPerM } from '../../base/wire/resistance'

export interface ResistanceQuery {
  readonly lengthM: number
  readonly areaMm2: number
  /** contacts in the path */
  readonly contacts: number
  readonly contactMilliohm?: number | undefined
  /** of one contact, the largest that is sound; three times the usual when left out */
  readonly contactMilliohmMax?: number | undefined
  /** of the wire */
  readonly tolerancePercent?: number | undefined
  /** of the measurement */
  readonly temperatureC?: number | undefined
  readonly stranded?: boolean | undefined
  /** of the meter's own leads, measured shorted; left out where four wires were used */
  readonly leadsOhm?: number | undefined
  readonly measuredOhm?: number | undefined
  /** step of the meter */
  readonly resolutionOhm?: number | undefined
  readonly accuracyOhm?: number | undefined
  /** net readings of like wires, leads off */
  readonly like?: readonly number[] | undefined
}

export interface ContactsVerdict {
  readonly verdict: 'good' | 'high' | 'cannot-tell'
  /** what all of them together are at most; one of them may hold all of it */
  readonly atMostOhm: number
}

export interface ResistanceVerdict {
  readonly expectedOhm: number
  readonly windowOhm: readonly [number, number]
  /** measured less the leads */
  readonly netOhm?: number
  readonly verdict?: 'good' | 'high' | 'low' | 'cannot-tell'
  /** all contacts of the net together */
  readonly contacts?: ContactsVerdict
  /** it stands out from like wires; likeness alone never makes good */
  readonly outlier?: boolean
}

/** Like wires before a comparison says anything. */
export const LIKE_LEAST = 4
/** A net stands out by more than this share of the median of its likes, and half of what its contacts may have. */
const OUTLIER_SHARE = 0.03

/**
 * The resistance that a net should have, and what a reading says of it: of the net, and of its contacts alone.
 *
 * Expected is wire plus contacts. A reading stands for all values within its uncertainty: accuracy, and one step of the meter
 * when leads were taken off (two readings), else half of one. It is good when all of them lie in the window, high or low when
 * none does, else nobody can tell. What the contacts can be is what is left when the wire, within its tolerance, is taken off.
 */
export function resistance(query: ResistanceQuery): ResistanceVerdict {
  const wireOhm =
    query.lengthM * ohmPerM(query.areaMm2, { stranded: query.stranded ?? true, temperatureC: query.temperatureC ?? 20 })
  const contactOhm = (query.contactMilliohm ?? 5) / 1000
  const contactMaxOhm = query.contactMilliohmMax === undefined ? 3 * contactOhm : query.contactMilliohmMax / 1000
  const tolerance = (query.tolerancePercent ?? 10) / 100
  const [wireLow, wireHigh] = [wireOhm * (1 - tolerance), wireOhm * (1 + tolerance)]
  const contactsOhm = query.contacts * contactMaxOhm
  const windowOhm = [wireLow, wireHigh + contactsOhm] as const
  const answer = { expectedOhm: wireOhm + query.contacts * contactOhm, windowOhm }
  if (query.measuredOhm === undefined) return answer
  const netOhm = query.measuredOhm - (query.leadsOhm ?? 0)
  const steps = query.leadsOhm === undefined ? 0.5 : 1
  const unsureOhm = (query.accuracyOhm ?? 0) + steps * (query.resolutionOhm ?? 0)
  const [from, to] = [netOhm - unsureOhm, netOhm + unsureOhm]
  const medianOhm = query.like && query.like.length >= LIKE_LEAST ? median(query.like) : undefined
  return {
    ...answer,
    netOhm,
    verdict: verdictOf(from, to, windowOhm),
    contacts: contactsOf(from - wireHigh, to - wireLow, contactsOhm),
    ...(medianOhm !== undefined && { outlier: from > medianOhm * (1 + OUTLIER_SHARE) + contactsOhm / 2 }),
  }
}

function verdictOf(
  from: number,
  to: number,
  [low, high]: readonly [number, number],
): NonNullable<ResistanceVerdict['verdict']> {
  if (from >= low && to <= high) return 'good'
  if (from > high) return 'high'
  return to < low ? 'low' : 'cannot-tell'
}

const contactsOf = (leastOhm: number, mostOhm: number, allowedOhm: number): ContactsVerdict => ({
  verdict: mostOhm <= allowedOhm ? 'good' : leastOhm > allowedOhm ? 'high' : 'cannot-tell',
  atMostOhm: Math.max(0, mostOhm),
})

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = Math.floor(sorted.length / 2)
  const upper = sorted[middle] ?? NaN
  return sorted.length % 2 === 1 ? upper : ((sorted[middle - 1] ?? NaN) + upper) / 2
}

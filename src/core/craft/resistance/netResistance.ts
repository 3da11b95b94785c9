import { ohmPerM } from '../../base/wire/resistance'

export interface ResistanceQuery {
  readonly lengthM: number
  readonly areaMm2: number
  /** contacts in the path */
  readonly contacts: number
  readonly contactMilliohm?: number | undefined
  readonly contactMilliohmMax?: number | undefined
  /** of the wire */
  readonly tolerancePercent?: number | undefined
  readonly temperatureC?: number | undefined
  readonly stranded?: boolean | undefined
  /** of the meter's own leads, measured shorted */
  readonly leadsOhm?: number | undefined
  readonly measuredOhm?: number | undefined
  readonly resolutionOhm?: number | undefined
}

export interface ResistanceVerdict {
  readonly expectedOhm: number
  readonly windowOhm: readonly [number, number]
  /** measured less the leads */
  readonly netOhm?: number
  readonly verdict?: 'good' | 'high' | 'low' | 'cannot-tell'
}

/** A meter judges what is at least three of its steps wide. */
const STEPS_TO_JUDGE = 3

/**
 * The resistance that a net should have, and what a reading says of it.
 *
 * Expected is wire plus contacts. The window is the wire's tolerance on both sides, and the contacts' largest on the upper
 * one. A meter whose step is above a third of the contacts' share of the window cannot tell a good contact from a bad one.
 */
export function resistance(query: ResistanceQuery): ResistanceVerdict {
  const wireOhm =
    query.lengthM * ohmPerM(query.areaMm2, { stranded: query.stranded ?? true, temperatureC: query.temperatureC ?? 20 })
  const contactOhm = (query.contactMilliohm ?? 5) / 1000
  const contactMaxOhm = query.contactMilliohmMax === undefined ? 3 * contactOhm : query.contactMilliohmMax / 1000
  const tolerance = (query.tolerancePercent ?? 10) / 100
  const low = wireOhm * (1 - tolerance)
  const high = wireOhm * (1 + tolerance) + query.contacts * contactMaxOhm
  const answer = { expectedOhm: wireOhm + query.contacts * contactOhm, windowOhm: [low, high] as const }
  if (query.measuredOhm === undefined) return answer
  const netOhm = query.measuredOhm - (query.leadsOhm ?? 0)
  return {
    ...answer,
    netOhm,
    verdict: verdictOf(netOhm, low, high, query.contacts * contactMaxOhm, query.resolutionOhm ?? 0),
  }
}

function verdictOf(
  netOhm: number,
  low: number,
  high: number,
  contactShareOhm: number,
  resolutionOhm: number,
): NonNullable<ResistanceVerdict['verdict']> {
  if (resolutionOhm > contactShareOhm / STEPS_TO_JUDGE) return 'cannot-tell'
  return netOhm < low ? 'low' : netOhm > high ? 'high' : 'good'
}

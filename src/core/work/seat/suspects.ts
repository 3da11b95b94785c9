import { releaseMechanisms } from '../../parts/catalogue/releaseMechanisms'
import { housingOf, insulationMmOf } from '../../record/plan/facts'
import { planIndex } from '../../record/plan/plan'
import { type JobState, termState } from '../../record/state/state'
import { lightTugN } from '../../record/standing/tug'
import { endKey } from '../../record/plan/keys'

/** Why a contact may be the one that keeps a lock from closing. */
export type SuspectReason = 'not-home' | 'not-tugged' | 'out-before' | 'tight-in-bore' | 'last-in'

export interface Suspect {
  readonly term: string
  readonly cavity: string
  readonly reasons: readonly SuspectReason[]
}

const weights: Readonly<Record<SuspectReason, number>> = {
  'not-home': 8,
  'not-tugged': 4,
  'out-before': 2,
  'tight-in-bore': 1,
  'last-in': 1,
}
/** Insulation that fills so much of its bore goes in hard. */
const TIGHT = 0.85

/** The contacts of an end, the likeliest to stand off first: what to look at when its lock will not close, which is never forced. */
export function lockSuspects(state: JobState, unit: number, end: string): readonly Suspect[] {
  const housing = housingOf(state.facts, state.plan, end)
  const family = housing && state.facts.families[housing.family]
  if (!family) return []
  const tugs = releaseMechanisms[family.release].tugMeans === 'when-in'
  const inside = (planIndex(state.plan).byEnd.get(endKey(unit, end)) ?? []).map((termination) => ({
    termination,
    now: termState(state, termination.key),
  }))
  const lastAt = inside.reduce((last, { now }) => (now.seat && now.seat.at > last ? now.seat.at : last), '')
  return inside
    .map(({ termination, now }): Suspect & { readonly weight: number; readonly at: string } => {
      const { cavity } = termination.at
      const size = family.sizes.find((one) => one.id === housing.cavities.find((place) => place.id === cavity)?.size)
      const insulationMm = insulationMmOf(state.facts, termination.wire)
      const reasons: SuspectReason[] = [
        ...(now.seat?.home === true ? [] : ['not-home' as const]),
        ...(tugs &&
        now.seat !== undefined &&
        now.seat.tug === undefined &&
        now.seat.tugN === undefined &&
        lightTugN(state, end, cavity) !== undefined
          ? ['not-tugged' as const]
          : []),
        ...(now.extractions > 0 ? ['out-before' as const] : []),
        ...(size?.boreMm !== undefined && insulationMm !== undefined && insulationMm >= size.boreMm * TIGHT
          ? ['tight-in-bore' as const]
          : []),
        ...(now.seat?.at === lastAt ? ['last-in' as const] : []),
      ]
      return {
        term: termination.key,
        cavity,
        reasons,
        weight: reasons.reduce((sum, reason) => sum + weights[reason], 0),
        at: now.seat?.at ?? '',
      }
    })
    .sort((a, b) => b.weight - a.weight || (a.at < b.at ? 1 : a.at > b.at ? -1 : 0))
    .map(({ term, cavity, reasons }) => ({ term, cavity, reasons }))
}

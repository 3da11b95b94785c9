import { housingOf } from '../../record/plan/facts'
import { planIndex } from '../../record/plan/plan'
import type { NewEntry } from '../../record/journal/entry'
import { type JobState, termState } from '../../record/state/state'
import { cavityKey } from '../../record/plan/keys'

/**
 * The entry that takes a harness over as it came: every termination of the plan that has not been begun here is crimped and
 * seated, every unused cavity that takes a plug has one, every end is locked and has its small parts.
 * @param slackMm what each wire has over the plan's length, for second tries
 */
export function asFoundEntry(state: JobState, newId: () => string, slackMm?: number): NewEntry {
  const { terminations, byCavity } = planIndex(state.plan)
  const plugs: { unit: number; end: string; cavity: string; part: string }[] = []
  const closed: { unit: number; end: string }[] = []
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    for (const end of state.plan.ends) {
      const housing = housingOf(state.facts, state.plan, end.id)
      const family = housing && state.facts.families[housing.family]
      if (!family) continue
      closed.push({ unit, end: end.id })
      // a mat that is pierced only where a wire goes has no open hole
      if (family.sealing === 'none' || family.sealing === 'mat-self-piercing') continue
      for (const cavity of housing.cavities) {
        const part = family.sizes.find((size) => size.id === cavity.size)?.plug
        if (part !== undefined && !byCavity.has(cavityKey(unit, end.id, cavity.id)))
          plugs.push({ unit, end: end.id, cavity: cavity.id, part })
      }
    }
  }
  const terms = terminations
    .filter(({ key }) => {
      const { stripped, crimp } = termState(state, key)
      return !stripped && !crimp
    })
    .map(({ key }) => key)
  return { id: newId(), kind: 'taken-over', terms, plugs, closed, ...(slackMm !== undefined && { slackMm }) }
}

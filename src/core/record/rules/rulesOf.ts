import type { JobState } from '../state/state'
import { type HouseRules, completeRules, houseRules, isShipped, strictest } from '../../parts/rules/houseRules'

/** The house rules as the job pinned them; a job from before they were pinned follows the shipped ones of that name. */
export function rulesOf({ plan, facts }: Pick<JobState, 'plan' | 'facts'>): HouseRules {
  const pinned = facts.rules && Object.hasOwn(facts.rules, plan.rules) ? facts.rules[plan.rules] : undefined
  const rules = pinned ? completeRules(pinned) : isShipped(plan.rules) ? houseRules[plan.rules] : strictest
  return pinned?.isolation === undefined ? beforeProof(rules) : rules
}

const older = new WeakMap<HouseRules, HouseRules>()
/** A job that pinned its rules before they said what is proved: retention and moving were the hands' own matter then. */
function beforeProof(rules: HouseRules): HouseRules {
  const known = older.get(rules)
  if (known) return known
  const then: HouseRules = {
    ...rules,
    isolation: 'not-asked',
    throughPairs: 'not-asked',
    netResistance: 'not-asked',
    handPull: 'not-asked',
    retentionTest: false,
    wiggleS: 0,
  }
  older.set(rules, then)
  return then
}

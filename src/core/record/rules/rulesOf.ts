import type { JobState } from '../state/state'
import { type HouseRules, completeRules, houseRules, isShipped, strictest } from '../../parts/rules/houseRules'

/** The house rules as the job pinned them; a job from before they were pinned follows the shipped ones of that name. */
export function rulesOf({ plan, facts }: Pick<JobState, 'plan' | 'facts'>): HouseRules {
  if (facts.rules && Object.hasOwn(facts.rules, plan.rules)) return completeRules(facts.rules[plan.rules] ?? strictest)
  return isShipped(plan.rules) ? houseRules[plan.rules] : strictest
}

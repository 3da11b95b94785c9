import { constructionOf } from '../catalogue/constructions'
import { heightDrift } from '../crimp/heightWatch'
import type { LookCode } from '../crimp/looks'
import { looks as lookTable } from '../crimp/looks'
import { planIndex, setKey, type ChosenSet, type Termination } from '../job/plan'
import { houseRules, isShipped, strictest, type HouseRules } from '../rules/houseRules'
import type { Refusal } from './entryKind'
import type { JobState, LookSeen } from './state'

/** What several kinds of entry ask of a state. */

/** The house rules as the job pinned them; a job from before they were pinned follows the shipped ones of that name. */
export function rulesOf({ plan, facts }: Pick<JobState, 'plan' | 'facts'>): HouseRules {
  if (facts.rules && Object.hasOwn(facts.rules, plan.rules)) return facts.rules[plan.rules] ?? strictest
  return isShipped(plan.rules) ? houseRules[plan.rules] : strictest
}

export const findTermination = (state: JobState, key: string): Termination | undefined => planIndex(state.plan).byKey.get(key)

export const setOf = (state: JobState, termination: Termination): ChosenSet | undefined => state.sets.get(setKey(termination.wire.id, termination.side))

/** The termination and its set, or why not. */
export function withSet(state: JobState, key: string): { readonly refusal: Refusal } | { readonly refusal?: undefined; readonly termination: Termination; readonly set: ChosenSet } {
  const termination = findTermination(state, key)
  if (!termination) return { refusal: { code: 'unknown', what: 'termination', id: key } }
  const set = setOf(state, termination)
  return set ? { termination, set } : { refusal: { code: 'no-set', term: key } }
}

/** The looks that a set's contact asks for, in order. */
export function looksOf(state: JobState, set: ChosenSet): readonly LookCode[] {
  const contact = state.facts.contacts[set.contact]
  return contact ? constructionOf(contact).looks(contact) : []
}

/** Every look must have been made and seen: accepting is not a habit. */
export function lookRefusal(wanted: readonly LookCode[], given: readonly { readonly look: string; readonly seen: boolean }[]): Refusal | undefined {
  const made = new Map(given.map((one) => [one.look, one.seen]))
  const missing = wanted.filter((look) => !made.has(look))
  if (missing.length > 0) return { code: 'looks-missing', missing }
  const failed = wanted.find((look) => made.get(look) !== true)
  return failed ? { code: 'look-failed', look: failed } : undefined
}

export const isLook = (text: string): text is LookCode => Object.hasOwn(lookTable, text)

export const toLooks = (given: readonly { readonly look: string; readonly seen: boolean }[]): readonly LookSeen[] =>
  given.flatMap(({ look, seen }) => (isLook(look) ? [{ look, seen }] : []))

/** Is this setup on its frame, as last mounted? */
export const isMounted = (state: JobState, id: string): boolean => {
  const setup = state.setups.get(id)
  return setup !== undefined && state.tools.get(setup.setup.tool)?.setup === id
}

/** Mounted, released since that mounting, and its heights do not drift. */
export const isReleased = (state: JobState, id: string): boolean => isMounted(state, id) && state.setups.get(id)?.released !== undefined && !heightDrift(state, id)

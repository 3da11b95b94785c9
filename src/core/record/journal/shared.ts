import { hasRelease, isMounted, isReleased } from '../standing/released'
import { refusedHelp } from '../../craft/release/helps'
import { looks as lookTable } from '../../craft/crimp/looks'
import { type Practice, refusedPractice } from '../../craft/crimp/practices'
import { type Termination, planIndex } from '../plan/plan'
import { rulesOf } from '../rules/rulesOf'
import type { Refusal } from './entryKind'
import type { JobState } from '../state/state'
import type { LookCode } from '../../parts/catalogue/lookCodes'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { setKey } from '../plan/keys'
import type { LookSeen } from '../state/records'

/** What several kinds of entry ask of a state. */

export const findTermination = (state: JobState, key: string): Termination | undefined =>
  planIndex(state.plan).byKey.get(key)

export const setOf = (state: JobState, termination: Termination): ChosenSet | undefined =>
  state.sets.get(setKey(termination.wire.id, termination.side))

/** The termination and its set, or why not. */
export function withSet(
  state: JobState,
  key: string,
):
  | { readonly refusal: Refusal }
  | { readonly refusal?: undefined; readonly termination: Termination; readonly set: ChosenSet } {
  const termination = findTermination(state, key)
  if (!termination) return { refusal: { kind: 'unknown', what: 'termination', id: key } }
  const set = setOf(state, termination)
  return set ? { termination, set } : { refusal: { kind: 'no-set', term: key } }
}

/** Every look must have been made and seen: accepting is not a habit. */
export function lookRefusal(
  wanted: readonly LookCode[],
  given: readonly { readonly look: string; readonly seen: boolean }[],
): Refusal | undefined {
  const made = new Map(given.map((one) => [one.look, one.seen]))
  const missing = wanted.filter((look) => !made.has(look))
  if (missing.length > 0) return { kind: 'looks-missing', missing }
  const failed = wanted.find((look) => made.get(look) !== true)
  return failed ? { kind: 'look-failed', look: failed } : undefined
}

export const isLook = (text: string): text is LookCode => Object.hasOwn(lookTable, text)

export const toLooks = (given: readonly { readonly look: string; readonly seen: boolean }[]): readonly LookSeen[] =>
  given.flatMap(({ look, seen }) => (isLook(look) ? [{ look, seen }] : []))

/** The setup must be released, and for this termination. */
export function releaseRefusal(
  state: JobState,
  setup: string,
  termination: Termination | undefined,
  set: ChosenSet,
): Refusal | undefined {
  if (termination && isReleased(state, setup, termination, set)) return undefined
  return hasRelease(state, setup) && termination
    ? { kind: 'not-covered', setup, term: termination.key }
    : { kind: 'not-yet', what: 'released' }
}

/** The setup must be on its frame now, and be the one that this work is for. */
export function notInHand(state: JobState, needs: string, given: string): Refusal | undefined {
  if (needs !== given) return { kind: 'wrong-setup', needs, given }
  if (isMounted(state, needs)) return undefined
  const tool = state.setups.get(needs)?.setup.tool
  return { kind: 'setup-not-in-hand', needs, mounted: tool === undefined ? undefined : state.tools.get(tool)?.setup }
}

/** What helped a contact in or out must be something that these rules let a hand use. */
export function helpRefusal(
  state: JobState,
  at: 'seat' | 'release',
  given: readonly string[] = [],
): Refusal | undefined {
  const refused = refusedHelp(given, at, rulesOf(state))
  return (
    refused &&
    (refused.why === 'forbidden'
      ? { kind: 'improvised-forbidden', how: refused.id }
      : { kind: 'unknown', what: 'practice', id: refused.id })
  )
}

/** What was done besides must be something that these rules allow on such a contact. */
export function practiceRefusal(
  state: JobState,
  set: ChosenSet,
  at: Practice['at'],
  given: readonly string[] = [],
): Refusal | undefined {
  const contact = state.facts.contacts[set.contact]
  if (given.length === 0 || !contact) return undefined
  const refused = refusedPractice(given, at, contact.construction, rulesOf(state))
  return (
    refused &&
    (refused.why === 'forbidden'
      ? { kind: 'practice-forbidden', practice: refused.practice }
      : { kind: 'unknown', what: 'practice', id: refused.practice })
  )
}

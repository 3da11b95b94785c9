import type { Catalogue } from '../../parts/catalogue/catalogue'
import { chooseSets } from './chooseSets'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import type { JobState } from '../../record/state/state'
import { isSleeve } from '../../parts/catalogue/types'
import { housingOf, mergeFacts, newFacts, planFacts, setFacts, type Facts } from '../../record/plan/facts'
import { type Plan, type PlanChange, type SideLetter, changePlan, planIndex } from '../../record/plan/plan'
import { freshFacts } from '../../record/plan/factsAge'
import { type WireFate, fatesOf, hasBegun } from '../../record/plan/revision'
import { saidOfWires, type WiresAnswered } from '../../record/plan/wiresAnswered'
import type { NewEntry } from '../../record/journal/entry'
import { setKey } from '../../record/plan/keys'

/**
 * The first entries of a job: its plan with the facts that it rests on, and the best workable set for every termination.
 * @param newId makes ids for entries
 */
export function firstEntries(catalogue: Catalogue, plan: Plan, today: string, newId: () => string): NewEntry[] {
  const { ends, wires, layout, ...meta } = plan
  const entries: NewEntry[] = [
    {
      id: newId(),
      kind: 'plan-changed',
      change: { meta, putEnds: ends, putWires: wires, ...(layout && { layout }) },
      facts: planFacts(catalogue, plan, catalogue.rules.get(plan.rules)),
    },
  ]
  const choices = chooseSets(catalogue, plan, new Map(), today).flatMap((choice) =>
    choice.set ? [{ ...choice, set: choice.set }] : [],
  )
  if (choices.length > 0)
    entries.push({
      id: newId(),
      kind: 'sets-chosen',
      choices,
      facts: setFacts(
        catalogue,
        choices.map((choice) => choice.set),
      ),
    })
  return entries
}

/**
 * Entries that change a plan, and choose sets for the sides that the change left without one. What the job has pinned
 * already stays as it is: only what the change names for the first time is copied from the shelf.
 * @param accept wires whose work the change undoes or moves, and is meant to
 */
export function planChangeEntries(
  catalogue: Catalogue,
  state: JobState,
  change: PlanChange,
  today: string,
  newId: () => string,
  accept: readonly string[] = [],
  answered: WiresAnswered = {},
): NewEntry[] {
  const plan = changePlan(state.plan, change)
  const facts = newFacts(
    state.facts,
    planFacts(catalogue, { ends: change.putEnds ?? [], wires: change.putWires ?? [] }, catalogue.rules.get(plan.rules)),
  )
  const fates = fatesOf(state, change, mergeFacts(state.facts, facts), saidOfWires(answered))
  const again = new Set([
    ...fates.flatMap((fate) =>
      (['a', 'b'] as const).flatMap((side) =>
        fate.chooseAgain[side] && !staysMade(state, fate, side) ? [setKey(fate.wire, side)] : [],
      ),
    ),
  ])
  // other house rules: what rests on no work and no hand's choice is judged again
  const judgeAgain = change.meta?.rules !== undefined && change.meta.rules !== state.plan.rules
  const isJudged = (key: string, set: ChosenSet) => judgeAgain && !set.byHand && !hasBegun(state, key)
  const known = mergeFacts(state.facts, facts)
  const isOther = (key: string, set: ChosenSet) => !hasBegun(state, key) && isOtherGender(plan, known, key, set.contact)
  const kept = new Map(
    [...state.sets].filter(([key, set]) => !again.has(key) && !isJudged(key, set) && !isOther(key, set)),
  )
  const touched = new Set([...fates.map((fate) => fate.wire), ...(change.putWires ?? []).map((wire) => wire.id)])
  const choices = chooseSets(catalogue, plan, kept, today).flatMap((choice) =>
    choice.set && (judgeAgain || touched.has(choice.wire)) ? [{ ...choice, set: choice.set }] : [],
  )
  return [
    {
      id: newId(),
      kind: 'plan-changed',
      change,
      facts,
      ...(accept.length > 0 && { rework: [...accept] }),
      ...answered,
      ...(judgeAgain && { judgeAgain }),
    },
    ...(choices.length > 0
      ? [
          {
            id: newId(),
            kind: 'sets-chosen' as const,
            choices,
            facts: setFacts(
              catalogue,
              choices.map((choice) => choice.set),
            ),
          },
        ]
      : []),
  ]
}

/** Is a contact not of the gender that its end is told to take, where its housing takes both? */
function isOtherGender(plan: Plan, facts: Facts, key: string, contactId: string): boolean {
  const termination = planIndex(plan).byKey.get(`1/${key}`)
  const contact = facts.contacts[contactId]
  if (!termination || !contact || isSleeve(contact) || termination.at.kind !== 'cavity') return false
  const told = planIndex(plan).ends.get(termination.at.end)?.gender
  const housing = housingOf(facts, plan, termination.at.end)
  return (
    told !== undefined &&
    contact.gender !== told &&
    housing !== undefined &&
    facts.families[housing.family]?.halves[housing.role] === 'either'
  )
}

/** What is stripped or crimped, and stays so, keeps the set that it was made with. */
const staysMade = (state: JobState, fate: WireFate, side: SideLetter) =>
  (fate[side] === 'keep' || fate[side] === 'move') && hasBegun(state, setKey(fate.wire, side))

/** Would the job's house rules be others than they are now? */
const rulesDiffer = ({ plan, facts }: JobState, fresh: Facts) =>
  JSON.stringify(facts.rules?.[plan.rules]) !== JSON.stringify(fresh.rules?.[plan.rules] ?? facts.rules?.[plan.rules])

/** Entries that bring a job's pinned facts to the shelf's, and choose sets anew where no work rests on them and no hand has chosen. */
export function takeFactsEntries(
  catalogue: Catalogue,
  state: JobState,
  today: string,
  newId: () => string,
): NewEntry[] {
  const kept = new Map([...state.sets].filter(([key, set]) => set.byHand === true || hasBegun(state, key)))
  const fresh = freshFacts(state.facts, catalogue)
  const choices = chooseSets(catalogue, state.plan, kept, today).flatMap((choice) =>
    choice.set ? [{ ...choice, set: choice.set }] : [],
  )
  return [
    {
      id: newId(),
      kind: 'plan-changed',
      change: {},
      facts: fresh,
      ...(rulesDiffer(state, fresh) && { judgeAgain: true as const }),
      why: 'facts taken from the shelf',
    },
    ...(choices.length > 0
      ? [
          {
            id: newId(),
            kind: 'sets-chosen' as const,
            choices,
            facts: setFacts(
              catalogue,
              choices.map((choice) => choice.set),
            ),
          },
        ]
      : []),
  ]
}

/** A short id that sorts by time: `m3k9x2-7f3a1c`. Random bytes are passed in, so that tests repeat. */
export const newIdMaker = (now: () => number, random: () => number) => (): string =>
  `${now().toString(36)}-${Math.floor(random() * 2 ** 40)
    .toString(36)
    .padStart(8, '0')}`

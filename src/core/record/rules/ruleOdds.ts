import { toolClasses } from '../../parts/catalogue/toolClasses'
import { isPractice, practices } from '../../craft/crimp/practices'
import { termLabel } from '../plan/keys'
import { rulesOf } from './rulesOf'
import { groupBy } from '../../base/collections'
import { derivedOf } from '../state/derivedOf'
import type { JobState } from '../state/state'
import { ofAllBlocks, sidesOfBlock, wireBlocks, wiresOfBlock } from '../state/wireBlocks'
import { toolDue } from '../../craft/setup/setup'
import { contactsOhm } from '../standing/contactsOhm'
import { wireLoad } from '../../craft/fit/load'
import type { RuleId } from '../../parts/rules/ruleLines'

/** Where a job's plan or its chosen sets are at odds with the house rules that it follows. */
export interface RuleOdds {
  readonly rule: RuleId
  /** forbidden: it must be changed; recorded: it is allowed, and stands in the journal */
  readonly weight: 'forbidden' | 'recorded'
  /** `W07a`, or a wire */
  readonly where: readonly string[]
  readonly tool?: string
}

/** One place that is at odds with a rule. */
type Odd = Omit<RuleOdds, 'where'> & { readonly where: string }

const odd = (rule: RuleId, allowance: 'forbidden' | 'recorded' | 'allowed', where: string, tool?: string): Odd[] =>
  allowance === 'allowed' ? [] : [{ rule, weight: allowance, where, ...(tool !== undefined && { tool }) }]

/** Chosen sets that the rules do not like. */
const setOdds = derivedOf((state, today: string): readonly Odd[] => {
  const rules = rulesOf(state)
  return [...state.sets].flatMap(([key, set]) => {
    const where = key.replace('/', '')
    const tool = state.facts.tools[set.setup.tool]
    return [
      ...(set.estimate ? odd('estimates', rules.estimates, where) : []),
      ...(set.foldBack ? odd('foldBack', rules.foldBack, where) : []),
      ...(tool && rules.forbiddenToolClasses.includes(tool.class)
        ? odd('forbiddenToolClasses', 'forbidden', where, tool.id)
        : tool && !toolClasses[tool.class].calibrated
          ? odd('uncalibratedTools', rules.uncalibratedTools, where, tool.id)
          : []),
      ...(tool && toolDue(tool, today).kind === 'overdue'
        ? odd('overdueTools', rules.overdueTools === 'block' ? 'forbidden' : 'recorded', where, tool.id)
        : []),
    ]
  })
})

/** What was done at the sides of a block of wires and is not what the rules allow. */
const workOdds = derivedOf((state, unit: number, block: number): readonly Odd[] => {
  const rules = rulesOf(state)
  return sidesOfBlock(state, unit, block).flatMap(({ key }) => {
    const now = state.terms.get(key)
    const where = termLabel(key)
    return [
      ...((now?.stripped?.strandsLost ?? 0) > rules.strandAllowance ? odd('strandAllowance', 'forbidden', where) : []),
      ...[...(now?.stripped?.practices ?? []), ...(now?.crimp?.practices ?? [])].flatMap((id) =>
        isPractice(id) ? odd(practices[id].rule, practices[id].allowance(rules), where) : [],
      ),
    ]
  })
})

/** Wires of a block that carry more than they may, or lose too much on the way. */
const loadOdds = derivedOf((state, block: number): readonly Odd[] => {
  const rules = rulesOf(state)
  return wiresOfBlock(state, block).flatMap((wire) => {
    const type = state.facts.wireTypes[wire.type]
    const load = type && wireLoad(type, { ...wire, contactsOhm: contactsOhm(state, wire) }, state.plan, rules)
    return [
      ...(load?.overloaded ? odd('bundleDerating', 'forbidden', wire.id) : []),
      ...(load?.dropTooLarge ? odd('dropLimitPercent', 'forbidden', wire.id) : []),
    ]
  })
})

/** Every rule that the job is at odds with, the forbidding ones first, each with the places where. */
export function ruleOdds(state: JobState, today: string): readonly RuleOdds[] {
  const all = [
    ...setOdds(state, today),
    ...ofAllBlocks(state, workOdds),
    ...wireBlocks(state).flatMap((block) => loadOdds(state, block)),
  ]
  return [...groupBy(all, ({ rule, tool }) => `${rule} ${tool ?? ''}`).values()]
    .flatMap(([first, ...rest]) =>
      first ? [{ ...first, where: [first.where, ...rest.map(({ where }) => where)] }] : [],
    )
    .sort((a, b) => Number(a.weight === 'recorded') - Number(b.weight === 'recorded'))
}

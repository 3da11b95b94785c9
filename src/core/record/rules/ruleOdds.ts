import { toolClasses } from '../../parts/catalogue/toolClasses'
import { isPractice, practices } from '../../craft/crimp/practices'
import { termLabel } from '../plan/keys'
import { rulesOf } from './rulesOf'
import type { JobState } from '../state/state'
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

/** Every rule that the job is at odds with, the forbidding ones first, each with the places where. */
export function ruleOdds(state: JobState, today: string): readonly RuleOdds[] {
  const rules = rulesOf(state)
  const found = new Map<string, { rule: RuleId; weight: RuleOdds['weight']; where: string[]; tool?: string }>()
  const add = (rule: RuleId, allowance: 'forbidden' | 'recorded' | 'allowed', where: string, tool?: string) => {
    if (allowance === 'allowed') return
    const key = `${rule} ${tool ?? ''}`
    const known = found.get(key)
    if (known) known.where.push(where)
    else found.set(key, { rule, weight: allowance, where: [where], ...(tool !== undefined && { tool }) })
  }
  for (const [key, set] of state.sets) {
    const where = key.replace('/', '')
    const tool = state.facts.tools[set.setup.tool]
    if (set.estimate) add('estimates', rules.estimates, where)
    if (set.foldBack) add('foldBack', rules.foldBack, where)
    if (!tool) continue
    if (rules.forbiddenToolClasses.includes(tool.class)) add('forbiddenToolClasses', 'forbidden', where, tool.id)
    else if (!toolClasses[tool.class].calibrated) add('uncalibratedTools', rules.uncalibratedTools, where, tool.id)
    if (toolDue(tool, today).kind === 'overdue')
      add('overdueTools', rules.overdueTools === 'block' ? 'forbidden' : 'recorded', where, tool.id)
  }
  for (const [key, now] of state.terms) {
    const where = termLabel(key)
    if ((now.stripped?.strandsLost ?? 0) > rules.strandAllowance) add('strandAllowance', 'forbidden', where)
    for (const id of [...(now.stripped?.practices ?? []), ...(now.crimp?.practices ?? [])])
      if (isPractice(id)) add(practices[id].rule, practices[id].allowance(rules), where)
  }
  for (const wire of state.plan.wires) {
    const type = state.facts.wireTypes[wire.type]
    const load = type && wireLoad(type, { ...wire, contactsOhm: contactsOhm(state, wire) }, state.plan, rules)
    if (load?.overloaded) add('bundleDerating', 'forbidden', wire.id)
    if (load?.dropTooLarge) add('dropLimitPercent', 'forbidden', wire.id)
  }
  return [...found.values()].sort((a, b) => Number(a.weight === 'recorded') - Number(b.weight === 'recorded'))
}

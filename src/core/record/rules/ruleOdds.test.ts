import { sevenLeads } from '../../views/sevenLeads.testing'
import { expect, test } from 'vitest'
import { demoShelf, demoShelfInput } from '../../parts/catalogue/demoShelf.testing'
import { pinoutOf } from '../plan/pinoutOf.testing'
import { buildCatalogue } from '../../parts/catalogue/catalogue'
import { olderFacts } from '../plan/factsAge'
import { firstEntries, takeFactsEntries } from '../../work/kit/firstEntries'
import { type Plan, emptyPlan } from '../plan/plan'
import { workThrough } from '../../views/workThrough.testing'
import { foldAll, foldEntry } from '../journal/fold'
import { houseRules } from '../../parts/rules/houseRules'
import { ruleDifferences, ruleLines } from '../../parts/rules/ruleLines'
import { houseRulesSchema } from '../../parts/rules/schema'
import { ruleOdds } from './ruleOdds'
import { refusalOf } from '../../work/left/refusalOf'

const shelf = demoShelf()
const today = '2026-11-25'
const csv =
  'wire,type,colour,from end,from cavity,to end,to cavity,length,current\nW1,UT-0.14,RD,A,1,,,2000,1.3\nW2,UT-0.14,BK,A,2,,,2000,0.02'
let made = 0
const newId = () => `odds-${String(++made).padStart(6, '0')}`
function stateOf(more: Partial<Plan>) {
  const plan = pinoutOf(csv, { A: 'SH-2x2' })
  return foldAll(
    firstEntries(shelf, { ...emptyPlan, ends: [...plan.ends], wires: [...plan.wires], ...more }, today, newId).map(
      (entry, i) => ({ ...entry, seq: i + 1, at: `${today}T09:00:00.000Z`, by: 'ansa' }),
    ),
  ).state
}

test('every rule of the schema has its line, each school passes the schema, and two schools differ where their figures do', () => {
  expect([...ruleLines.map((line) => line.id)].sort()).toEqual(
    Object.keys(houseRulesSchema.shape)
      .filter((key) => !['id', 'name', 'about'].includes(key))
      .sort(),
  )
  for (const school of Object.values(houseRules)) expect(houseRulesSchema.safeParse(school).success).toBe(true)
  expect(ruleDifferences(houseRules['field-repair'], houseRules['hobby-bench']).map((line) => line.id)).toContain(
    'strandAllowance',
  )
  expect(ruleDifferences(houseRules['field-repair'], houseRules['field-repair'])).toEqual([])
})

test('a plain tool under field rules is recorded, the same job under strict rules has no set for it', () => {
  expect(ruleOdds(stateOf({ rules: 'field-repair' }), today)).toEqual([
    { rule: 'uncalibratedTools', weight: 'recorded', where: ['W1a', 'W2a'], tool: 'NH-5' },
  ])
  expect(stateOf({ rules: 'sheet-strict' }).sets.size).toBe(0)
})

test('too long a wire for its load, and too many loaded ones in a bundle, are against the rules', () => {
  // 7 × 0.16 mm is 0.1407 mm²: 0.125 Ω/m × 4 m × 1.3 A = 0.65 V of 12 V is 5.4 %
  expect(
    ruleOdds(stateOf({ rules: 'field-repair', supplyV: 12 }), today).find((one) => one.rule === 'dropLimitPercent'),
  ).toEqual({ rule: 'dropLimitPercent', weight: 'forbidden', where: ['W1'] })
  // 2.2 A × 0.5 = 1.1 A
  expect(ruleOdds(stateOf({ rules: 'field-repair', loadedInBundle: 12 }), today)[0]).toEqual({
    rule: 'bundleDerating',
    weight: 'forbidden',
    where: ['W1'],
  })
})

test('a job pins its rules: a later change of the shelf’s does not reach it until its facts are taken', () => {
  const own = { ...houseRules['field-repair'], id: 'own', name: 'own' }
  const build = (rules: typeof own) => {
    const built = buildCatalogue({ ...demoShelfInput(), rules: [rules] })
    if (!built.ok) throw new Error(JSON.stringify(built.fault))
    return built.value
  }
  const before = build(own)
  const plan = pinoutOf(csv, { A: 'SH-2x2' })
  const { folded } = workThrough(
    firstEntries(before, { ...emptyPlan, rules: 'own', ends: [...plan.ends], wires: [...plan.wires] }, today, newId),
    { newId, stamp: () => ({ at: `${today}T09:00:00.000Z`, by: 'ansa' }), until: () => true },
  )
  const after = build({ ...own, firstPieces: 3 })
  expect(folded.state.facts.rules?.own?.firstPieces).toBe(1)
  expect(olderFacts(folded.state.facts, after)).toEqual([
    { kind: 'rules', id: 'own', change: 'changed', differences: [{ path: 'firstPieces', from: 1, to: 3 }] },
  ])
  for (const entry of takeFactsEntries(after, folded.state, today, newId)) {
    const whole = { ...entry, seq: folded.state.seq + 1, at: `${today}T10:00:00.000Z`, by: 'ansa' }
    expect(refusalOf(folded, whole, whole)).toBeUndefined()
    foldEntry(folded, whole)
  }
  expect(folded.state.facts.rules?.own?.firstPieces).toBe(3)
  expect(olderFacts(folded.state.facts, after)).toEqual([])
})

test('what was done before the rules changed is judged by those of now', () => {
  const { state } = sevenLeads({ strandAllowance: 1, brushTrimming: 'allowed' })
  const term = state.terms.get('1/W1/a')
  if (!term?.stripped) throw new Error('stripped')
  state.terms.set('1/W1/a', { ...term, stripped: { ...term.stripped, strandsLost: 1 } })
  state.terms.set('1/W2/a', { ...term, crimp: { setup: 'x', at: today, by: 'teodor', practices: ['brush-trimming'] } })
  expect(ruleOdds(state, today)).toEqual([])
  const strict = { ...state, plan: { ...state.plan, rules: 'sheet-strict' } }
  expect(ruleOdds(strict, today)).toEqual([
    { rule: 'strandAllowance', weight: 'forbidden', where: ['W1a'] },
    { rule: 'brushTrimming', weight: 'forbidden', where: ['W2a'] },
  ])
})

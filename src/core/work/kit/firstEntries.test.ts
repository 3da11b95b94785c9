import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { emptyPlan, type Plan } from '../../record/plan/plan'
import { pinoutOf } from '../../record/plan/pinoutOf.testing'
import { stripsAhead, workThrough } from '../../views/workThrough.testing'
import { at, newId, put } from '../rework/rework.testing'
import { firstEntries, planChangeEntries } from './firstEntries'

const shelf = demoShelf()
const today = '2026-11-25'

test('an end that is told to take pins has its sets chosen anew, but for what is made already', () => {
  const read = pinoutOf(
    'wire,type,colour,from end,from cavity,to end,to cavity,length\nW1,UT-0.14,RD,A,1,,,300\nW2,UT-0.14,BK,A,2,,,300\n',
    { A: 'SH-1x2' },
  )
  const loose: Plan = { ...emptyPlan, rules: 'hobby-bench', ends: [...read.ends], wires: [...read.wires] }
  const { folded } = workThrough(firstEntries(shelf, loose, today, newId), {
    newId,
    stamp: () => ({ at, by: 'teodor' }),
    stepOf: stripsAhead,
    until: (_state, step) => step.kind === 'mount' || step.kind === 'crimp',
  })
  const genders = () =>
    ['W1', 'W2'].map((wire) => {
      const contact = folded.state.facts.contacts[folded.state.sets.get(`${wire}/a`)?.contact ?? '']
      return contact && 'gender' in contact ? contact.gender : undefined
    })
  const begun = ['W1', 'W2'].map((wire) => folded.state.terms.get(`1/${wire}/a`)?.stripped !== undefined)
  const before = genders()
  const other = before[0] === 'pin' ? 'socket' : 'pin'
  const [end] = loose.ends
  if (!end) throw new Error('end')
  for (const entry of planChangeEntries(shelf, folded.state, { putEnds: [{ ...end, gender: other }] }, today, newId))
    expect(put(folded, entry)).toBeUndefined()
  // what is stripped was stripped for its contact, and keeps it
  expect(begun.filter(Boolean)).toHaveLength(1)
  expect(genders()).toEqual(before.map((gender, i) => (begun[i] ? gender : other)))
})

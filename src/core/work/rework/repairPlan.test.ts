import { expect, test } from 'vitest'
import { planIndex } from '../../record/plan/plan'
import { isFirstOut } from '../../record/standing/isFirstOut'
import { termState } from '../../record/state/state'
import { repairPlan } from './repairPlan'
import { begun, catalogue, goOn, newId, pinout, put } from './rework.testing'
import { reworkEntries } from './reworkEntries'

const came = (name: string) =>
  begun(reworkEntries(catalogue, pinout(name, { kind: 'repair' }), { slackMm: 60 }, '2026-11-25', newId))

const planAt = (folded: ReturnType<typeof came>, term: string) => {
  const termination = planIndex(folded.state.plan).byKey.get(term)
  if (!termination) throw new Error(term)
  return repairPlan(folded.state, 'contact', termination)
}

test('what covers the wires behind an end comes off first, and is made fast last', () => {
  const folded = came('sonde-pigtail')
  const { steps } = planAt(folded, '1/S6/a')
  expect(steps[0]).toEqual({ do: 'open-shell', end: 'S', parts: ['BS-20'] })
  expect(steps.findIndex((step) => step.do === 'secure-shell')).toBeGreaterThan(
    steps.findIndex((step) => step.do === 'look-over'),
  )
})

test('the cover stands once in the way: when a contact of the end is out, it is off', () => {
  const folded = came('sonde-pigtail')
  expect(isFirstOut(folded.state, 1, 'S')).toBe(true)
  put(folded, { id: newId(), kind: 'damage-reported', term: '1/S6/a', what: 'contact' })
  put(folded, { id: newId(), kind: 'extracted', term: '1/S5/a', why: 'other' })
  expect(isFirstOut(folded.state, 1, 'S')).toBe(false)
})

test.each([
  ['cable', 'jacket'],
  ['flat', 'split'],
] as const)('a core of a %s that is cut shorter has its %s go back by as much, by name and in mm', (kind, code) => {
  const folded = came('sonde-pigtail')
  const { state } = folded
  const wires = state.plan.wires.map((wire) => (wire.id === 'S6' ? { ...wire, group: { kind, name: 'K2' } } : wire))
  const ends = state.plan.ends.map((end) => ({ ...end, jacketBackMm: 35 }))
  const plan = { ...state.plan, wires, ends }
  const termination = planIndex(plan).byKey.get('1/S6/a')
  if (!termination) throw new Error('S6')
  const { steps, slack } = repairPlan({ ...state, plan }, 'contact', termination, 4)
  const doings = steps.map((step) => step.do)
  expect(steps[doings.indexOf('sheath-back')]).toEqual({
    do: 'sheath-back',
    code,
    name: 'K2',
    byMm: slack?.costMm,
    toMm: 35,
  })
  expect(doings.indexOf('sheath-back')).toBeGreaterThan(doings.indexOf('cut-off'))
  expect(doings.indexOf('sheath-back')).toBeLessThan(doings.indexOf('strip'))
  expect(planAt(folded, '1/S6/a').steps.some((step) => step.do === 'sheath-back')).toBe(false)
})

test('how it lay before the cut stays with it until it is seated again', () => {
  const folded = came('sonde-pigtail')
  put(folded, {
    id: newId(),
    kind: 'damage-reported',
    term: '1/S6/a',
    what: 'kept-equal',
    before: 'key up, GN left of YE',
  })
  expect(termState(folded.state, '1/S6/a').damaged?.what).toBe('kept-equal')
  put(folded, { id: newId(), kind: 'extracted', term: '1/S6/a', why: 'damaged' })
  expect(termState(folded.state, '1/S6/a')).toMatchObject({ layBefore: 'key up, GN left of YE' })
  goOn(folded)
  expect(termState(folded.state, '1/S6/a')).toMatchObject({ seat: { home: true } })
  expect(termState(folded.state, '1/S6/a').layBefore).toBeUndefined()
})

test('where nothing is chosen for a side, its strip is not known, and what came with it is still lost', () => {
  const folded = came('sonde-pigtail')
  const { state } = folded
  const sets = new Map([...state.sets].filter(([key]) => key !== 'S6/a'))
  const terms = new Map(state.terms)
  const now = termState(state, '1/S6/a')
  terms.set('1/S6/a', { ...now, ...(now.crimp && { crimp: { ...now.crimp, contact: 'RK-PN-B' } }) })
  const termination = planIndex(state.plan).byKey.get('1/S6/a')
  if (!termination) throw new Error('S6')
  const plan = repairPlan({ ...state, sets, terms }, 'contact', termination)
  expect(plan).toMatchObject({ unknownStrip: true, lostMm: 0 })
  expect([...plan.parts]).toEqual([['RK-PN-B', 1]])
})

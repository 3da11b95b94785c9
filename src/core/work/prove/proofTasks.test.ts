import { expect, test } from 'vitest'
import { analysedEntry } from '../../views/analysedEntry.testing'
import { sevenLeads } from '../../views/sevenLeads.testing'
import { nextStep } from '../../views/steps'
import { type WorkOptions, workThrough } from '../../views/workThrough.testing'
import type { Folded } from '../../record/journal/folded'
import { foldEntry } from '../../record/journal/fold'
import type { NewEntry } from '../../record/journal/entry'
import { plannedNets } from '../../record/plan/nets'
import type { HouseRules } from '../../parts/rules/houseRules'
import type { HiddenFault } from '../../craft/practice/hiddenFault'
import { refusalOf } from '../left/refusalOf'
import { workLeft } from '../left/workLeft'
import { netVerdicts } from './netVerdict'
import { apartReadiness, apartTasks, holdTasks, moveTask, pairsSaved } from './proofTasks'
import { analyserPoints, faultsLeft, standInHarness } from './standInHarness'

const at = '2026-11-29T09:00:00.000Z'
let made = 0
const newId = () => `proof-${String(++made).padStart(6, '0')}`

/** Seven leads, worked on until everything is seated, or until so. */
function seated(rules: Partial<HouseRules>, until: WorkOptions['until'] = (_state, step) => step.station === 'prove') {
  const leads = sevenLeads(rules)
  return workThrough([], { newId, from: leads.folded, stamp: () => ({ at, by: 'teodor' }), until }).folded
}
type Said = NewEntry extends infer One ? (One extends NewEntry ? Omit<One, 'id'> : never) : never
function put(folded: Folded, said: Said) {
  const entry = { ...said, id: newId(), seq: folded.state.seq + 1, at, by: 'teodor' } as Parameters<typeof foldEntry>[1]
  const refusal = refusalOf(folded, entry, entry)
  if (refusal) return refusal
  foldEntry(folded, entry)
  return undefined
}
const proof = { isolation: 'likely', retentionTest: true, wiggleS: 30 } as const

test('what the rules do not ask for is no task; a school from before they said so asks for none of it', () => {
  const { state } = seated({ isolation: 'not-asked', retentionTest: false, wiggleS: 0 })
  expect([apartTasks(state, 1), holdTasks(state, 1), moveTask(state, 1)]).toEqual([[], [], undefined])
})

test('a pair can be probed once every contact of both of its nets is home', () => {
  const { state } = seated(proof, (_state, step) => step.kind === 'seat' && step.left < 5)
  const home = new Set(netVerdicts(state, 1).flatMap(({ wire, ready }) => (ready ? wire.id : [])))
  const { netAt } = plannedNets(state)
  const pairs = apartTasks(state, 1)
  const isReady = apartReadiness(state)
  const ready = pairs.filter(isReady)
  expect(ready).toEqual(
    pairs.filter(({ red, black }) =>
      [red, black].every((point) => netAt.get(point)?.wires.every(({ id }) => home.has(id))),
    ),
  )
  expect(ready.length).toBeGreaterThan(0)
  expect(ready.length).toBeLessThan(pairs.length)
  expect(pairs.map((task) => isReady({ ...task, unit: 99 }))).not.toContain(true)
})

test('neighbours are shown apart, once each pair; a contact that is touched again has to be shown again', () => {
  const folded = seated(proof)
  const [pair] = apartTasks(folded.state, 1)
  if (!pair) throw new Error('pair')
  const { all, probed } = pairsSaved(folded.state)
  expect(probed).toBe(apartTasks(folded.state, 1).length)
  expect(probed).toBeLessThan(all)
  const left = workLeft(folded.state)
  const { unit, red, black } = pair
  expect(put(folded, { kind: 'apart-probed', unit, red, black, result: 'pass' })).toBeUndefined()
  expect(workLeft(folded.state)).toBe(left - 1)
  // the other way round it is the same pair
  expect(put(folded, { kind: 'apart-probed', unit, red: black, black: red, result: 'fail' })).toBeUndefined()
  expect(apartTasks(folded.state, 1)[0]).toMatchObject({ done: false, found: { result: 'fail' } })
  expect(put(folded, { kind: 'apart-probed', unit, red, black: red, result: 'pass' })).toMatchObject({
    kind: 'one-net',
  })
  expect(put(folded, { kind: 'apart-probed', unit, red, black: 'A.99', result: 'pass' })).toMatchObject({
    kind: 'unknown',
  })
})

test('a contact that moves under the gauge is not home, and its nets and pairs are proved anew', () => {
  const folded = seated(proof)
  const [hold] = holdTasks(folded.state, 1)
  if (hold?.askedN === undefined) throw new Error('hold')
  const { key: term } = hold.termination
  const said = { kind: 'contact-held', term, test: 'retention', askedN: hold.askedN } as const
  expect(put(folded, { ...said, held: true, forceN: hold.askedN - 1 })).toMatchObject({ kind: 'pull-too-light' })
  expect(put(folded, { ...said, held: true, forceN: hold.askedN * 2 })).toMatchObject({ kind: 'tug-too-hard' })
  expect(put(folded, { ...said, held: true, forceN: hold.askedN })).toBeUndefined()
  expect(holdTasks(folded.state, 1)[0]?.done).toBe(true)
  expect(put(folded, { ...said, held: false })).toBeUndefined()
  expect(nextStep(folded.state)).toMatchObject({ station: 'seat' })
})

test('a wire that comes off by hand is cut off and made again', () => {
  const folded = seated({ ...proof, handPull: 'each' })
  const hold = holdTasks(folded.state, 1).find(({ test: of }) => of === 'hand-pull')
  if (!hold) throw new Error('hold')
  put(folded, { kind: 'contact-held', term: hold.termination.key, test: 'hand-pull', held: false })
  expect(folded.state.terms.get(hold.termination.key)?.damaged).toMatchObject({ what: 'contact' })
})

test('a run over all pairs proves nets and pairs at once; two nets that touch prove neither', () => {
  const folded = seated({ ...proof, isolation: 'all-pairs' })
  const good = analysedEntry(folded.state, 1)
  const [one, other] = good.joined
  if (!one || !other) throw new Error('joined')
  const touching = { ...good, joined: [...good.joined, { red: one.red, black: other.red, ohm: 0.08 }] }
  expect(put(folded, touching)).toBeUndefined()
  expect(netVerdicts(folded.state, 1).filter(({ probe }) => probe?.result === 'fail')).toHaveLength(2)
  expect(folded.state.analysed.get('1')).toMatchObject({ apart: false })
  expect(put(folded, good)).toBeUndefined()
  expect(netVerdicts(folded.state, 1).every(({ proven }) => proven)).toBe(true)
  expect(folded.state.analysed.get('1')).toMatchObject({ apart: true })
  expect(put(folded, { ...good, points: [...good.points, 'A.99'] })).toMatchObject({ kind: 'unknown' })
})

test('one interruption is enough: the net has failed until its contact is made again, and the others’ stay', () => {
  const folded = seated(proof)
  put(folded, analysedEntry(folded.state, 1))
  const wires = folded.state.plan.wires.map(({ id }) => id)
  const event = { atS: 3, lengthMs: 4, during: 'all' as const }
  put(folded, {
    kind: 'harness-moved',
    unit: 1,
    seconds: 30,
    rateHz: 1000,
    wires,
    events: [
      { ...event, wire: 'W1' },
      { ...event, wire: 'W2' },
    ],
  })
  const failed = () => netVerdicts(folded.state, 1).flatMap(({ wire, events }) => (events.length > 0 ? [wire.id] : []))
  expect(failed()).toEqual(['W1', 'W2'])
  // moved again and silent: it was seen all the same
  put(folded, { kind: 'harness-moved', unit: 1, seconds: 30, wires, events: [] })
  expect(failed()).toEqual(['W1', 'W2'])
  put(folded, { kind: 'damage-reported', term: '1/W1/a', what: 'contact' })
  expect(failed()).toEqual(['W2'])
})

test('a place moved by itself, or a shorter sitting, neither shows the whole nor takes it away', () => {
  const folded = seated(proof)
  put(folded, analysedEntry(folded.state, 1))
  const wires = folded.state.plan.wires.map(({ id }) => id)
  const move = (seconds: number, more: { part?: true } = {}) =>
    put(folded, { kind: 'harness-moved', unit: 1, seconds, wires, events: [], ...more })
  move(30, { part: true })
  expect(folded.state.moved.get('1')).toMatchObject({ all: false, seconds: 0 })
  move(30)
  expect(moveTask(folded.state, 1)).toMatchObject({ done: true })
  move(5)
  move(40, { part: true })
  expect(folded.state.moved.get('1')).toMatchObject({ all: true, seconds: 30 })
})

test('a plan that changes or adds a wire takes away what was shown of the whole', () => {
  const folded = seated({ ...proof, isolation: 'all-pairs' })
  const wire = folded.state.plan.wires.find(({ id }) => id === 'W1')
  if (!wire) throw new Error('wire')
  const wires = folded.state.plan.wires.map(({ id }) => id)
  put(folded, analysedEntry(folded.state, 1))
  put(folded, { kind: 'harness-moved', unit: 1, seconds: 30, wires, events: [] })
  expect([folded.state.analysed.has('1'), folded.state.moved.has('1')]).toEqual([true, true])
  const added = { ...wire, id: 'W99', from: { kind: 'open' as const }, to: { kind: 'open' as const } }
  expect(
    put(folded, { kind: 'plan-changed', change: { putWires: [added] }, facts: folded.state.facts }),
  ).toBeUndefined()
  expect([folded.state.analysed.has('1'), folded.state.moved.has('1')]).toEqual([false, false])
})

test('a hidden fault lies on the stand-in until hands have been at its contacts', () => {
  const folded = seated(proof)
  const [a, b] = [...folded.state.terms].filter(([, { seat }]) => seat).map(([key]) => key)
  if (a === undefined || b === undefined) throw new Error('terms')
  const later = '2026-11-29T10:00:00.000Z'
  const hidden: HiddenFault[] = [{ kind: 'open', term: a, at: later }]
  const wires = folded.state.plan.wires.length
  expect(standInHarness(folded.state, 1, []).joints).toHaveLength(wires)
  expect(standInHarness(folded.state, 1, hidden).joints).toHaveLength(wires - 1)
  expect(analyserPoints(folded.state).length).toBeGreaterThan(wires)
  // seated after it was hidden: it is as the record says
  expect(faultsLeft(folded.state, 1, [{ ...hidden[0], at: '2026-11-29T08:00:00.000Z' } as HiddenFault])).toEqual([])
})

import { expect, test } from 'vitest'
import { demoShelf } from '../parts/catalogue/demoShelf.testing'
import { pinoutOf } from '../record/plan/pinoutOf.testing'
import type { NewEntry } from '../record/journal/entry'
import { foldEntry } from '../record/journal/fold'
import type { Folded } from '../record/journal/folded'
import { termState } from '../record/state/state'
import { endTasks } from '../work/seat/endTasks'
import { seatOrder } from '../work/seat/seatOrder'
import { lightTugN } from '../record/standing/tug'
import { netVerdict } from '../work/prove/netVerdict'
import { firstEntries } from '../work/kit/firstEntries'
import { emptyPlan, planIndex, type Plan } from '../record/plan/plan'
import { aheadOfRelease } from '../record/standing/prepAhead'
import { progress, setupCounts } from './progress'
import { inHand, setupQueue, withoutSet } from './queue'
import { nextStep, taskKey } from './steps'
import { threadFirst } from '../record/standing/threadFirst'
import { workThrough } from './workThrough.testing'
import { workLeft } from '../work/left/workLeft'

const shelf = demoShelf()
let made = 0
const newId = () => `step-${String(++made).padStart(5, '0')}`
const at = '2026-11-25T09:00:00.000Z'

/** A small loom: one wire whose insulation no Slipware seal takes, the others plain. */
const csv = `wire,type,colour,from end,from cavity,to end,to cavity,length,current
W1,TW-0.5,RD,A,1,D,1,900,1
W2,TW-0.5,BK,A,2,D,2,900,1
W3,RW-1.5,BN,A,10,D,3,900,5
W4,TW-1.0,GN,A,4,D,4,900,4`

function plan(): Plan {
  const read = pinoutOf(csv, { A: 'CM-10P', D: 'SW-7P' })
  return { ...emptyPlan, title: 'Loom', ends: [...read.ends], wires: [...read.wires] }
}

const work = (until?: Parameters<typeof workThrough>[1]['until']) =>
  workThrough(firstEntries(shelf, plan(), '2026-11-25', newId), {
    newId,
    stamp: () => ({ at, by: 'ansa' }),
    ...(until && { until }),
  }).folded

type Said = NewEntry extends infer E ? (E extends unknown ? Omit<E, 'id'> : never) : never
const put = (folded: Folded, said: Said) =>
  foldEntry(folded, { ...said, id: newId(), seq: folded.state.seq + 1, at, by: 'ansa' })

test('a job without wires asks for them', () => {
  expect(
    nextStep(workThrough([], { newId, stamp: () => ({ at, by: 'ansa' }), until: () => true }).folded.state),
  ).toMatchObject({ station: 'plan', kind: 'plan-wires' })
})

test('a blocked termination holds up only what needs it: the rest is made and seated, then it is asked for', () => {
  const folded = work()
  const step = nextStep(folded.state)
  expect(step).toMatchObject({ station: 'kit', kind: 'unblock', term: '1/W3/b', blocked: 1 })
  expect(withoutSet(folded.state).map((one) => one.key)).toEqual(['1/W3/b'])
  expect(progress(folded.state)).toMatchObject({ kit: { done: 7, total: 8 }, crimp: { done: 7, total: 8 } })
  // A is complete and locked, D waits open for the one that is missing
  expect(folded.state.ends.get('1/A')?.lock).toBe('closed')
  expect(folded.state.ends.get('1/D')?.lock ?? 'open').toBe('open')
  expect(
    endTasks(folded.state, 1, 'D')
      .filter((task) => !task.done)
      .map((task) => task.kind),
  ).toEqual(['insert', 'lock', 'fit-part', 'look-over'])
  expect(workLeft(folded.state)).toBeGreaterThan(0)
})

test('nothing of a setup is stripped before its first piece, of spare wire, has shown that the strip is right', () => {
  const folded = work((_state, step) => step.kind === 'mount')
  const [group] = setupQueue(folded.state)
  if (!group) throw new Error('queue')
  // one may be, by hand: it is not asked for
  expect(aheadOfRelease(folded.state, group.id, group.items[0]?.crimpClass ?? '')).toEqual({ ahead: 0, allowed: 1 })
  expect(nextStep(folded.state)).toMatchObject({ kind: 'mount', setup: group.id })
  expect(inHand(folded.state)).toBeUndefined()
  const released = work((_state, step) => step.kind === 'strip')
  expect(setupQueue(released.state).find(({ id }) => id === group.id)).toMatchObject({ mounted: true, released: true })
})

test('once released, all of a setup is stripped, then all of it crimped', () => {
  const folded = work((state, step) => step.kind === 'crimp' && [...state.terms.values()].some((term) => term.crimp))
  const hand = inHand(folded.state)
  const group = setupQueue(folded.state).find((one) => one.id === hand)
  expect(group?.items.every((item) => item.stage !== 'to-strip')).toBe(true)
  expect(aheadOfRelease(folded.state, hand ?? '', group?.items[0]?.crimpClass ?? '')).toEqual({
    ahead: 0,
    allowed: undefined,
  })
})

test('the queue begins with what is in hand, and what is done goes to the end', () => {
  const folded = work()
  const groups = setupQueue(folded.state)
  expect(groups.every((group) => group.left === 0)).toBe(true)
  const mid = work(
    (state, step) => step.kind === 'mount' && [...state.terms.values()].filter((term) => term.crimp).length > 0,
  )
  const queue = setupQueue(mid.state)
  const lefts = queue.map((group) => group.left)
  expect(lefts.findIndex((left) => left === 0)).toBeGreaterThan(lefts.findLastIndex((left) => left > 0))
})

test('setups are counted with what is stripped and crimped in each', () => {
  const folded = work()
  const counts = [...setupCounts(folded.state).values()]
  expect(counts.reduce((sum, count) => sum + count.total, 0)).toBe(7)
  expect(counts.every((count) => count.crimped === count.total && count.stripped === count.total)).toBe(true)
})

test('what is threaded first: a label everywhere, cover and seal where the family has them', () => {
  const { state } = work(() => true)
  const items = (key: string) => {
    const termination = planIndex(state.plan).byKey.get(key)
    const set = termination && state.sets.get(`${termination.wire.id}/${termination.side}`)
    return termination && set
      ? threadFirst(state, termination, set).map((item) => [item.code, item.part].filter(Boolean).join(' '))
      : []
  }
  expect(items('1/W1/a')).toEqual(['label'])
  expect(items('1/W1/b')).toEqual(['label', 'tail-cover TC-7', 'seal SL-18'])
})

test('unused cavities of an open mat are plugged, each once, by the plug of its size', () => {
  const { state } = work(() => true)
  const plugs = endTasks(state, 1, 'A').flatMap((task) => (task.kind === 'plug' ? [`${task.cavity} ${task.part}`] : []))
  expect(plugs).toEqual(['3', '5', '6', '7', '8', '9'].map((cavity) => `${cavity} CP-M`))
})

test('contacts go in from the far row, each row from the mark; tasks keep their names', () => {
  const housing = shelf.housings.get('CM-10P')
  expect(housing && seatOrder(housing).map((turn) => turn.cavity.id)).toEqual([
    '1',
    '2',
    '3',
    '4',
    '5',
    '6',
    '7',
    '8',
    '9',
    '10',
  ])
  expect(
    housing &&
      seatOrder({ ...housing, mark: { kind: 'notch', at: { xMm: 11, yMm: 7 } } }).map((turn) => turn.cavity.id),
  ).toEqual(['3', '2', '1', '7', '6', '5', '4', '10', '9', '8'])
  const { state } = work(() => true)
  const names = endTasks(state, 1, 'A').map(taskKey)
  expect(new Set(names).size).toBe(names.length)
})

test('the light tug is a quarter of the cavity’s retention, never of the crimp’s pull', () => {
  const { state } = work(() => true)
  expect(lightTugN(state, 'A', '1')).toBe(15)
  expect(lightTugN(state, 'D', '1')).toBe(12)
  expect(lightTugN(state, 'D', '99')).toBeUndefined()
})

test('a damaged contact is taken out and cut off: the wire comes back to Prep', () => {
  const folded = work()
  put(folded, { kind: 'lock-moved', unit: 1, end: 'A', to: 'open' })
  put(folded, { kind: 'extracted', term: '1/W1/a', why: 'damaged' })
  // the next contact is a new one; the wire is shorter by the strip of 5.85 mm and 2 mm for the cutter, rounded up
  expect(termState(folded.state, '1/W1/a')).toMatchObject({ scrapped: 1, extractions: 0, usedMm: 8 })
  expect(termState(folded.state, '1/W1/a').crimp).toBeUndefined()
  // its setup must come back on the bench, then the wire is stripped again
  expect(nextStep(folded.state)).toMatchObject({ station: 'crimp', kind: 'mount' })
  expect(
    setupQueue(folded.state)
      .flatMap((group) => group.items)
      .find((item) => item.termination.key === '1/W1/a')?.stage,
  ).toBe('to-strip')
})

test('a net is ready when both of its contacts are home, and judged with the leads taken off', () => {
  const folded = work()
  const wires = planIndex(folded.state.plan).wires
  const verdict = (id: string) => {
    const wire = wires.get(id)
    if (!wire) throw new Error(id)
    return netVerdict(folded.state, 1, wire)
  }
  expect(verdict('W3').ready).toBe(false)
  expect(verdict('W1')).toMatchObject({ ready: true, proven: false })
  // 0.9 m of 0.483 mm² and two contacts of 4 and 6 mΩ: 32.7 + 10 mΩ
  expect(verdict('W1').resistance?.expectedOhm).toBeCloseTo(0.0427, 3)
  put(folded, { kind: 'net-probed', unit: 1, wire: 'W1', result: 'pass' })
  expect(verdict('W1').proven).toBe(true)
  put(folded, { kind: 'leads-measured', ohm: 0.2, resolutionOhm: 0.1 })
  put(folded, { kind: 'net-measured', unit: 1, wire: 'W1', ohm: 0.3 })
  expect(verdict('W1')).toMatchObject({ proven: true, resistance: { verdict: 'cannot-tell' } })
  put(folded, { kind: 'leads-measured', ohm: 0.2, resolutionOhm: 0.001 })
  put(folded, { kind: 'net-measured', unit: 1, wire: 'W1', ohm: 0.6 })
  expect(verdict('W1')).toMatchObject({ proven: false, resistance: { verdict: 'high' } })
})

test('what is done at the bench comes before what is worked in place: stripped, crimped and seated', () => {
  const threaded = { ...plan(), wires: plan().wires.filter((wire) => wire.id !== 'W3') }
  const ends = threaded.ends.map((end) => (end.id === 'D' ? { ...end, inPlace: true as const, jacketBackMm: 60 } : end))
  const wires = threaded.wires.map((wire) =>
    wire.id === 'W1' ? { ...wire, group: { kind: 'cable' as const, name: '2' } } : wire,
  )
  const { entries, folded } = workThrough(firstEntries(shelf, { ...threaded, ends, wires }, '2026-11-25', newId), {
    newId,
    stamp: () => ({ at, by: 'ansa' }),
    until: (_state, step) => step.kind === 'probe',
  })
  const place = entries.flatMap((entry) =>
    'term' in entry && entry.term !== undefined
      ? [entry.term.endsWith('/b')]
      : 'end' in entry
        ? [entry.end === 'D']
        : [],
  )
  expect(place.indexOf(true)).toBeGreaterThan(0)
  expect(place.lastIndexOf(false)).toBeLessThan(place.indexOf(true))
  // the core of a cable: its jacket goes back first, by what its end wants
  const termination = planIndex(folded.state.plan).byKey.get('1/W1/b')
  const set = folded.state.sets.get('W1/b')
  if (!termination || !set) throw new Error('set')
  expect(threadFirst(folded.state, termination, set).map((item) => [item.code, item.backMm])).toEqual([
    ['label', undefined],
    ['jacket', 60],
    ['tail-cover', undefined],
    ['seal', undefined],
  ])
  const flat = { ...termination, wire: { ...termination.wire, group: { kind: 'flat' as const, name: '5' } } }
  expect(threadFirst(folded.state, flat, set)[1]).toEqual({ code: 'split', part: '5', backMm: 60 })
})

import { plainState } from '../state/plainState.testing'
import { beforeEach, expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { pinoutOf } from '../plan/pinoutOf.testing'
import { firstEntries } from '../../work/kit/firstEntries'
import { type Plan, emptyPlan, planIndex } from '../plan/plan'
import { kitList } from '../../work/kit/kitList'
import { progress } from '../../views/progress'
import { setupQueue } from '../../views/queue'
import { nextStep } from '../../views/steps'
import { entriesFor, stripsAhead, workThrough } from '../../views/workThrough.testing'
import { endTasks } from '../../work/seat/endTasks'
import { setupId } from '../../craft/setup/setup'
import type { Entry, NewEntry } from './entry'
import type { Refusal } from './entryKind'
import { foldAll, foldEntry } from './fold'
import { type Folded, foldFrom, newFold } from './folded'
import { isClosed, snapshot, termState } from '../state/state'
import { refusalOf } from '../../work/left/refusalOf'
import { workLeft } from '../../work/left/workLeft'
import { collision } from './collision'
import fc from 'fast-check'

const shelf = demoShelf()
const csv = `wire,type,colour,from end,from cavity,to end,to cavity,length,signal,current
W1,TW-0.75,RD,P1,1,P2,1,620,supply,0.8
W2,TW-0.75,BK,P1,2,P2,2,620,return,0.8
W3,TW-0.75,YE,P1,3,,,450,photo cell,0.02`

const lead = (more: Partial<Plan> = {}): Plan => {
  const plan = pinoutOf(csv, { P1: 'CM-3P', P2: 'SW-2P' })
  return { ...emptyPlan, title: 'Lead', ends: [...plan.ends], wires: [...plan.wires], ...more }
}

let made = 0
const newId = () => `test-${String(++made).padStart(5, '0')}`
const at = '2026-11-25T09:00:00.000Z'
beforeEach(() => {
  made = 0
})

const options = { newId, stamp: () => ({ at, by: 'ansa' }) }
const start = (plan: Plan = lead()) => firstEntries(shelf, plan, '2026-11-25', newId)
const begin = (until?: Parameters<typeof workThrough>[1]['until'], plan = lead()) =>
  workThrough(start(plan), { ...options, ...(until && { until }) })
const beginAhead = (until: NonNullable<Parameters<typeof begin>[0]>) =>
  workThrough(start(), { ...options, stepOf: stripsAhead, until })

/** Omit, branch by branch of the union. */
type Said = NewEntry extends infer E ? (E extends unknown ? Omit<E, 'id'> : never) : never
const wanted = (folded: Folded, said: Said, by = 'ansa'): Entry => ({
  ...said,
  id: newId(),
  seq: folded.state.seq + 1,
  at,
  by,
})
const refused = (folded: Folded, said: Said, by = 'ansa'): Refusal['kind'] | undefined =>
  refusalOf(folded, wanted(folded, said, by), { at, by })?.kind
const put = (folded: Folded, said: Said): Entry => {
  const entry = wanted(folded, said)
  const refusal = refusalOf(folded, entry, entry)
  if (refusal) throw new Error(JSON.stringify(refusal))
  foldEntry(folded, entry)
  return entry
}

test('steady hands come from plan to a signed job, and the counts say so', () => {
  const { folded, entries } = begin()
  expect(isClosed(folded.state)).toBe(true)
  expect(workLeft(folded.state)).toBe(0)
  const done = progress(folded.state)
  expect(Object.values(done).every((count) => count.done === count.total)).toBe(true)
  expect(done.crimp.total).toBe(5)
  // two contacts are crimped in one of the setups: each has a first piece of its own
  expect(folded.state.setups.size).toBe(2)
  expect(entries.filter((entry) => entry.kind === 'first-piece')).toHaveLength(3)
})

test('a batch of three units crimps all like terminations in one setup', () => {
  const { folded, entries } = begin(undefined, lead({ quantity: 3 }))
  expect(isClosed(folded.state)).toBe(true)
  expect(entries.filter((entry) => entry.kind === 'crimped')).toHaveLength(15)
  expect(entries.filter((entry) => entry.kind === 'setup-mounted')).toHaveLength(folded.state.setups.size)
})

test('a setup is mounted, proven on spare wire and released before anything of it is stripped', () => {
  const { entries } = begin((_state, step) => step.kind === 'seat')
  const kinds = entries.map((entry) => entry.kind)
  const mounted = kinds.indexOf('setup-mounted')
  expect(kinds.slice(2, mounted)).not.toContain('stripped')
  expect(kinds.slice(mounted, mounted + 4)).toEqual(['setup-mounted', 'first-piece', 'first-piece', 'setup-released'])
  expect(kinds.indexOf('stripped')).toBeGreaterThan(mounted)
})

test('a second wire is not stripped ahead of an unreleased setup', () => {
  const { folded } = beginAhead((_state, step) => step.kind === 'mount')
  const second = setupQueue(folded.state)[0]?.items[1]
  if (!second) throw new Error('queue')
  const { wire } = second.termination
  put(folded, { kind: 'wire-cut', unit: 1, wire: wire.id, lengthMm: wire.lengthMm })
  expect(
    refused(folded, {
      kind: 'stripped',
      term: second.termination.key,
      stripMm: second.set.strip.nominalMm,
      threaded: ['label', 'seal', 'tail-cover'],
      strandsLost: 0,
    }),
  ).toBe('ahead-of-release')
})

test('a strip outside its window, a lost strand, a forgotten seal are each refused', () => {
  const { folded } = begin((_state, step) => step.kind === 'strip')
  const item = setupQueue(folded.state)
    .flatMap((group) => group.items)
    .find((one) => one.set.seal)
  if (!item) throw new Error('queue')
  const { termination, set } = item
  put(folded, { kind: 'wire-cut', unit: 1, wire: termination.wire.id, lengthMm: 620 })
  const strip = (more: object) =>
    refused(folded, {
      kind: 'stripped',
      term: termination.key,
      stripMm: set.strip.nominalMm,
      threaded: ['label', 'tail-cover', 'seal'],
      strandsLost: 0,
      ...more,
    })
  expect(strip({ stripMm: set.strip.maxMm + 0.3 })).toBe('strip-outside')
  expect(strip({ strandsLost: 1 })).toBe('strands-lost')
  expect(strip({ threaded: ['label', 'tail-cover'] })).toBe('not-threaded')
  expect(strip({})).toBeUndefined()
})

test('production waits for the release, and a bad first piece does not give it', () => {
  const { folded } = beginAhead((_state, step) => step.kind === 'first-piece')
  const [group] = setupQueue(folded.state)
  const item = group?.items[0]
  if (!group || !item) throw new Error('queue')
  const looks = entriesFor(
    folded.state,
    { station: 'crimp', kind: 'first-piece', setup: group.id, term: group.items[0]?.termination.key ?? '', left: 1 },
    newId,
  ).flatMap((entry) => (entry.kind === 'first-piece' ? entry.looks : []))
  const piece = {
    kind: 'first-piece',
    setup: group.id,
    wire: item.termination.wire.id,
    side: item.termination.side,
    looks,
    ...(item.set.height && { heightMm: item.set.height.minMm + 0.02 }),
  } as const
  expect(refused(folded, { kind: 'crimped', term: item.termination.key, setup: group.id, looks })).toBe('not-yet')
  put(folded, { ...piece, pullN: (item.set.pull?.forceN ?? 0) - 5 })
  expect(refused(folded, { kind: 'setup-released', setup: group.id })).toBe('not-yet')
  put(folded, { ...piece, pullN: (item.set.pull?.forceN ?? 0) + 5 })
  put(folded, { kind: 'setup-released', setup: group.id })
  expect(refused(folded, { kind: 'crimped', term: item.termination.key, setup: group.id, looks: looks.slice(1) })).toBe(
    'looks-missing',
  )
  expect(
    refused(folded, {
      kind: 'crimped',
      term: item.termination.key,
      setup: group.id,
      looks: looks.map((one, i) => (i === 0 ? { ...one, seen: false } : one)),
    }),
  ).toBe('look-failed')
  expect(refused(folded, { kind: 'crimped', term: item.termination.key, setup: group.id, looks })).toBeUndefined()
})

test('mounting another setup on the frame ends a release', () => {
  const { folded } = begin((_state, step) => step.kind === 'seat')
  const groups = setupQueue(folded.state)
  const onFrame = groups.filter((group) => group.setup.tool === 'QF-5')
  const [group] = onFrame
  if (!group) throw new Error('groups')
  put(folded, { kind: 'setup-mounted', setup: group.setup, checked: [] })
  expect(folded.state.setups.get(group.id)?.released).toBeUndefined()
  expect(folded.state.setups.get(group.id)?.proven).toHaveLength(2)
})

test('a scrapped contact takes its strip with it and costs wire; the wire goes back to Prep', () => {
  const { folded } = begin((_state, step) => step.kind === 'crimp')
  const item = setupQueue(folded.state)
    .flatMap((group) => group.items)
    .find((one) => one.stage === 'stripped')
  if (!item) throw new Error('queue')
  const { key } = item.termination
  const look = item.set.seal ? 'wings-closed' : 'indents-even'
  const defect = item.set.seal ? 'wings-open' : 'over-crimped'
  expect(refused(folded, { kind: 'crimp-rejected', term: key, look, defect, decision: 'redo', usedMm: 9 })).toBe(
    'decision-not-for-defect',
  )
  put(folded, { kind: 'crimp-rejected', term: key, look, defect, decision: 'scrap', usedMm: 9 })
  expect(termState(folded.state, key)).toEqual({ scrapped: 1, redone: 0, usedMm: 9, extractions: 0 })
  expect(nextStep(folded.state)).toMatchObject({ kind: 'strip', term: key })
})

const atSeat = () => begin((_state, step) => step.kind === 'seat').folded
const seat = (folded: Folded) => {
  const task = endTasks(folded.state, 1, 'P1').find((one) => one.kind === 'insert' && !one.done)
  if (task?.kind !== 'insert') throw new Error('seat')
  return task
}

test('a contact in the wrong hole is reported, taken out, put right; until then the lock stays open', () => {
  const folded = atSeat()
  const task = seat(folded)
  const other = task.cavity === '3' ? '2' : '3'
  expect(refused(folded, { kind: 'seated', term: task.term, end: 'P1', cavity: other, checked: [], tugN: 15 })).toBe(
    'wrong-cavity',
  )
  put(folded, { kind: 'misplaced', term: task.term, end: 'P1', cavity: other })
  expect(endTasks(folded.state, 1, 'P1').find((one) => one.kind === 'put-right')).toMatchObject({
    found: other,
    why: 'wrong-cavity',
  })
  expect(refused(folded, { kind: 'lock-moved', unit: 1, end: 'P1', to: 'closed' })).toBe('not-home')
  put(folded, { kind: 'extracted', term: task.term, why: 'wrong-cavity' })
  put(folded, { kind: 'seated', term: task.term, end: 'P1', cavity: task.cavity, checked: [], tugN: 15 })
  expect(termState(folded.state, task.term).extractions).toBe(1)
})

test('the tug is asked for, and a jerk is refused', () => {
  const folded = atSeat()
  const task = seat(folded)
  expect(refused(folded, { kind: 'seated', term: task.term, end: 'P1', cavity: task.cavity, checked: [] })).toBe(
    'tug-missing',
  )
  expect(
    refused(folded, { kind: 'seated', term: task.term, end: 'P1', cavity: task.cavity, checked: [], tugN: 61 }),
  ).toBe('tug-too-hard')
  // what the cavity holds by its sheet, 60 N, broke nothing
  const seated = { kind: 'seated' as const, term: task.term, end: 'P1', cavity: task.cavity, checked: [] }
  expect(refused(folded, { ...seated, tug: 'gauge', tugN: 60, tugAskedN: 15 })).toBeUndefined()
  // a hand has no figure
  expect(refused(folded, { ...seated, tug: 'by-hand', tugAskedN: 15 })).toBeUndefined()
})

test('a cover that pushed a contact back is found by the look, and the contact is taken out with the lock open', () => {
  const { folded } = begin((_state, step) => step.kind === 'seat' && step.task.kind === 'look-over')
  put(folded, { kind: 'end-looked-over', unit: 1, end: 'P1', pushedBack: ['2'] })
  const fix = endTasks(folded.state, 1, 'P1').find((one) => one.kind === 'put-right')
  expect(fix).toMatchObject({ cavity: '2', why: 'not-home' })
  if (fix?.kind !== 'put-right') return
  expect(refused(folded, { kind: 'extracted', term: fix.term, why: 'not-home' })).toBe('lock-closed')
  put(folded, { kind: 'lock-moved', unit: 1, end: 'P1', to: 'open' })
  put(folded, { kind: 'extracted', term: fix.term, why: 'not-home' })
  expect(nextStep(folded.state)).toMatchObject({ kind: 'seat', task: { kind: 'insert', cavity: '2' } })
})

test('a net that fails, or measures too high, is not proven, and the job is not signed', () => {
  const { folded } = begin((_state, step) => step.kind === 'count-tray')
  put(folded, { kind: 'leads-measured', ohm: 0.2, resolutionOhm: 0.001 })
  put(folded, { kind: 'net-measured', unit: 1, wire: 'W1', ohm: 2 })
  expect(nextStep(folded.state)).toMatchObject({ station: 'prove', kind: 'put-net-right', wire: 'W1' })
  expect(refused(folded, { kind: 'signed', role: 'builder', covers: folded.state.seq })).toBe('not-yet')
  put(folded, { kind: 'net-measured', unit: 1, wire: 'W1', ohm: 0.222 })
  expect(nextStep(folded.state).kind).toBe('count-tray')
})

test('a tool that is not back, or a contact that is not found, holds the signature', () => {
  const { folded } = begin((_state, step) => step.kind === 'count-tray')
  put(folded, { kind: 'tray-counted', tools: [{ tool: 'QF-5', back: false }], scrapped: 0, scrapFound: 0 })
  expect(refused(folded, { kind: 'signed', role: 'builder', covers: folded.state.seq })).toBe('not-yet')
  put(folded, { kind: 'tray-counted', tools: [{ tool: 'QF-5', back: true }], scrapped: 0, scrapFound: 0 })
  expect(refused(folded, { kind: 'signed', role: 'builder', covers: folded.state.seq - 1 })).toBe('stale-signature')
  expect(refused(folded, { kind: 'signed', role: 'builder', covers: folded.state.seq })).toBeUndefined()
})

test('a signed job takes nothing but notes, and a reopening with its reason; the signature stays', () => {
  const { folded, entries } = begin()
  expect(refused(folded, { kind: 'net-probed', unit: 1, wire: 'W1', result: 'fail' })).toBe('job-closed')
  const crimp = entries.find((entry) => entry.kind === 'crimped')
  expect(refused(folded, { kind: 'taken-back', undoes: crimp?.id ?? '' })).toBe('job-closed')
  put(folded, { kind: 'noted', text: 'delivered' })
  put(folded, { kind: 'reopened', why: 'label missing' })
  expect(isClosed(folded.state)).toBe(false)
  expect(folded.state.signatures).toMatchObject([{ role: 'builder', void: true }])
})

test('work that stands on an entry is named when it is to be taken back', () => {
  const { folded, entries } = begin((_state, step) => step.kind === 'seat')
  const crimp = entries.find((entry) => entry.kind === 'crimped')
  const strip = entries.find(
    (entry) => entry.kind === 'stripped' && crimp?.kind === 'crimped' && entry.term === crimp.term,
  )
  const undo = (id = '') => refusalOf(folded, wanted(folded, { kind: 'taken-back', undoes: id }), { at, by: 'ansa' })
  expect(undo(strip?.id)).toMatchObject({ kind: 'stands-on-it', later: [{ kind: 'crimped' }] })
  expect(undo(entries[0]?.id)?.kind).toBe('not-this-one')
  expect(undo('no-such-entry')?.kind).toBe('unknown')
  expect(undo(crimp?.id)).toBeUndefined()
  put(folded, { kind: 'taken-back', undoes: crimp?.id ?? '' })
  expect(undo(crimp?.id)).toMatchObject({ kind: 'already' })
  expect(undo(strip?.id)).toBeUndefined()
})

test('whatever the entry, taking it back leaves the state as it was before it', () => {
  const { entries } = begin()
  fc.assert(
    fc.property(fc.integer({ min: 2, max: entries.length - 2 }), (count) => {
      const before = foldAll(entries.slice(0, count))
      const was = plainState(before.state)
      const next = entries[count]
      if (!next || next.kind === 'signed') return
      foldEntry(before, next)
      foldEntry(before, { id: newId(), kind: 'taken-back', undoes: next.id, seq: next.seq + 1, at, by: 'ansa' })
      expect(plainState(before.state)).toBe(was)
    }),
  )
})

test('folding from a snapshot goes on like folding from the start', () => {
  const { entries } = begin()
  fc.assert(
    fc.property(fc.integer({ min: 0, max: entries.length }), (count) => {
      const half = foldFrom(snapshot(foldAll(entries.slice(0, count)).state))
      for (const entry of entries.slice(count)) foldEntry(half, entry)
      expect(plainState(half.state)).toBe(plainState(foldAll(entries).state))
    }),
    { numRuns: 20 },
  )
})

test('two benches collide on the same termination, not on two', () => {
  const { folded } = begin((_state, step) => step.kind === 'seat')
  const seen = folded.state.seq
  const tasks = endTasks(folded.state, 1, 'P1').filter((one) => one.kind === 'insert')
  const [first, second] = tasks
  if (first?.kind !== 'insert' || second?.kind !== 'insert') throw new Error('tasks')
  const said = (task: { readonly term: string; readonly cavity: string }): Said => ({
    kind: 'seated',
    term: task.term,
    end: 'P1',
    cavity: task.cavity,
    checked: [],
    tugN: 15,
  })
  const mine = put(folded, said(first))
  expect(collision(folded, wanted(folded, said(first)), seen)).toBe(mine.seq)
  expect(collision(folded, wanted(folded, said(second)), seen)).toBeUndefined()
})

test('a plan change on a wire that has been worked on is refused, on another it frees its sets', () => {
  const { folded } = beginAhead((_state, step) => step.kind === 'mount')
  const worked = [...folded.state.terms.keys()][0]?.split('/')[1]
  const wires = [...planIndex(folded.state.plan).wires.values()]
  const change = (id: string | undefined): Said => {
    const wire = wires.find((one) => one.id === id)
    if (!wire) throw new Error('wire')
    return { kind: 'plan-changed', change: { putWires: [{ ...wire, insulationMm: 1.9 }] }, facts: folded.state.facts }
  }
  expect(refused(folded, change(worked))).toBe('plan-fault')
  const other = wires.find((wire) => wire.id !== worked)
  const before = folded.state.sets.size
  put(folded, change(other?.id))
  expect(folded.state.sets.size).toBeLessThan(before)
})

test('a plan that does not hold together is refused with its fault', () => {
  const folded = newFold()
  const [first] = start()
  if (first?.kind !== 'plan-changed') throw new Error('plan')
  const wires = first.change.putWires ?? []
  const [wire] = wires
  if (!wire) throw new Error('wire')
  const doubled = { ...first, change: { ...first.change, putWires: [...wires, { ...wire, id: 'W9' }] } }
  expect(refusalOf(folded, { ...doubled, seq: 1, at, by: 'ansa' }, { at, by: 'ansa' })).toMatchObject({
    kind: 'plan-fault',
    fault: 'cavity-taken',
  })
})

test('the kit list counts parts, plugs for unused holes, and test pieces on their own', () => {
  const { folded } = begin((_state, step) => step.kind === 'strip', lead({ quantity: 2 }))
  const lines = new Map(kitList(folded.state).map((line) => [line.part, line]))
  expect(lines.get('CM-3P')?.need).toBe(2)
  expect(lines.get('SL-18')).toMatchObject({ need: 4, testPieces: 1 })
  expect(lines.get('TW-0.75')).toMatchObject({ need: 2 * (620 + 8 + 9 + 620 + 8 + 9 + 450 + 8), unit: 'mm' })
  expect([...lines.values()].filter((line) => line.kind === 'plug')).toEqual([])
  const firsts = new Set([...folded.state.sets.values()].map((set) => `${set.contact} ${setupId(set.setup)}`))
  expect(firsts.size).toBe(3)
  expect(lines.get('TW-0.75')?.testPieces).toBe(150 * firsts.size)
})

test('a tray that was counted is counted again once somebody has worked on; what is written at the desk leaves it', () => {
  const { folded } = begin((_state, step) => step.kind === 'sign')
  expect(folded.state.tray?.allBack).toBe(true)
  put(folded, { kind: 'noted', text: 'label printed twice' })
  expect(folded.state.tray?.allBack).toBe(true)
  const probed = put(folded, { kind: 'net-probed', unit: 1, wire: 'W1', result: 'pass' })
  expect(refused(folded, { kind: 'signed', role: 'builder', covers: folded.state.seq })).toBe('not-yet')
  expect(nextStep(folded.state)).toMatchObject({ kind: 'count-tray' })
  // the work is taken back, the count that came before it is not
  put(folded, { kind: 'taken-back', undoes: probed.id })
  expect(nextStep(folded.state)).toMatchObject({ kind: 'count-tray' })
  const counted = put(folded, { kind: 'tray-counted', tools: [], scrapped: 0, scrapFound: 0 })
  expect(refused(folded, { kind: 'signed', role: 'builder', covers: folded.state.seq })).toBeUndefined()
  put(folded, { kind: 'taken-back', undoes: counted.id })
  expect(refused(folded, { kind: 'signed', role: 'builder', covers: folded.state.seq })).toBe('not-yet')
})

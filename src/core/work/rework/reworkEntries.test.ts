import fc from 'fast-check'
import { expect, test } from 'vitest'
import { planChangeEntries } from '../kit/firstEntries'
import { nextStep } from '../../views/steps'
import { planIndex } from '../../record/plan/plan'
import { progress } from '../../views/progress'
import { slackOf } from '../../record/standing/slack'
import { workThrough } from '../../views/workThrough.testing'
import type { NewEntry } from '../../record/journal/entry'
import type { Folded } from '../../record/journal/folded'
import { isClosed, termState } from '../../record/state/state'
import { endTasks } from '../seat/endTasks'
import { unitMoves } from './endMoves'
import { repairPlan } from './repairPlan'
import { at, begun, catalogue, goOn, newId, pinout, put } from './rework.testing'
import { noFacts } from '../../record/plan/facts'
import { revisionCost } from '../../record/plan/revisionCost'
import { contactKind } from '../../record/standing/contactKind'
import { reworkEntries } from './reworkEntries'

const sparePump = () =>
  begun(
    reworkEntries(
      catalogue,
      pinout('spare-pump', { kind: 're-pin' }),
      { slackMm: 24, wanted: pinout('spare-pump-rev-c', { rev: 'C' }) },
      '2026-11-25',
      newId,
    ),
  )

test('a harness that is there is all made and seated, its unused holes plugged, its locks closed', () => {
  const { state } = begun(reworkEntries(catalogue, pinout('spare-pump', { kind: 're-pin' }), {}, '2026-11-25', newId))
  const counts = progress(state)
  for (const station of ['kit', 'prep', 'crimp', 'seat'] as const)
    expect(counts[station].done, station).toBe(counts[station].total)
  expect(unitMoves(state, 1)).toBeUndefined()
  expect(nextStep(state)).toMatchObject({ station: 'prove' })
})

test('two swaps, a three-cycle, one wire more and one less: nine come out, three are put aside', () => {
  const { state } = sparePump()
  // two of seven and two of the wire that goes, at both of its ends
  expect(unitMoves(state, 1)?.plan).toMatchObject({ extractions: 9, parkings: 3, parkedAtOnce: 1 })
  expect(endTasks(state, 1, 'A').find((task) => task.kind === 'put-right' && task.term === '1/P14/a')).toMatchObject({
    why: 'not-in-plan',
    asPlanned: true,
  })
})

test('the re-pin is worked to its signature: every contact out once, each where revision C wants it', () => {
  const folded = sparePump()
  const { entries } = goOn(folded)
  const { state } = folded
  expect(isClosed(state)).toBe(true)
  expect(entries.filter((entry) => entry.kind === 'extracted')).toHaveLength(9)
  // each lock was opened once and closed once
  for (const end of ['A', 'C'])
    expect(
      entries
        .filter((entry) => entry.kind === 'lock-moved' && entry.end === end)
        .map((entry) => entry.kind === 'lock-moved' && entry.to),
    ).toEqual(['open', 'closed'])
  expect(entries.some((entry) => entry.kind === 'lock-moved' && entry.end === 'B')).toBe(false)
  for (const [key, { term }] of state.cavities)
    if (term !== undefined) expect(planIndex(state.plan).byCavity.get(key)?.key).toBe(term)
  expect(state.cavities.get('1/A.26')).toMatchObject({ plug: 'LP-12' })
  expect(state.cavities.get('1/C.4')).toMatchObject({ plug: 'SLP-0' })
})

test('interrupted anywhere, the plan goes on from there and no contact comes out twice', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 40 }), (stop) => {
      const folded = sparePump()
      let count = 0
      const first = workThrough([], {
        newId,
        from: folded,
        stamp: () => ({ at, by: 'teodor' }),
        until: () => count++ >= stop,
      })
      const second = goOn(folded)
      const outs = [...first.entries, ...second.entries].flatMap((entry) =>
        entry.kind === 'extracted' ? [entry.term] : [],
      )
      expect(new Set(outs).size).toBe(outs.length)
      expect(isClosed(folded.state)).toBe(true)
    }),
    { numRuns: 12 },
  )
})

test('what is left of the plan stays what it was, step by step', () => {
  const folded = sparePump()
  workThrough([], {
    newId,
    from: folded,
    stamp: () => ({ at, by: 'teodor' }),
    until: (_state, step) => step.station === 'seat',
  })
  const says = () =>
    unitMoves(folded.state, 1)?.plan.steps.map(
      (step) => `${step.do === 'park' ? 'extract' : step.do} ${'place' in step ? step.place : ''}`,
    ) ?? []
  let before = says()
  expect(before.length).toBeGreaterThan(18)
  while (unitMoves(folded.state, 1)) {
    const { seq } = folded.state
    workThrough([], {
      newId,
      from: folded,
      stamp: () => ({ at, by: 'teodor' }),
      until: (state) => state.seq > seq && says().length < before.length,
    })
    const after = says()
    // to the last contact that hangs out: it is a part of the plan until it is in
    expect(after).toEqual(before.slice(1))
    before = after
  }
})

test('a contact in the way that somebody moved by hand is planned for anew', () => {
  const folded = sparePump()
  put(folded, { id: newId(), kind: 'lock-moved', unit: 1, end: 'A', to: 'open' })
  expect(put(folded, { id: newId(), kind: 'extracted', term: '1/P01/a', why: 'wrong-cavity' })).toBeUndefined()
  // it hangs out: its place is in the way of P02, and is filled before anything else is begun
  const moves = unitMoves(folded.state, 1)
  expect(moves?.plan.steps.slice(0, 3)).toEqual([
    { do: 'extract', contact: '1/P02/a', place: 'A.2' },
    { do: 'insert', contact: '1/P02/a', place: 'A.1' },
    { do: 'insert', contact: '1/P01/a', place: 'A.2' },
  ])
  // and a move out of order is refused, in the trade's words
  expect(
    put(folded, { id: newId(), kind: 'seated', term: '1/P01/a', end: 'A', cavity: '2', checked: [], tugN: 7 }),
  ).toEqual({ kind: 'cavity-taken', cavity: 'A.2', by: 'P02a' })
})

const pigtail = (slackMm: number) => {
  const folded = begun(
    reworkEntries(catalogue, pinout('sonde-pigtail', { kind: 'repair' }), { slackMm }, '2026-11-25', newId),
  )
  expect(
    put(folded, {
      id: newId(),
      kind: 'seat-faulted',
      term: '1/S7/a',
      end: 'S',
      cavity: 'K',
      fault: 'stands-low',
      cause: 'pushed-back',
    }),
  ).toBeUndefined()
  return folded
}

test('a contact that was pushed back comes out first, and the repair is worked to its signature', () => {
  const folded = pigtail(11)
  expect(nextStep(folded.state)).toMatchObject({
    station: 'seat',
    task: { kind: 'put-right', term: '1/S7/a', found: 'K', why: 'not-home' },
  })
  goOn(folded)
  expect(isClosed(folded.state)).toBe(true)
  expect(termState(folded.state, '1/S7/a')).toMatchObject({
    extractions: 1,
    scrapped: 0,
    seat: { cavity: 'K', home: true },
  })
})

test('cut off, the wire pays for it out of what it had to spare, and is made again', () => {
  const folded = pigtail(11)
  expect(
    put(folded, { id: newId(), kind: 'extracted', term: '1/S7/a', why: 'damaged', tool: 'RL-S10' }),
  ).toBeUndefined()
  const wire = planIndex(folded.state.plan).wires.get('S7')
  if (!wire) throw new Error('S7')
  const slack = slackOf(folded.state, 1, wire, 'a')
  expect(slack).toMatchObject({ usedHereMm: slack?.tryMm, leftMm: 11 - (slack?.tryMm ?? 0), triesLeft: 0 })
  const { entries } = goOn(folded)
  expect(entries.map((entry) => entry.kind)).toEqual(
    expect.arrayContaining([
      'stripped',
      'setup-mounted',
      'first-piece',
      'setup-released',
      'crimped',
      'seated',
      'signed',
    ]),
  )
  expect(isClosed(folded.state)).toBe(true)
})

test('what a contact may bear: its reuses are counted, and a spent one does not go in again', () => {
  const folded = pigtail(11)
  const out = { id: '', kind: 'extracted', term: '1/S7/a', why: 'other' } as const
  const back: NewEntry = { id: '', kind: 'seated', term: '1/S7/a', end: 'S', cavity: 'K', checked: [], tugN: 11 }
  for (let time = 1; time <= 3; time++) {
    expect(put(folded, { ...out, id: newId() })).toBeUndefined()
    expect(put(folded, { ...back, id: newId() })).toBeUndefined()
  }
  expect(put(folded, { ...out, id: newId() })).toBeUndefined()
  expect(put(folded, { ...back, id: newId() })).toMatchObject({ kind: 'contact-spent', used: 4, allowed: 3 })
  // K was passed at each of four ways out and three ways in
  expect(folded.state.cavities.get('1/S.K')?.passes).toBe(7)
  expect(
    put(folded, {
      id: newId(),
      kind: 'seat-faulted',
      term: '1/S7/a',
      end: 'S',
      cavity: 'K',
      fault: 'will-not-go-in',
      cause: 'used-up',
    }),
  ).toBeUndefined()
  expect(termState(folded.state, '1/S7/a')).toMatchObject({ scrapped: 1, extractions: 0 })
  expect(termState(folded.state, '1/S7/a').crimp).toBeUndefined()
})

test('an improvised tool is refused by strict rules, and one that does not belong to the mechanism by all', () => {
  const folded = pigtail(11)
  expect(
    put(folded, { id: newId(), kind: 'extracted', term: '1/S7/a', why: 'not-home', improvised: 'modified-tip' }),
  ).toEqual({ kind: 'improvised-forbidden', how: 'modified-tip' })
  expect(
    put(folded, { id: newId(), kind: 'extracted', term: '1/S7/a', why: 'not-home', improvised: 'drilled-cap' }),
  ).toMatchObject({ kind: 'unknown', what: 'practice' })
})

test.each<[string, NewEntry, object]>([
  [
    'a harness taken over twice',
    { id: 'again-0001', kind: 'taken-over', terms: ['1/S1/a'], plugs: [], closed: [] },
    { kind: 'already', what: 'crimped' },
  ],
  [
    'a plug where a wire stands',
    {
      id: 'again-0002',
      kind: 'taken-over',
      terms: [],
      plugs: [{ unit: 1, end: 'S', cavity: 'A', part: 'RP-10' }],
      closed: [],
    },
    { kind: 'cavity-in-use', cavity: 'S.A' },
  ],
  [
    'an end that is not there',
    { id: 'again-0003', kind: 'taken-over', terms: [], plugs: [], closed: [{ unit: 1, end: 'Z' }] },
    { kind: 'unknown', what: 'end', id: 'Z' },
  ],
  [
    'a plug in a hole that is not there',
    {
      id: 'again-0005',
      kind: 'taken-over',
      terms: [],
      plugs: [{ unit: 1, end: 'S', cavity: 'ZZ', part: 'RP-10' }],
      closed: [],
    },
    { kind: 'unknown', what: 'cavity', id: 'S.ZZ' },
  ],
  [
    'a fault at a hole where it does not stand',
    {
      id: 'again-0006',
      kind: 'seat-faulted',
      term: '1/S1/a',
      end: 'S',
      cavity: 'E',
      fault: 'stands-low',
      cause: 'pushed-back',
    },
    { kind: 'stands-elsewhere', stands: 'S.A', given: 'S.E' },
  ],
  [
    'a cause that does not belong to the fault',
    {
      id: 'again-0004',
      kind: 'seat-faulted',
      term: '1/S1/a',
      end: 'S',
      cavity: 'A',
      fault: 'stands-proud',
      cause: 'banana',
    },
    { kind: 'unknown', what: 'cause', id: 'banana' },
  ],
])('%s is refused', (_what, entry, refusal) => {
  expect(put(pigtail(11), entry)).toEqual(refusal)
})

const seatedAt = (folded: Folded, term: string) => {
  const termination = planIndex(folded.state.plan).byKey.get(term)
  if (!termination) throw new Error(term)
  return termination
}

test('a broken contact: its plan in order, its parts, what it costs; then worked to the signature, out first', () => {
  const folded = begun(
    reworkEntries(catalogue, pinout('spare-pump', { kind: 'repair' }), { slackMm: 24 }, '2026-11-25', newId),
  )
  const plan = repairPlan(folded.state, 'contact', seatedAt(folded, '1/P11/b'))
  expect(plan.steps.map((step) => step.do)).toEqual([
    'open-lock',
    'take-out',
    'cut-off',
    'strip',
    'crimp',
    'seat',
    'close-lock',
    'look-over',
    'prove',
  ])
  // the contact with its seal, and the strip of 3.8 with 2.1 of wings and 2 for the cutter, rounded up
  expect([...plan.parts]).toEqual([
    ['SC-03-08', 1],
    ['SL-18', 1],
  ])
  expect(plan.slack).toMatchObject({ leftMm: 24, enough: true })
  expect(put(folded, { id: newId(), kind: 'damage-reported', term: '1/P11/b', what: 'contact' })).toBeUndefined()
  expect(nextStep(folded.state)).toMatchObject({
    station: 'seat',
    task: { kind: 'put-right', term: '1/P11/b', why: 'damaged' },
  })
  const { entries } = goOn(folded)
  expect(
    entries.map((entry) => entry.kind).filter((kind) => ['extracted', 'stripped', 'crimped', 'seated'].includes(kind)),
  ).toEqual(['extracted', 'stripped', 'crimped', 'seated'])
  expect(isClosed(folded.state)).toBe(true)
  expect(termState(folded.state, '1/P11/b')).toMatchObject({ scrapped: 1, usedMm: plan.slack?.costMm })
  expect(termState(folded.state, '1/P11/b').damaged).toBeUndefined()
})

test('a wire chafed behind the contact costs what was spoiled too; where the slack does not bear it, it says what else', () => {
  const folded = pigtail(11)
  const at = seatedAt(folded, '1/S6/a')
  const some = repairPlan(folded.state, 'wire-end', at, 2)
  const more = repairPlan(folded.state, 'wire-end', at, 6)
  expect([some.slack?.enough, some.offers, more.slack?.enough, more.offers]).toEqual([
    true,
    [],
    false,
    ['longer-wire', 'splice'],
  ])
  expect(more.slack?.costMm).toBe((some.slack?.costMm ?? 0) + 4)
  put(folded, { id: newId(), kind: 'damage-reported', term: '1/S6/a', what: 'wire-end', lostMm: 2 })
  put(folded, { id: newId(), kind: 'extracted', term: '1/S6/a', why: 'damaged' })
  expect(termState(folded.state, '1/S6/a').usedMm).toBe(some.slack?.costMm)
})

test('a whole wire: out at both ends, a new one cut, both sides made and seated, its net proved anew', () => {
  const folded = begun(
    reworkEntries(catalogue, pinout('spare-pump', { kind: 'repair' }), { slackMm: 24 }, '2026-11-25', newId),
  )
  const plan = repairPlan(folded.state, 'wire', seatedAt(folded, '1/P11/a'))
  expect(plan.steps.map((step) => step.do)).toEqual([
    'open-lacing',
    'open-lock',
    'open-lock',
    'take-out',
    'take-out',
    'cut-wire',
    'strip',
    'crimp',
    'strip',
    'crimp',
    'seat',
    'seat',
    'close-lock',
    'close-lock',
    'look-over',
    'look-over',
    'prove',
    'renew-lacing',
  ])
  expect(plan.lostMm).toBe(510 + 24)
  expect(put(folded, { id: newId(), kind: 'damage-reported', term: '1/P11/a', what: 'wire' })).toBeUndefined()
  const { entries } = goOn(folded)
  const kinds = entries.map((entry) => entry.kind)
  expect(kinds.slice(0, kinds.indexOf('wire-cut')).filter((kind) => kind === 'extracted')).toHaveLength(2)
  expect(kinds.filter((kind) => kind === 'crimped')).toHaveLength(2)
  expect(isClosed(folded.state)).toBe(true)
  expect(folded.state.wiresLost.get('1/P11')).toEqual({ count: 1, lengthMm: 510 + 24, cameMm: 510 + 24 })
  // the bundle was opened along it before it came out, and laced again after it proved
  const laced = entries.flatMap((entry, i) => (entry.kind === 'lacing-moved' ? [[entry.to, i] as const] : []))
  expect(laced.map(([to]) => to)).toEqual(['open', 'renewed'])
  expect(laced[0]?.[1]).toBeLessThan(kinds.indexOf('extracted'))
  expect(laced[1]?.[1]).toBeGreaterThan(kinds.lastIndexOf('net-probed'))
})

test('a seal that is not crimped on cannot be what broke, and an undone report leaves all as it was', () => {
  const folded = pigtail(11)
  expect(put(folded, { id: newId(), kind: 'damage-reported', term: '1/S1/a', what: 'seal' })).toMatchObject({
    kind: 'unknown',
    what: 'part',
  })
  const before = JSON.stringify([...folded.state.terms])
  const id = newId()
  put(folded, { id, kind: 'damage-reported', term: '1/S1/a', what: 'contact' })
  expect(put(folded, { id: newId(), kind: 'taken-back', undoes: id })).toBeUndefined()
  expect(JSON.stringify([...folded.state.terms])).toBe(before)
})

test('a contact that a change gives up is scrapped once, and the new one has never been out', () => {
  const folded = begun(
    reworkEntries(catalogue, pinout('sonde-pigtail', { kind: 'repair' }), { slackMm: 11 }, '2026-11-25', newId),
  )
  const wire = planIndex(folded.state.plan).wires.get('S1')
  if (!wire) throw new Error('S1')
  const change = { putWires: [{ ...wire, insulationMm: 1.3 }] }
  for (const entry of planChangeEntries(catalogue, folded.state, change, '2026-11-25', newId, ['S1']))
    expect(put(folded, entry)).toBeUndefined()
  goOn(folded)
  expect(isClosed(folded.state)).toBe(true)
  expect(termState(folded.state, '1/S1/a')).toMatchObject({ scrapped: 1, extractions: 0, seat: { home: true } })
})

test('three wires change their cavities in a harness that came made, and nothing was ever chosen for it: contacts move, none is cut off', () => {
  const folded = begun(reworkEntries(catalogue, pinout('spare-pump', { kind: 're-pin' }), {}, '2026-11-25', newId))
  // as on a bench whose shelf fits none of it
  for (const key of [...folded.state.sets.keys()]) folded.state.sets.delete(key)
  const wires = folded.state.plan.wires.filter((wire) => wire.from.kind === 'cavity').slice(0, 3)
  const [one, two, three] = wires
  if (!one || !two || !three) throw new Error('three wires')
  const change = {
    putWires: [
      { ...one, from: two.from },
      { ...two, from: three.from },
      { ...three, from: one.from },
    ],
  }
  const cost = revisionCost(folded.state, change, folded.state.facts)
  expect(cost.fates.map((fate) => fate.a)).toEqual(['move', 'move', 'move'])
  expect(cost).toMatchObject({ extractions: 3, contactsScrapped: [], crimpedAgain: 0, strippedAgain: 0 })
  // said once for an end, the contact is known of every crimp there that takes its size
  const at = one.from.kind === 'cavity' ? one.from : undefined
  const housing = folded.state.plan.ends.find((end) => end.id === at?.end)?.housing ?? ''
  const size = catalogue.housings.get(housing)?.cavities.find((cavity) => cavity.id === at?.cavity)?.size
  const family = catalogue.housings.get(housing)?.family ?? ''
  const half = catalogue.families.get(family)?.halves[catalogue.housings.get(housing)?.role ?? 'plug']
  const kind = [...catalogue.contacts.values()].find(
    (contact) =>
      contact.construction !== 'sleeve' &&
      contact.family === family &&
      contact.size === size &&
      (half === 'either' || contact.gender === half),
  )
  if (!kind || !at) throw new Error('contact')
  const facts = { ...noFacts, contacts: { [kind.id]: kind } }
  put(folded, { id: newId(), kind: 'came-with', end: at.end, contact: kind.id, facts })
  expect(contactKind(folded.state, `1/${one.id}/a`)?.id).toBe(kind.id)
  expect(revisionCost(folded.state, change, folded.state.facts).fates.map((fate) => fate.a)).toEqual([
    'move',
    'move',
    'move',
  ])
})

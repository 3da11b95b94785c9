import { expect, test } from 'vitest'
import { releaseMechanisms } from '../../parts/catalogue/releaseMechanisms'
import { secondaryLocks } from '../../parts/catalogue/secondaryLocks'
import { kitList } from '../kit/kitList'
import { partsUsed } from '../../record/standing/partsUsed'
import { planIndex, type PlanChange } from '../../record/plan/plan'
import { planChangeEntries } from '../kit/firstEntries'
import { nextStep } from '../../views/steps'
import { endState, isClosed, termState } from '../../record/state/state'
import { benchEnds } from '../../record/standing/benchEnds'
import { endTasks } from '../seat/endTasks'
import { insertScene } from '../../craft/release/insertScene'
import { releaseScene } from '../../craft/release/releaseScene'
import { unitMoves } from './endMoves'
import { endRepairPlan } from './endRepairPlan'
import { mapCavities } from './mapCavities'
import { begun, catalogue, goOn, newId, pinout, put } from './rework.testing'
import { reworkEntries } from './reworkEntries'
import { spliceIn } from './spliceIn'

const came = (file: string) =>
  begun(reworkEntries(catalogue, pinout(file, { kind: 'repair' }), { slackMm: 24 }, '2026-11-25', newId))

test('a broken housing: every contact goes over into the new one, once, none put aside, none cut off', () => {
  const folded = came('sonde-pigtail')
  const here = planIndex(folded.state.plan).byEnd.get('1/S')?.length ?? 0
  const plan = endRepairPlan(folded.state, 1, 'S', 'housing')
  expect(plan.steps.map((step) => step.do)).toEqual(['take-housing', 'carry-over', 'look-over'])
  expect(plan.steps[1]).toMatchObject({ count: here })
  expect([plan.lostMm, plan.parts.get('RK-20P'), plan.parts.get('IS-R20')]).toEqual([0, 1, 1])
  expect(put(folded, { id: newId(), kind: 'end-damaged', unit: 1, end: 'S', what: 'housing' })).toBeUndefined()
  expect(benchEnds(folded.state, 1)).toEqual(['S-old', 'S'])
  expect(unitMoves(folded.state, 1)?.plan).toMatchObject({ extractions: here, parkings: 0 })
  expect(nextStep(folded.state)).toMatchObject({
    station: 'seat',
    task: { kind: 'put-right', end: 'S-old', why: 'old-housing', asPlanned: true },
  })
  // given up a second time while the first still holds contacts
  expect(put(folded, { id: newId(), kind: 'end-damaged', unit: 1, end: 'S', what: 'housing' })).toEqual({
    kind: 'not-yet',
    what: 'out',
  })
  const { entries } = goOn(folded)
  expect(isClosed(folded.state)).toBe(true)
  expect(entries.filter((entry) => entry.kind === 'extracted')).toHaveLength(here)
  // one by one: a contact is in the new one before the next comes out
  const hands = entries.flatMap((entry) =>
    entry.kind === 'extracted' || entry.kind === 'seated' ? [`${entry.kind} ${entry.term}`] : [],
  )
  for (let i = 0; i < hands.length; i += 2) expect(hands[i + 1]).toBe(hands[i]?.replace('extracted', 'seated'))
  expect(benchEnds(folded.state, 1)).toEqual(['S'])
  // the housing is new, the contacts and wires came with the harness
  expect(partsUsed(folded.state).get('RK-20P')).toBe(1)
  expect([...partsUsed(folded.state).keys()].some((part) => part.startsWith('TW-'))).toBe(false)
})

test('given up and taken back, all stands as it stood', () => {
  const folded = came('sonde-pigtail')
  const picture = () =>
    JSON.stringify([
      [...folded.state.terms],
      [...folded.state.cavities],
      [...folded.state.ends],
      [...folded.state.oldEnds],
    ])
  const before = picture()
  const id = newId()
  put(folded, { id, kind: 'end-damaged', unit: 1, end: 'S', what: 'housing' })
  expect(picture()).not.toBe(before)
  expect(put(folded, { id: newId(), kind: 'taken-back', undoes: id })).toBeUndefined()
  // maps keep what they hold, in whatever order
  expect(
    [...(JSON.parse(picture()) as unknown[][])].map((map) => [...map].map((one) => JSON.stringify(one)).sort()),
  ).toEqual((JSON.parse(before) as unknown[][]).map((map) => [...map].map((one) => JSON.stringify(one)).sort()))
})

test('once a contact has left the old housing, giving it up cannot be taken back', () => {
  const folded = came('sonde-pigtail')
  const id = newId()
  put(folded, { id, kind: 'end-damaged', unit: 1, end: 'S', what: 'housing' })
  expect(put(folded, { id: newId(), kind: 'extracted', term: '1/S1/a', why: 'old-housing' })).toBeUndefined()
  expect(put(folded, { id: newId(), kind: 'taken-back', undoes: id })).toMatchObject({ kind: 'stands-on-it' })
})

test('a broken lock of its own: a new one on, the contacts stay in', () => {
  const folded = came('spare-pump')
  expect(endRepairPlan(folded.state, 1, 'B', 'lock').steps.map((step) => step.do)).toEqual([
    'open-lock',
    'take-lock',
    'close-lock',
    'look-over',
  ])
  expect(put(folded, { id: newId(), kind: 'end-damaged', unit: 1, end: 'B', what: 'lock' })).toBeUndefined()
  expect(endState(folded.state, '1/B')).toMatchObject({ lock: 'open', lookedOver: false, locksLost: 1 })
  const { entries } = goOn(folded)
  expect(entries.filter((entry) => entry.kind === 'extracted')).toHaveLength(0)
  expect(partsUsed(folded.state).get('WM-10P')).toBe(1)
})

test('a cover that slides over the wires: all contacts out, the new cover on, all in again', () => {
  const folded = came('float-leads')
  const plan = endRepairPlan(folded.state, 1, 'A', 'lock')
  expect(plan.steps.map((step) => step.do)).toEqual(
    expect.arrayContaining(['open-lock', 'take-lock', 'through-cover', 'close-lock']),
  )
  expect(put(folded, { id: newId(), kind: 'end-damaged', unit: 1, end: 'A', what: 'lock' })).toBeUndefined()
  expect(endTasks(folded.state, 1, 'A').slice(0, 3)).toMatchObject([
    { kind: 'put-right', why: 'cover-due' },
    { kind: 'put-right', why: 'cover-due' },
    { kind: 'fit-part', over: true, part: 'TC-2' },
  ])
  expect(put(folded, { id: newId(), kind: 'part-fitted', unit: 1, end: 'A', part: 'TC-2' })).toEqual({
    kind: 'not-yet',
    what: 'out',
  })
  const { entries } = goOn(folded)
  const kinds = entries.filter((entry) => 'end' in entry || entry.kind === 'extracted').map((entry) => entry.kind)
  expect(kinds.indexOf('part-fitted')).toBeGreaterThan(kinds.lastIndexOf('extracted'))
  expect(kinds.indexOf('part-fitted')).toBeLessThan(kinds.indexOf('seated'))
  expect(isClosed(folded.state)).toBe(true)
})

test('a lock that is moulded to its housing takes the housing with it', () => {
  const folded = came('logger-box')
  const plan = endRepairPlan(folded.state, 1, 'P', 'lock')
  expect(plan.steps.find((step) => step.do === 'take-housing')).toMatchObject({ lockIsPart: true, part: 'MJ-21P' })
  // where there is none, none can break
  expect(
    put(came('sonde-pigtail'), { id: newId(), kind: 'end-damaged', unit: 1, end: 'S', what: 'lock' }),
  ).toMatchObject({ kind: 'unknown', what: 'part' })
})

test('a lock stands part-way only where it has such a stop, and contacts still go in there', () => {
  const folded = came('spare-pump')
  for (const to of ['open', 'part-way'] as const)
    expect(put(folded, { id: newId(), kind: 'lock-moved', unit: 1, end: 'B', to })).toBeUndefined()
  expect(put(folded, { id: newId(), kind: 'extracted', term: '1/P01/b', why: 'other' })).toBeUndefined()
  const capped = came('float-leads')
  expect(put(capped, { id: newId(), kind: 'lock-moved', unit: 1, end: 'B', to: 'part-way' })).toBeUndefined()
  expect(
    put(came('sonde-pigtail'), { id: newId(), kind: 'lock-moved', unit: 1, end: 'S', to: 'part-way' }),
  ).toMatchObject({ kind: 'unknown' })
})

test('an end from which a contact comes out is looked over again, with or without a lock', () => {
  const folded = came('sonde-pigtail')
  expect(endState(folded.state, '1/S').lookedOver).toBe(true)
  put(folded, { id: newId(), kind: 'extracted', term: '1/S1/a', why: 'other' })
  expect(endState(folded.state, '1/S').lookedOver).toBe(false)
})

const into = (housing: string, how: 'same-id' | 'same-place' | 'in-order'): PlanChange => {
  const plan = pinout('beacon-lead', {})
  const [from, to] = [catalogue.housings.get('CM-3P'), catalogue.housings.get(housing)]
  if (!from || !to) throw new Error(housing)
  const { map } = mapCavities(from, to, ['1', '2', '3'], how)
  return {
    putEnds: plan.ends.filter((end) => end.id === 'P1').map((end) => ({ ...end, housing })),
    putWires: plan.wires.map((wire) =>
      wire.from.kind === 'cavity' ? { ...wire, from: { ...wire.from, cavity: map.get(wire.from.cavity) ?? '' } } : wire,
    ),
  }
}

test.each(['same-id', 'in-order'] as const)(
  'salvage by %s: the same wires into a larger housing, no contact cut off',
  (how) => {
    const folded = came('beacon-lead')
    const change = into('CM-5P', how)
    for (const entry of planChangeEntries(
      catalogue,
      folded.state,
      change,
      '2026-11-25',
      newId,
      folded.state.plan.wires.map((wire) => wire.id),
    ))
      expect(put(folded, entry)).toBeUndefined()
    expect(benchEnds(folded.state, 1)).toEqual(['P1-old', 'P1', 'P2'])
    // what stands in the old housing is not home in the new one, though the number is the same
    expect(termState(folded.state, '1/W1/a').seat).toMatchObject({ end: 'P1-old', cavity: '1' })
    const { entries } = goOn(folded)
    expect(isClosed(folded.state)).toBe(true)
    expect(entries.filter((entry) => entry.kind === 'crimped')).toHaveLength(0)
    expect(entries.filter((entry) => entry.kind === 'extracted').length).toBe(
      planIndex(folded.state.plan).byEnd.get('1/P1')?.length,
    )
    expect(
      entries.flatMap((entry) => (entry.kind === 'plugged' && entry.end === 'P1' ? [entry.cavity] : [])).length,
    ).toBeGreaterThan(0)
  },
)

test('an end that is taken out of the plan leaves its contacts where they stand, until they are out', () => {
  const folded = came('beacon-lead')
  const { plan } = folded.state
  const change: PlanChange = {
    removeEnds: ['P2'],
    putWires: plan.wires.map((wire) => ({ ...wire, to: { kind: 'open' } })),
  }
  for (const entry of planChangeEntries(
    catalogue,
    folded.state,
    change,
    '2026-11-25',
    newId,
    plan.wires.map((wire) => wire.id),
  ))
    expect(put(folded, entry)).toBeUndefined()
  expect(benchEnds(folded.state, 1)).toEqual(['P2-old', 'P1'])
  expect(endTasks(folded.state, 1, 'P2-old').map((task) => task.kind)).toEqual(['put-right', 'put-right'])
  const { entries } = goOn(folded)
  expect(entries.filter((entry) => entry.kind === 'extracted')).toHaveLength(2)
})

test('a pair is checked after both halves are looked over, and again after one was touched', () => {
  const plan = pinout('float-leads', { kind: 'repair' })
  const folded = begun(
    reworkEntries(
      catalogue,
      { ...plan, ends: plan.ends.map((end) => (end.id === 'A' ? { ...end, mate: 'B' } : end)) },
      { slackMm: 24 },
      '2026-11-25',
      newId,
    ),
  )
  expect(endTasks(folded.state, 1, 'B').at(-1)).toMatchObject({ kind: 'mate', with: 'A', done: false })
  const mate = () =>
    put(folded, { id: newId(), kind: 'pair-mated', unit: 1, a: 'B', b: 'A', checked: ['keys', 'colours'] })
  expect(mate()).toBeUndefined()
  expect(mate()).toEqual({ kind: 'already', what: 'mated' })
  put(folded, { id: newId(), kind: 'lock-moved', unit: 1, end: 'A', to: 'open' })
  expect(endTasks(folded.state, 1, 'B').at(-1)).toMatchObject({ kind: 'mate', done: false })
  expect(mate()).toEqual({ kind: 'not-looked-over', end: 'A' })
  goOn(folded)
  expect([isClosed(folded.state), endState(folded.state, '1/A').mated]).toEqual([true, true])
})

test('a pair is checked again when a wire in it gets another colour, and not when something else of it changes', () => {
  const plan = pinout('float-leads', { kind: 'repair' })
  const folded = begun(
    reworkEntries(
      catalogue,
      { ...plan, ends: plan.ends.map((end) => (end.id === 'A' ? { ...end, mate: 'B' } : end)) },
      { slackMm: 24 },
      '2026-11-25',
      newId,
    ),
  )
  const [wire] = folded.state.plan.wires
  if (!wire) throw new Error('no wire')
  const change = (putWires: PlanChange['putWires']) =>
    put(folded, {
      id: newId(),
      kind: 'plan-changed',
      change: { putWires },
      facts: folded.state.facts,
      rework: [wire.id],
    })
  const mate = () =>
    put(folded, { id: newId(), kind: 'pair-mated', unit: 1, a: 'B', b: 'A', checked: ['keys', 'colours'] })
  expect(mate()).toBeUndefined()
  expect(change([{ ...wire, lengthMm: wire.lengthMm + 5 }])).toBeUndefined()
  expect(mate()).toEqual({ kind: 'already', what: 'mated' })
  expect(change([{ ...wire, colour: 'VT' }])).toBeUndefined()
  expect([endState(folded.state, '1/A').mated, endState(folded.state, '1/B').mated]).toEqual([undefined, undefined])
  expect(mate()).toBeUndefined()
})

test('a pair that does not go together cannot be said to', () => {
  const plan = pinout('beacon-lead', { kind: 'repair' })
  const folded = begun(
    reworkEntries(
      catalogue,
      { ...plan, ends: plan.ends.map((end) => (end.id === 'P1' ? { ...end, mate: 'P2' } : end)) },
      {},
      '2026-11-25',
      newId,
    ),
  )
  expect(put(folded, { id: newId(), kind: 'pair-mated', unit: 1, a: 'P1', b: 'P2', checked: [] })).toMatchObject({
    kind: 'pair-fault',
    fault: { kind: 'not-made-for' },
  })
})

test('lacing is renewed only after it was opened, and holds up the signature', () => {
  const folded = came('spare-pump')
  put(folded, { id: newId(), kind: 'damage-reported', term: '1/P11/a', what: 'wire' })
  expect(nextStep(folded.state)).toMatchObject({ task: { kind: 'open-lacing', wire: 'P11' } })
  expect(put(folded, { id: newId(), kind: 'lacing-moved', unit: 1, wire: 'P11', to: 'renewed' })).toEqual({
    kind: 'not-yet',
    what: 'lacing-open',
  })
  expect(put(folded, { id: newId(), kind: 'lacing-moved', unit: 1, wire: 'P01', to: 'open' })).toMatchObject({
    kind: 'unknown',
    what: 'wire',
  })
  expect(put(folded, { id: newId(), kind: 'lacing-moved', unit: 1, wire: 'P11', to: 'none' })).toBeUndefined()
  expect(folded.state.lacings.size).toBe(0)
})

test('a wire that is too short gets a piece spliced in: the old contact out first, the piece into its cavity', () => {
  const folded = came('spare-pump')
  const change = spliceIn(folded.state.plan, 'P11', 'b', 150)
  if (!change) throw new Error('no splice')
  expect(change.putWires).toMatchObject([
    { id: 'P11', lengthMm: 510 - 150, to: { kind: 'splice', splice: 'S1' } },
    { id: 'P11-2', lengthMm: 150, from: { kind: 'splice', splice: 'S1' }, to: { kind: 'cavity', end: 'C' } },
  ])
  for (const entry of planChangeEntries(catalogue, folded.state, change, '2026-11-25', newId, ['P11']))
    expect(put(folded, entry)).toBeUndefined()
  expect(nextStep(folded.state)).toMatchObject({ station: 'seat', task: { kind: 'put-right', term: '1/P11/b' } })
  const { entries } = goOn(folded)
  expect(entries.filter((entry) => entry.kind === 'extracted').map((entry) => entry.term)).toEqual(['1/P11/b'])
  expect(entries.filter((entry) => entry.kind === 'seated').map((entry) => entry.term)).toEqual(['1/P11-2/b'])
  // the demo's crib holds no tool for butt splices: Kit says so, and what to borrow
  expect(nextStep(folded.state)).toMatchObject({ station: 'kit', kind: 'unblock', blocked: 2 })
})

test('no piece is as long as its wire, and a side in no cavity takes none', () => {
  const { plan } = came('sonde-pigtail').state
  expect(spliceIn(plan, 'S1', 'a', 260)).toBeUndefined()
  expect(spliceIn(plan, 'S1', 'b', 100)).toBeUndefined()
  const twice = spliceIn(
    { ...plan, wires: [...plan.wires, ...(spliceIn(plan, 'S1', 'a', 100)?.putWires ?? [])] },
    'S1',
    'a',
    50,
  )
  expect(twice?.putWires?.map((wire) => wire.id)).toEqual(['S1', 'S1-3'])
})

test('every family of the demo has a way in and out, tools for it, and a lock that a screen can lead through', () => {
  for (const family of catalogue.families.values()) {
    const mechanism = releaseMechanisms[family.release]
    const lock = secondaryLocks[family.lock]
    if (mechanism.id === 'none') continue
    expect(insertScene(mechanism).steps.length, family.id).toBeGreaterThan(1)
    expect(releaseScene(mechanism).steps.length, family.id).toBeGreaterThan(0)
    if (mechanism.tool !== 'none')
      expect(
        [...catalogue.tools.values()].some((tool) => tool.release?.tip === mechanism.tool),
        family.id,
      ).toBe(true)
    // a mechanism that opens the lock has one to open
    if (mechanism.before.includes('open-lock')) expect(lock.present, family.id).toBe(true)
    if (lock.present)
      expect([lock.covers.length > 0, lock.states.includes('closed'), lock.access !== 'none'], family.id).toEqual([
        true,
        true,
        true,
      ])
  }
})

test('the kit of a harness that is there asks only for what is made or taken new', () => {
  const kit = (folded: ReturnType<typeof came>) =>
    Object.fromEntries(kitList(folded.state).map((line) => [line.part, line.need]))
  const folded = came('spare-pump')
  expect(kit(folded)).toEqual({})
  put(folded, { id: newId(), kind: 'damage-reported', term: '1/P11/b', what: 'contact' })
  put(folded, { id: newId(), kind: 'lock-moved', unit: 1, end: 'C', to: 'open' })
  put(folded, { id: newId(), kind: 'extracted', term: '1/P11/b', why: 'damaged' })
  expect(kit(folded)).toEqual({ 'SC-03-08': 1, 'SL-18': 1, 'TW-0.5': 0 })
  put(folded, { id: newId(), kind: 'end-damaged', unit: 1, end: 'B', what: 'lock' })
  put(folded, { id: newId(), kind: 'end-damaged', unit: 1, end: 'C', what: 'housing' })
  expect(kit(folded)).toMatchObject({ 'SC-03-08': 1, 'SW-5P': 1, 'TC-5': 1, 'IS-SW5': 1, 'WM-10P': 1, 'SLP-0': 1 })
})

import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { coversInOrder, secondaryLocks } from '../../parts/catalogue/secondaryLocks'
import { firstEntries } from '../kit/firstEntries'
import { emptyPlan, type Wire } from '../../record/plan/plan'
import { workThrough } from '../../views/workThrough.testing'
import type { Entry } from '../../record/journal/entry'
import { foldEntry } from '../../record/journal/fold'
import { lockSuspects } from './suspects'
import { refusalOf } from '../left/refusalOf'

const catalogue = demoShelf()
let made = 0
const newId = () => `suspect-${String(++made).padStart(4, '0')}`
const wire = (n: number): Wire => ({
  id: `W${n}`,
  type: 'TW-0.75',
  colour: 'RD',
  from: { kind: 'cavity', end: 'A', cavity: String(n) },
  to: { kind: 'open' },
  lengthMm: 500,
})

/** Three wires seated in the end, one minute after the other, its lock not closed yet. */
function beforeTheLock() {
  const plan = { ...emptyPlan, ends: [{ id: 'A', housing: 'CM-3P' }], wires: [wire(1), wire(2), wire(3)] }
  return workThrough(firstEntries(catalogue, plan, '2026-11-25', newId), {
    newId,
    stamp: (seq) => ({ at: new Date(Date.parse('2026-11-25T08:00:00Z') + seq * 60_000).toISOString(), by: 'teodor' }),
    until: (_state, step) => step.kind === 'seat' && step.task.kind === 'lock',
  }).folded
}

test('the last one in is looked at first, when nothing else speaks against any of them', () => {
  const { state } = beforeTheLock()
  const [first, ...rest] = lockSuspects(state, 1, 'A')
  expect(first).toMatchObject({ reasons: ['last-in'] })
  expect(rest.map((one) => one.reasons)).toEqual([[], []])
})

test('one that has been out before comes ahead of the last one in', () => {
  const folded = beforeTheLock()
  const put = (entry: object) => {
    const full = {
      id: newId(),
      ...entry,
      seq: folded.state.seq + 1,
      at: '2026-11-25T07:00:00.000Z',
      by: 'teodor',
    } as Entry
    expect(refusalOf(folded, full, full)).toBeUndefined()
    foldEntry(folded, full)
  }
  put({ kind: 'extracted', term: '1/W1/a', why: 'other' })
  put({ kind: 'seated', term: '1/W1/a', end: 'A', cavity: '1', checked: [], tugN: 15 })
  expect(lockSuspects(folded.state, 1, 'A').map((one) => [one.term, one.reasons])).toMatchObject([
    ['1/W1/a', ['out-before']],
    [expect.any(String), ['last-in']],
    [expect.any(String), []],
  ])
})

test('a suspect that stands low goes in again at no cost, and the lock waits for it', () => {
  const folded = beforeTheLock()
  const [first] = lockSuspects(folded.state, 1, 'A')
  const low = {
    id: newId(),
    kind: 'seat-faulted',
    term: first?.term ?? '',
    end: 'A',
    cavity: first?.cavity ?? '',
    fault: 'stands-low',
    cause: 'not-far-enough',
    seq: folded.state.seq + 1,
    at: '2026-11-25T12:00:00.000Z',
    by: 'teodor',
  } as Entry
  expect(refusalOf(folded, low, low)).toBeUndefined()
  foldEntry(folded, low)
  const { entries } = workThrough([], {
    newId,
    from: folded,
    stamp: () => ({ at: '2026-11-25T12:10:00.000Z', by: 'teodor' }),
    until: (_state, step) => step.kind === 'seat' && step.task.kind === 'fit-part',
  })
  expect(entries.map((entry) => entry.kind)).toEqual(['seated', 'lock-moved'])
  expect(folded.state.terms.get(first?.term ?? '')).toMatchObject({ extractions: 0, scrapped: 0 })
})

test('covers close in the order of the house rules', () => {
  expect(coversInOrder(secondaryLocks.gate, { coverOrder: 'gate-first' })).toEqual(['rear-gate', 'front-cover'])
  expect(coversInOrder(secondaryLocks.gate, { coverOrder: 'front-first' })).toEqual(['front-cover', 'rear-gate'])
  expect(coversInOrder(secondaryLocks.comb, { coverOrder: 'front-first' })).toEqual(['comb'])
})

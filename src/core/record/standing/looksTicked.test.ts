import { expect, test } from 'vitest'
import { foldEntry } from '../journal/fold'
import { nextStep } from '../../views/steps'
import { entriesFor } from '../../views/workThrough.testing'
import { planIndex } from '../plan/plan'
import { setKey } from '../plan/keys'
import { setupId } from '../../craft/setup/setup'
import type { JobState } from '../state/state'
import { leadsUnder, refusedNow } from './crimpRules.testing'
import { looksOf } from './looksOf'
import { looksTicked } from './looksTicked'

/** The crimp that comes next: its setup, and what an entry for it says. */
function due(state: JobState) {
  const step = nextStep(state)
  const termination = step.kind === 'crimp' ? planIndex(state.plan).byKey.get(step.term) : undefined
  const set = termination && state.sets.get(setKey(termination.wire.id, termination.side))
  if (!termination || !set) throw new Error(`no crimp is next, but ${step.kind}`)
  const looks = looksOf(state, set).map((look) => ({ look, seen: true }))
  return { setup: setupId(set.setup), term: termination.key, looks }
}

/** The job as it stands before the so-manieth crimp of its first setting. */
const before = (nth: number, singlyFirst: number, singlyEvery: number) => {
  let crimps = 0
  return leadsUnder({ singlyFirst, singlyEvery }, (_, step) => step.kind === 'crimp' && ++crimps === nth, {
    quantity: 6,
  })
}

// first five, then each tenth
test.each([
  [1, 'singly'],
  [5, 'singly'],
  [6, 'together'],
  [9, 'together'],
  [10, 'singly'],
  [11, 'together'],
] as const)('first five of a setting and each tenth: crimp %i is looked at %s', (nth, kind) => {
  const { state } = before(nth, 5, 10)
  expect(looksTicked(state, due(state).setup).kind).toBe(kind)
})

test.each([
  ['every one singly', 0, 1, 'singly'],
  ['none', 0, 0, 'together'],
  ['the first three, and never again', 3, 0, 'together'],
] as const)('%s: the fourth', (_, first, every, kind) => {
  const { state } = before(4, first, every)
  expect(looksTicked(state, due(state).setup).kind).toBe(kind)
})

test('it is said how far the next one is that is ticked singly', () => {
  const { state } = before(7, 5, 10)
  expect(looksTicked(state, due(state).setup)).toEqual({ kind: 'together', singlyIn: 3 })
})

test('a record does not say “together” where each look is due by itself; later it may, and keeps it', () => {
  const early = before(2, 5, 10)
  const { setup, term, looks } = due(early.state)
  expect(refusedNow(early, { kind: 'crimped', term, setup, looks, together: true })).toEqual({
    kind: 'singly-due',
    nth: 2,
  })
  expect(refusedNow(early, { kind: 'crimped', term, setup, looks })).toBeUndefined()
  const later = before(7, 5, 10)
  const said = due(later.state)
  expect(
    refusedNow(later, {
      kind: 'crimped',
      term: said.term,
      setup: said.setup,
      looks: said.looks,
      together: true,
    }),
  ).toBeUndefined()
})

test.each([
  ['first five', 5, 10, { kind: 'singly-due', nth: 1 }],
  ['every one', 0, 1, { kind: 'singly-due', nth: 1 }],
  ['none', 0, 0, undefined],
  ['only each tenth', 0, 10, undefined],
] as const)(
  '%s one by one: so are a first piece and a tool that is mounted',
  (_, singlyFirst, singlyEvery, refusal) => {
    for (const kind of ['setup-mounted', 'first-piece'] as const) {
      const folded = leadsUnder({ singlyFirst, singlyEvery }, (_state, step) =>
        kind === 'setup-mounted' ? step.kind === 'mount' : step.kind === 'first-piece',
      )
      const [said] = entriesFor(folded.state, nextStep(folded.state), () => 'together-1')
      if (said?.kind !== kind) throw new Error(`no ${kind}`)
      expect(refusedNow(folded, { ...said, together: true })).toEqual(refusal)
      expect(refusedNow(folded, said)).toBeUndefined()
    }
  },
)

test('a first piece whose looks were answered at once says so for ever', () => {
  const folded = leadsUnder({ singlyFirst: 0 }, (_state, step) => step.kind === 'first-piece')
  const [said] = entriesFor(folded.state, nextStep(folded.state), () => 'together-2')
  if (said?.kind !== 'first-piece') throw new Error('no first piece')
  const at = '2026-11-25T10:00:00.000Z'
  foldEntry(folded, { ...said, together: true, seq: folded.state.seq + 1, at, by: 'ansa' })
  expect(folded.state.setups.get(said.setup)?.pieces.at(-1)).toMatchObject({ together: true, good: true })
})

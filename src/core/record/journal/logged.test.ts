import { plainState } from '../state/plainState.testing'
import { expect, test } from 'vitest'
import { factKey } from '../state/factsSlice'
import { sliceIds, slices } from '../state/slices'
import type { Entry } from './entry'
import { Logged } from './logged'
import { newJobState } from '../state/state'
import { type Facts, noFacts } from '../plan/facts'
import type { CutState } from '../state/records'
import type { LeadsState } from '../state/proofRecords'

test.each(sliceIds)('what is written to %s is taken back', (id) => {
  const state = newJobState()
  const key = id === 'facts' ? factKey('contacts', 'C-1') : 'some key'
  const write = (to: object) => {
    const logged = new Logged(state, { kind: 'noted' } as Entry)
    if (id === 'facts') logged.pin({ ...noFacts, contacts: { 'C-1': to } } as unknown as Facts)
    else if ('keyed' in slices[id]) logged.put(id as 'cuts', key, to as CutState)
    else logged.set(id as 'leads', to as LeadsState)
    return logged
  }
  const empty = plainState(state)
  const first = write({ said: 'first' })
  const one = plainState(state)
  expect(one).not.toBe(empty)
  const second = write({ said: 'second' })
  const two = plainState(state)
  expect(two).not.toBe(one)
  second.undo([])
  // a tray that was counted before is not counted again by a taking back
  expect(plainState(state)).toBe(id === 'tray' ? empty : one)
  first.undo([])
  expect(plainState(state)).toBe(empty)
})

test('what something later wrote over stands, and remembers what stood before', () => {
  const state = newJobState()
  const write = (place: string) => {
    const logged = new Logged(state, { kind: 'noted' } as Entry)
    logged.put('lastPlace', '1', place)
    return logged
  }
  write('P1.1')
  const second = write('P1.2')
  const third = write('P1.3')
  second.undo([third])
  expect(state.lastPlace.get('1')).toBe('P1.3')
  third.undo([])
  expect(state.lastPlace.get('1')).toBe('P1.1')
})

test('taking back a choice of sets takes its pinned facts back, and leaves what another pinned', () => {
  const state = newJobState()
  const pin = (ratedA: number) => {
    const logged = new Logged(state, { kind: 'noted' } as Entry)
    logged.pin({ ...noFacts, contacts: { 'C-1': { ratedA } } } as unknown as Facts)
    return logged
  }
  pin(11)
  const later = pin(0.5)
  later.undo([])
  expect(state.facts.contacts['C-1']).toEqual({ ratedA: 11 })
  const weak = pin(0.5)
  const again = pin(0.5)
  weak.undo([again])
  expect(state.facts.contacts['C-1']).toEqual({ ratedA: 0.5 })
  again.undo([])
  expect(state.facts.contacts['C-1']).toEqual({ ratedA: 11 })
})

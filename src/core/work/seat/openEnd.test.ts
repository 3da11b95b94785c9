import { expect, test } from 'vitest'
import { leadsUnder, refusedNow } from '../../record/standing/crimpRules.testing'
import { endTasks } from './endTasks'

const kinds = (state: Parameters<typeof endTasks>[0], end: string) =>
  endTasks(state, 1, end).map((task) => `${task.kind}${task.done ? ' done' : ''}`)

/** Leads from a comb plug to a wedge plug, up to the first thing at the plug with the comb. */
const before = (until: (kind: string) => boolean) =>
  leadsUnder({}, (_, step) => step.kind === 'seat' && step.task.end === 'A' && until(step.task.kind), {
    from: 'MJ-21P',
    to: 'CM-3P',
  })

test('an end with a comb begins with the comb, once; an end with a wedge begins with its contacts', () => {
  const folded = before((kind) => kind === 'open-end')
  expect(kinds(folded.state, 'A')[0]).toBe('open-end')
  expect(kinds(folded.state, 'B')[0]).toBe('insert')
  expect(refusedNow(folded, { kind: 'lock-moved', unit: 1, end: 'A', to: 'open' })).toBeUndefined()
  // the wedge of the other end is not on yet: it is open, and nothing is said of it
  expect(refusedNow(folded, { kind: 'lock-moved', unit: 1, end: 'B', to: 'open' })).toEqual({
    kind: 'already',
    what: 'open',
  })
})

test('opened is said once, and stands when contacts are in', () => {
  const folded = before((kind) => kind === 'insert')
  expect(kinds(folded.state, 'A').slice(0, 2)).toEqual(['open-end done', 'insert'])
  expect(refusedNow(folded, { kind: 'lock-moved', unit: 1, end: 'A', to: 'open' })).toEqual({
    kind: 'already',
    what: 'open',
  })
  const closed = before((kind) => kind === 'look-over')
  expect(kinds(closed.state, 'A')[0]).toBe('open-end done')
})

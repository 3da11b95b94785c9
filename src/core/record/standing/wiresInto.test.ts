import { expect, test } from 'vitest'
import { emptyPlan, type Wire } from '../plan/plan'
import { noFacts } from '../plan/facts'
import { bundleOf, wiresInto } from './wiresInto'

const wire = (id: string, from: Wire['from'], insulationMm: number): Wire => ({
  id,
  type: 'T',
  colour: 'RD',
  from,
  to: { kind: 'open' },
  lengthMm: 400,
  insulationMm,
})

test('a second wire that shares a contact lies in the bundle too, and is counted once', () => {
  const plan = {
    ...emptyPlan,
    ends: [{ id: 'A', housing: 'H' }],
    wires: [
      wire('W1', { kind: 'cavity', end: 'A', cavity: '1' }, 1.8),
      wire('W2', { kind: 'with', wire: 'W1', side: 'a' }, 2.1),
      wire('W3', { kind: 'cavity', end: 'A', cavity: '2' }, 1.5),
      wire('W4', { kind: 'open' }, 9),
    ],
  }
  expect(wiresInto({ plan }, 'A').map(({ id }) => id)).toEqual(['W1', 'W2', 'W3'])
  expect(bundleOf({ plan, facts: noFacts }, 'A')).toEqual([1.8, 2.1, 1.5])
  expect(bundleOf({ plan, facts: noFacts })).toHaveLength(4)
})

import { expect, test } from 'vitest'
import { demoShelf } from '../parts/catalogue/demoShelf.testing'
import { pinoutOf } from '../record/plan/pinoutOf.testing'
import { setKey, termLabel } from '../record/plan/keys'
import { emptyPlan, planIndex, type Plan } from '../record/plan/plan'
import { termState, type JobState } from '../record/state/state'
import { firstEntries } from '../work/kit/firstEntries'
import { MOST_ALIKE, alikePieces } from './alikePieces'
import { workThrough } from './workThrough.testing'

let made = 0
const newId = () => `alike-${String(++made).padStart(6, '0')}`
const row = (wire: number, type: string, end: string, cavity: number, lengthMm: number) =>
  `W${wire},${type},RD,${end},${cavity},SW-7P,,,${lengthMm}`
const read = pinoutOf(
  [
    'wire,type,colour,from end,from cavity,from housing,to end,to cavity,length',
    ...Array.from({ length: 7 }, (_, i) => row(i + 1, 'TW-1.0', 'A', i + 1, 400)),
    ...Array.from({ length: 5 }, (_, i) => row(i + 8, 'TW-1.0', 'B', i + 1, 400)),
    row(13, 'TW-1.0', 'B', 6, 500),
    row(14, 'TW-1.5', 'B', 7, 400),
    ...Array.from({ length: 4 }, (_, i) => row(i + 15, 'TW-1.0', 'C', i + 1, 400)),
  ].join('\n'),
)
const plan = { ...emptyPlan, ends: [...read.ends], wires: [...read.wires] }

const isReleased = (state: JobState) => [...state.setups.values()].some(({ proven }) => proven.length > 0)

/** The pieces like the one at an end of a wire, as soon as the job stands so. */
function likeOf(key: string, until: (state: JobState) => boolean, of: Plan = plan): readonly string[] {
  const { folded } = workThrough(firstEntries(demoShelf(), of, '2026-11-29', newId), {
    newId,
    stamp: () => ({ at: '2026-11-29T09:00:00.000Z', by: 'teodor' }),
    until,
  })
  const { state } = folded
  const termination = planIndex(state.plan).byKey.get(key)
  const set = termination && state.sets.get(setKey(termination.wire.id, termination.side))
  if (!termination || !set) throw new Error(key)
  return alikePieces(state, termination, set).map((one) => termLabel(one.key))
}

test('before its setup is released a piece is prepared alone', () => {
  expect(likeOf('1/W2/a', () => true)).toEqual(['W2a'])
})

test('then those that are cut, threaded and stripped alike, this one first, never more than a hand holds', () => {
  const alike = likeOf('1/W5/a', isReleased)
  expect(alike[0]).toBe('W5a')
  expect(alike).toHaveLength(MOST_ALIKE)
  expect(new Set(alike).size).toBe(MOST_ALIKE)
  // another length and another wire are not alike
  for (const other of ['W13a', 'W14a']) expect(alike).not.toContain(other)
  expect(likeOf('1/W13/a', isReleased)).toEqual(['W13a'])
  // nor is what is stripped already
  expect(likeOf('1/W5/a', (state) => termState(state, '1/W1/a').stripped !== undefined)).not.toContain('W1a')
})

test('what comes on after the strip does not matter: pins and sockets of one seal are prepared together', () => {
  const { ends, wires } = pinoutOf(
    [
      'wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length',
      'W1,TW-0.75,RD,P1,1,SW-2P,P2,1,SW-2R,620',
      'W2,TW-0.75,BK,P1,2,SW-2P,P2,2,SW-2R,620',
    ].join('\n'),
  )
  const pair = { ...emptyPlan, ends: [...ends], wires: [...wires] }
  expect(likeOf('1/W1/a', isReleased, pair)).toEqual(['W1a', 'W1b', 'W2a', 'W2b'])
})

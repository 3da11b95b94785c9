import { expect, test } from 'vitest'
import { demoShelf } from '../parts/catalogue/demoShelf.testing'
import { pinoutOf } from '../record/plan/pinoutOf.testing'
import { emptyPlan, planIndex } from '../record/plan/plan'
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

/** The pieces like the one of a wire, before its setup is released or as soon as it is. */
function likeOf(wire: string, released: boolean): readonly string[] {
  const { folded } = workThrough(firstEntries(demoShelf(), plan, '2026-11-29', newId), {
    newId,
    stamp: () => ({ at: '2026-11-29T09:00:00.000Z', by: 'teodor' }),
    until: (state) => !released || [...state.setups.values()].some(({ proven }) => proven.length > 0),
  })
  const { state } = folded
  const termination = planIndex(state.plan).byKey.get(`1/${wire}/a`)
  const set = state.sets.get(`${wire}/a`)
  if (!termination || !set) throw new Error(wire)
  return alikePieces(state, termination, set).map((one) => one.wire.id)
}

test('before its setup is released a piece is prepared alone', () => {
  expect(likeOf('W2', false)).toEqual(['W2'])
})

test('then those that are cut, threaded and stripped alike, this one first, never more than a hand holds', () => {
  const alike = likeOf('W5', true)
  expect(alike[0]).toBe('W5')
  expect(alike).toHaveLength(MOST_ALIKE)
  expect(new Set(alike).size).toBe(MOST_ALIKE)
  // another length, another wire, and what is stripped already are not alike
  for (const other of ['W1', 'W13', 'W14']) expect(alike).not.toContain(other)
  expect(likeOf('W13', true)).toEqual(['W13'])
})

import { expect, test } from 'vitest'
import { sevenLeads } from '../../../views/sevenLeads.testing'
import { refusalOf } from '../../../work/left/refusalOf'
import type { Entry } from '../entry'
import { foldEntry } from '../fold'
import { type Folded, newFold } from '../folded'

const at = '2026-11-04T08:00:00.000Z'

/** Seven stripped leads whose frame is a tool of three nests that no card names: the estimate says nest 1.6. */
function tried(estimate = true): Folded {
  const folded = newFold()
  for (const entry of sevenLeads().entries) {
    if (entry.kind !== 'sets-chosen') {
      foldEntry(folded, entry)
      continue
    }
    const choices = entry.choices.map(({ set, ...choice }) => ({
      ...choice,
      set: set && { ...set, setup: { tool: set.setup.tool, nest: '1.6' }, estimate },
    }))
    const tools = Object.fromEntries(
      Object.entries(entry.facts.tools).map(([id, tool]) => [
        id,
        { ...tool, nestsMm: [1.3, 1.6, 1.9], nestMarks: ['1.3', '1.6', 'C'] },
      ]),
    )
    foldEntry(folded, { ...entry, choices, facts: { ...entry.facts, tools } })
  }
  return folded
}

const found = (folded: Folded, nest: string): Entry => ({
  id: `found-${nest}`,
  seq: folded.state.seq + 1,
  at,
  by: 'ansa',
  kind: 'nest-found',
  setup: {
    tool: [...folded.state.sets.values()].find((set) => set.setup.nest === '1.6')?.setup.tool ?? '',
    nest: '1.6',
  },
  nest,
})

test('the nest that the hand found snug is the setup’s from then on, for all that waits for it', () => {
  const folded = tried()
  const waiting = [...folded.state.sets.values()].filter((set) => set.setup.nest === '1.6').length
  const entry = found(folded, 'C')
  expect(refusalOf(folded, entry, { at, by: 'ansa' })).toBeUndefined()
  foldEntry(folded, entry)
  expect([...folded.state.sets.values()].filter((set) => set.setup.nest === 'C')).toHaveLength(waiting)
  expect([...folded.state.sets.values()].some((set) => set.setup.nest === '1.6')).toBe(false)
  // taken back, the estimate stands again
  foldEntry(folded, { id: 'back', seq: folded.state.seq + 1, at, by: 'ansa', kind: 'taken-back', undoes: entry.id })
  expect([...folded.state.sets.values()].filter((set) => set.setup.nest === '1.6')).toHaveLength(waiting)
})

test.each([
  ['a nest that the tool has not', true, '2.4', { kind: 'unknown', what: 'nest', id: '2.4' }],
  ['the nest that it is already', true, '1.6', { kind: 'unknown', what: 'nest', id: '1.6' }],
  ['a nest that a card names', false, 'C', { kind: 'unknown', what: 'setup' }],
] as const)('%s is refused', (_what, estimate, nest, refusal) => {
  const folded = tried(estimate)
  expect(refusalOf(folded, found(folded, nest), { at, by: 'ansa' })).toMatchObject(refusal)
})

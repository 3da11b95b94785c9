import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { setupQueue } from '@/core/views/queue'
import type { Entry } from '@/core/record/journal/entry'
import { foldAll } from '@/core/record/journal/fold'
import { setupRows, setupSections } from './setupSections'

const journal = (JSON.parse(readFileSync('demo/jobs/deck-loom.json', 'utf8')) as { journal: Entry[] }).journal
const { state } = foldAll(journal)

test('sections name what is in hand, then only what changes, and end with what is done', () => {
  const sections = setupSections(setupQueue(state), (group) => group.left)
  const rows = setupRows(state, (item) => (item.stage === 'crimped' ? 'done' : 'todo'))
  const titles = sections.map((section) => (typeof section.title === 'string' ? section.title : ''))
  expect(titles[0]).toBe('In hand: QF-5 · QP-3 · 6')
  expect(titles[1]).toBe('Then selector 6 → 4, notch 1.1 mm → 0.8 mm')
  expect(titles).toContain('Then PF-10 · D1')
  expect(titles.at(-1)).toMatch(/^Done: QF-5 · QP-2/)
  expect(sections[0]).toMatchObject({ aside: '7 left', attend: false })
  const [first] = sections
  const item = first?.items[0]
  if (!first || !item) throw new Error('nothing in hand')
  expect(rows.keyOf(item)).toBe('1/W01/a')
  expect(rows.look(item, first)).toMatchObject({ name: 'W01a', words: 'C.A · RD', aside: '0.5' })
})

import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { housingOf } from '@/core/record/plan/facts'
import { planIndex } from '@/core/record/plan/plan'
import { setupQueue } from '@/core/views/queue'
import type { Entry } from '@/core/record/journal/entry'
import { foldAll, foldEntry } from '@/core/record/journal/fold'
import { faceState } from './faceState'
import { setupSections } from './setupSections'
import { specimenOf } from './specimenOf'
import { sideWords } from './WireChips'
import { setKey } from '@/core/record/plan/keys'

const journal = (JSON.parse(readFileSync('demo/jobs/deck-loom.json', 'utf8')) as { journal: Entry[] }).journal
const folded = foldAll(journal)
const { state } = folded
const at = '2026-11-25T09:00:00.000Z'

const face = (end: string) => {
  const housing = housingOf(state.facts, state.plan, end)
  if (!housing) throw new Error(end)
  return faceState(state, 1, end, housing)
}

test('a face tells planned from unused, then seated, misplaced and plugged', () => {
  expect(face('B').get('1')).toEqual({ look: 'planned', words: 'W17b planned' })
  expect(face('B').get('14')).toEqual({ look: 'empty', words: 'unused' })
  const put = (said: object) =>
    foldEntry(folded, { id: `view-${state.seq + 1}`, seq: state.seq + 1, at, by: 'teodor', ...said } as Entry)
  put({ kind: 'seated', term: '1/W17/b', end: 'B', cavity: '1', checked: [], tugN: 9 })
  put({ kind: 'misplaced', term: '1/W18/b', end: 'B', cavity: '13' })
  put({ kind: 'plugged', unit: 1, end: 'B', cavity: '14', part: 'CP-S' })
  expect(face('B').get('1')).toEqual({ look: 'seated', words: 'W17b seated' })
  expect(face('B').get('13')).toEqual({ look: 'fault', words: 'W18b is not home here' })
  expect(face('B').get('14')).toEqual({ look: 'plugged', words: 'plug CP-S' })
})

test('sections name what is in hand, then only what changes, and end with what is done', () => {
  const sections = setupSections(
    setupQueue(state),
    1,
    () => 'todo',
    (group) => group.left,
    () => 0.5,
  )
  const titles = sections.map((section) => (typeof section.title === 'string' ? section.title : ''))
  expect(titles[0]).toBe('In hand: QF-5 · QP-3 · 6')
  expect(titles[1]).toBe('Then selector 6 → 4, notch 1.1 mm → 0.8 mm')
  expect(titles).toContain('Then PF-10 · D1')
  expect(titles.at(-1)).toMatch(/^Done: QF-5 · QP-2/)
  expect(sections[0]).toMatchObject({ aside: '7 left', attend: false })
  expect(sections[0]?.rows[0]).toMatchObject({ key: '1/W01/a' })
  expect(sections[0]?.rows[0]?.look()).toMatchObject({ name: 'W01a', words: 'C.A · RD', aside: '0.5' })
})

test('a specimen is drawn from the contact, the wire as measured here, and its seal', () => {
  const wire = planIndex(state.plan).wires.get('W11')
  const set = state.sets.get(setKey('W11', 'b'))
  if (!wire || !set) throw new Error('W11')
  const piece = specimenOf(state, { ...wire, insulationMm: 1.42 }, set, { crimped: true })
  expect(piece).toMatchObject({
    made: { contact: { id: 'SC-03-08' }, insulationMm: 1.42 },
    colour: 'VT',
    crimped: true,
    seal: { id: 'SL-14', lengthMm: 6.4 },
  })
  expect(piece?.bundleMm).toBeCloseTo(0.19 * Math.sqrt(12 / 0.75), 9)
  expect(specimenOf(state, { ...wire, type: 'unknown' }, set, { crimped: true })).toBeUndefined()
})

test('a side is named by its cavity, or says that it is open', () => {
  const wire = planIndex(state.plan).wires.get('W05')
  if (!wire) throw new Error('W05')
  expect([sideWords(wire, 'a'), sideWords(wire, 'b')]).toEqual(['A.5', 'B.6'])
  expect(sideWords({ ...wire, to: { kind: 'open' } }, 'b')).toBe('open')
  expect(sideWords({ ...wire, to: { kind: 'splice', splice: 'S1' } }, 'b')).toBe('splice S1')
})

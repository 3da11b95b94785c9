import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { pinoutOf } from '../../record/plan/pinoutOf.testing'
import { emptyPlan } from '../../record/plan/plan'
import { foldAll } from '../../record/journal/fold'
import { firstEntries } from '../kit/firstEntries'
import { jobKeyings, jobMismates } from './jobMismate'

const shelf = demoShelf()
let made = 0
const newId = () => `mismate-${String(++made).padStart(6, '0')}`
function stateOf(csv: string, ends: Record<string, string>, keyings: Record<string, string> = {}) {
  const plan = pinoutOf(csv, ends)
  const keyed = plan.ends.map((end) => (keyings[end.id] ? { ...end, keying: keyings[end.id] } : end))
  return foldAll(
    firstEntries(shelf, { ...emptyPlan, ends: keyed, wires: [...plan.wires] }, '2026-11-29', newId).map((entry, i) => ({
      ...entry,
      seq: i + 1,
      at: '2026-11-29T09:00:00.000Z',
      by: 'ansa',
    })),
  ).state
}
const head = 'wire,type,colour,from end,from cavity,to end,to cavity,length,signal\n'

test('a loose header turned lays its supply on its return; shifted it does so too, and a keyed one can be neither', () => {
  const state = stateOf(
    `${head}W1,UT-0.14,RD,A,1,,,200,pump supply\nW2,UT-0.14,BK,A,2,,,200,pump return\nW3,UT-0.14,YE,A,3,,,200,speed\nW4,UT-0.14,BU,A,4,,,200,tacho\nW5,TW-0.5,RD,B,1,,,200,pump supply\nW6,TW-0.5,BK,B,2,,,200,pump return`,
    { A: 'SH-2x2', B: 'SW-2P' },
  )
  const found = jobMismates(state)
  expect(found.every(({ end }) => end === 'A')).toBe(true)
  expect(found[0]).toMatchObject({ end: 'A', why: 'no-key', worst: 'supply-return' })
  expect(found.map(({ how }) => how)).toContain('turned')
  expect(found.find(({ how }) => how === 'turned')?.meets).toHaveLength(4)
})

test('two plugs of one make and keying can change places; other keyings tell them apart', () => {
  const csv = `${head}W1,TW-0.25,RD,A,A,,,200,pump supply\nW2,TW-0.25,BK,A,B,,,200,pump return\nW3,TW-0.25,RD,B,B,,,200,heater supply\nW4,TW-0.25,BK,B,A,,,200,heater return`
  const ends = { A: 'RK-7P', B: 'RK-7P' }
  const alike = stateOf(csv, ends, { A: 'K1', B: 'K1' })
  expect(jobMismates(alike).map(({ id, worst }) => `${id}: ${worst}`)).toEqual([
    'A into B: supply-return',
    'B into A: supply-return',
  ])
  const proposed = jobKeyings(alike)
  expect(proposed.left).toEqual([])
  expect(proposed.changed).toHaveLength(1)
  expect(jobMismates(stateOf(csv, ends, { A: 'K1', B: 'K2' }))).toEqual([])
})

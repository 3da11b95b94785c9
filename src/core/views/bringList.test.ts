import { expect, test } from 'vitest'
import { demoShelf } from '../parts/catalogue/demoShelf.testing'
import { firstEntries } from '../work/kit/firstEntries'
import { begun, newId, pinout } from '../work/rework/rework.testing'
import { pinoutOf } from '../record/plan/pinoutOf.testing'
import { emptyPlan, type Plan } from '../record/plan/plan'
import { bringKey, bringList } from './bringList'

const shelf = demoShelf()
const itemsOf = (plan: Plan) => bringList(begun(firstEntries(shelf, plan, '2026-11-25', newId)).state)

test('a job’s tools stand once each, with their dies, notches as printed, and sizes; what is used up comes last', () => {
  const items = itemsOf(pinout('deck-loom', {}))
  const tools = items.flatMap((item) => (item.kind === 'crimp-tool' ? [item.tool] : []))
  expect(tools).toEqual([...new Set(tools)])
  expect(tools).toContain('QF-5')
  expect(items.find((item) => item.kind === 'stripper')).toMatchObject({
    notches: expect.arrayContaining(['1.1 mm']) as unknown,
  })
  expect(items.filter((item) => item.kind === 'release' || item.kind === 'no-release').length).toBeGreaterThan(0)
  expect(items.slice(-2).map((item) => item.kind === 'consumable' && item.what)).toEqual(['labels', 'lacing'])
  expect(new Set(items.map(bringKey)).size).toBe(items.length)
})

test('the hook that a lock comes out with is brought, with its end and the halves that it is for', () => {
  const housing = shelf.housings.get('CL-5P')
  if (!housing) throw new Error('CL-5P')
  const hooked = {
    ...shelf,
    housings: new Map([
      ...shelf.housings,
      ['CL-5P', { ...housing, secondLock: { ...housing.secondLock, tool: 'RL-H' } }],
    ]),
  }
  const read = pinoutOf(
    'wire,type,colour,from end,from cavity,from housing,to end,to cavity,length\nW1,TW-2.5,RD,A,1,CL-5P,,,300\n',
  )
  const { state } = begun(
    firstEntries(hooked, { ...emptyPlan, ends: [...read.ends], wires: [...read.wires] }, '2026-11-25', newId),
  )
  expect(bringList(state)).toContainEqual({ kind: 'lock-tool', tool: 'RL-H', end: 'hook end', housings: ['CL-5P'] })
  // one wire wants no lacing; its family’s mat may want a lubricant only where the rules have one approved
  expect(bringList(state).flatMap((item) => (item.kind === 'consumable' ? [item.what] : []))).toEqual(['labels'])
})

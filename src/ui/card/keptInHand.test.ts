import { beforeEach, expect, test, vi } from 'vitest'
import { browserStorage } from '../storage.testing'

/** The page as it is loaded: its memory is new, the tab's storage is not. */
const load = () => {
  vi.resetModules()
  return import('./keptInHand')
}
beforeEach(() => vi.stubGlobal('sessionStorage', browserStorage()))

test('ticks survive a reload, each item its own, and hold for the piece that they were made on', async () => {
  const before = await load()
  before.keepTicks('/jobs/a/crimp 1/W1/a', 'stripped at nine', ['brush', 'seal'])
  before.keepTicks('/jobs/a/crimp 1/W1/b', 'stripped at ten', ['brush'])
  const { ticksOf, NO_TICKS } = await load()
  expect(ticksOf('/jobs/a/crimp 1/W1/a', 'stripped at nine')).toEqual(['brush', 'seal'])
  expect(ticksOf('/jobs/a/crimp 1/W1/b', 'stripped at ten')).toEqual(['brush'])
  // it was scrapped and stripped anew: nothing is carried over
  expect(ticksOf('/jobs/a/crimp 1/W1/a', 'stripped at noon')).toBe(NO_TICKS)
  expect(ticksOf('/jobs/b/crimp 1/W1/a', 'stripped at nine')).toBe(NO_TICKS)
})

test('what is not ticked any more is forgotten, and the oldest items go', async () => {
  const { keepTicks, ticksOf, NO_TICKS } = await load()
  keepTicks('one', 'x', ['a'])
  keepTicks('one', 'x', [])
  expect(ticksOf('one', 'x')).toBe(NO_TICKS)
  for (let n = 0; n < 80; n++) keepTicks(`item ${n}`, 'x', ['a'])
  expect(ticksOf('item 0', 'x')).toBe(NO_TICKS)
  expect(ticksOf('item 79', 'x')).toEqual(['a'])
})

test('figures that are typed survive with the ticks of their piece, neither at the cost of the other', async () => {
  const before = await load()
  before.keepTicks('one', 'x', ['a'])
  before.keepForm('one', 'x', { heightText: '1.23' })
  before.keepTicks('one', 'x', ['a', 'b'])
  const { formOf, keepForm, ticksOf } = await load()
  expect(formOf('one', 'x')).toEqual({ heightText: '1.23' })
  expect(ticksOf('one', 'x')).toEqual(['a', 'b'])
  expect(formOf('one', 'another try')).toBeUndefined()
  keepForm('one', 'x', undefined)
  expect(formOf('one', 'x')).toBeUndefined()
  expect(ticksOf('one', 'x')).toEqual(['a', 'b'])
})

test.each(['rubbish', '{}', '[1,["a"],["a",{"piece":"x","ticked":[],"form":1}]]', 'null'])(
  '%j in the storage is no tick',
  async (text) => {
    sessionStorage.setItem('urn-in-hand-1', text)
    const { ticksOf, NO_TICKS } = await load()
    expect(ticksOf('a', 'x')).toBe(NO_TICKS)
  },
)

test('a browser that keeps nothing keeps them until the page goes', async () => {
  vi.stubGlobal('sessionStorage', browserStorage(true))
  const { keepTicks, ticksOf } = await load()
  keepTicks('one', 'x', ['a'])
  expect(ticksOf('one', 'x')).toEqual(['a'])
})

test('whoever shows them is told', async () => {
  const { keepTicks, onKept } = await load()
  const told = vi.fn()
  const stop = onKept(told)
  keepTicks('one', 'x', ['a'])
  stop()
  keepTicks('one', 'x', ['b'])
  expect(told).toHaveBeenCalledTimes(1)
})

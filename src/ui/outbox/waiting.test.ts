import { beforeEach, expect, test, vi } from 'vitest'
import { browserStorage } from '../storage.testing'
import type { Waiting } from './waiting'

/** The page as it is loaded: its memory is new, the storage is not. */
const load = () => {
  vi.resetModules()
  return import('./waiting')
}
const press = (id: string, jobId = 'lead'): Waiting => ({
  id,
  jobId,
  seen: 2,
  entries: [{ id, kind: 'noted', text: id }],
})
beforeEach(() => vi.stubGlobal('localStorage', browserStorage()))

test('what waits survives a reload, in its order, each job its own', async () => {
  const before = await load()
  for (const [id, job] of [
    ['one', 'lead'],
    ['two', 'loom'],
    ['three', 'lead'],
  ] as const)
    before.putWaiting(press(id, job))
  const { waiting, waitingOf } = await load()
  expect(waiting().map((one) => one.id)).toEqual(['one', 'two', 'three'])
  expect(waitingOf('lead').map((one) => one.id)).toEqual(['one', 'three'])
})

test('a browser that keeps nothing has it until the page goes, through every change', async () => {
  vi.stubGlobal('localStorage', browserStorage(true))
  const { putWaiting, markWaiting, dropWaiting, waiting } = await load()
  putWaiting(press('one'))
  putWaiting(press('two'))
  markWaiting('one', { tried: 'no-answer' })
  expect(waiting()).toMatchObject([{ id: 'one', tried: 'no-answer' }, { id: 'two' }])
  dropWaiting('one')
  expect(waiting()).toMatchObject([{ id: 'two' }])
})

test('what is asked again is written on what is known now, and no longer asked about', async () => {
  const { putWaiting, markWaiting, askAgain, waiting } = await load()
  putWaiting(press('one'))
  markWaiting('one', { asked: { why: 'conflict', message: 'somebody else' } })
  askAgain('one', 9)
  expect(waiting()).toEqual([{ ...press('one'), seen: 9 }])
})

test('one’s own entries stand against nothing behind them; what others wrote between does', async () => {
  const { putWaiting, passOwn, waiting } = await load()
  putWaiting({ ...press('saw-all'), seen: 2 })
  putWaiting({ ...press('saw-less'), seen: 1 })
  putWaiting({ ...press('saw-more'), seen: 5 })
  putWaiting(press('elsewhere', 'loom'))
  passOwn('lead', 3, 4)
  expect(waiting().map((one) => one.seen)).toEqual([4, 1, 5, 2])
})

test.each(['rubbish', '{}', '[{"id":1}]', '[{"id":"a","jobId":"b","seen":1,"entries":[]}]'])(
  '%j waits for nothing',
  async (text) => {
    localStorage.setItem('urn-outbox', text)
    const { waiting } = await load()
    expect(waiting()).toEqual([])
  },
)

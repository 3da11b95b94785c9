import { afterAll, beforeAll, expect, test } from 'vitest'
import { firstEntries } from '@/core/work/kit/firstEntries'
import { kitList, kitTotal } from '@/core/work/kit/kitList'
import { partsUsed } from '@/core/record/standing/partsUsed'
import { emptyPlan } from '@/core/record/plan/plan'
import { workThrough } from '@/core/views/workThrough.testing'
import { demoShelf } from '@/core/parts/catalogue/demoShelf.testing'
import { readPinout } from '@/formats/pinout/readPinout'
import type { OpenDatabase } from '../database'
import { openTestDatabase } from '../database.testing'
import { loadJob } from './jobs'
import { countStock, readReservation, readStock, returnParts, takeParts } from './stock'
import { newJobCache } from '@/data/repositories/jobCache'
import { appendEntries } from '@/data/repositories/appendEntries'
import { createJob } from '@/data/repositories/createJob'

let opened: OpenDatabase
const cache = newJobCache()
const shelf = demoShelf()
const now = new Date('2026-11-25T09:00:00Z')
let made = 0
const newId = () => `stock-${String(++made).padStart(6, '0')}`
const csv =
  'wire,type,colour,from end,from cavity,to end,to cavity,length\nW1,TW-0.75,RD,A,1,B,1,620\nW2,TW-0.75,BK,A,2,B,2,620'
const entries = () => {
  const { plan } = readPinout(csv, shelf, { A: 'CM-3P', B: 'SW-2P' })
  if (!plan) throw new Error('pinout')
  return firstEntries(
    shelf,
    { ...emptyPlan, title: 'Lead', ends: [...plan.ends], wires: [...plan.wires] },
    '2026-11-25',
    newId,
  )
}

beforeAll(async () => {
  opened = await openTestDatabase()
  for (const id of ['one', 'two']) await createJob(opened.db, cache, { id, entries: entries(), by: 'ansa', now })
})
afterAll(() => opened.close())

const line = async (part: string) => (await readStock(opened.db)).find((one) => one.part === part)

test('a count corrects what was thought before, and leaves the reorder level alone unless it says one', async () => {
  await countStock(opened.db, [{ part: 'CM-SK-N', count: 10, reorderLevel: 4 }], now)
  await countStock(opened.db, [{ part: 'CM-SK-N', count: 12 }], now)
  expect(await line('CM-SK-N')).toMatchObject({ count: 12, reorderLevel: 4, reserved: 0 })
})

test('taking reserves up to what is free, says what is missing, and a second taking replaces the first', async () => {
  expect(
    await takeParts(opened.db, 'one', [
      { part: 'CM-SK-N', count: 8 },
      { part: 'SL-18', count: 4 },
    ]),
  ).toEqual([{ part: 'SL-18', missing: 4 }])
  expect(await takeParts(opened.db, 'two', [{ part: 'CM-SK-N', count: 8 }])).toEqual([{ part: 'CM-SK-N', missing: 4 }])
  expect((await line('CM-SK-N'))?.reserved).toBe(12)
  expect(await takeParts(opened.db, 'one', [{ part: 'CM-SK-N', count: 3 }])).toEqual([])
  expect((await line('CM-SK-N'))?.reserved).toBe(7)
  await returnParts(opened.db, 'two')
  expect((await line('CM-SK-N'))?.reserved).toBe(3)
})

test('two jobs that take the last parts at once do not both get them', async () => {
  await countStock(opened.db, [{ part: 'SC-03-08', count: 5 }], now)
  const missing = await Promise.all(
    ['one', 'two'].map((id) => takeParts(opened.db, id, [{ part: 'SC-03-08', count: 4 }])),
  )
  expect(missing.flat().reduce((sum, one) => sum + one.missing, 0)).toBe(3)
  expect((await line('SC-03-08'))?.reserved).toBe(5)
})

test('a signature settles: what was used, scrap included, leaves the shelf; the rest is free again', async () => {
  const before = await loadJob(opened.db, cache, 'one')
  if (!before) throw new Error('job')
  const wanted = kitList(before.state).map((one) => ({ part: one.part, count: kitTotal(one) }))
  await countStock(
    opened.db,
    wanted.map((one) => ({ part: one.part, count: one.count + 20 })),
    now,
  )
  await returnParts(opened.db, 'two')
  expect(await takeParts(opened.db, 'one', wanted)).toEqual([])
  const done = workThrough(entries(), { newId, stamp: () => ({ at: now.toISOString(), by: 'ansa' }) })
  const [, , ...work] = done.entries.map(({ seq: _seq, at: _at, by: _by, ...entry }) => entry)
  const appended = await appendEntries(opened.db, cache, { jobId: 'one', seen: 2, entries: work, by: 'ansa', now })
  expect(appended.ok).toBe(true)
  const used = partsUsed(done.folded.state)
  // 2 contacts in cavities and 1 test piece on the QF-5 side
  expect(used.get('CM-SK-N')).toBe(3)
  expect(used.get('TW-0.75')).toBe(2 * (620 + 8 + 9))
  expect((await readReservation(opened.db, 'one')).size).toBe(0)
  expect((await line('CM-SK-N'))?.count).toBe((wanted.find((one) => one.part === 'CM-SK-N')?.count ?? 0) + 20 - 3)
  expect((await line('SP-03-08'))?.reserved ?? 0).toBe(0)
})

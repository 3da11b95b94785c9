import { afterAll, beforeAll, expect, test } from 'vitest'
import { firstEntries } from '@/core/work/kit/firstEntries'
import { emptyPlan, type Plan } from '@/core/record/plan/plan'
import { setupQueue } from '@/core/views/queue'
import { workThrough } from '@/core/views/workThrough.testing'
import type { NewEntry } from '@/core/record/journal/entry'
import { snapshot } from '@/core/record/state/state'
import { demoShelf } from '@/core/parts/catalogue/demoShelf.testing'
import { readPinout } from '@/formats/pinout/readPinout'
import type { OpenDatabase } from '../database'
import { openTestDatabase } from '../database.testing'
import { checkLooseChain } from '@/formats/chain/checkChain'
import { job, journalEntry } from '../schema'
import { listJobs, loadJob } from './jobs'
import { newJobCache } from '@/data/repositories/jobCache'
import { appendEntries } from '@/data/repositories/appendEntries'
import { createJob } from '@/data/repositories/createJob'
import { readEntries } from '@/data/repositories/journalRows'

let opened: OpenDatabase
beforeAll(async () => {
  opened = await openTestDatabase()
})
afterAll(() => opened.close())

const shelf = demoShelf()
const now = new Date('2026-11-25T09:00:00Z')
let made = 0
const newId = () => `repo-${String(++made).padStart(6, '0')}`

const plan = (): Plan => {
  const read = readPinout(
    'wire,type,colour,from end,from cavity,to end,to cavity,length\nW1,TW-0.75,RD,A,1,B,1,620\nW2,TW-0.75,BK,A,2,B,2,620',
    shelf,
    { A: 'CM-3P', B: 'SW-2P' },
  )
  if (!read.plan) throw new Error('pinout')
  return { ...emptyPlan, title: 'Lead', ends: [...read.plan.ends], wires: [...read.plan.wires] }
}

async function newJob(id: string, cache = newJobCache()) {
  const created = await createJob(opened.db, cache, {
    id,
    entries: firstEntries(shelf, plan(), '2026-11-25', newId),
    by: 'ansa',
    now,
  })
  expect(created.ok).toBe(true)
  return cache
}

const cut = (wire: string, id = newId()): NewEntry => ({ id, kind: 'wire-cut', unit: 1, wire, lengthMm: 620 })
const append = (cache: ReturnType<typeof newJobCache>, jobId: string, seen: number, entries: NewEntry[]) =>
  appendEntries(opened.db, cache, { jobId, seen, entries, by: 'ansa', now })

test('a job comes back as it was written, folded from the start by another process', async () => {
  const cache = await newJob('whole')
  await append(cache, 'whole', 2, [cut('W1'), cut('W2')])
  const fresh = await loadJob(opened.db, newJobCache(), 'whole')
  const here = await loadJob(opened.db, cache, 'whole')
  expect(fresh && snapshot(fresh.state)).toEqual(here && snapshot(here.state))
  expect(fresh?.state.seq).toBe(4)
  expect(fresh?.state.cuts.get('1/W2')).toEqual({ lengthMm: 620 })
})

test('the chain holds after jsonb has reordered the keys, and shows where it was cut', async () => {
  const cache = await newJob('chain')
  await append(cache, 'chain', 2, [cut('W1')])
  const entries = await readEntries(opened.db, 'chain', 0)
  expect(await checkLooseChain(entries)).toBeUndefined()
  const changed = entries.map((entry) =>
    entry.seq === 3 && entry.kind === 'wire-cut' ? { ...entry, lengthMm: 600 } : entry,
  )
  expect(await checkLooseChain(changed)).toEqual({ kind: 'changed', seq: 3 })
  expect(await checkLooseChain(entries.filter((entry) => entry.seq !== 2))).toEqual({ kind: 'missing', seq: 2 })
})

test('the same entry sent twice is written once and answered alike', async () => {
  const cache = await newJob('twice')
  const entry = cut('W1')
  const first = await append(cache, 'twice', 2, [entry])
  const again = await append(cache, 'twice', 2, [entry])
  expect(again).toEqual(first)
  expect((await readEntries(opened.db, 'twice', 0)).length).toBe(3)
})

test('a stale append about the same wire is a conflict with the entries in between; about another it is written', async () => {
  const cache = await newJob('stale')
  await append(cache, 'stale', 2, [cut('W1')])
  const conflict = await append(cache, 'stale', 2, [cut('W1')])
  expect(conflict).toMatchObject({
    ok: false,
    fault: { kind: 'conflict', last: 3, entries: [{ seq: 3, kind: 'wire-cut' }] },
  })
  expect(await append(cache, 'stale', 2, [cut('W2')])).toMatchObject({ ok: true, value: [{ seq: 4 }] })
})

test('a refusal in the middle of a batch leaves nothing of it, in the database or in memory', async () => {
  const cache = await newJob('batch')
  const refused = await append(cache, 'batch', 2, [cut('W1'), { id: newId(), kind: 'setup-released', setup: 'none' }])
  expect(refused).toMatchObject({ ok: false, fault: { kind: 'refused', refusal: { kind: 'not-yet' } } })
  expect((await loadJob(opened.db, cache, 'batch'))?.state.cuts.size).toBe(0)
  expect((await readEntries(opened.db, 'batch', 0)).length).toBe(2)
  expect(await append(cache, 'batch', 2, [cut('W1')])).toMatchObject({ ok: true, value: [{ seq: 3 }] })
})

test('an append that claims to have seen more than there is, or goes to no job, is told so', async () => {
  const cache = await newJob('ahead')
  expect(await append(cache, 'ahead', 9, [cut('W1')])).toMatchObject({ ok: false, fault: { kind: 'ahead', last: 2 } })
  expect(await append(cache, 'nowhere', 0, [cut('W1')])).toEqual({ ok: false, fault: { kind: 'not-found' } })
  expect(await loadJob(opened.db, cache, 'nowhere')).toBeUndefined()
})

test('fifty appends at once are written in a row without a gap', async () => {
  const cache = await newJob('many')
  const notes = Array.from({ length: 50 }, (_, i): NewEntry => ({ id: newId(), kind: 'noted', text: `note ${i}` }))
  const seen = 1000
  const outcomes = await Promise.all(
    notes.map(async (note) =>
      append(cache, 'many', (await loadJob(opened.db, cache, 'many'))?.state.seq ?? seen, [note]),
    ),
  )
  const written = outcomes.filter((outcome) => outcome.ok).length
  const entries = await readEntries(opened.db, 'many', 2)
  expect(entries.map((entry) => entry.seq)).toEqual(Array.from({ length: written }, (_, i) => i + 3))
  expect(await checkLooseChain(await readEntries(opened.db, 'many', 0))).toBeUndefined()
})

test('two processes on one database see each other’s entries', async () => {
  const one = await newJob('shared')
  const other = newJobCache()
  await append(one, 'shared', 2, [cut('W1')])
  expect((await loadJob(opened.db, other, 'shared'))?.state.seq).toBe(3)
  await append(other, 'shared', 3, [cut('W2')])
  expect((await loadJob(opened.db, one, 'shared'))?.state.cuts.size).toBe(2)
})

test('a signed job leaves the open ones, and takes no more work', async () => {
  const cache = newJobCache()
  const { entries } = workThrough(firstEntries(shelf, plan(), '2026-11-25', newId), {
    newId,
    stamp: () => ({ at: now.toISOString(), by: 'ansa' }),
  })
  const bare = entries.map(({ seq: _seq, at: _at, ...entry }) => entry as NewEntry)
  await createJob(opened.db, cache, { id: 'signed', entries: bare, by: 'ansa', now })
  expect((await listJobs(opened.db, false)).map((head) => head.id)).not.toContain('signed')
  expect((await listJobs(opened.db, true)).map((head) => head.id)).toContain('signed')
  const folded = await loadJob(opened.db, cache, 'signed')
  const [group] = folded ? setupQueue(folded.state) : []
  const late = await append(cache, 'signed', folded?.state.seq ?? 0, [
    { id: newId(), kind: 'setup-mounted', setup: group?.setup ?? { tool: 'QF-5' }, checked: [] },
  ])
  expect(late).toMatchObject({ ok: false, fault: { kind: 'refused', refusal: { kind: 'job-closed' } } })
})

test('a job whose first entries do not hold together is not made at all', async () => {
  const [first] = firstEntries(shelf, plan(), '2026-11-25', newId)
  const outcome = await createJob(opened.db, newJobCache(), {
    id: 'never',
    entries: first
      ? [first, { id: newId(), kind: 'crimped', term: '1/W1/a', setup: 'x', looks: [{ look: 'x', seen: true }] }]
      : [],
    by: 'ansa',
    now,
  })
  expect(outcome).toMatchObject({ ok: false, fault: { index: 1 } })
  expect((await opened.db.select().from(job)).map((row) => row.id)).not.toContain('never')
  expect((await opened.db.select().from(journalEntry)).map((row) => row.jobId)).not.toContain('never')
})

test('when a record has been written, a row of a job that there is not is refused as before', async () => {
  const stray = {
    jobId: 'nobody',
    seq: 1,
    entryId: 'stray-0001',
    kind: 'noted',
    at: '',
    by: 'ansa',
    body: {},
    hash: '',
  }
  const entries = firstEntries(shelf, plan(), '2026-11-25', newId)
  const both = opened.db.transaction(async (tx) => {
    expect((await createJob(tx, newJobCache(), { id: 'looked-up', entries, by: 'ansa', now })).ok).toBe(true)
    await tx.insert(journalEntry).values(stray)
  })
  await expect(both).rejects.toMatchObject({ cause: { constraint: 'journal_entry_job_id_job_id_fk' } })
  expect(await loadJob(opened.db, newJobCache(), 'looked-up')).toBeUndefined()
})

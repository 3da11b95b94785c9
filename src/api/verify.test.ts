import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import type { KeptEntry } from '@/core/record/journal/entry'
import { job, journalEntry } from '@/data/schema'
import { and, eq } from 'drizzle-orm'
import { openInterface } from './openInterface.testing'

const { bench, call, post } = openInterface()

const lead = readFileSync('demo/jobs/beacon-lead.csv', 'utf8')
/** A new job of two entries, by its path. */
async function newLead(): Promise<string> {
  const made = await post('jobs', lead, { contentType: 'text/csv' })
  return `jobs/${String(made.body.id)}`
}
const cut = (id: string, wire = 'W1', more = {}) => ({ id, kind: 'wire-cut', unit: 1, wire, lengthMm: 620, ...more })

const entryAt = (id: string, seq: number) => and(eq(journalEntry.jobId, id), eq(journalEntry.seq, seq))

/** What can happen to stored rows behind the bench's back, where the check finds it, and how many entries still hold. */
const tamperings: readonly [
  string,
  (id: string) => Promise<unknown>,
  { brokenAt: number; why: string; takenIn: number },
][] = [
  [
    'a figure is changed',
    (id) =>
      bench()
        .db.update(journalEntry)
        .set({ body: { unit: 1, wire: 'W1', lengthMm: 600 } })
        .where(entryAt(id, 3)),
    { brokenAt: 3, why: 'Entry 3 does not follow', takenIn: 400 },
  ],
  [
    'an author is changed',
    (id) => bench().db.update(journalEntry).set({ by: 'teodor' }).where(entryAt(id, 4)),
    { brokenAt: 4, why: 'Entry 4 does not follow', takenIn: 400 },
  ],
  [
    'an entry is removed',
    (id) => bench().db.delete(journalEntry).where(entryAt(id, 3)),
    { brokenAt: 3, why: 'Entry 3 is missing', takenIn: 400 },
  ],
  [
    'the end is cut off',
    (id) => bench().db.delete(journalEntry).where(entryAt(id, 4)),
    { brokenAt: 4, why: 'cut short', takenIn: 201 },
  ],
  [
    'the head is shortened',
    (id) => bench().db.update(job).set({ lastSeq: 3 }).where(eq(job.id, id)),
    { brokenAt: 4, why: 'behind the end', takenIn: 201 },
  ],
  [
    'the head has another hash',
    (id) =>
      bench()
        .db.update(job)
        .set({ lastHash: 'f'.repeat(64) })
        .where(eq(job.id, id)),
    { brokenAt: 4, why: 'the last, is not the one', takenIn: 201 },
  ],
  [
    'the head says signed',
    (id) => bench().db.update(job).set({ closed: true }).where(eq(job.id, id)),
    { brokenAt: 4, why: 'signature is not in the record', takenIn: 201 },
  ],
]

test.each(tamperings)(
  '%s: verify names it, appends are refused, and the journal can be exported as it is',
  async (_name, tamper, found) => {
    const path = await newLead()
    await post(`${path}/journal`, { seen: 2, entries: [cut('whole-001'), cut('whole-002', 'W2')] })
    expect((await call('GET', `${path}/verify`)).body).toEqual({ whole: true, entries: 4, signatures: [] })
    await tamper(path.slice(5))
    expect((await call('GET', `${path}/verify`)).body).toMatchObject({
      whole: false,
      brokenAt: found.brokenAt,
      why: expect.stringContaining(found.why) as string,
    })
    const note = { id: 'after-001', kind: 'noted', text: 'goes on' }
    const refused = await post(`${path}/journal`, { seen: 1, entries: [note] })
    expect(refused).toMatchObject({ status: 422, body: { error: { code: 'record-broken', seq: found.brokenAt } } })
    const exported = await call('GET', path)
    expect(exported.status).toBe(200)
    expect((await post('jobs?copy=1', { ...exported.body, state: undefined })).status).toBe(found.takenIn)
  },
)

test('a signature that was cut off a signed record is missed; one that stands is whole, and home only when given here', async () => {
  const { body } = await call('GET', 'jobs/float-leads/verify')
  const [signed] = body.signatures as { by: string; covers: number; whole: boolean; home: boolean }[]
  expect(body).toMatchObject({ whole: true })
  expect(signed).toMatchObject({ whole: true, home: true })
  // the same record, read in: its signatures were given elsewhere
  const document = (await call('GET', 'jobs/float-leads')).body
  const copy = await post('jobs?copy=1', document)
  const path = `jobs/${String(copy.body.id)}`
  const read = (await call('GET', `${path}/verify`)).body.signatures as { whole: boolean; home: boolean }[]
  expect(read[0]).toMatchObject({ whole: true, home: false })
  const journal = document.journal as KeptEntry[]
  const seq = journal.findLast((entry) => entry.kind === 'signed')?.seq ?? 0
  await bench()
    .db.delete(journalEntry)
    .where(entryAt(path.slice(5), seq))
  expect((await call('GET', `${path}/verify`)).body).toMatchObject({ whole: false, brokenAt: seq })
})

import { rmSync } from 'node:fs'
import { afterAll, beforeAll, expect, test } from 'vitest'
import type { KeptEntry } from '@/core/record/journal/entry'
import { bundled } from '@/data/bundled.testing'
import { emptyPlan } from '@/core/record/plan/plan'
import { linked, linkedNotes } from '@/formats/chain/linked.testing'
import { JOB_INLINE } from '@/threads/jobPieces'
import { openInterface } from './openInterface.testing'

const { call, post } = openInterface()

let thread = ''
beforeAll(async () => {
  thread = await bundled('src/threads/compute.worker.ts')
  process.env.URN_BENCH_THREAD_COMPUTE = thread
})
afterAll(() => {
  delete process.env.URN_BENCH_THREAD_COMPUTE
  rmSync(thread)
})

/** Of a unit that no plan has. */
const cut = { kind: 'wire-cut', id: 'cut-nothing', unit: 99, wire: 'W1', lengthMm: 9 }

interface Record {
  readonly journal: readonly KeptEntry[]
  readonly state?: unknown
}

/** What can be wrong with a record, or remarkable in it. */
const changes: readonly [string, number, (record: Record) => Partial<Record>][] = [
  ['nothing', 201, () => ({})],
  [
    'a figure',
    400,
    ({ journal }) => ({ journal: journal.map((one) => (one.kind === 'wire-cut' ? { ...one, lengthMm: 7 } : one)) }),
  ],
  [
    'an entry that has no kind',
    400,
    ({ journal }) => ({ journal: [...journal, { seq: journal.length + 1 } as KeptEntry] }),
  ],
  [
    'an id that is there twice',
    400,
    ({ journal }) => ({ journal: linked([...journal, { ...journal[0], kind: 'noted', text: 'x' } as KeptEntry]) }),
  ],
  [
    'a wire that there is not',
    201,
    ({ journal }) => ({
      journal: linked([...journal, { ...cut, at: journal[0]?.at, by: journal[0]?.by } as KeptEntry]),
      state: undefined,
    }),
  ],
  ['where it says that it ends', 400, () => ({ state: { seq: 2 } })],
  ['its journal', 201, () => ({ journal: [], state: undefined })],
]

test.each(changes)(
  'a record that is large is answered as a small one: changed is %s',
  async (_what, status, change) => {
    const { body } = await call('GET', 'jobs/float-leads')
    const record = body as unknown as Record
    const document = { ...record, ...change(record) }
    const small = await post('jobs?copy=1', document)
    const large = await post('jobs?copy=1', { ...document, padding: 'x'.repeat(JOB_INLINE) })
    expect(small.status).toBe(status)
    expect({ ...large, body: { ...large.body, id: '' } }).toEqual({ ...small, body: { ...small.body, id: '' } })
    if (status !== 201) return
    const [one, other] = await Promise.all([small, large].map((made) => call('GET', `jobs/${String(made.body.id)}`)))
    const said = (job: typeof one) => (job?.body.journal as KeptEntry[]).map(({ kind, seq, by }) => ({ kind, seq, by }))
    expect(said(other)).toEqual(said(one))
  },
)

const notes = linkedNotes(Array.from({ length: 700 }, (_, i) => `note ${i}`))
const document = (journal: readonly object[], more: object = {}) => ({
  format: 'urn-bench/job',
  version: 1,
  plan: { ...emptyPlan, title: 'Notes' },
  journal,
  padding: 'x'.repeat(JOB_INLINE),
  ...more,
})

test.each<[string, object, RegExp]>([
  ['an entry near its end has no kind', document(notes.with(650, { seq: 651 } as KeptEntry)), /kind|text/],
  ['a link near its end is broken', document(notes.toSpliced(650, 1)), /entry 651 does not follow/],
  ['an id is there twice', document(linked([...notes, { ...notes[0] } as KeptEntry])), /stands in a journal once/],
  ['it ends elsewhere than its file says', document(notes, { state: { seq: 9 } }), /ends at entry 9/],
])('of a large record nothing is kept when %s', async (_what, unsound, message) => {
  const titles = async () => ((await call('GET', 'jobs')).body.jobs as { title: string }[]).map(({ title }) => title)
  const before = await titles()
  const answer = await post('jobs', unsound)
  expect(answer.status).toBe(400)
  expect(JSON.stringify(answer.body)).toMatch(message)
  expect(await titles()).toEqual(before)
})

test('a large record is known again, and told from one that goes on otherwise', async () => {
  const made = await post('jobs', document(notes.slice(0, 600)))
  expect(made.status).toBe(201)
  const again = await post('jobs', document(notes.slice(0, 600)))
  expect(again).toMatchObject({ status: 200, body: { id: made.body.id, already: true } })
  const longer = await post('jobs', document(notes))
  expect(longer).toMatchObject({ status: 409, body: { error: { job: made.body.id, seq: 601 } } })
  const copy = await post('jobs?copy=1', document(notes))
  expect(copy.status).toBe(201)
  const { body } = await call('GET', `jobs/${String(copy.body.id)}`)
  expect(body.journal).toEqual(notes)
  expect((await call('GET', `jobs/${String(made.body.id)}/verify`)).body).toMatchObject({ whole: true })
})

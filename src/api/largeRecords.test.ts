import { rmSync } from 'node:fs'
import { afterAll, beforeAll, expect, test } from 'vitest'
import type { KeptEntry } from '@/core/record/journal/entry'
import { bundled } from '@/data/bundled.testing'
import { linked } from '@/formats/chain/linked.testing'
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

import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import type { KeptEntry } from '@/core/record/journal/entry'
import { entryHash } from '@/formats/chain/entryHash'
import { openInterface } from './openInterface.testing'

const { call, post } = openInterface()

const lead = readFileSync('demo/jobs/beacon-lead.csv', 'utf8')
/** A new job of two entries, by its path. */
async function newLead(): Promise<string> {
  const made = await post('jobs', lead, { contentType: 'text/csv' })
  return `jobs/${String(made.body.id)}`
}
const cut = (id: string, wire = 'W1', more = {}) => ({ id, kind: 'wire-cut', unit: 1, wire, lengthMm: 620, ...more })

test('a pinout makes a job; a fault in it makes none and says where', async () => {
  const csv = readFileSync('demo/jobs/beacon-lead.csv', 'utf8')
  const made = await call('POST', 'jobs?title=Spare%20lead', csv, { contentType: 'text/csv' })
  expect(made.status).toBe(201)
  const before = (await call('GET', 'jobs?state=open')).body.jobs as { id: string; title: string }[]
  expect(before.find((one) => one.id === String(made.body.id))).toMatchObject({ title: 'Spare lead' })
  const all = (await call('GET', 'jobs')).body.jobs as unknown[]
  const bad = await call('POST', 'jobs?title=x', csv.replace('P1;2', 'P1;9'), { contentType: 'text/csv' })
  expect(bad).toMatchObject({ status: 400, body: { error: { issues: [{ path: ['row', 3, 'from cavity'] }] } } })
  expect(((await call('GET', 'jobs')).body.jobs as unknown[]).length).toBe(all.length)
})

test.each(['deck-loom', 'spare-pump', 'sonde-pigtail', 'beacon-lead', 'logger-box', 'float-leads'])(
  'what GET gives of %s, POST takes as the job that it is; as a copy when asked, with the same journal and state',
  async (id) => {
    const { body } = await call('GET', `jobs/${id}`)
    expect(body).toMatchObject({ format: 'urn-bench/job', version: 1 })
    // it is here already: the answer says so, and nothing is doubled
    expect(await post('jobs', body)).toMatchObject({ status: 200, body: { id, already: true } })
    const made = await post('jobs?copy=1', body)
    expect(made).toMatchObject({ status: 201 })
    const copy = (await call('GET', `jobs/${String(made.body.id)}`)).body
    expect(copy.journal).toEqual(body.journal)
    expect(copy.state).toEqual(body.state)
  },
)

test('what a plan change does not name stays as it was', async () => {
  const document = (await call('GET', 'jobs/spare-pump')).body
  const made = await post('jobs?copy=1', document)
  const path = `jobs/${String(made.body.id)}`
  const { last } = (await call('GET', `${path}/journal?limit=1`)).body
  const change = { id: 'script-rev-d', kind: 'plan-changed', change: { meta: { rev: 'D' } }, facts: {}, by: 'teodor' }
  expect(await post(`${path}/journal`, { seen: last, entries: [change] })).toMatchObject({
    status: 201,
    body: { entries: [{ change: { meta: { rev: 'D' } } }] },
  })
  const { kind, quantity, plan } = (await call('GET', path)).body
  expect({ kind, quantity, plan }).toMatchObject({
    kind: document.kind,
    quantity: document.quantity,
    plan: { ...(document.plan as object), rev: 'D' },
  })
  expect(kind).toBe('re-pin')
})

test('a record that was changed is not taken', async () => {
  const { body } = await call('GET', 'jobs/deck-loom')
  const entries = body.journal as { lengthMm?: number }[]
  const forged = {
    ...body,
    journal: entries.map((entry) => (entry.lengthMm === undefined ? entry : { ...entry, lengthMm: 1 })),
  }
  expect(await post('jobs', forged)).toMatchObject({
    status: 400,
    body: { error: { issues: [{ message: expect.stringContaining('does not follow') as string }] } },
  })
})

test('the journal is appended to, read after a number, refused with why, and told of collisions', async () => {
  const made = await call('POST', 'jobs', readFileSync('demo/jobs/beacon-lead.csv', 'utf8'), {
    contentType: 'text/csv',
  })
  const path = `jobs/${String(made.body.id)}/journal`
  const cut = { id: 'script-0001', kind: 'wire-cut', unit: 1, wire: 'W1', lengthMm: 620 }
  const written = await post(path, { seen: 2, entries: [cut] })
  expect(written).toMatchObject({ status: 201, body: { entries: [{ seq: 3, by: 'api', kind: 'wire-cut' }] } })
  expect((await post(path, { seen: 2, entries: [cut] })).body).toEqual(written.body)
  expect((await call('GET', `${path}?after=2&limit=5`)).body).toMatchObject({ last: 3, entries: [{ seq: 3 }] })
  expect(await post(path, { seen: 2, entries: [{ ...cut, id: 'script-0002' }] })).toMatchObject({
    status: 409,
    body: { error: { code: 'conflict', last: 3 } },
  })
  expect(
    await post(path, {
      seen: 3,
      entries: [{ id: 'script-0003', kind: 'crimped', term: '1/W1/a', setup: 'x', looks: [{ look: 'x', seen: true }] }],
    }),
  ).toMatchObject({ status: 422, body: { error: { code: 'not-yet', message: 'Strip it first.' } } })
  expect(await post(path, { seen: 3, entries: [{ id: 'script-0004', kind: 'invented' }] })).toMatchObject({
    status: 400,
  })
  expect(await post(path, { seen: 99, entries: [{ ...cut, id: 'script-0005' }] })).toMatchObject({ status: 400 })
  expect(await call('GET', 'jobs/none/journal')).toMatchObject({ status: 404 })
})

test('a record that holds what would not be admitted today is taken, with a remark where it stands', async () => {
  const made = await call('POST', 'jobs', readFileSync('demo/jobs/beacon-lead.csv', 'utf8'), {
    contentType: 'text/csv',
  })
  const { body } = await call('GET', `jobs/${String(made.body.id)}`)
  const journal = [...(body.journal as KeptEntry[])]
  const last = journal.at(-1)
  if (!last) throw new Error('journal')
  const bare = { id: 'script-cut-1', kind: 'wire-cut', unit: 9, wire: 'W1', lengthMm: 620, seq: last.seq + 1 }
  const entry = { ...bare, at: '2026-11-25T09:00:00.000Z', by: 'ansa', prev: last.hash } as KeptEntry
  journal.push({ ...entry, hash: entryHash(entry, last.hash) })
  const taken = await post('jobs?copy=1', { ...body, journal, state: undefined })
  expect(taken).toMatchObject({ status: 201, body: { remarks: [{ seq: entry.seq, code: 'unknown' }] } })
  // an append of the same is refused
  const path = `jobs/${String(made.body.id)}/journal`
  const { seq: _seq, ...said } = bare
  expect(await post(path, { seen: last.seq, entries: [said] })).toMatchObject({ status: 422 })
})

test('a record that begins like one that is here and goes on otherwise is refused, naming it; a copy is told apart', async () => {
  const path = await newLead()
  const { body } = await call('GET', path)
  await post(`${path}/journal`, { seen: 2, entries: [cut('here-0001')] })
  const journal = [...(body.journal as KeptEntry[])]
  const last = journal[1]
  if (!last) throw new Error('journal')
  const other = { ...cut('else-0001', 'W2'), seq: 3, at: '2026-11-24T09:00:00.000Z', by: 'ansa', prev: last.hash }
  journal.push({ ...other, hash: entryHash(other as KeptEntry, last.hash) } as KeptEntry)
  const forked = { ...body, journal, state: undefined }
  const before = ((await call('GET', 'jobs')).body.jobs as unknown[]).length
  expect(await post('jobs', forked)).toMatchObject({
    status: 409,
    body: {
      error: { code: 'conflict', job: path.slice(5), seq: 3, message: expect.stringContaining('copy') as string },
    },
  })
  expect(((await call('GET', 'jobs')).body.jobs as unknown[]).length).toBe(before)
  const copy = await post('jobs?copy=1&file=lead.json', forked)
  expect(copy.status).toBe(201)
  // the copy is here now: it is the job that it is
  expect(await post('jobs', forked)).toMatchObject({ status: 200, body: { id: copy.body.id, already: true } })
})

test('what a file says of its end and of its signature is held against its journal', async () => {
  const { body } = await call('GET', 'jobs/float-leads')
  const state = body.state as { seq: number; closed: boolean }
  expect(await post('jobs', { ...body, state: { ...state, seq: state.seq + 1 } })).toMatchObject({
    status: 400,
    body: { error: { issues: [{ path: ['state', 'seq'] }] } },
  })
  expect(await post('jobs', { ...body, state: { ...state, closed: !state.closed } })).toMatchObject({
    status: 400,
    body: { error: { issues: [{ path: ['state', 'closed'] }] } },
  })
})

test('the same key gives the same job, and a key that is none is refused', async () => {
  const asked = { contentType: 'text/csv', headers: { 'idempotency-key': 'shop-7' } }
  const first = await post('jobs', lead, asked)
  expect(first.status).toBe(201)
  const before = ((await call('GET', 'jobs')).body.jobs as unknown[]).length
  const again = await Promise.all([post('jobs', lead, asked), post('jobs', lead, asked)])
  for (const one of again) expect(one).toMatchObject({ status: 200, body: { id: first.body.id } })
  expect(((await call('GET', 'jobs')).body.jobs as unknown[]).length).toBe(before)
  expect(
    await post('jobs', lead, { contentType: 'text/csv', headers: { 'idempotency-key': 'two words' } }),
  ).toMatchObject({
    status: 400,
    body: { error: { issues: [{ path: ['Idempotency-Key'] }] } },
  })
})

test('an id that is taken by other content is a conflict; the same content again is the answer of before', async () => {
  const path = `${await newLead()}/journal`
  const first = await post(path, { seen: 2, entries: [cut('mine-0001')] })
  expect(await post(path, { seen: 2, entries: [cut('mine-0001')] })).toMatchObject({ status: 201, body: first.body })
  expect(await post(path, { seen: 3, entries: [cut('mine-0001', 'W1', { lengthMm: 615 })] })).toMatchObject({
    status: 409,
    body: { error: { code: 'conflict', entry: 'mine-0001', entries: [{ seq: 3, lengthMm: 620 }] } },
  })
  // somebody else's name is other content too
  expect(await post(path, { seen: 3, entries: [cut('mine-0001', 'W1', { by: 'ansa' })] })).toMatchObject({
    status: 409,
  })
  // twice in one batch
  const batch = [cut('mine-0002', 'W2'), cut('mine-0002', 'W2', { lengthMm: 1 })]
  expect(await post(path, { seen: 3, entries: batch })).toMatchObject({ status: 409 })
  expect((await call('GET', path)).body.last).toBe(3)
})

test('every entry of a batch is held against what others wrote in between, not against the batch itself', async () => {
  const path = `${await newLead()}/journal`
  await post(path, { seen: 2, entries: [cut('theirs-01', 'W2')] })
  expect(await post(path, { seen: 2, entries: [cut('batch-001', 'W1'), cut('batch-002', 'W2')] })).toMatchObject({
    status: 409,
    body: { error: { entry: 'batch-002', entries: [{ id: 'theirs-01' }], last: 3 } },
  })
  expect((await call('GET', path)).body.last).toBe(3)
  // what the batch itself has just said is no stranger's
  const own = [cut('batch-003', 'W1'), { id: 'batch-004', kind: 'taken-back', undoes: 'batch-003' }]
  expect(await post(path, { seen: 2, entries: own })).toMatchObject({
    status: 201,
    body: { entries: [{ seq: 4 }, { seq: 5 }] },
  })
})

test.each(['', ' ', 'nobody', '<b>ansa</b>', 'x'.repeat(200), '__proto__'])(
  'nobody called %j writes, by entry or by cookie',
  async (by) => {
    const path = `${await newLead()}/journal`
    expect(await post(path, { seen: 2, entries: [cut('said-0001', 'W1', { by })] })).toMatchObject({ status: 400 })
    expect(await post(path, { seen: 2, entries: [cut('said-0002')] }, { by })).toMatchObject({
      status: 400,
      body: { error: { issues: [{ path: ['entries', 0, 'by'] }] } },
    })
    expect(await post('jobs', lead, { contentType: 'text/csv', by })).toMatchObject({ status: 400 })
    expect((await call('GET', path)).body.last).toBe(2)
  },
)

test('a photo that is none of this bench cannot be named', async () => {
  const path = `${await newLead()}/journal`
  const photo = { id: 'photo-001', kind: 'photo-taken', term: '1/W1/a', photo: 'a'.repeat(64), widthPx: 1, heightPx: 1 }
  expect(await post(path, { seen: 2, entries: [photo] })).toMatchObject({
    status: 422,
    body: { error: { code: 'unknown', what: 'photo' } },
  })
})

test.each([
  ['a NUL in a note', { id: 'note-0001', kind: 'noted', text: 'a\u0000b' }, ['entries', 0, 'text']],
  ['an escape', { id: 'note-0001', kind: 'noted', text: '\u001b[2J' }, ['entries', 0, 'text']],
  ['half a character', { id: 'note-0001', kind: 'noted', text: '\ud83d' }, ['entries', 0, 'text']],
  [
    'a prototype',
    JSON.parse('{"id":"note-0001","kind":"noted","text":"x","__proto__":{}}'),
    ['entries', 0, '__proto__'],
  ],
])('%s is refused with its place, and nothing is written', async (_name, entry, where) => {
  const path = `${await newLead()}/journal`
  expect(await post(path, { seen: 2, entries: [entry] })).toMatchObject({
    status: 400,
    body: { error: { issues: [{ path: where }] } },
  })
  expect((await call('GET', path)).body.last).toBe(2)
})

test('a pinout with a NUL says in which line; a long title is cut at whole characters', async () => {
  expect(await post('jobs', lead.replace('W2', 'W\u00002'), { contentType: 'text/csv' })).toMatchObject({
    status: 400,
    body: { error: { issues: [{ path: ['line', 3] }] } },
  })
  const title = 'x'.repeat(119) + '💩'
  const made = await post(`jobs?title=${encodeURIComponent(title)}`, lead, { contentType: 'text/csv' })
  expect((await call('GET', `jobs/${String(made.body.id)}`)).body.title).toBe('x'.repeat(119))
  expect(await call('GET', 'jobs/\u0000')).toMatchObject({ status: 404 })
  expect(await call('GET', 'jobs/__proto__/verify')).toMatchObject({ status: 404 })
})

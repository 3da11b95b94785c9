import { afterAll, beforeAll, expect, test } from 'vitest'
import { noBreath } from '@/core/base/breath'
import type { Entry } from '@/core/record/journal/entry'
import { isClosed } from '@/core/record/state/state'
import { sevenLeads } from '@/core/views/sevenLeads.testing'
import { nextStep } from '@/core/views/steps'
import type { OpenDatabase } from '../database'
import { openTestDatabase } from '../database.testing'
import { checkLooseChain } from '@/formats/chain/checkChain'
import { loadJob } from './jobs'
import { newJobCache } from '@/data/repositories/jobCache'
import { appendEntries } from '@/data/repositories/appendEntries'
import { createJob } from '@/data/repositories/createJob'
import { NewRecord } from '@/data/repositories/newRecord'
import { readEntries } from '@/data/repositories/journalRows'

let opened: OpenDatabase
beforeAll(async () => {
  opened = await openTestDatabase()
})
afterAll(() => opened.close())

const now = new Date('2026-11-25T12:00:00Z')
const cache = newJobCache(() => now)

/** Keeps a job whose entries came at their own times; its ids are its own. */
async function keep(id: string, entries: readonly Entry[]): Promise<void> {
  const made = await createJob(opened.db, cache, {
    id,
    entries: entries.map((entry) => ({ ...entry, id: `${id}-${entry.id}` })),
    stamps: entries.map(({ at, by }) => ({ at, by })),
    by: 'teodor',
    now,
  })
  expect(made).toMatchObject({ ok: true, value: { remarks: [] } })
}

const later = (entries: readonly Entry[], byMin: number): Entry[] =>
  entries.map((entry) => ({ ...entry, at: new Date(Date.parse(entry.at) + byMin * 60_000).toISOString() }))

const suspectsOf = async (id: string) => {
  const folded = await loadJob(opened.db, cache, id)
  return [...(folded?.state.terms ?? [])].flatMap(([key, { suspect }]) => (suspect ? [key] : []))
}

test('a cause found in a tool is told to every job that it crimped for since it was last seen good', async () => {
  const before = sevenLeads()
  before.crimp(1, 1.3)
  const { entries, set, setup, looks } = sevenLeads()
  const crimped = (wire: number, seq: number): Entry => ({
    id: `c-${String(seq)}`,
    seq,
    at: new Date(Date.parse('2026-11-25T10:00:00Z') + seq * 60_000).toISOString(),
    by: 'teodor',
    kind: 'crimped',
    term: `1/W${String(wire)}/a`,
    setup,
    looks,
  })
  // crimped, and the frame was released again afterwards by another job: it was good until then
  await keep('early', before.entries)
  // released at ten, and crimps with it
  await keep('with-it', [...later(entries, 105), crimped(1, entries.length + 1), crimped(2, entries.length + 2)])
  // another tool altogether: nothing of it is in question
  await keep('finder', later(entries, 60))
  const { seq } = (await loadJob(opened.db, cache, 'finder'))?.state ?? { seq: 0 }
  const found = await appendEntries(opened.db, cache, {
    jobId: 'finder',
    seen: seq,
    entries: [{ id: 'finding-1', kind: 'tool-suspected', setup: set.setup, part: 'die', cause: 'die-wrong' }],
    by: 'ansa',
    now,
  })
  expect(found).toMatchObject({ ok: true })
  expect(await suspectsOf('early')).toEqual([])
  expect(await suspectsOf('with-it')).toEqual(['1/W1/a', '1/W2/a'])
  const told = (await loadJob(opened.db, cache, 'with-it'))?.state
  expect(told?.terms.get('1/W1/a')?.suspect).toMatchObject({ cause: 'die-wrong', foundIn: 'finder', by: 'ansa' })
  expect(told?.setups.get(setup)?.released).toBeUndefined()
  expect(told && nextStep(told)).toMatchObject({ kind: 'look-again', term: '1/W1/a', left: 2 })
  // told once, in a chain that holds, also for a process that starts anew
  const fresh = await loadJob(
    opened.db,
    newJobCache(() => now),
    'with-it',
  )
  expect(fresh?.state.seq).toBe(told?.seq)
  expect(await checkLooseChain(await readEntries(opened.db, 'with-it', 0))).toBeUndefined()
  const cleared = await appendEntries(opened.db, cache, {
    jobId: 'with-it',
    seen: told?.seq ?? 0,
    entries: [
      { id: 'look-1', kind: 'suspect-cleared', term: '1/W1/a', how: 'looked-at', looks },
      { id: 'pull-1', kind: 'suspect-cleared', term: '1/W2/a', how: 'pulled-by-hand' },
    ],
    by: 'teodor',
    now,
  })
  expect(cleared).toMatchObject({ ok: true })
  expect(await suspectsOf('with-it')).toEqual([])
  expect(isClosed((await loadJob(opened.db, cache, 'with-it'))?.state ?? before.state)).toBe(false)
})

test('a finding that was taken back is told to nobody', async () => {
  const { entries, set, setup, looks } = sevenLeads()
  await keep('mistaken', later(entries, 200))
  const head = (await loadJob(opened.db, cache, 'mistaken'))?.state.seq ?? 0
  await appendEntries(opened.db, cache, {
    jobId: 'mistaken',
    seen: head,
    entries: [
      { id: 'finding-2', kind: 'tool-suspected', setup: set.setup, part: 'frame', cause: 'tool-worn' },
      { id: 'back-2', kind: 'taken-back', undoes: 'finding-2' },
    ],
    by: 'ansa',
    now: new Date('2026-11-25T13:00:00Z'),
  })
  const last = entries.length + 1
  await keep('untouched', [
    ...later(entries, 201),
    {
      id: 'c-1',
      seq: last,
      at: '2026-11-25T12:30:00.000Z',
      by: 'teodor',
      kind: 'crimped',
      term: '1/W1/a',
      setup,
      looks,
    },
  ])
  expect(await suspectsOf('untouched')).toEqual([])
})

test('a copy of a record tells nobody what its original has told, and is told nothing itself', async () => {
  const { entries, set, setup, looks } = sevenLeads()
  const crimp: Entry = {
    id: 'c-1',
    seq: entries.length + 1,
    at: '2026-11-26T09:00:00.000Z',
    by: 'teodor',
    kind: 'crimped',
    term: '1/W1/a',
    setup,
    looks,
  }
  const found: Entry = {
    id: 'finding-3',
    seq: entries.length + 2,
    at: '2026-11-26T10:00:00.000Z',
    by: 'ansa',
    kind: 'tool-suspected',
    setup: set.setup,
    part: 'die',
    cause: 'die-wrong',
  }
  await keep('original', [...later(entries, 1440), crimp, found])
  const before = (await loadJob(opened.db, cache, 'original'))?.state.seq
  const record = new NewRecord('elsewhere', noBreath, undefined)
  await record.take(await readEntries(opened.db, 'original', 0))
  const copied = await createJob(opened.db, cache, {
    id: 'copied',
    record,
    readIn: { copy: true },
    by: 'teodor',
    now,
  })
  expect(copied).toMatchObject({ ok: true, value: { id: 'copied' } })
  expect((await loadJob(opened.db, cache, 'copied'))?.state.seq).toBe(before)
  expect((await loadJob(opened.db, cache, 'original'))?.state.seq).toBe(before)
})

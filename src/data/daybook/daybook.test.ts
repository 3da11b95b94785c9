import { appendFileSync, cpSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, expect, test } from 'vitest'
import type { NewEntry } from '@/core/record/journal/entry'
import { openFolder } from '../database'
import { templatePath } from '../database.testing'
import { appendEntries } from '../repositories/appendEntries'
import { createJob } from '../repositories/createJob'
import { newJobCache } from '../repositories/jobCache'
import { loadJob } from '../repositories/jobs'
import { addPeople, listPeople } from '../repositories/people'
import { countSpools, readSpools } from '../repositories/spools'
import { countStock, readStock } from '../repositories/stock'
import { verifyJob } from '../repositories/verifyJob'
import { readPhoto } from '../repositories/photos'
import { photo } from '../schema'
import { isDiskFull } from './diskRoom'

const now = new Date('2026-11-25T09:00:00Z')
let folder: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'urn-daybook-'))
  process.env.URN_BENCH_TEMPLATE = templatePath()
})
afterEach(() => {
  rmSync(folder, { recursive: true, force: true })
})

const note = (n: number): NewEntry => ({
  id: `note-${String(n).padStart(5, '0')}`,
  kind: 'noted',
  text: `entry ${n} – µΩ`,
})

/** Opens the folder, does something, closes it again. */
async function withFolder<T>(work: (opened: Awaited<ReturnType<typeof openFolder>>) => Promise<T>): Promise<T> {
  const opened = await openFolder(folder)
  try {
    return await work(opened)
  } finally {
    await opened.close()
  }
}

const writeNotes = (from: number, to: number) =>
  withFolder(async ({ db }) => {
    const cache = newJobCache()
    if (from === 1) {
      await addPeople(db, [{ id: 'mira', name: 'Mira O’Neil', role: 'operator' }])
      await createJob(db, cache, { id: 'lead', entries: [], by: 'mira', now })
    }
    for (let n = from; n <= to; n++)
      expect(
        await appendEntries(db, cache, { jobId: 'lead', seen: n - 1, entries: [note(n)], by: 'mira', now }),
      ).toMatchObject({ ok: true })
  })

/** How the database was at some time: the power cut takes it back to that. */
const keepCopy = () => cpSync(join(folder, 'pg'), join(folder, 'older'), { recursive: true })
function dropBack() {
  rmSync(join(folder, 'pg'), { recursive: true })
  cpSync(join(folder, 'older'), join(folder, 'pg'), { recursive: true })
}

test('a database that is dropped back to an older copy has every acknowledged write again, whatever was written', async () => {
  await writeNotes(1, 3)
  keepCopy()
  await writeNotes(4, 9)
  const bytes = new Uint8Array([1, 2, 3, 250])
  await withFolder(async ({ db }) => {
    await addPeople(db, [{ id: 'ole', name: 'Ole', role: 'second' }])
    await countStock(db, [{ part: 'CM-PN', count: 40 }], now)
    await countSpools(db, [{ id: 'S1', wireType: 'TW-0.5', leftMm: 5000 }], now)
    await db.insert(photo).values({ id: 'a'.repeat(64), bytes, widthPx: 2, heightPx: 2, createdAt: now })
  })
  dropBack()
  await withFolder(async ({ db, remarks }) => {
    expect(remarks.join(' ')).toMatch(/had lost 10 of its last writes/)
    expect((await loadJob(db, newJobCache(), 'lead'))?.state.seq).toBe(9)
    expect(await verifyJob(db, newJobCache(), 'lead')).toMatchObject({ whole: true, entries: 9 })
    expect((await listPeople(db)).map((one) => one.id)).toEqual(['mira', 'ole'])
    expect(await readStock(db)).toMatchObject([{ part: 'CM-PN', count: 40 }])
    expect(await readSpools(db, ['TW-0.5'])).toMatchObject([{ leftMm: 5000 }])
    expect(await readPhoto(db, 'a'.repeat(64))).toEqual(bytes)
  })
  // what is there is not put there a second time
  expect(await withFolder(({ remarks }) => Promise.resolve(remarks))).toEqual([])
})

test('files that cannot be read any more are put aside, and all of it is made anew from the daybook', async () => {
  await writeNotes(1, 4)
  for (const name of ['PG_VERSION', 'global/pg_control']) writeFileSync(join(folder, 'pg', name), 'rubbish')
  await withFolder(async ({ db, remarks }) => {
    expect(remarks.join(' ')).toMatch(/made anew from the daybook/)
    expect(await verifyJob(db, newJobCache(), 'lead')).toMatchObject({ whole: true, entries: 4 })
  })
  expect(readdirSync(folder).some((name) => name.startsWith('pg-damaged-'))).toBe(true)
})

test('a last line that was cut short was acknowledged to nobody: it goes, and the book goes on', async () => {
  await writeNotes(1, 3)
  const file = join(folder, 'daybook.jsonl')
  const whole = readFileSync(file)
  appendFileSync(file, whole.subarray(whole.length - 200, whole.length - 20))
  await writeNotes(4, 5)
  keepCopy()
  await withFolder(async ({ db, remarks }) => {
    expect(remarks).toEqual([])
    expect((await loadJob(db, newJobCache(), 'lead'))?.state.seq).toBe(5)
  })
})

test('a book that was changed in the middle is followed up to there, put aside, and said to be damaged', async () => {
  await writeNotes(1, 2)
  keepCopy()
  await writeNotes(3, 6)
  const file = join(folder, 'daybook.jsonl')
  writeFileSync(file, readFileSync(file, 'utf8').replace('entry 5', 'entry 6'))
  dropBack()
  await withFolder(async ({ db, remarks }) => {
    expect(remarks.join(' ')).toMatch(/damaged at line 8/)
    expect((await loadJob(db, newJobCache(), 'lead'))?.state.seq).toBe(4)
  })
  expect(readdirSync(folder).some((name) => name.startsWith('daybook-until-'))).toBe(true)
  // it goes on from what is there
  await writeNotes(5, 7)
  expect(await withFolder(({ remarks }) => Promise.resolve(remarks))).toEqual([])
})

test('a daybook of another database is put aside, never replayed', async () => {
  await writeNotes(1, 3)
  const other = readFileSync(join(folder, 'daybook.jsonl'))
  rmSync(folder, { recursive: true })
  folder = mkdtempSync(join(tmpdir(), 'urn-daybook-'))
  await writeNotes(1, 2)
  writeFileSync(join(folder, 'daybook.jsonl'), other)
  await withFolder(async ({ db, remarks }) => {
    expect(remarks.join(' ')).toMatch(/of another database/)
    expect((await loadJob(db, newJobCache(), 'lead'))?.state.seq).toBe(2)
  })
})

test('what is rolled back is in no daybook, nor what was undone in the middle of a transaction', async () => {
  await withFolder(async ({ db }) => {
    await expect(
      db.transaction(async (tx) => {
        await addPeople(tx, [{ id: 'gone', name: 'Gone', role: 'operator' }])
        throw new Error('no')
      }),
    ).rejects.toThrow('no')
    await db.transaction(async (tx) => {
      await addPeople(tx, [{ id: 'here', name: 'Here', role: 'operator' }])
      await tx
        .transaction(async (inner) => {
          await addPeople(inner, [{ id: 'undone', name: 'Undone', role: 'operator' }])
          throw new Error('undo')
        })
        .catch(() => undefined)
    })
  })
  rmSync(join(folder, 'pg'), { recursive: true })
  await withFolder(async ({ db }) => expect((await listPeople(db)).map((one) => one.id)).toEqual(['here']))
})

test('a full disk refuses a write whole, and lets it through when there is room', async () => {
  let free = true
  const opened = await openFolder(folder, () => Promise.resolve(free))
  const { db } = opened
  const cache = newJobCache()
  await createJob(db, cache, { id: 'lead', entries: [], by: 'mira', now })
  const write = (n: number) =>
    appendEntries(db, cache, { jobId: 'lead', seen: n - 1, entries: [note(n)], by: 'mira', now })
  await write(1)
  free = false
  const full = await write(2).catch((error: unknown) => error)
  expect(isDiskFull(full)).toBe(true)
  // one can still read
  expect((await loadJob(db, cache, 'lead'))?.state.seq).toBe(1)
  free = true
  expect(await write(2)).toMatchObject({ ok: true, value: [{ seq: 2 }] })
  expect(await verifyJob(db, cache, 'lead')).toMatchObject({ whole: true, entries: 2 })
  await opened.close()
  await expect(openFolder(folder, () => Promise.resolve(false))).rejects.toThrow(/is full\. Make room/)
})

import sharp from 'sharp'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { sevenLeads } from '@/core/views/sevenLeads.testing'
import { ledger } from '@/core/views/ledger/ledger'
import type { NewEntry } from '@/core/record/journal/entry'
import type { OpenDatabase } from '../database'
import { openTestDatabase } from '../database.testing'
import { readAddresses, setAddress, standInAddresses } from './instruments'
import { loadJob } from './jobs'
import { ledgerJob, readLedgerLines } from './ledger'
import { keepPhoto, readPhoto } from './photos'
import { countSpools, readSpools } from './spools'
import { newJobCache } from '@/data/repositories/jobCache'
import { appendEntries } from '@/data/repositories/appendEntries'
import { createJob } from '@/data/repositories/createJob'

let opened: OpenDatabase
const cache = newJobCache()
const now = new Date('2026-11-25T09:00:00Z')

beforeAll(async () => {
  opened = await openTestDatabase()
})
afterAll(() => opened.close())

/** A journal that was made elsewhere, as a job of this database. */
async function take(id: string, bench: ReturnType<typeof sevenLeads>) {
  const entries = bench.entries.map(({ seq: _seq, at: _at, by: _by, ...entry }) => entry as NewEntry)
  const made = await createJob(opened.db, cache, {
    id,
    entries,
    stamps: bench.entries.map(({ at, by }) => ({ at, by })),
    by: 'teodor',
    now,
  })
  if (!made.ok) throw new Error(JSON.stringify(made.fault))
}
const append = async (id: string, ...entries: object[]) => {
  const folded = await loadJob(opened.db, cache, id)
  return appendEntries(opened.db, cache, {
    jobId: id,
    seen: folded?.state.seq ?? 0,
    entries: entries as NewEntry[],
    by: 'teodor',
    now,
  })
}

test('spools: counted, the shortest first; what is cut comes off, and goes back when the cut is taken back', async () => {
  await countSpools(
    opened.db,
    [
      { id: 'SP-1', wireType: 'TW-1.0', leftMm: 9000 },
      { id: 'OC-1', wireType: 'TW-1.0', leftMm: 600 },
      { id: 'SP-2', wireType: 'TW-0.5', leftMm: 500 },
      { id: 'SP-3', wireType: 'TW-1.0', leftMm: 0 },
    ],
    now,
  )
  expect(await readSpools(opened.db, ['TW-1.0'])).toEqual([
    { id: 'OC-1', wireType: 'TW-1.0', leftMm: 600 },
    { id: 'SP-1', wireType: 'TW-1.0', leftMm: 9000 },
  ])
  expect(await readSpools(opened.db, [])).toEqual([])
  await take('cut', sevenLeads())
  expect(
    (
      await append(
        'cut',
        { id: 'spool-0001', kind: 'wire-scrapped', unit: 1, wire: 'W1', why: 'nicked' },
        { id: 'spool-0002', kind: 'wire-cut', unit: 1, wire: 'W1', lengthMm: 410, spool: 'OC-1' },
      )
    ).ok,
  ).toBe(true)
  expect((await readSpools(opened.db, ['TW-1.0']))[0]).toMatchObject({ id: 'OC-1', leftMm: 190 })
  expect((await append('cut', { id: 'spool-0003', kind: 'taken-back', undoes: 'spool-0002' })).ok).toBe(true)
  expect((await readSpools(opened.db, ['TW-1.0']))[0]).toMatchObject({ id: 'OC-1', leftMm: 600 })
  // the same entry sent again is not a second cut
  await append('cut', { id: 'spool-0004', kind: 'wire-cut', unit: 1, wire: 'W1', lengthMm: 410, spool: 'OC-1' })
  await append('cut', { id: 'spool-0004', kind: 'wire-cut', unit: 1, wire: 'W1', lengthMm: 410, spool: 'OC-1' })
  expect((await readSpools(opened.db, ['TW-1.0']))[0]?.leftMm).toBe(190)
})

test('a refused entry takes nothing off a spool', async () => {
  const before = await readSpools(opened.db, ['TW-1.0'])
  expect(
    (await append('cut', { id: 'spool-0005', kind: 'wire-cut', unit: 1, wire: 'W1', lengthMm: 100, spool: 'SP-1' })).ok,
  ).toBe(false)
  expect(await readSpools(opened.db, ['TW-1.0'])).toEqual(before)
})

const picture = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#b4532a' } })

test.each(['jpeg', 'png', 'webp'] as const)(
  'a %s that is cut short is told from a file that is no picture',
  async (type) => {
    const noise = Buffer.from(Array.from({ length: 120 * 90 * 3 }, (_, i) => (i * 7919) % 251))
    const whole = await sharp(noise, { raw: { width: 120, height: 90, channels: 3 } })
      .toFormat(type)
      .toBuffer()
    const cut = new Uint8Array(whole.subarray(0, Math.floor(whole.length * 0.6)))
    expect(await keepPhoto(opened.db, cut, now)).toMatchObject({ ok: false, fault: { kind: 'cut-short' } })
    expect(await keepPhoto(opened.db, new Uint8Array(whole), now)).toMatchObject({ ok: true })
  },
)

test('a photo is made small, upright, and without what the camera wrote into it', async () => {
  const taken = await picture(3000, 2000)
    .withExif({
      IFD0: { Copyright: 'somebody', ImageDescription: 'where it was' },
      IFD3: { GPSLatitude: '51/1 30/1 0/1' },
    })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer()
  const kept = await keepPhoto(opened.db, new Uint8Array(taken), now)
  expect(kept).toMatchObject({ ok: true, value: { widthPx: 1067, heightPx: 1600 } })
  if (!kept.ok) throw new Error('photo')
  const bytes = await readPhoto(opened.db, kept.value.photo)
  const read = await sharp(bytes).metadata()
  expect(read).toMatchObject({ format: 'webp', width: 1067, height: 1600 })
  expect(read.exif).toBeUndefined()
  expect(await keepPhoto(opened.db, new Uint8Array(taken), now)).toEqual(kept)
  expect(await readPhoto(opened.db, 'f'.repeat(64))).toBeUndefined()
})

test.each<[string, () => Promise<Uint8Array>, object]>([
  [
    'a script that calls itself a picture',
    () => Promise.resolve(new TextEncoder().encode('#!/bin/sh\nrm -rf /\n')),
    { kind: 'no-picture' },
  ],
  [
    'a page with a script in it',
    () =>
      Promise.resolve(
        new TextEncoder().encode(
          '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script>1</script></svg>',
        ),
      ),
    { kind: 'other-type', type: 'svg' },
  ],
  ['a GIF', async () => new Uint8Array(await picture(20, 20).gif().toBuffer()), { kind: 'other-type', type: 'gif' }],
  [
    'half a picture',
    async () => new Uint8Array((await picture(400, 400).png().toBuffer()).subarray(0, 300)),
    { kind: 'cut-short' },
  ],
  [
    'a small file that is a huge picture',
    async () => new Uint8Array(await picture(9000, 9000).png().toBuffer()),
    { kind: 'too-many-pixels' },
  ],
  ['nothing', () => Promise.resolve(new Uint8Array()), { kind: 'no-picture' }],
])('%s is not kept', async (_what, file, fault) => {
  expect(await keepPhoto(opened.db, await file(), now)).toEqual({ ok: false, fault })
})

test('instruments: the stand-ins that came with the app, until the bench says otherwise', async () => {
  const standIns = standInAddresses(
    'pull-tester=127.0.0.1:40001,micrometer=127.0.0.1:40002,teapot=127.0.0.1:1,nonsense',
  )
  expect(standIns).toEqual({
    'pull-tester': { host: '127.0.0.1', port: 40001 },
    micrometer: { host: '127.0.0.1', port: 40002 },
  })
  await setAddress(opened.db, 'pull-tester', { host: 'tester.bench', port: 5025 })
  expect(await readAddresses(opened.db, standIns)).toEqual({
    ...standIns,
    'pull-tester': { host: 'tester.bench', port: 5025 },
  })
  await setAddress(opened.db, 'pull-tester', undefined)
  expect(await readAddresses(opened.db, standIns)).toEqual(standIns)
  expect(standInAddresses(undefined)).toEqual({})
})

test('the Ledger reads what stands, of all jobs, and nothing that was taken back', async () => {
  const bench = sevenLeads()
  bench.crimp(1, 1.3)
  bench.crimp(2, 1.31)
  bench.put({
    kind: 'crimp-rejected',
    term: '1/W3/a',
    look: 'contact-straight',
    defect: 'bent',
    decision: 'scrap',
    usedMm: 8,
    heightMm: 1.29,
  })
  await take('ledger', bench)
  const second = bench.entries.find((entry) => entry.kind === 'crimped' && entry.term === '1/W2/a')
  await append('ledger', { id: 'ledger-0001', kind: 'taken-back', undoes: second?.id })
  const lines = (await readLedgerLines(opened.db)).get('ledger') ?? []
  expect(lines.map((line) => [line.kind, line.term, line.heightMm])).toEqual([
    ['first-piece', undefined, lines[0]?.heightMm],
    ['crimped', '1/W1/a', 1.3],
    ['crimp-rejected', '1/W3/a', 1.29],
  ])
  const folded = await loadJob(opened.db, cache, 'ledger')
  if (!folded) throw new Error('job')
  const book = ledger([ledgerJob('ledger', folded.state, lines)], () => undefined)
  const heights = (made: string) => book.series.find((one) => one.made === made)?.heights.map((one) => one.value)
  expect([heights('production'), heights('scrapped')]).toEqual([[1.3], [1.29]])
  expect(book.total).toEqual({ tried: 2, first: 1, scrapped: 1 })
})

test('a cause that somebody wrote to a reading is read with it, whatever stands in it', async () => {
  const [crimp] = ((await readLedgerLines(opened.db)).get('ledger') ?? []).filter((line) => line.kind === 'crimped')
  await append('ledger', { id: 'ledger-0002', kind: 'noted', text: 'die\u001fnot\u001e home', causeOf: crimp?.seq })
  await append('ledger', { id: 'ledger-0003', kind: 'noted', text: 'just a note' })
  const lines = (await readLedgerLines(opened.db)).get('ledger') ?? []
  expect(lines.filter((line) => line.kind === 'noted')).toMatchObject([{ causeOf: crimp?.seq, text: 'die not  home' }])
})

test('a fresh folder has no photos, no spools and an empty Ledger', async () => {
  const empty = await openTestDatabase()
  try {
    expect((await readLedgerLines(empty.db)).size).toBe(0)
    expect(await readSpools(empty.db, ['TW-1.0'])).toEqual([])
  } finally {
    await empty.close()
  }
})

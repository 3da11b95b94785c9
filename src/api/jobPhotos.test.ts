import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { eq, sql } from 'drizzle-orm'
import sharp from 'sharp'
import { expect, test } from 'vitest'
import { keepPhoto, readPhoto } from '@/data/repositories/photos'
import { photo } from '@/data/schema'
import { RECORD_PHOTO_BYTES } from '@/data/repositories/recordPhotos'
import { openInterface } from './openInterface.testing'

const here = openInterface()
const elsewhere = openInterface()
const now = new Date('2026-11-25T09:00:00Z')

const picture = (side: number) =>
  sharp({ create: { width: side, height: side, channels: 3, background: '#888' } })
    .png()
    .toBuffer()

/** A job with a photo at one of its wires, and the photo's name. */
async function photographed(side = 40) {
  const kept = await keepPhoto(here.bench().db, await picture(side), now)
  if (!kept.ok) throw new Error('no photo')
  const made = await here.post('jobs', readFileSync('demo/jobs/beacon-lead.csv', 'utf8'), { contentType: 'text/csv' })
  const path = `jobs/${String(made.body.id)}`
  const entry = { id: `photo-${String(side)}`, kind: 'photo-taken', term: '1/W1/a', ...kept.value, by: 'teodor' }
  expect((await here.post(`${path}/journal`, { seen: 2, entries: [entry] })).status).toBe(201)
  return { path, id: kept.value.photo }
}

test('a record goes to another bench with its pictures, as one file', async () => {
  const { path, id } = await photographed()
  expect((await here.call('GET', path)).body.photos).toBeUndefined()
  const { body } = await here.call('GET', `${path}?photos=1`)
  expect(Object.keys(body.photos as object)).toEqual([id])
  // without them first: the record alone
  const alone = await elsewhere.post('jobs', { ...body, photos: undefined })
  expect(alone.status).toBe(201)
  expect(await readPhoto(elsewhere.bench().db, id)).toBeUndefined()
  // read in again with them, it is the job that is here, and has its pictures
  expect(await elsewhere.post('jobs', body)).toMatchObject({ status: 200, body: { id: alone.body.id, already: true } })
  const there = await readPhoto(elsewhere.bench().db, id)
  expect(Buffer.from(there ?? []).equals(Buffer.from((await readPhoto(here.bench().db, id)) ?? []))).toBe(true)
  expect((await elsewhere.call('GET', `jobs/${String(alone.body.id)}?photos=1`)).body.photos).toEqual(body.photos)
})

test('a picture that was changed, that no entry names, or that no bench keeps is refused with its place, and nothing is written', async () => {
  const { path, id } = await photographed(41)
  const { body } = await here.call('GET', `${path}?photos=1`)
  const bytes = Buffer.from((body.photos as Record<string, string>)[id] ?? '', 'base64')
  const changed = Buffer.from(bytes)
  changed[changed.length - 1] = (changed[changed.length - 1] ?? 0) ^ 1
  const hashOf = (data: Buffer) => createHash('sha256').update(data).digest('hex')
  const png = await picture(8)
  const { journal } = body as { journal: { kind: string; photo?: string }[] }
  const count = async () => ((await elsewhere.call('GET', 'jobs')).body.jobs as unknown[]).length
  const before = await count()
  const cases: [unknown, string, string][] = [
    [{ ...body, photos: { [id]: changed.toString('base64') } }, id, 'was changed, or cut short'],
    [{ ...body, photos: { [id]: '%%%' } }, id, 'was changed, or cut short'],
    [
      { ...body, photos: { ...(body.photos as object), [hashOf(png)]: png.toString('base64') } },
      hashOf(png),
      'named by no entry',
    ],
  ]
  for (const [document, name, message] of cases)
    expect(await elsewhere.post('jobs', document)).toMatchObject({
      status: 400,
      body: { error: { issues: [{ path: ['photos', name], message: expect.stringContaining(message) as string }] } },
    })
  const png64 = { [hashOf(png)]: png.toString('base64') }
  const named = journal.map((entry) => (entry.kind === 'photo-taken' ? { ...entry, photo: hashOf(png) } : entry))
  const forged = await elsewhere.post('jobs', { ...body, journal: named, photos: png64 })
  expect(forged).toMatchObject({ status: 400, body: { error: { issues: [{ path: ['journal', 2] }] } } })
  expect(await count()).toBe(before)
  expect(await readPhoto(elsewhere.bench().db, id)).toBeUndefined()
})

test('pictures that are more than one file takes are said with what they weigh; the record goes without them', async () => {
  const { path, id } = await photographed(42)
  await here
    .bench()
    .db.update(photo)
    .set({ bytes: sql`decode(repeat('00', ${sql.raw(String(RECORD_PHOTO_BYTES + 1))}), 'hex')` })
    .where(eq(photo.id, id))
  expect(await here.call('GET', `${path}?photos=1`)).toMatchObject({
    status: 422,
    body: { error: { code: 'photos-too-large', bytes: RECORD_PHOTO_BYTES + 1 } },
  })
  expect((await here.call('GET', path)).status).toBe(200)
})

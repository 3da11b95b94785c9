import { createHash } from 'node:crypto'
import { inArray, sql } from 'drizzle-orm'
import sharp from 'sharp'
import { type Result, fail, ok } from '@/core/base/result'
import type { SentPhotoFault } from '@/words/photos'
import type { Database } from '../database'
import { photo } from '../schema'
import { SIDE_PX } from './photos'

/** Bytes of pictures in one file: as base64 they and the journal stay below what an import takes. */
export const RECORD_PHOTO_BYTES = 40_000_000

/** A picture that came with a record, found to be what its name says. */
export interface SentPhoto {
  readonly id: string
  readonly bytes: Uint8Array
  readonly widthPx: number
  readonly heightPx: number
}

/** The photos that entries name, each once. */
export const photosNamed = (entries: readonly { readonly kind: string }[]): readonly string[] => [
  ...new Set(
    entries.flatMap((entry) =>
      entry.kind === 'photo-taken' && 'photo' in entry && typeof entry.photo === 'string' ? [entry.photo] : [],
    ),
  ),
]

/**
 * The pictures of a record, as base64 by their names; those that are not at this bench are left out.
 * @returns what they weigh where that is more than one file takes
 */
export async function recordPhotos(
  db: Database,
  ids: readonly string[],
): Promise<Result<Readonly<Record<string, string>>, { readonly bytes: number }>> {
  if (ids.length === 0) return ok({})
  const named = inArray(photo.id, [...ids])
  const [weighed] = await db
    .select({ bytes: sql<number>`coalesce(sum(length(${photo.bytes})), 0)`.mapWith(Number) })
    .from(photo)
    .where(named)
  const bytes = weighed?.bytes ?? 0
  if (bytes > RECORD_PHOTO_BYTES) return fail({ bytes })
  const rows = await db.select({ id: photo.id, bytes: photo.bytes }).from(photo).where(named).orderBy(photo.id)
  return ok(Object.fromEntries(rows.map((row) => [row.id, Buffer.from(row.bytes).toString('base64')])))
}

/**
 * Looks at the pictures that came with a record: each is named by an entry, is what its name says, and is as a bench keeps them.
 * @param named what the record's entries name
 */
export async function readSentPhotos(
  photos: Readonly<Record<string, string>>,
  named: readonly string[],
): Promise<Result<readonly SentPhoto[], { readonly id: string; readonly fault: SentPhotoFault }>> {
  const known = new Set(named)
  const read: SentPhoto[] = []
  for (const [id, text] of Object.entries(photos)) {
    if (!known.has(id)) return fail({ id, fault: { kind: 'not-named' } })
    const bytes = Buffer.from(text, 'base64')
    if (createHash('sha256').update(bytes).digest('hex') !== id) return fail({ id, fault: { kind: 'changed' } })
    const size = await sizeAsKept(bytes)
    if (!size) return fail({ id, fault: { kind: 'not-as-kept', sidePx: SIDE_PX } })
    read.push({ id, bytes: new Uint8Array(bytes), ...size })
  }
  return ok(read)
}

/** The size of a picture that is a whole WebP no larger than a bench makes. */
async function sizeAsKept(
  bytes: Uint8Array,
): Promise<{ readonly widthPx: number; readonly heightPx: number } | undefined> {
  try {
    const { format, width, height, pages = 1 } = await sharp(bytes, { limitInputPixels: SIDE_PX * SIDE_PX }).metadata()
    if (format !== 'webp' || pages > 1 || width > SIDE_PX || height > SIDE_PX) return undefined
    // a damaged one is found only when it is drawn
    await sharp(bytes, { failOn: 'error', limitInputPixels: SIDE_PX * SIDE_PX }).stats()
    return { widthPx: width, heightPx: height }
  } catch {
    return undefined
  }
}

/** Keeps pictures that came with a record, beside those that are here. */
export async function insertPhotos(db: Database, photos: readonly SentPhoto[], now: Date): Promise<void> {
  for (const one of photos)
    await db
      .insert(photo)
      .values({ ...one, createdAt: now })
      .onConflictDoNothing()
}

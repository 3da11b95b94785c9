import { createHash } from 'node:crypto'
import { eq } from 'drizzle-orm'
import sharp from 'sharp'
import { fail, ok, type Result } from '@/core/base/result'
import type { PhotoFault } from '@/words/photos'
import type { Database } from '../database'
import { photo } from '../schema'

export const PHOTO_BYTES = 24_000_000
/** A crimp is judged on fewer: the longer side of what is kept. */
export const SIDE_PX = 1600
/** More than any camera at a bench makes: a small file must not become a large picture in memory. */
const INPUT_PX = 60_000_000
const types = new Set(['jpeg', 'png', 'webp'])

export interface KeptPhoto {
  readonly photo: string
  readonly widthPx: number
  readonly heightPx: number
}

/** Keeps a photo: read as a picture whatever it is called, turned upright, made small, written anew without where and by whom it was taken. */
export async function keepPhoto(db: Database, file: Uint8Array, now: Date): Promise<Result<KeptPhoto, PhotoFault>> {
  const made = await remake(file)
  if (!made.ok) return made
  const { data, info } = made.value
  const id = createHash('sha256').update(data).digest('hex')
  await db
    .insert(photo)
    .values({ id, bytes: new Uint8Array(data), widthPx: info.width, heightPx: info.height, createdAt: now })
    .onConflictDoNothing()
  return ok({ photo: id, widthPx: info.width, heightPx: info.height })
}

async function remake(
  file: Uint8Array,
): Promise<
  Result<{ readonly data: Buffer; readonly info: { readonly width: number; readonly height: number } }, PhotoFault>
> {
  try {
    const picture = sharp(file, { limitInputPixels: INPUT_PX, failOn: 'error' })
    const { format } = await picture.metadata()
    if (!types.has(format)) return fail({ kind: 'other-type', type: format })
    return ok(
      await picture
        .rotate()
        .resize({ width: SIDE_PX, height: SIDE_PX, fit: 'inside', withoutEnlargement: true })
        .webp({ quality: 82 })
        .toBuffer({ resolveWithObject: true }),
    )
  } catch (error) {
    return fail(
      error instanceof Error && /pixel limit/i.test(error.message)
        ? { kind: 'too-many-pixels' }
        : { kind: beginsAsPicture(file) ? 'cut-short' : 'no-picture' },
    )
  }
}

const marks: readonly (readonly number[])[] = [
  [0xff, 0xd8, 0xff],
  [0x89, 0x50, 0x4e, 0x47],
  [0x52, 0x49, 0x46, 0x46],
]

/** Do its first bytes say JPEG, PNG or WebP? Then what is wrong is further behind. */
const beginsAsPicture = (file: Uint8Array): boolean => marks.some((mark) => mark.every((byte, i) => file[i] === byte))

/** A photo's bytes, WebP. */
export async function readPhoto(db: Database, id: string): Promise<Uint8Array | undefined> {
  const [row] = await db.select({ bytes: photo.bytes }).from(photo).where(eq(photo.id, id))
  return row?.bytes
}

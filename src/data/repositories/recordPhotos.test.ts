import { createHash } from 'node:crypto'
import sharp from 'sharp'
import { expect, test } from 'vitest'
import { photosNamed, readSentPhotos } from './recordPhotos'

const grey = (side: number) => sharp({ create: { width: side, height: side, channels: 3, background: '#888' } })
const sent = (data: Buffer) => {
  const id = createHash('sha256').update(data).digest('hex')
  return { id, photos: { [id]: data.toString('base64') } }
}

test('a WebP as a bench keeps it is read with its size', async () => {
  const { id, photos } = sent(await grey(30).webp().toBuffer())
  expect(await readSentPhotos(photos, [id])).toMatchObject({ ok: true, value: [{ id, widthPx: 30, heightPx: 30 }] })
})

test.each([
  ['another type', () => grey(30).png().toBuffer()],
  ['a larger one', () => grey(1601).webp().toBuffer()],
  ['no picture', () => Promise.resolve(Buffer.from('<svg onload=alert(1)>'))],
  ['one whose end is missing', async () => (await grey(900).webp({ lossless: true }).toBuffer()).subarray(0, 40)],
])('%s is none that a bench keeps', async (_what, make) => {
  const { id, photos } = sent(await make())
  expect(await readSentPhotos(photos, [id])).toEqual({
    ok: false,
    fault: { id, fault: { kind: 'not-as-kept', sidePx: 1600 } },
  })
})

test('what entries name is counted once, and nothing else', () => {
  const taken = { kind: 'photo-taken', photo: 'a' }
  expect(photosNamed([taken, { kind: 'noted' }, taken, { kind: 'photo-taken', photo: 'b' }])).toEqual(['a', 'b'])
})

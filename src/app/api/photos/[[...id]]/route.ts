import { photosRouteWords as words } from '@/words/screens/app/photosRoute'
import { callerRefusal, secured } from '@/api/callerCheck'
import { readBytes } from '@/api/readBody'
import { bench } from '@/data/bench'
import { keepPhoto, PHOTO_BYTES, readPhoto } from '@/data/repositories/photos'
import { photoFaultWords, photoTooLargeWords } from '@/words/photos'

type Context = { readonly params: Promise<{ readonly id?: readonly string[] }> }

const fault = (status: number, code: string, message: string) =>
  secured(Response.json({ error: { code, message } }, { status }))

/** A photo by its hash. It never changes, and it is a picture and nothing else. */
export async function GET(request: Request, { params }: Context): Promise<Response> {
  const refusal = callerRefusal(request)
  if (refusal) return refusal
  const id = (await params).id?.[0] ?? ''
  const bytes = await readPhoto((await bench()).db, id)
  if (!bytes) return fault(404, 'not-found', words.thereIsNoSuch)
  return secured(
    new Response(new Uint8Array(bytes), {
      headers: {
        'content-type': 'image/webp',
        'cache-control': 'private, max-age=31536000, immutable',
        'content-security-policy': "default-src 'none'",
      },
    }),
  )
}

/** Takes a photo in: the file's bytes, whatever it is called. */
export async function POST(request: Request): Promise<Response> {
  const refusal = callerRefusal(request)
  if (refusal) return refusal
  const file = await readBytes(request, PHOTO_BYTES)
  if (!file) return fault(413, 'too-large', photoTooLargeWords(PHOTO_BYTES))
  const kept = await keepPhoto((await bench()).db, new Uint8Array(file), new Date())
  return kept.ok
    ? secured(Response.json(kept.value, { status: 201 }))
    : fault(422, kept.fault.kind, photoFaultWords(kept.fault))
}

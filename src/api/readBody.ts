import { strictText } from '@/core/base/text/decodeText'

/** A body as text, or why it is not read. */
export type BodyRead =
  { readonly ok: true; readonly text: string } | { readonly ok: false; readonly why: 'too-large' | 'not-utf8' }

/**
 * Reads a body while it comes, and stops at the limit: a header may lie about the length.
 * @returns undefined when it is larger
 */
export async function readBytes(request: Request, limitBytes: number): Promise<Buffer | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > limitBytes) return undefined
  const chunks: Uint8Array[] = []
  let size = 0
  const reader = request.body?.getReader()
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    size += part.value.byteLength
    if (size > limitBytes) {
      await reader?.cancel()
      return undefined
    }
    chunks.push(part.value)
  }
  return Buffer.concat(chunks)
}

/** A body as text: in UTF-8, or in UTF-16 by its mark, or not at all. */
export async function readBody(request: Request, limitBytes: number): Promise<BodyRead> {
  const bytes = await readBytes(request, limitBytes)
  if (!bytes) return { ok: false, why: 'too-large' }
  const strict = strictText(bytes)
  return strict ? { ok: true, text: strict.text } : { ok: false, why: 'not-utf8' }
}

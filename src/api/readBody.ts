import { strictText } from '@/core/base/text/decodeText'

/** A body as text, or why it is not read. */
export type BodyRead =
  { readonly ok: true; readonly text: string } | { readonly ok: false; readonly why: 'too-large' | 'not-utf8' }

/** Where nobody says how long a body is. */
const FIRST_BYTES = 64 * 1024

/**
 * Reads a body while it comes, and stops at the limit: a header may lie about the length.
 * @returns undefined when it is larger
 */
export async function readBytes(request: Request, limitBytes: number): Promise<Buffer | undefined> {
  const said = Number(request.headers.get('content-length') ?? 0)
  if (said > limitBytes) return undefined
  // filled as it comes: put together at the end, thirty megabytes would hold up everybody else
  let bytes = Buffer.allocUnsafeSlow(said > 0 ? said : FIRST_BYTES)
  let size = 0
  const reader = request.body?.getReader()
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    const end = size + part.value.byteLength
    if (end > limitBytes) {
      await reader?.cancel()
      return undefined
    }
    if (end > bytes.byteLength) {
      const larger = Buffer.allocUnsafeSlow(Math.min(limitBytes, Math.max(end, 2 * bytes.byteLength)))
      larger.set(bytes.subarray(0, size))
      bytes = larger
    }
    bytes.set(part.value, size)
    size = end
  }
  // a thread takes over only what is all of its buffer
  return size === bytes.byteLength ? bytes : Buffer.from(bytes.subarray(0, size))
}

/** A body as text: in UTF-8, or in UTF-16 by its mark, or not at all. */
export async function readBody(request: Request, limitBytes: number): Promise<BodyRead> {
  const bytes = await readBytes(request, limitBytes)
  if (!bytes) return { ok: false, why: 'too-large' }
  const strict = strictText(bytes)
  return strict ? { ok: true, text: strict.text } : { ok: false, why: 'not-utf8' }
}

/** A body as text, or why it is not read. */
export type BodyRead = { readonly ok: true; readonly text: string } | { readonly ok: false; readonly why: 'too-large' | 'not-utf8' }

/** Reads a body while it comes, and stops at the limit: a header may lie about the length. */
export async function readBody(request: Request, limitBytes: number): Promise<BodyRead> {
  if (Number(request.headers.get('content-length') ?? 0) > limitBytes) return { ok: false, why: 'too-large' }
  const chunks: Uint8Array[] = []
  let size = 0
  const reader = request.body?.getReader()
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    size += part.value.byteLength
    if (size > limitBytes) {
      await reader?.cancel()
      return { ok: false, why: 'too-large' }
    }
    chunks.push(part.value)
  }
  try {
    return { ok: true, text: new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(chunks)) }
  } catch {
    return { ok: false, why: 'not-utf8' }
  }
}

import fc from 'fast-check'
import { expect, test } from 'vitest'
import { readBytes } from './readBody'

/** A request whose body comes in these chunks, whatever its header says of its length. */
function request(chunks: readonly Uint8Array[], length: string | undefined): Request {
  const body = new ReadableStream({
    start(controller) {
      for (const chunk of chunks) controller.enqueue(chunk)
      controller.close()
    },
  })
  const made = new Request('http://127.0.0.1/', { method: 'POST', body, duplex: 'half' } as RequestInit)
  if (length !== undefined) made.headers.set('content-length', length)
  return made
}
const chunks = fc.array(fc.uint8Array({ maxLength: 40 }), { maxLength: 8 })
const length = fc.option(fc.oneof(fc.nat(400).map(String), fc.constantFrom('-3', 'long', '1e99', '')), {
  nil: undefined,
})
const LIMIT = 200

test('a body is read as it came, whatever its header says; one that is larger than its limit is not read', async () => {
  await fc.assert(
    fc.asyncProperty(chunks, length, async (parts, said) => {
      const whole = Buffer.concat(parts)
      const read = await readBytes(request(parts, said), LIMIT)
      if (whole.byteLength > LIMIT || Number(said) > LIMIT) expect(read).toBeUndefined()
      else expect(read?.equals(whole)).toBe(true)
    }),
    { numRuns: 200 },
  )
})

/**
 * An answer of lines of JSON, each as it comes.
 * @param run says the lines; the stream ends when it does
 */
export function lineStream(signal: AbortSignal, run: (say: (value: unknown) => void) => Promise<void>): Response {
  const encoder = new TextEncoder()
  const lines = new ReadableStream<Uint8Array>({
    async start(controller) {
      await run((value) => {
        if (!signal.aborted) controller.enqueue(encoder.encode(`${JSON.stringify(value)}\n`))
      })
      if (!signal.aborted) controller.close()
    },
  })
  return new Response(lines, {
    headers: { 'content-type': 'application/x-ndjson; charset=utf-8', 'cache-control': 'no-store' },
  })
}

import { importRouteWords as words } from '@/words/screens/app/importRoute'
import { callerFault } from '@/api/callerCheck'
import { readBytes } from '@/api/readBody'
import { PACKAGE_LIMIT_MB } from '@/core/parts/catalogue/packageLists'
import { tooLargeWords } from '@/words/catalogue'
import { importPackage, previewPackage, type ImportLine } from '@/places/shelf/packages'

/**
 * A catalogue package from a file: looked at first, and with `?write=1` taken in. Answers line by line in JSON, so that the
 * page can say how far it is. Beside the pages' proxy, which would cut a large file short.
 */
export async function POST(request: Request): Promise<Response> {
  const caller = callerFault(request.method, request.headers)
  if (caller) return refusal(caller.message, caller.status)
  const bytes = await readBytes(request, PACKAGE_LIMIT_MB * 2 ** 20)
  if (!bytes) return refusal(tooLargeWords, 413)
  const write = new URL(request.url).searchParams.get('write') === '1'
  const encoder = new TextEncoder()
  const lines = new ReadableStream<Uint8Array>({
    async start(controller) {
      const say = (line: ImportLine) =>
        !request.signal.aborted && controller.enqueue(encoder.encode(`${JSON.stringify(line)}\n`))
      const watch = {
        onStage: (stage: Extract<ImportLine, { stage: unknown }>['stage']) => say({ stage }),
        signal: request.signal,
      }
      try {
        say(write ? { written: await importPackage(bytes, watch) } : { preview: await previewPackage(bytes, watch) })
      } catch (error) {
        if (!request.signal.aborted) console.error(error)
        say({
          preview: {
            ok: false,
            faults: [words.itCouldNotBe],
          },
        })
      }
      if (!request.signal.aborted) controller.close()
    },
  })
  return new Response(lines, {
    headers: { 'content-type': 'application/x-ndjson; charset=utf-8', 'cache-control': 'no-store' },
  })
}

const refusal = (message: string, status: number) =>
  new Response(`${JSON.stringify({ preview: { ok: false, faults: [message] } } satisfies ImportLine)}\n`, {
    status,
    headers: { 'content-type': 'application/x-ndjson; charset=utf-8' },
  })

import { runThread } from '@/threads/runThread'
import type { PaperInput } from './paper'
import type { DrawingId, PaperId, PaperOrder } from './papers'

/** A paper as PDF, made beside the requests. */
export const makePdf = (paper: PaperId, input: PaperInput): Promise<Uint8Array> =>
  runThread<never, Uint8Array>('papers', { paper, input } satisfies PaperOrder, { heapMb: 512, limitMs: 60_000 })

/** A drawing as SVG, made in the same place; undefined where there is nothing to draw. */
export async function makeDrawing(paper: DrawingId, input: PaperInput): Promise<string | undefined> {
  const bytes = await runThread<never, Uint8Array>('papers', { paper, input } satisfies PaperOrder, {
    heapMb: 512,
    limitMs: 60_000,
  })
  return bytes.length === 0 ? undefined : new TextDecoder().decode(bytes)
}

import { runThread } from '@/threads/runThread'
import type { PaperInput } from './paper'
import type { FileId, PaperId, PaperOrder } from './papers'

/** A paper as PDF, made beside the requests. */
export const makePdf = (paper: PaperId, input: PaperInput): Promise<Uint8Array> =>
  runThread<never, Uint8Array>('papers', { paper, input } satisfies PaperOrder, { heapMb: 512, limitMs: 60_000 })

/** A drawing or a workbook, made in the same place; undefined where there is nothing to make. */
export async function makeFile(file: FileId, input: PaperInput): Promise<Uint8Array | undefined> {
  const bytes = await runThread<never, Uint8Array>('papers', { paper: file, input } satisfies PaperOrder, {
    heapMb: 512,
    limitMs: 60_000,
  })
  return bytes.length === 0 ? undefined : bytes
}

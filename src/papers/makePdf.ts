import { runThread } from '@/threads/runThread'
import type { PaperInput } from './paper'
import type { PaperId, PaperOrder } from './papers'

/** A paper as PDF, made beside the requests. */
export const makePdf = (paper: PaperId, input: PaperInput): Promise<Uint8Array> =>
  runThread<never, Uint8Array>('papers', { paper, input } satisfies PaperOrder, { heapMb: 512, limitMs: 60_000 })

import type { readXlsx } from '@/formats/table/readXlsx'
import { askOnce } from './askOnce'

type Reading = Awaited<ReturnType<typeof readXlsx>>

/** Reads a workbook in a worker of its own; undefined when it was stopped. */
export const readXlsxBeside = (bytes: Uint8Array, signal: AbortSignal): Promise<Reading | undefined> =>
  askOnce<Reading>(new Worker(new URL('./xlsx.worker.ts', import.meta.url), { type: 'module' }), bytes, signal, {
    ok: false,
    fault: { kind: 'unreadable', why: '' },
  })

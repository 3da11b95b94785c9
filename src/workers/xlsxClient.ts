import type { readXlsx } from '@/formats/table/readXlsx'

type Reading = Awaited<ReturnType<typeof readXlsx>>

/** Reads a workbook in a worker of its own; an abort ends it, whatever it is doing. */
export function readXlsxBeside(bytes: Uint8Array, signal: AbortSignal): Promise<Reading | undefined> {
  const worker = new Worker(new URL('./xlsx.worker.ts', import.meta.url), { type: 'module' })
  return new Promise<Reading | undefined>((resolve) => {
    const end = (reading?: Reading) => {
      worker.terminate()
      resolve(reading)
    }
    signal.addEventListener('abort', () => end())
    worker.onmessage = (event: MessageEvent<Reading>) => end(event.data)
    worker.onerror = () => end({ ok: false, fault: { code: 'unreadable', why: '' } })
    worker.postMessage(bytes)
  })
}

import { readXlsx } from '@/formats/table/readXlsx'

/** Reads a workbook beside the page: bytes in, rows or a fault out. Ending the worker cancels it. */
self.onmessage = (event: MessageEvent<Uint8Array>) => {
  void readXlsx(event.data).then((result) => self.postMessage(result))
}

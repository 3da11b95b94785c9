import { fail, ok, type Result } from '@/core/base/result'
import { PINOUT_ROW_LIMIT } from '@/core/record/grid/pinoutTypes'
import { toCsv } from '@/formats/csv'
import { countLines } from '@/formats/pinout/countLines'
import { tableFaultWords } from '@/words/pinout'
import { newJobPlaceWords as words } from '@/words/screens/newJob/newJobPlace'
import { xlsxFaultWords } from '@/words/workbook'
import { readXlsxBeside } from '@/workers/xlsxClient'

const FILE_BYTES = 5 * 1024 * 1024

/** The text of a pinout that was dropped, as CSV: of a workbook its first sheet; else the sentence why it is not read. */
export async function readPinoutFile(file: File): Promise<Result<string, string | undefined>> {
  if (file.size > FILE_BYTES) return fail(words.isLargerThanMb(file.name))
  const bytes = new Uint8Array(await file.arrayBuffer())
  let text = new TextDecoder('utf-8').decode(bytes)
  if (/\.xlsx$/i.test(file.name)) {
    const sheet = await readXlsxBeside(bytes, new AbortController().signal)
    if (!sheet) return fail(undefined)
    if (!sheet.ok) return fail(xlsxFaultWords(sheet.fault))
    text = toCsv(sheet.value)
  }
  // a file of so many rows is told at once: the field would take long to hold it
  const rows = countLines(text) - 1
  return rows > PINOUT_ROW_LIMIT
    ? fail(tableFaultWords({ kind: 'too-many-rows', rows, limit: PINOUT_ROW_LIMIT }))
    : ok(text)
}

/** What a job is called before anybody names it. */
export const titleOfFile = (name: string): string => name.replace(/\.[^.]+$/, '').replace(/[-_]+/g, ' ')

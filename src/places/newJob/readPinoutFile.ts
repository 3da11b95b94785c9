import { fail, ok, type Result } from '@/core/base/result'
import { PINOUT_ROW_LIMIT } from '@/core/record/grid/pinoutTypes'
import { toCsv } from '@/formats/csv'
import { countLines } from '@/formats/pinout/countLines'
import { tableFaultWords } from '@/words/pinout'
import { newJobPlaceWords as words } from '@/words/screens/newJob/newJobPlace'
import { xlsxFaultWords } from '@/words/workbook'
import { readXlsxBeside } from '@/workers/xlsxClient'

const FILE_BYTES = 5 * 1024 * 1024

/**
 * The text of a pinout that was dropped, as CSV: of a workbook its first sheet; else the sentence why it is not read.
 * @param readText reads a file that is text, and asks how it was written where nobody can tell
 */
export async function readPinoutFile(
  file: File,
  readText: (file: File) => Promise<Result<string, string | undefined>>,
): Promise<Result<string, string | undefined>> {
  if (file.size > FILE_BYTES) return fail(words.isLargerThanMb(file.name))
  const read = /\.xlsx$/i.test(file.name) ? await readWorkbook(file) : await readText(file)
  if (!read.ok) return read
  const text = read.value
  // a file of so many rows is told at once: the field would take long to hold it
  const rows = countLines(text) - 1
  return rows > PINOUT_ROW_LIMIT
    ? fail(tableFaultWords({ kind: 'too-many-rows', rows, limit: PINOUT_ROW_LIMIT }))
    : ok(text)
}

async function readWorkbook(file: File): Promise<Result<string, string | undefined>> {
  const sheet = await readXlsxBeside(new Uint8Array(await file.arrayBuffer()), new AbortController().signal)
  if (!sheet) return fail(undefined)
  return sheet.ok ? ok(toCsv(sheet.value)) : fail(xlsxFaultWords(sheet.fault))
}

/** What a job is called before anybody names it. */
export const titleOfFile = (name: string): string => name.replace(/\.[^.]+$/, '').replace(/[-_]+/g, ' ')

import { readSheet } from 'read-excel-file/universal'
import { fail, ok, type Result } from '@/core/base/result'
import type { XlsxFault } from '@/core/base/cells/xlsxFault'
import { xlsxErrors } from './xlsxErrors'
import { checkXlsx } from './xlsxSizes'

export const TABLE_ROW_LIMIT = 20_000

/** The first sheet of a workbook as rows of text, once its sizes have been looked at. */
export async function readXlsx(bytes: Uint8Array): Promise<Result<readonly (readonly string[])[], XlsxFault>> {
  const checked = checkXlsx(bytes)
  if (!checked.ok) return checked
  try {
    const rows = await readSheet(bytes.slice().buffer)
    if (rows.length > TABLE_ROW_LIMIT) return fail({ kind: 'too-many-rows', rows: rows.length, limit: TABLE_ROW_LIMIT })
    const cells = rows.map((row) => row.map(cellText))
    // what holds no value is not empty: whoever reads the table says what stands there
    for (const { row, column, text } of xlsxErrors(bytes)) {
      const line = cells[row]
      if (line && column < Math.max(line.length, cells[0]?.length ?? 0)) line[column] = text
    }
    return ok(cells)
  } catch (error) {
    return fail({ kind: 'unreadable', why: error instanceof Error ? (error.message.split('\n')[0] ?? '') : '' })
  }
}

const cellText = (cell: unknown): string =>
  cell === null || cell === undefined
    ? ''
    : cell instanceof Date
      ? cell.toISOString().slice(0, 10)
      : typeof cell === 'string' || typeof cell === 'number' || typeof cell === 'boolean'
        ? String(cell)
        : ''

import Papa from 'papaparse'
import { readSeparator } from '@/core/base/cells/separator'

export interface StockTableLine {
  readonly part: string
  readonly count: number
  readonly reorderLevel?: number
}

export type StockTableFault = {
  readonly row: number
  readonly column: 'part' | 'count' | 'reorder'
  readonly found: string
  readonly kind: 'missing' | 'no-number' | 'below-nought' | 'unknown' | 'twice'
}

/**
 * Counts from a table with the columns part, count and, where it has one, reorder; wire in millimetres. A part that the shelf
 * does not know is a fault.
 */
export function readStockTable(
  text: string,
  knows: (part: string) => boolean,
): { readonly lines: readonly StockTableLine[]; readonly faults: readonly StockTableFault[] } {
  const { separator, body, skipped } = readSeparator(text)
  const parsed = Papa.parse<Record<string, string>>(body.trim(), {
    header: true,
    delimiter: separator,
    skipEmptyLines: 'greedy',
    transformHeader: (heading) => heading.trim().toLowerCase(),
  })
  const faults: StockTableFault[] = []
  const seen = new Set<string>()
  const lines = parsed.data.flatMap((record, i): StockTableLine[] => {
    const row = i + 2 + skipped
    const part = (record.part ?? '').trim()
    const figure = (column: 'count' | 'reorder', said: string | undefined): number | undefined => {
      const found = (said ?? '').trim()
      if (found === '') return undefined
      const value = Number(found.replace(',', '.'))
      if (!Number.isFinite(value)) faults.push({ row, column, found, kind: 'no-number' })
      else if (value < 0) faults.push({ row, column, found, kind: 'below-nought' })
      else return value
      return undefined
    }
    if (part === '') faults.push({ row, column: 'part', found: '', kind: 'missing' })
    else if (!knows(part)) faults.push({ row, column: 'part', found: part, kind: 'unknown' })
    else if (seen.has(part)) faults.push({ row, column: 'part', found: part, kind: 'twice' })
    seen.add(part)
    const count = figure('count', record.count)
    if (count === undefined && (record.count ?? '').trim() === '')
      faults.push({ row, column: 'count', found: '', kind: 'missing' })
    const reorderLevel = figure('reorder', record.reorder)
    return count === undefined ? [] : [{ part, count, ...(reorderLevel !== undefined && { reorderLevel }) }]
  })
  return { lines, faults }
}

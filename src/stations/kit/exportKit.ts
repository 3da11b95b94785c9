import { exportKitWords as words } from '@/words/screens/kit/exportKit'
import type { SupplyLine } from '@/core/work/kit/supply'
import { download, fileStem } from '@/ui/download'

const headings = [
  'kind',
  'part',
  'name',
  'unit',
  'need',
  words.testPieces,
  'spares',
  'together',
  'free',
  'short',
  'pack',
  'packs',
  'price',
]

/** The kit list as a table for a spreadsheet. */
export async function exportKit(title: string, lines: readonly SupplyLine[], kind: 'csv' | 'xlsx'): Promise<void> {
  const rows = lines.map((line) => [
    line.kind,
    line.part,
    line.name,
    line.unit,
    line.need,
    line.testPieces,
    line.spares,
    line.total,
    line.free,
    line.short,
    line.order?.pack,
    line.order?.packs,
    line.order?.price,
  ])
  const name = `${fileStem(title, 'job')}-kit`
  if (kind === 'csv') {
    const { toCsv } = await import('@/formats/csv')
    download(new Blob([toCsv([headings, ...rows])], { type: 'text/csv' }), `${name}.csv`)
  } else {
    const { writeXlsx } = await import('@/formats/table/writeXlsx')
    download(await writeXlsx(headings, rows, words.kit(title)), `${name}.xlsx`)
  }
}

import { exportPinoutWords as words } from '@/words/screens/plan/exportPinout'
import type { GridRow } from '@/core/record/grid/draft'
import type { Plan } from '@/core/record/plan/plan'
import { download, fileStem } from '@/ui/download'

/** The pinout as it stands in the grid, as a file that the import takes back. */
export async function exportPinout(plan: Plan, rows: readonly GridRow[], kind: 'csv' | 'xlsx'): Promise<void> {
  const headings = [
    'wire',
    'type',
    'colour',
    words.fromEnd,
    words.fromCavity,
    words.fromHousing,
    words.toEnd,
    words.toCavity,
    words.toHousing,
    'length',
    'signal',
    'current',
    'group',
    'note',
  ]
  const ends = new Map(plan.ends.map((end) => [end.id, end.housing]))
  const place = (said: string): readonly [string, string, string | undefined] => {
    const dot = said.lastIndexOf('.')
    const end = dot < 0 ? '' : said.slice(0, dot)
    return ends.has(end) ? [end, said.slice(dot + 1), ends.get(end)] : [said === 'open' ? '' : said, '', undefined]
  }
  const figure = (text: string) => (/^\d+(\.\d+)?$/.test(text) ? Number(text) : text)
  const lines = rows.map(({ text }) => [
    text.id,
    text.type,
    text.colour,
    ...place(text.from),
    ...place(text.to),
    figure(text.length),
    text.signal,
    figure(text.current),
    text.group,
    text.note,
  ])
  const name = fileStem(plan.title, 'pinout')
  if (kind === 'csv') {
    const { toCsv } = await import('@/formats/csv')
    download(new Blob([toCsv([headings, ...lines])], { type: 'text/csv' }), `${name}.csv`)
  } else {
    const { writeXlsx } = await import('@/formats/table/writeXlsx')
    download(await writeXlsx(headings, lines, plan.title), `${name}.xlsx`)
  }
}

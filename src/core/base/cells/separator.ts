/** What may stand between the cells of a table as text. */
export const separators = [',', ';', '\t', '|'] as const
export type Separator = (typeof separators)[number]

/** How a table is written: what stands between its cells, and where it begins. */
export interface Written {
  readonly separator: Separator
  /** without the byte order mark, and without the line that only names the separator */
  readonly body: string
  /** lines before the heading */
  readonly skipped: number
}

/** Some spreadsheets write the separator into a line of its own, before the heading. */
const NAMED = /^"?sep=([,;|\t])"?[ \t]*(?:\r\n|\n|\r|$)/i

/** The separator that a `sep=` line names, else the one that stands most often in the heading, outside quotes. */
export function readSeparator(text: string): Written {
  const whole = text.replace(/^\uFEFF/, '')
  const named = NAMED.exec(whole)
  if (named) return { separator: named[1] as Separator, body: whole.slice(named[0].length), skipped: 1 }
  const heading = whole.slice(0, whole.search(/\r?\n|$/)).replace(/"[^"]*"/g, '')
  const count = (mark: string) => heading.split(mark).length
  const separator = separators.reduce<Separator>((best, mark) => (count(mark) > count(best) ? mark : best), ',')
  return { separator, body: whole, skipped: 0 }
}

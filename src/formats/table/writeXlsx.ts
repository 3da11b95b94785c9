import writeXlsxFile from 'write-excel-file/universal'

export type TableCell = string | number | undefined

/** A workbook with one sheet: the headings in bold, then the rows. Numbers stay numbers, texts are never formulas. */
export function writeXlsx(
  headings: readonly string[],
  rows: readonly (readonly TableCell[])[],
  sheet: string,
): Promise<Blob> {
  const head = headings.map((value) => ({ value, fontWeight: 'bold' as const }))
  const body = rows.map((row) =>
    row.map((value) =>
      value === undefined || value === ''
        ? null
        : typeof value === 'number'
          ? { type: Number, value }
          : { type: String, value },
    ),
  )
  return writeXlsxFile([head, ...body], {
    sheet: sheet.replace(/[\\/?*[\]:]/g, ' ').slice(0, 31) || 'Sheet',
    columns: headings.map((heading) => ({ width: Math.max(10, heading.length + 2) })),
  }).toBlob()
}

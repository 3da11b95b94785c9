/**
 * CSV for spreadsheets. A cell that a spreadsheet would run as a formula is made text by a leading apostrophe; a plain
 * number, negative ones too, stays a number.
 */
export function toCsv(rows: readonly (readonly (string | number | undefined)[])[]): string {
  return rows.map((row) => row.map(cell).join(',')).join('\r\n') + '\r\n'
}

function cell(value: string | number | undefined): string {
  if (value === undefined) return ''
  const text = typeof value === 'number' ? String(value) : neutral(value)
  return /[",\r\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text
}

const neutral = (text: string) => (/^[=+\-@\t\r]/.test(text) && !/^-?\d+([.,]\d+)?$/.test(text) ? `'${text}` : text)

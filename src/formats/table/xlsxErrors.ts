import { strFromU8, unzipSync } from 'fflate'

/** A cell of the first sheet that holds no value: an error, or a formula that nobody computed. */
export interface XlsxCellError {
  /** from 0 */
  readonly row: number
  readonly column: number
  readonly text: string
}

const attribute = (tag: string, name: string) => new RegExp(`\\b${name}="([^"]*)"`).exec(tag)?.[1]

/** Where the first sheet of a workbook lies in its zip. */
function firstSheet(files: Readonly<Record<string, Uint8Array>>): string | undefined {
  const text = (name: string) => (files[name] ? strFromU8(files[name]) : '')
  const sheet = /<(?:\w+:)?sheet\s[^>]*>/.exec(text('xl/workbook.xml'))?.[0] ?? ''
  const id = attribute(sheet, 'r:id')
  const relation = [...text('xl/_rels/workbook.xml.rels').matchAll(/<Relationship\s[^>]*>/g)].find(
    ([tag]) => id !== undefined && attribute(tag, 'Id') === id,
  )?.[0]
  const target = relation === undefined ? undefined : attribute(relation, 'Target')
  if (target === undefined) return undefined
  return target.startsWith('/') ? target.slice(1) : `xl/${target}`
}

/** `AB12` as row and column, from 0. */
function placeOf(reference: string): { readonly row: number; readonly column: number } | undefined {
  const [, letters, row] = /^([A-Z]+)(\d+)$/.exec(reference) ?? []
  if (letters === undefined || row === undefined) return undefined
  let column = 0
  for (const letter of letters) column = column * 26 + letter.charCodeAt(0) - 64
  return { row: Number(row) - 1, column: column - 1 }
}

/** The cells of the first sheet in which there is no value to be read, as they would be typed. The workbook's sizes have been looked at. */
export function xlsxErrors(bytes: Uint8Array): readonly XlsxCellError[] {
  const files = unzipSync(bytes, { filter: ({ name }) => /^xl\/(?:workbook\.xml|_rels\/|worksheets\/)/.test(name) })
  const sheet = firstSheet(files)
  const xml = sheet !== undefined && files[sheet] ? strFromU8(files[sheet]) : ''
  const errors: XlsxCellError[] = []
  for (const [, tag = '', inner = ''] of xml.matchAll(/<c(\s[^>]*?)>(.*?)<\/c>/gs)) {
    const place = placeOf(attribute(tag, 'r') ?? '')
    if (!place) continue
    const value = /<v[^>]*>([^<]*)<\/v>/.exec(inner)?.[1]
    if (attribute(tag, 't') === 'e') errors.push({ ...place, text: value ?? '#VALUE!' })
    else if (/<f[\s/>]/.test(inner) && (value === undefined || value === '')) {
      const formula = /<f[^>]*>([^<]*)<\/f>/.exec(inner)?.[1] ?? ''
      errors.push({ ...place, text: `=${formula === '' ? '…' : formula}` })
    }
  }
  return errors
}

/** Labels as they are sold: on sheets of A4, or singly from a roll; flags are folded round a wire. */
export const labelSizes = {
  '38x21': { name: '38 × 21 mm, 65 on a sheet', widthMm: 38, heightMm: 21, columns: 5, rows: 13, code: 'datamatrix' },
  '48x25': { name: '48 × 25 mm, 44 on a sheet', widthMm: 48, heightMm: 25, columns: 4, rows: 11, code: 'datamatrix' },
  '70x37': { name: '70 × 37 mm, 24 on a sheet', widthMm: 70, heightMm: 37, columns: 3, rows: 8, code: 'datamatrix' },
  'tape-12': { name: 'tape 12 mm, singly', widthMm: 60, heightMm: 12, columns: 1, rows: 1, code: 'code128' },
  'tape-24': { name: 'tape 24 mm, singly', widthMm: 60, heightMm: 24, columns: 1, rows: 1, code: 'datamatrix' },
} as const satisfies Record<
  string,
  {
    readonly name: string
    readonly widthMm: number
    readonly heightMm: number
    /** on a sheet of A4; one of each is printed singly */
    readonly columns: number
    readonly rows: number
    readonly code: 'datamatrix' | 'code128'
  }
>

export type LabelSizeId = keyof typeof labelSizes
export const isLabelSize = (text: string): text is LabelSizeId => Object.hasOwn(labelSizes, text)
export const usualLabel: LabelSizeId = '48x25'

/** A4, mm. */
export const SHEET = { widthMm: 210, heightMm: 297 } as const

import { plural } from '@/words/figures'

/** What `BoardPanel` says. */
export const boardPanelWords = {
  board: 'Board',
  toScale: 'Lengths to scale',
  boardScale: 'BOARD',
  drawingOf: (stretches: number) => `The bundle on its board, ${plural(stretches, 'stretch', 'stretches')}`,
  diameter: (mm: string) => `Ø ${mm}`,
  asLaid: (mm: string) => `as laid ${mm}`,
  asLaidIs: (mm: string) => `bundle Ø ${mm} as laid`,
  sleeve: (mm: string) => `sleeve ${mm}`,
  tieOf: (segment: string, laced: boolean) => `${laced ? 'Knot' : 'Tie'} on ${segment}`,
  of: (count: number) => ` of ${String(count)}`,
  label: 'Label',
  fromRear: (end: string) => `From the rear of ${end}`,
  length: 'Length',
  tie: 'Tie',
  lacing: 'Lacing',
  cord: (length: string) => `≈ ${length}`,
  cordEstimate: 'cord, an estimate',
  boardSvg: 'Board drawing, SVG',
  boardPdf: 'Board drawing, PDF',
  tiles: (sheets: number) => `Print 1:1 on ${plural(sheets, 'sheet')} of A4`,
}

import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { housingOf } from '@/core/record/plan/facts'
import { sideOf } from '@/core/record/plan/plan'
import { writePlace } from '@/core/record/plan/writePlace'
import { SHEET, labelSizes, usualLabel } from '@/core/work/close/labelSizes'
import { labelSheetWords as words } from '@/words/screens/papers/labelSheet'
import { codeSvg } from './barcode'
import { DIM, INK, type PaperInput } from './paper'

/** Points in a millimetre. */
const PT = 72 / 25.4
/** Round the text and the code of a label, mm. */
const INSET_MM = 1.5

interface Label {
  /** what the code says, and a scan jumps to */
  readonly code: string
  readonly name: string
  readonly place: string
  readonly more: string
}

/** Labels of all wires, both ends, and of all ends; in the order of the cut list. */
function labelsOf({ state }: PaperInput): readonly Label[] {
  const { plan, facts } = state
  const units = Array.from({ length: plan.quantity }, (_, i) => i + 1)
  const unitOf = (unit: number) => (plan.quantity > 1 ? ` #${String(unit)}` : '')
  return units.flatMap((unit) => [
    ...plan.wires.flatMap((wire) =>
      (['a', 'b'] as const).map((side) => ({
        code: `${wire.id}${side}`,
        name: `${wire.id}${side}${unitOf(unit)}`,
        place: `${writePlace(sideOf(wire, side))}   ${wire.colour}`,
        more: wire.signal ?? '',
      })),
    ),
    ...plan.ends.map((end) => ({
      code: end.id,
      name: `${end.id}${unitOf(unit)}`,
      place: [housingOf(facts, plan, end.id)?.name, end.keying].filter(Boolean).join(', '),
      more: plan.title,
    })),
  ])
}

/** Labels for both ends of every wire and for every end: text, and a code that a scanner reads. On sheets of A4, or singly. */
export function labelSheet(input: PaperInput): TDocumentDefinitions {
  const size = labelSizes[input.label ?? usualLabel]
  const labels = labelsOf(input)
  const isSingle = size.columns * size.rows === 1
  const [pageWidth, pageHeight] = isSingle ? [size.widthMm, size.heightMm] : [SHEET.widthMm, SHEET.heightMm]
  const leftMm = (pageWidth - size.columns * size.widthMm) / 2
  const topMm = (pageHeight - size.rows * size.heightMm) / 2
  const onPage = size.columns * size.rows
  return {
    info: { title: `${input.state.plan.title}, ${words.labels}`, creator: words.urnBench },
    pageSize: { width: pageWidth * PT, height: pageHeight * PT },
    pageMargins: [0, 0, 0, 0],
    defaultStyle: { font: 'Sans', fontSize: 8, color: INK },
    content:
      labels.length === 0
        ? [{ text: words.noWiresYet, margin: [20, 20, 20, 20] }]
        : labels.flatMap((label, i): Content[] => {
            const at = i % onPage
            const x = (leftMm + (at % size.columns) * size.widthMm + INSET_MM) * PT
            const y = (topMm + Math.floor(at / size.columns) * size.heightMm + INSET_MM) * PT
            return drawn(label, size, x, y, at === 0 && i > 0)
          }),
  }
}

function drawn(
  { code, name, place, more }: Label,
  { widthMm, heightMm, code: kind }: (typeof labelSizes)[keyof typeof labelSizes],
  x: number,
  y: number,
  breaksPage: boolean,
): Content[] {
  const innerMm = heightMm - 2 * INSET_MM
  const codeWidthMm = kind === 'datamatrix' ? Math.min(innerMm, 14) : 26
  const codeHeightMm = kind === 'datamatrix' ? codeWidthMm : Math.min(innerMm, 8)
  const textX = x + (codeWidthMm + 2) * PT
  const widthPt = (widthMm - codeWidthMm - 2 - 2 * INSET_MM) * PT
  const big = Math.min(16, innerMm * 0.9)
  const columns = (text: string, fontSize: number, top: number, color = INK): Content => ({
    columns: [{ width: widthPt, text, font: 'Mono', fontSize, color, noWrap: true }],
    absolutePosition: { x: textX, y: y + top },
  })
  return [
    {
      svg: codeSvg(code, kind),
      width: codeWidthMm * PT,
      height: codeHeightMm * PT,
      absolutePosition: { x, y },
      ...(breaksPage && { pageBreak: 'before' as const }),
    },
    columns(name, big, 0),
    ...(innerMm > 14
      ? [columns(place, 7, big * 1.4), columns(more, 6, big * 1.4 + 10, DIM)]
      : [columns(place, 6, big * 1.3)]),
  ]
}

import { labelSheetWords as words } from '@/words/screens/papers/labelSheet'
import { clockOf } from '@/words/clock'
import type { TableCell, TDocumentDefinitions } from 'pdfmake/interfaces'
import { sideOf } from '@/core/record/plan/plan'
import { writePlace } from '@/core/record/plan/writePlace'
import { DIM, page, type PaperInput } from './paper'

const ACROSS = 4

/** Labels for both ends of every wire, in the order of the cut list: printed before cutting, cut out or on a label sheet. */
export function labelSheet(input: PaperInput): TDocumentDefinitions {
  const { plan } = input.state
  const labels: TableCell[] = []
  for (let unit = 1; unit <= plan.quantity; unit++) {
    for (const wire of plan.wires) {
      for (const side of ['a', 'b'] as const) {
        labels.push({
          stack: [
            {
              text: `${wire.id}${side}${plan.quantity > 1 ? ` #${String(unit)}` : ''}`,
              font: 'Mono',
              bold: true,
              fontSize: 12,
            },
            { text: `${writePlace(sideOf(wire, side))}   ${wire.colour}`, font: 'Mono', fontSize: 8 },
            { text: wire.signal ?? '', fontSize: 7, color: DIM },
          ],
          margin: [2, 3, 2, 3],
        })
      }
    }
  }
  const rows: TableCell[][] = []
  for (let from = 0; from < labels.length; from += ACROSS)
    rows.push([
      ...labels.slice(from, from + ACROSS),
      ...Array.from({ length: Math.max(0, from + ACROSS - labels.length) }, () => ''),
    ])
  return page(input, 'labels', [
    {
      text: words.labelsRevEachEnd(plan.rev, clockOf(input.zone).stamp(input.madeAt)),
      color: DIM,
      margin: [0, 2, 0, 10],
    },
    {
      table: {
        widths: Array.from({ length: ACROSS }, () => '*'),
        dontBreakRows: true,
        body: rows.length > 0 ? rows : [[words.noWiresYet, ...Array.from({ length: ACROSS - 1 }, () => '')]],
      },
      layout: {
        hLineColor: () => '#ddd5c8',
        vLineColor: () => '#ddd5c8',
        hLineWidth: () => 0.5,
        vLineWidth: () => 0.5,
      },
    },
  ])
}

import { kitSheetWords as words } from '@/words/screens/papers/kitSheet'
import { clockOf } from '@/words/clock'
import type { TableCell, TDocumentDefinitions } from 'pdfmake/interfaces'
import { kitList, kitTotal } from '@/core/work/kit/kitList'
import { setupQueue } from '@/core/views/queue'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { setupId, setupIdLabel } from '@/core/craft/setup/setup'
import { metres } from '@/words/figures'
import { bringList } from '@/core/views/bringList'
import { bringWords } from '@/words/bring'
import { cell, DIM, heading, INK, page, table, type PaperInput } from './paper'

/** A box to tick: drawn, since not every font has one. */
const box = (): TableCell => ({
  canvas: [{ type: 'rect', x: 1, y: 1, w: 8, h: 8, lineWidth: 0.8, lineColor: INK }],
})

const show = (value: number, unit: 'pcs' | 'mm') => (unit === 'mm' ? metres(value) : String(value))

/** The kit list, to go to the shelf with: a box to tick for every part, then the setups that the crib must hold ready. */
export function kitSheet(input: PaperInput): TDocumentDefinitions {
  const { state, madeAt } = input
  const clock = clockOf(input.zone)
  const { plan } = state
  return page(input, words.kitList, [
    {
      text: words.kitListRevHouse(
        plan.rev,
        plan.quantity > 1 ? words.units(plan.quantity) : '',
        rulesOf(state).name,
        clock.stamp(madeAt),
        state.seq,
      ),
      color: DIM,
      margin: [0, 2, 0, 10],
    },
    heading(words.parts),
    table(
      [14, 80, '*', 50, 50, 50, 60],
      ['', 'part', 'what', 'need', 'test', 'spare', 'together'],
      kitList(state).map((line) => [
        box(),
        cell(line.part),
        { text: line.name, fontSize: 8 },
        cell(show(line.need, line.unit)),
        cell(line.testPieces === 0 ? '' : show(line.testPieces, line.unit)),
        cell(line.spares === 0 ? '' : show(line.spares, line.unit)),
        cell(show(kitTotal(line), line.unit)),
      ]),
    ),
    heading(words.toBring),
    table(
      [14, 80, '*', 220],
      ['', 'number', 'what', 'with'],
      bringList(state).map((item) => {
        const said = bringWords(item)
        return [box(), cell(said.part), { text: said.what, fontSize: 8 }, cell(said.with)]
      }),
    ),
    heading(words.setupsInOrderIn),
    table(
      [14, '*', 80],
      ['', words.frameDieOrPositioner, 'terminations'],
      setupQueue(state).map((group) => [box(), cell(setupIdLabel(setupId(group.setup))), cell(group.items.length)]),
    ),
  ])
}

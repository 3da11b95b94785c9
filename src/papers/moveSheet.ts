import { clockOf } from '@/words/clock'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { housingAt } from '@/core/record/standing/benchEnds'
import { endOf, unitMoves } from '@/core/work/rework/endMoves'
import { faceState } from '@/ui/job/faceState'
import { movesOfEnd, wantedFace } from '@/ui/job/movesOfEnd'
import { movePlanWords, moveStepWords } from '@/words/rework'
import { faceSvg } from './faceSvg'
import { DIM, type PaperInput, cell, heading, page, table } from './paper'
import { endKey } from '@/core/record/plan/keys'

const WIDTH_PT = 340
const HEIGHT_PT = 170

/** The move plan, to hand to somebody else: each face as it is with arrows, and as it is wanted; then every step with a box to tick. */
export function moveSheet(input: PaperInput): TDocumentDefinitions {
  const { state, madeAt } = input
  const clock = clockOf(input.zone)
  const { plan } = state
  const units = Array.from({ length: plan.quantity }, (_, i) => i + 1).flatMap((unit) => {
    const moves = unitMoves(state, unit)
    return moves ? [{ unit, moves }] : []
  })
  const content = units.flatMap(({ unit, moves }): Content[] => [
    ...(plan.quantity > 1 ? [heading(`Unit ${String(unit)}`)] : []),
    ...movePlanWords(moves.plan).map((text): Content => ({ text, color: DIM })),
    ...[...new Set(moves.plan.steps.flatMap((step) => ('place' in step ? [endOf(step.place)] : [])))].flatMap(
      (end): Content[] => {
        const housing = housingAt(state, unit, end)
        const wantedEnd = state.oldEnds.get(endKey(unit, end))?.end ?? end
        const wanted = housingAt(state, unit, wantedEnd)
        if (!housing || !wanted) return []
        return [
          {
            unbreakable: true,
            stack: [
              heading(`End ${end}, ${housing.name}: as it is, wire face`),
              {
                svg: faceSvg(
                  housing,
                  faceState(state, unit, end, housing),
                  WIDTH_PT,
                  HEIGHT_PT,
                  movesOfEnd(moves, end),
                ),
              },
            ],
          },
          {
            unbreakable: true,
            stack: [
              heading(`End ${wantedEnd}, ${wanted.name}: as it is wanted, wire face`),
              { svg: faceSvg(wanted, wantedFace(state, unit, wantedEnd, wanted), WIDTH_PT, HEIGHT_PT) },
            ],
          },
        ]
      },
    ),
    heading('Steps'),
    table(
      [14, 24, '*'],
      ['', 'step', 'what the hands do'],
      moves.plan.steps.map((step, i) => [cell('[  ]'), cell(i + 1), { text: moveStepWords(step, plan), fontSize: 9 }]),
    ),
  ])
  return page(input, 'move plan', [
    {
      text: `Move plan to rev ${plan.rev}. Made ${clock.stamp(madeAt)}, after entry ${String(state.seq)}. Dashed arrows: put aside between. Isolate the supply before a connector is opened; the maker’s sheet goes first.`,
      color: DIM,
      margin: [0, 2, 0, 8],
    },
    ...(content.length > 0 ? content : [{ text: 'Every contact stands where the plan wants it: nothing to move.' }]),
  ])
}

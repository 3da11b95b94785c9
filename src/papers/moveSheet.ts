import { moveSheetWords as words } from '@/words/screens/papers/moveSheet'
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

const WIDTH_PT = 500
const HEIGHT_PT = 200

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
    ...(plan.quantity > 1 ? [heading(words.unit(unit))] : []),
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
              heading(words.endAsItIs(end, housing.name)),
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
              heading(words.endAsItIsWanted(wantedEnd, wanted.name)),
              { svg: faceSvg(wanted, wantedFace(state, unit, wantedEnd, wanted), WIDTH_PT, HEIGHT_PT) },
            ],
          },
        ]
      },
    ),
    heading(words.steps),
    table(
      [14, 24, '*'],
      ['', 'step', words.whatHandsDo],
      moves.plan.steps.map((step, i) => [cell('[  ]'), cell(i + 1), { text: moveStepWords(step, plan), fontSize: 9 }]),
    ),
  ])
  return page(input, words.movePlan, [
    {
      text: words.movePlanToRev(plan.rev, clock.stamp(madeAt), state.seq),
      color: DIM,
      margin: [0, 2, 0, 8],
    },
    ...(content.length > 0 ? content : [{ text: words.everyContactStandsWhere }]),
  ])
}

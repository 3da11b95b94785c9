import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { housingOf } from '@/core/record/plan/facts'
import { cavityKey } from '@/core/record/plan/keys'
import { planIndex, sideOf } from '@/core/record/plan/plan'
import { writePlace } from '@/core/record/plan/writePlace'
import { faceState } from '@/ui/job/faceState'
import { clockOf } from '@/words/clock'
import { shortMm } from '@/words/figures'
import { pinoutSheetWords as words } from '@/words/screens/papers/pinoutSheet'
import { faceSvg } from './faceSvg'
import { DIM, type PaperInput, cell, heading, page, table } from './paper'

/** Each end as a drawing, wire face and mating face side by side, with what stands in every cavity. */
export function pinoutSheet(input: PaperInput): TDocumentDefinitions {
  const { state, madeAt } = input
  const { plan, facts } = state
  const { byCavity } = planIndex(plan)
  return page(input, words.pinoutDrawing, [
    { text: words.made(plan.rev, clockOf(input.zone).stamp(madeAt)), color: DIM, margin: [0, 2, 0, 6] },
    ...plan.ends.flatMap((end): Content[] => {
      const housing = housingOf(facts, plan, end.id)
      if (!housing) return []
      const cavities = faceState(state, 1, end.id, housing)
      const face = (side: 'wire' | 'mating'): Content => ({
        stack: [
          { svg: faceSvg(housing, cavities, 250, 150, [], end.keying, side) },
          { text: words.faces[side], alignment: 'center', fontSize: 7.5, color: DIM },
        ],
      })
      return [
        {
          unbreakable: true,
          stack: [
            heading(words.end(end.id, housing.name, end.keying)),
            { columns: [face('wire'), face('mating')], columnGap: 12, margin: [0, 0, 0, 6] },
          ],
        },
        table(
          ['auto', 'auto', 'auto', 'auto', 'auto', '*'],
          words.columns,
          housing.cavities.map(({ id }) => {
            const found = byCavity.get(cavityKey(1, end.id, id))
            if (!found) return [cell(id), cell('–'), cell(''), cell(''), cell(''), cell('')]
            const { wire, side } = found
            return [
              cell(id),
              cell(wire.id),
              cell(wire.type),
              cell(wire.colour),
              cell(shortMm(wire.lengthMm, 0)),
              cell(`${writePlace(sideOf(wire, side === 'a' ? 'b' : 'a'))}   ${wire.signal ?? ''}`),
            ]
          }),
        ),
      ]
    }),
  ])
}

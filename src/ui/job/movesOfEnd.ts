import { faceStateWords as words } from '@/words/screens/job/faceState'
import type { Housing } from '@/core/parts/catalogue/types'
import { planIndex } from '@/core/record/plan/plan'
import type { JobState } from '@/core/record/state/state'
import { type UnitMoves, cavityOf, endOf } from '@/core/work/rework/endMoves'
import { plugFor } from '@/core/record/standing/plugFor'
import type { FaceCavity } from '../face/FaceDrawing'
import type { FaceMove } from '../face/FaceMoves'
import { cavityKey } from '@/core/record/plan/keys'

/** What moves within one end: for the arrows of its face. */
export function movesOfEnd({ problem, plan }: UnitMoves, end: string): readonly FaceMove[] {
  const target = new Map([...problem.wanted].map(([place, contact]) => [contact, place]))
  return plan.steps.flatMap((step) => {
    if (step.do !== 'extract' && step.do !== 'park') return []
    const to = target.get(step.contact)
    return to !== undefined && endOf(step.place) === end && endOf(to) === end
      ? [{ from: cavityOf(step.place), to: cavityOf(to), ...(step.do === 'park' && { parked: true }) }]
      : []
  })
}

/** An end as it is wanted: what the plan fills, what is plugged, and what it leaves empty. */
export function wantedFace(
  state: JobState,
  unit: number,
  end: string,
  housing: Housing,
): ReadonlyMap<string, FaceCavity> {
  const { byCavity } = planIndex(state.plan)
  return new Map(
    housing.cavities.map((cavity): [string, FaceCavity] => {
      const planned = byCavity.get(cavityKey(unit, end, cavity.id))
      if (planned) return [cavity.id, { look: 'seated', words: `${planned.wire.id}${planned.side}` }]
      const part = plugFor(state, end, cavity.id)
      return [
        cavity.id,
        part === undefined ? { look: 'empty', words: words.unused } : { look: 'plugged', words: words.plug(part) },
      ]
    }),
  )
}

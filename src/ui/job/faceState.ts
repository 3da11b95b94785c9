import { faceStateWords as words } from '@/words/screens/job/faceState'
import { planIndex } from '@/core/record/plan/plan'
import { type JobState, termState } from '@/core/record/state/state'
import type { Housing } from '@/core/parts/catalogue/types'
import { isHome } from '@/core/record/standing/home'
import { netVerdict } from '@/core/work/prove/netVerdict'
import { termName } from '@/words/steps'
import type { FaceCavity } from '../face/FaceDrawing'
import { cavityKey } from '@/core/record/plan/keys'

/** What each cavity of an end looks like in the record now. */
export function faceState(
  state: JobState,
  unit: number,
  end: string,
  housing: Housing,
): ReadonlyMap<string, FaceCavity> {
  const { byCavity, byKey } = planIndex(state.plan)
  return new Map(
    housing.cavities.map((cavity): [string, FaceCavity] => {
      const key = cavityKey(unit, end, cavity.id)
      const planned = byCavity.get(key)
      const inside = state.cavities.get(key)
      if (inside?.plug !== undefined) return [cavity.id, { look: 'plugged', words: `plug ${inside.plug}` }]
      if (inside?.term !== undefined) {
        const name = termName(inside.term, state.plan.quantity)
        // well seated, and wanted somewhere else, or nowhere any more
        if (
          !byKey.has(inside.term) ||
          (termState(state, inside.term).seat?.home !== false && planned?.key !== inside.term)
        )
          return [cavity.id, { look: 'leaving', words: words.leaves(name) }]
        if (!isHome(state, inside.term)) return [cavity.id, { look: 'fault', words: words.isNotHomeHere(name) }]
        const proven = planned && netVerdict(state, unit, planned.wire).proven
        return [
          cavity.id,
          { look: proven ? 'proved' : 'seated', words: proven ? words.proved(name) : words.seated(name) },
        ]
      }
      return planned
        ? [cavity.id, { look: 'planned', words: words.planned(planned.key, state.plan.quantity) }]
        : [cavity.id, { look: 'empty', words: words.unused }]
    }),
  )
}

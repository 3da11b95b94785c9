import type { SideLetter } from '../../plan/plan'
import type { JobState } from '../../state/state'

export const isWorked = (state: JobState, wire: string, side: SideLetter) =>
  Array.from({ length: state.plan.quantity }, (_, i) => state.terms.get(`${i + 1}/${wire}/${side}`)).some(
    (term) => term?.stripped ?? term?.crimp,
  )

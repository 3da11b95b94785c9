import { cavityKey } from '../../plan/keys'
import { housingAt } from '../../standing/benchEnds'
import type { JobState } from '../../state/state'
import { subject } from '../../state/subject'

/** What stands in a housing: for what an entry is about. */
export const standingIn = (state: JobState, unit: number, end: string): readonly string[] =>
  (housingAt(state, unit, end)?.cavities ?? []).flatMap(({ id }) => {
    const key = cavityKey(unit, end, id)
    const inside = state.cavities.get(key)
    return inside ? [subject.cavity(key), ...(inside.term === undefined ? [] : [subject.term(inside.term)])] : []
  })

import type { CauseCode, DefectCode } from '../../craft/crimp/looks'
import { partOfCause, setupParts } from '../../craft/crimp/setupPart'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { setupId } from '../../craft/setup/setup'
import type { NewEntry } from '../../record/journal/entry'
import type { Termination } from '../../record/plan/plan'
import { isMounted } from '../../record/standing/released'
import { suspectTerms } from '../../record/standing/suspects'
import type { JobState } from '../../record/state/state'
import { type RootCure, rootCure } from './rootCure'

type Said = NewEntry extends infer E ? (E extends unknown ? Omit<E, 'id' | 'by'> : never) : never

/** Whatever was crimped until the cause is written down. */
const NO_END = '9999'

/** A cause that was found: what is set again for it, what is written, and what it puts in question. */
export interface FoundCause {
  readonly cause: CauseCode
  readonly cure: RootCure
  readonly entries: readonly Said[]
  /** it lies in the tool: these crimps of this job were made with it since its last good check */
  readonly suspects?: readonly string[]
}

/**
 * What finding a cause means. One that lies in the tool ends its release, and puts in question what it crimped since it was last
 * seen good, here and in other jobs; the frame need not be set up as it was then.
 * @param but a termination that is rejected anyway
 * @returns undefined where the cause lies with the hand, or the setup has no such part
 */
export function foundCause(
  state: JobState,
  termination: Pick<Termination, 'key'>,
  set: ChosenSet,
  cause: CauseCode,
  defect: DefectCode,
  but?: string,
): FoundCause | undefined {
  const cure = rootCure(state, termination, set, cause, defect)
  if (!cure || !partOfCause[cause]) return undefined
  const { part } = cure.entry
  if (!setupParts[part].endsRelease) return { cause, cure, entries: [cure.entry] }
  const suspects = suspectTerms(state, { setup: set.setup, part, until: NO_END }).filter((key) => key !== but)
  return {
    cause,
    cure,
    suspects,
    entries: [
      { kind: 'tool-suspected', setup: set.setup, part, cause },
      // what is set again is on the frame; found later, the frame may have another setup on it
      ...(isMounted(state, setupId(set.setup)) ? [cure.entry] : []),
    ],
  }
}

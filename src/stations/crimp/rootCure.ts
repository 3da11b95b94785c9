import type { CauseCode, DefectCode } from '@/core/craft/crimp/looks'
import { partOfCause } from '@/core/craft/crimp/setupPart'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import { termState, type JobState } from '@/core/record/state/state'
import { tenth } from '@/core/base/units/tenth'
import type { Said } from '@/ui/job/journalClient'
import { mm } from '@/words/figures'
import { setupPartWords } from '@/words/practices'

/** A change of the setup that takes a cause away: what it says, and what is written. */
export interface RootCure {
  readonly words: string
  readonly entry: Said
}

/** Without a measured strip the stop is moved by this much. */
const NUDGE_MM = 0.4

/** The change of the setup that goes with a cause, with its figure; undefined where it lies with the hand. */
export function rootCure(
  state: JobState,
  { termination, set }: QueueItem,
  group: QueueGroup,
  cause: CauseCode,
  defect: DefectCode,
): RootCure | undefined {
  const part = partOfCause[cause]
  if (!part) return undefined
  const said = (to?: { readonly toMm: number; readonly nominalMm?: number }, text?: string): RootCure => ({
    words: setupPartWords[part](text ?? (to && mm(to.toMm, 1))),
    entry: { kind: 'setup-adjusted', setup: group.id, part, why: defect, ...to },
  })
  const adjusted = state.adjustments.get(group.id)
  switch (part) {
    case 'strip-stop': {
      const stopMm = set.strip.nominalMm + (adjusted?.stripOffMm ?? 0)
      const measured = termState(state, termination.key).stripped?.stripMm
      const offMm = measured === undefined ? 0 : measured - set.strip.nominalMm
      // it is moved by what this strip was off; a strip that measured right is moved a little the way that was seen
      const byMm =
        Math.abs(offMm) >= 0.1 && Math.sign(offMm) === (cause === 'strip-long' ? 1 : -1)
          ? offMm
          : cause === 'strip-long'
            ? NUDGE_MM
            : -NUDGE_MM
      return said({ toMm: Math.max(0.1, tenth(stopMm - byMm)), nominalMm: set.strip.nominalMm })
    }
    case 'wire-stop': {
      const now = adjusted?.wireStopMm ?? set.setup.wireStopMm
      return now === undefined ? undefined : said({ toMm: Math.max(0.1, tenth(now - NUDGE_MM)) })
    }
    case 'selector':
      return set.setup.selector === undefined ? undefined : said(undefined, String(set.setup.selector))
    case 'positioner':
      return said(undefined, set.setup.positioner)
    case 'die':
      return set.setup.die === undefined
        ? set.setup.nest === undefined
          ? undefined
          : {
              words: setupPartWords.nest(set.setup.nest),
              entry: { kind: 'setup-adjusted', setup: group.id, part: 'nest', why: defect },
            }
        : said(undefined, set.setup.die)
    case 'notch':
    case 'nest':
    case 'locator':
    case 'frame':
      return said()
  }
}

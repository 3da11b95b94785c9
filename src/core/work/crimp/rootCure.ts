import { tenth } from '../../base/units/tenth'
import type { CauseCode, DefectCode } from '../../craft/crimp/looks'
import { type SetupPart, partOfCause } from '../../craft/crimp/setupPart'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { setupId } from '../../craft/setup/setup'
import type { NewEntry } from '../../record/journal/entry'
import type { Termination } from '../../record/plan/plan'
import { type JobState, measuredStripMm, termState } from '../../record/state/state'

type SetupAdjusted = Omit<Extract<NewEntry, { kind: 'setup-adjusted' }>, 'id' | 'by'>

/** A change of the setup that takes a cause away, as it is written. */
export interface RootCure {
  /** what the part is called on the tool, where the setup names it */
  readonly named?: string | undefined
  readonly entry: SetupAdjusted
}

/** Without a measured strip the stop is moved by this much. */
const NUDGE_MM = 0.4
/** A stop stands at least so far out. */
const LEAST_MM = 0.1

/** How a setup calls the part that is set again; undefined where the setup has no such part. */
const nameOf: Readonly<Partial<Record<SetupPart, (set: ChosenSet) => string | undefined>>> = {
  selector: ({ setup }) => (setup.selector === undefined ? undefined : String(setup.selector)),
  positioner: ({ setup }) => setup.positioner,
  die: ({ setup }) => setup.die,
  nest: ({ setup }) => setup.nest,
}

/** Where the stripper's stop goes: by what this strip was off, or a little the way that was seen where it measured right. */
function strippedTo(state: JobState, key: string, set: ChosenSet, cause: CauseCode): number {
  const stopMm = set.strip.nominalMm + (state.adjustments.get(setupId(set.setup))?.stripOffMm ?? 0)
  const measuredMm = measuredStripMm(termState(state, key))
  const offMm = measuredMm === undefined ? 0 : measuredMm - set.strip.nominalMm
  const long = cause === 'strip-long'
  const believed = Math.abs(offMm) >= LEAST_MM && Math.sign(offMm) === (long ? 1 : -1)
  return Math.max(LEAST_MM, tenth(stopMm - (believed ? offMm : long ? NUDGE_MM : -NUDGE_MM)))
}

/**
 * The change of the setup that goes with a cause, with its figure.
 *
 * @returns undefined where the cause lies with the hand, or the setup has no such part
 */
export function rootCure(
  state: JobState,
  { key }: Pick<Termination, 'key'>,
  set: ChosenSet,
  cause: CauseCode,
  defect: DefectCode,
): RootCure | undefined {
  const part = partOfCause[cause]
  if (!part) return undefined
  const setup = setupId(set.setup)
  const entry: SetupAdjusted = { kind: 'setup-adjusted', setup, part, why: defect }
  if (part === 'strip-stop')
    return { entry: { ...entry, toMm: strippedTo(state, key, set, cause), nominalMm: set.strip.nominalMm } }
  if (part === 'wire-stop') {
    const nowMm = state.adjustments.get(setup)?.wireStopMm ?? set.setup.wireStopMm
    return nowMm === undefined ? undefined : { entry: { ...entry, toMm: Math.max(LEAST_MM, tenth(nowMm - NUDGE_MM)) } }
  }
  // a tool with nests in place of a die
  if (part === 'die' && set.setup.die === undefined)
    return set.setup.nest === undefined ? undefined : { named: set.setup.nest, entry: { ...entry, part: 'nest' } }
  const named = nameOf[part]?.(set)
  return part === 'selector' && named === undefined ? undefined : { named, entry }
}

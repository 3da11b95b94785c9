import { placeAtStep, STEP } from '../../base/units/atStep'
import type { LookCode } from '../../parts/catalogue/lookCodes'
import { rankCauses } from '../../craft/crimp/causes'
import { type Defect, type DefectCode, decide, looks } from '../../craft/crimp/looks'
import { type Practice, savesFrom } from '../../craft/crimp/practices'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { termKey } from '../../record/plan/keys'
import type { Termination } from '../../record/plan/plan'
import { rulesOf } from '../../record/rules/rulesOf'
import { type Slack, slackOf } from '../../record/standing/slack'
import { type JobState, measuredStripMm, termState } from '../../record/state/state'

/** A strip that is a little short before the stroke is stripped on by this much, not thrown away, mm. */
export const BITE_MM = 0.4
/** Where no slack is known: a try costs the strip and what is lost at the cut, mm. */
const LOST_MM = 3

/** What becomes of a piece in which something is wrong. */
export interface FaultOutcome {
  readonly found: Defect
  /** why it is, the likeliest first */
  readonly causes: ReturnType<typeof rankCauses>
  /** a bite more makes it right before the stroke */
  readonly canMend: boolean
  /** what the house rules allow to save it */
  readonly saves: readonly Practice[]
  /** what another try costs, mm */
  readonly usedMm: number
  readonly slack: Slack | undefined
  /** no slack is left for another try */
  readonly tooShort: boolean
  /** the other side is in its cavity: the wire cannot simply go */
  readonly otherSeated: boolean
  /** contact and wire go together */
  readonly wireGoes: boolean
}

/**
 * What a defect that was found at a look means for a termination: decision, causes, what it costs and whether it can be saved.
 * @param heightMm what was measured while it was looked at; else what stands in the record
 */
export function faultOutcome(
  state: JobState,
  { key, unit, wire, side }: Pick<Termination, 'key' | 'unit' | 'wire' | 'side'>,
  set: ChosenSet,
  look: LookCode,
  defect: DefectCode,
  heightMm?: number,
): FaultOutcome {
  const found = decide(defect, look)
  const now = termState(state, key)
  const { stripped, crimp } = now
  const stripMm = measuredStripMm(now)
  const measuredMm = heightMm ?? crimp?.heightMm
  const contact = state.facts.contacts[set.contact]
  const slack = slackOf(state, unit, wire, side)
  const usedMm = slack?.tryMm ?? Math.ceil(set.strip.nominalMm + LOST_MM)
  const tooShort = slack !== undefined && slack.leftMm + 1e-9 < usedMm
  const otherSeated = termState(state, termKey(unit, wire.id, side === 'a' ? 'b' : 'a')).seat !== undefined
  return {
    found,
    causes: rankCauses(defect, {
      setup: set.setup,
      strip: stripMm === undefined ? undefined : { stripMm, window: set.strip },
      height: measuredMm === undefined || !set.height ? undefined : { heightMm: measuredMm, ...set.height },
    }),
    canMend:
      found.decision === 'redo' &&
      found.strip === 'short' &&
      stripped !== undefined &&
      placeAtStep(stripped.stripMm + BITE_MM, set.strip, STEP.stripMm) !== 'above',
    saves: contact && looks[look].when === 'after' ? savesFrom(defect, contact.construction, rulesOf(state)) : [],
    usedMm,
    slack,
    tooShort,
    otherSeated,
    wireGoes: tooShort && !otherSeated,
  }
}

import { plausible } from '../../base/units/plausible'
import { parseQuantity } from '../../base/units/parseQuantity'
import { constructionOf } from '../../parts/catalogue/constructions'
import { gapRange } from '../../parts/rules/houseRules'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { setupId } from '../../craft/setup/setup'
import {
  type Sighting,
  type SightingKind,
  type TrialAnswer,
  type WhatIsWrong,
  seenStripMm,
  sightings,
  trialAnswer,
} from '../../craft/strip/trialAnswer'
import type { Termination } from '../../record/plan/plan'
import { rulesOf } from '../../record/rules/rulesOf'
import { slackOf } from '../../record/standing/slack'
import type { JobState } from '../../record/state/state'

/** What is seen of a wire that is held in its contact. */
export interface Seen {
  /** the strip as it was measured, mm; undefined when nobody has */
  readonly stripMm: number | undefined
  readonly sees: Sighting | undefined
  /** the answer to what is asked besides */
  readonly wrong: WhatIsWrong | undefined
  /** how much of it, as it is written: a length, or strands */
  readonly text: string
  /** what a length is in that is written without a unit; mm when left out */
  readonly textUnit?: string | undefined
}

export interface StripTrial {
  /** what can be seen in this contact; undefined when its sheet gives no dimensions to compare with */
  readonly kinds: readonly SightingKind[] | undefined
  /** the one that is seen */
  readonly kind: SightingKind | undefined
  readonly answer: TrialAnswer | undefined
  /** the strip that the figure stands for which was written, mm: it is drawn so */
  readonly seenStripMm: number | undefined
  /** wire that is left for tries, mm */
  readonly slackMm: number
}

/** A trial at one termination: the contact's shape, the house rules, the slack and the stop as they are there, and what follows. */
export function stripTrial(
  state: JobState,
  { unit, wire, side }: Pick<Termination, 'unit' | 'wire' | 'side'>,
  set: ChosenSet,
  { stripMm, sees, wrong, text, textUnit }: Seen,
): StripTrial {
  const rules = rulesOf(state)
  const contact = state.facts.contacts[set.contact]
  const insulationMm = wire.insulationMm ?? state.facts.wireTypes[wire.type]?.insulationMm ?? 1
  const shape =
    contact && constructionOf(contact).stripShape(contact, { gap: gapRange(rules, insulationMm), brush: rules.brush })
  const slack = slackOf(state, unit, wire, side)
  const slackMm = slack?.leftMm ?? 0
  if (!shape) return { kinds: undefined, kind: undefined, answer: undefined, seenStripMm: undefined, slackMm }
  const kinds = sightings[shape.kind]
  const kind = kinds.find((one) => one.id === sees)
  const strands = kind?.asks === 'strands'
  const read = strands ? undefined : parseQuantity(text, 'length', { plausible: plausible.stripMm, unit: textUnit })
  const seenMm = read?.ok ? read.value : undefined
  const answer =
    sees &&
    trialAnswer({
      shape,
      window: set.strip,
      stripMm,
      sees,
      wrong,
      strandsLost: strands && /^\d{1,3}$/.test(text.trim()) ? Number(text) : undefined,
      strandAllowance: rules.strandAllowance,
      slackMm,
      tryMm: slack?.tryMm ?? 0,
      stopMm: set.strip.nominalMm + (state.adjustments.get(setupId(set.setup))?.stripOffMm ?? 0),
      hasWireStop: set.setup.wireStopMm !== undefined,
      seenMm,
    })
  const drawn = sees && seenStripMm({ shape, window: set.strip, sees, seenMm, wrong })
  return { kinds, kind, answer, seenStripMm: drawn, slackMm }
}

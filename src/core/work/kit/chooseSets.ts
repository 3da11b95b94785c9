import type { Catalogue } from '../../parts/catalogue/catalogue'
import { type Plan, type SideLetter, sideOf } from '../../record/plan/plan'
import type { FitSetup, WorkableSet } from '../../craft/fit/fitTypes'
import { type Question, answerBest, question } from './question'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { setKey } from '../../record/plan/keys'

/** A workable set with one of its setups, as a job keeps it. */
export function toChosenSet(set: WorkableSet, setup: FitSetup): ChosenSet {
  return {
    contact: set.contact.id,
    ...(set.seal && { seal: set.seal.id }),
    setup: setup.setup,
    ...(setup.notchMark !== undefined && { notchMark: setup.notchMark }),
    strip: setup.strip,
    stripFrom: setup.stripFrom,
    ...(setup.height && { height: setup.height }),
    ...(set.pull && { pull: set.pull }),
    ...(set.foldBack && { foldBack: true }),
    source: setup.source,
    estimate: setup.estimate,
  }
}

export interface SetChoice {
  readonly wire: string
  readonly side: SideLetter
  readonly set: ChosenSet | null
}

/** Two questions with the same key have the same answer: like terminations are worked out once. */
export function questionKey(asked: Question): string {
  const { wire, also } = asked.kind === 'cavity' ? asked.query : asked.conditions
  const wires = [wire, also].map(
    (one) =>
      one &&
      [one.areaMm2, one.metalAreaMm2, one.awg, one.insulationMm, one.strands, one.strandMm, one.currentA].join(','),
  )
  const place =
    asked.kind === 'cavity'
      ? [
          asked.query.housing.family,
          asked.query.housing.role,
          asked.query.cavity.size,
          asked.query.gender,
          asked.query.matePlating,
        ]
      : asked.terminals.map((one) => one.id)
  return [...place, ...wires].join('|')
}

/**
 * The best workable set for every side that has none.
 * @param sets what is chosen already, by `wire/side`; those sides stay as they are
 */
export function chooseSets(
  catalogue: Catalogue,
  plan: Plan,
  sets: ReadonlyMap<string, ChosenSet>,
  today: string,
): readonly SetChoice[] {
  const known = new Map<string, ChosenSet | null>()
  const chosen = new Map(sets)
  const choices: SetChoice[] = []
  const asked = { catalogue, plan, today, sets: chosen }
  for (const wire of plan.wires) {
    for (const side of ['a', 'b'] as const) {
      const at = sideOf(wire, side)
      if (at.kind === 'open' || at.kind === 'with' || chosen.has(setKey(wire.id, side))) continue
      const one = question(asked, wire, side)
      if (!one) {
        choices.push({ wire: wire.id, side, set: null })
        continue
      }
      const like = questionKey(one)
      let set = known.get(like)
      if (set === undefined) {
        const best = answerBest(catalogue, one)
        const setup = best?.setups[0]
        set = best && setup ? toChosenSet(best, setup) : null
        known.set(like, set)
      }
      if (set) chosen.set(setKey(wire.id, side), set)
      choices.push({ wire: wire.id, side, set })
    }
  }
  return choices
}

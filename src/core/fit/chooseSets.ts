import type { Catalogue } from '../catalogue/catalogue'
import { fitWire } from '../job/facts'
import { setKey, sideOf, type ChosenSet, type Plan, type SideLetter, type Wire } from '../job/plan'
import { houseRules } from '../rules/houseRules'
import type { Housing } from '../catalogue/types'
import { bestSet, type FitQuery, type FitSetup, type WorkableSet } from './fit'

/** The question that Kit asks for one side of a wire, from the shelf; undefined for a side that is in no cavity. */
export function fitQuery(catalogue: Catalogue, plan: Plan, wire: Wire, side: SideLetter, today: string, housings?: ReadonlyMap<string, Housing>): FitQuery | undefined {
  const at = sideOf(wire, side)
  if (at.kind !== 'cavity') return undefined
  const housing = housings?.get(at.end) ?? catalogue.housings.get(plan.ends.find((end) => end.id === at.end)?.housing ?? '')
  const cavity = housing?.cavities.find((one) => one.id === at.cavity)
  const type = catalogue.wireTypes.get(wire.type)
  if (!housing || !cavity || !type) return undefined
  return { housing, cavity, wire: fitWire(type, wire), ambientC: plan.ambientC, rules: houseRules[plan.rules], today }
}

/** A workable set with one of its setups, as a job keeps it. */
export function toChosenSet(set: WorkableSet, setup: FitSetup): ChosenSet {
  return {
    contact: set.contact.id,
    ...(set.seal && { seal: set.seal.id }),
    setup: setup.setup,
    strip: setup.strip,
    stripFrom: setup.stripFrom,
    ...(setup.height && { height: setup.height }),
    ...(set.pull && { pull: set.pull }),
    source: setup.source,
    estimate: setup.estimate,
  }
}

export interface SetChoice {
  readonly wire: string
  readonly side: SideLetter
  readonly set: ChosenSet | null
}

/**
 * The best workable set for every side that has none. Like terminations are worked out once.
 * @param wanted which sides; all without a set when left out
 */
export function chooseSets(catalogue: Catalogue, plan: Plan, has: ReadonlySet<string>, today: string): readonly SetChoice[] {
  const known = new Map<string, ChosenSet | null>()
  const housings = new Map(plan.ends.flatMap((end) => {
    const housing = catalogue.housings.get(end.housing)
    return housing ? [[end.id, housing] as const] : []
  }))
  const sizes = new Map([...housings].map(([end, housing]) => [end, new Map(housing.cavities.map((cavity) => [cavity.id, cavity.size]))]))
  const choices: SetChoice[] = []
  for (const wire of plan.wires) {
    for (const side of ['a', 'b'] as const) {
      const at = sideOf(wire, side)
      if (at.kind !== 'cavity' || has.has(setKey(wire.id, side))) continue
      const like = [housings.get(at.end)?.id, sizes.get(at.end)?.get(at.cavity), wire.type, wire.insulationMm, wire.currentA].join('|')
      let set = known.get(like)
      if (set === undefined) {
        const query = fitQuery(catalogue, plan, wire, side, today, housings)
        const best = query && bestSet(catalogue, query)
        const setup = best?.setups[0]
        set = best && setup ? toChosenSet(best, setup) : null
        known.set(like, set)
      }
      choices.push({ wire: wire.id, side, set })
    }
  }
  return choices
}

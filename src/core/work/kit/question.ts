import type { Catalogue } from '../../parts/catalogue/catalogue'
import { terminalShapes } from '../../parts/catalogue/terminalShapes'
import { type Housing, type Plating, type SleeveContact, isSleeve } from '../../parts/catalogue/types'
import { fitWire } from '../../record/plan/facts'
import { type End, type Plan, type SideLetter, type Wire, planIndex, sideOf } from '../../record/plan/plan'
import { strictest } from '../../parts/rules/houseRules'
import { bestSet, fit, fitTerminals } from '../../craft/fit/fit'
import type { Fit, FitConditions, FitQuery, WorkableSet } from '../../craft/fit/fitTypes'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { cavityKey, setKey } from '../../record/plan/keys'

/** What Kit asks for one side of a wire: which contact for this cavity, or which terminal or splice. */
export type Question =
  | { readonly kind: 'cavity'; readonly query: FitQuery }
  | { readonly kind: 'terminals'; readonly terminals: readonly SleeveContact[]; readonly conditions: FitConditions }

/** What the same plan is asked again and again. */
export interface Asked {
  readonly catalogue: Catalogue
  readonly plan: Plan
  readonly today: string
  /** sets that are chosen already: they fix the plating of what mates with them */
  readonly sets?: ReadonlyMap<string, ChosenSet> | undefined
}

/** The question for one side of a wire; undefined for an open side, one that shares a contact, or one that names what is not there. */
export function question({ catalogue, plan, today, sets }: Asked, wire: Wire, side: SideLetter): Question | undefined {
  const at = sideOf(wire, side)
  const type = catalogue.wireTypes.get(wire.type)
  if (at.kind === 'open' || at.kind === 'with' || !type) return undefined
  const also = planIndex(plan).byKey.get(`1/${wire.id}/${side}`)?.also
  const alsoType = also && catalogue.wireTypes.get(also.wire.type)
  const conditions: FitConditions = {
    wire: fitWire(type, wire),
    ...(also && alsoType && { also: fitWire(alsoType, also.wire) }),
    ambientC: plan.ambientC,
    rules: catalogue.rules.get(plan.rules) ?? strictest,
    today,
  }
  if (at.kind === 'terminal') {
    const terminal = catalogue.contacts.get(at.part)
    return terminal && isSleeve(terminal) ? { kind: 'terminals', terminals: [terminal], conditions } : undefined
  }
  if (at.kind === 'splice')
    return {
      kind: 'terminals',
      terminals: catalogue.terminals.filter((one) => terminalShapes[one.shape].joins),
      conditions,
    }
  const end = planIndex(plan).ends.get(at.end)
  const housing = end && catalogue.housings.get(end.housing)
  const cavity = housing && cavitiesOf(housing).get(at.cavity)
  if (!end || !cavity) return undefined
  const matePlating = platingAcross(catalogue, plan, end, at.cavity, sets)
  return {
    kind: 'cavity',
    query: {
      ...conditions,
      housing,
      cavity,
      ...(end.gender && { gender: end.gender }),
      ...(matePlating && { matePlating }),
    },
  }
}

/** Plating of the contact that one meets: of the mated end where it is chosen already, else what the end says of its mate. */
function platingAcross(
  catalogue: Catalogue,
  plan: Plan,
  end: End,
  cavity: string,
  sets: Asked['sets'],
): Plating | undefined {
  if (end.mate === undefined) return end.matePlating
  const across = planIndex(plan).byCavity.get(cavityKey(1, end.mate, cavity))
  const set = across && sets?.get(setKey(across.wire.id, across.side))
  return set ? catalogue.contacts.get(set.contact)?.plating : end.matePlating
}

const cavityMaps = new WeakMap<Housing, ReadonlyMap<string, Housing['cavities'][number]>>()
/** The cavities of a housing by id, made once. */
function cavitiesOf(housing: Housing): ReadonlyMap<string, Housing['cavities'][number]> {
  const known = cavityMaps.get(housing)
  if (known) return known
  const map = new Map(housing.cavities.map((cavity) => [cavity.id, cavity]))
  cavityMaps.set(housing, map)
  return map
}

export const answerAll = (catalogue: Catalogue, asked: Question): Fit =>
  asked.kind === 'cavity' ? fit(catalogue, asked.query) : fitTerminals(catalogue, asked.terminals, asked.conditions)

export const answerBest = (catalogue: Catalogue, asked: Question): WorkableSet | undefined =>
  asked.kind === 'cavity'
    ? bestSet(catalogue, asked.query)
    : fitTerminals(catalogue, asked.terminals, asked.conditions).sets[0]

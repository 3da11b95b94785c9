import type { Catalogue } from '../../parts/catalogue/catalogue'
import { type Facts, designatedAreaMm2 } from '../plan/facts'
import type { Plan } from '../plan/plan'
import { derivedOf } from '../state/derivedOf'
import { isTerminal } from '../../parts/catalogue/types'

/** What a plan's cells may name, small enough to be sent to a screen. */
export interface GridNames {
  /** ids and aliases, lower case, to wire type ids */
  readonly wireTypes: ReadonlyMap<string, string>
  /** designated area by wire type, mm² */
  readonly wireAreasMm2: ReadonlyMap<string, number>
  /** ids and aliases, lower case, to terminals that need no housing */
  readonly terminals: ReadonlyMap<string, string>
  readonly ends: ReadonlyMap<string, GridEnd>
}

export interface GridEnd {
  readonly id: string
  readonly housing: string
  /** printed ids, in the order of the face */
  readonly cavities: readonly string[]
  /** takes one insulation only */
  readonly sealed: boolean
}

/** The same as plain lists, as a route sends them. */
export interface ShelfNames {
  readonly wireTypes: readonly {
    readonly id: string
    readonly aliases: readonly string[]
    readonly areaMm2: number
    readonly name: string
  }[]
  readonly terminals: readonly { readonly id: string; readonly aliases: readonly string[]; readonly name: string }[]
}

export const shelfNamesOf = (catalogue: Catalogue): ShelfNames => ({
  wireTypes: [...catalogue.wireTypes.values()].map((type) => ({
    id: type.id,
    aliases: type.aliases,
    areaMm2: designatedAreaMm2(type),
    name: type.name,
  })),
  terminals: catalogue.terminals.map(({ id, aliases, name }) => ({ id, aliases, name })),
})

const byName = (
  items: readonly { readonly id: string; readonly aliases: readonly string[] }[],
): Map<string, string> => {
  const map = new Map<string, string>()
  for (const item of items) for (const alias of item.aliases) map.set(alias.toLowerCase(), item.id)
  // an alias never hides an id
  for (const item of items) map.set(item.id.toLowerCase(), item.id)
  return map
}

/** Names for a plan's grid: its ends as pinned, wire types and terminals of the shelf beside those that the job has pinned. */
export function gridNames(plan: Pick<Plan, 'ends'>, facts: Facts, shelf: ShelfNames): GridNames {
  const pinned = Object.values(facts.wireTypes).map((type) => ({
    id: type.id,
    aliases: type.aliases,
    areaMm2: designatedAreaMm2(type),
  }))
  const types = [...shelf.wireTypes, ...pinned]
  const terminals = [...shelf.terminals, ...Object.values(facts.contacts).filter(isTerminal)]
  return {
    wireTypes: byName(types),
    wireAreasMm2: new Map(types.map((type) => [type.id, type.areaMm2])),
    terminals: byName(terminals),
    ends: new Map(
      plan.ends.map((end) => {
        const housing = Object.hasOwn(facts.housings, end.housing) ? facts.housings[end.housing] : undefined
        const sealed = (housing && facts.families[housing.family]?.sealing) !== 'none'
        return [
          end.id,
          {
            id: end.id,
            housing: housing?.name ?? end.housing,
            cavities: housing?.cavities.map((cavity) => cavity.id) ?? [],
            sealed,
          },
        ]
      }),
    ),
  }
}

/** Sizes within this share of each other are the same print: 20 AWG is 0.518 mm² to two digits. */
const SAME_PRINT = 0.01

/** Wire types of one printed size. */
export const typesOfSize = (areas: Iterable<readonly [string, number]>, areaMm2: number): readonly string[] =>
  [...areas].filter(([, area]) => Math.abs(area / areaMm2 - 1) < SAME_PRINT).map(([id]) => id)

/** Names for a job's grid before the shelf has come: what the job has pinned. */
export const pinnedNames = derivedOf((state) => gridNames(state.plan, state.facts, { wireTypes: [], terminals: [] }))

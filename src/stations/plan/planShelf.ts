import type { Catalogue } from '@/core/parts/catalogue/catalogue'
import { hasKeyingShapes } from '@/core/parts/catalogue/keying'
import { isFixed } from '@/core/parts/catalogue/releaseMechanisms'
import type { Housing } from '@/core/parts/catalogue/types'
import type { Facts } from '@/core/record/plan/facts'
import { olderFacts } from '@/core/record/plan/factsAge'
import { shelfNamesOf, type ShelfNames } from '@/core/record/grid/gridNames'

/** A housing as it can be chosen for an end. */
export interface ShelfHousing {
  readonly id: string
  readonly name: string
  readonly family: string
  readonly ways: number
  readonly role: 'plug' | 'receptacle'
  readonly keyings: readonly string[]
  readonly eitherGender: boolean
  readonly mates: readonly string[]
  /** its face, where its keyings can be told apart by their shape */
  readonly face?: Housing
}

/** What Plan needs of the shelf: names that cells may say, housings that ends may have, rules that a job may follow. */
export interface PlanShelf extends ShelfNames {
  readonly housings: readonly ShelfHousing[]
  readonly rules: readonly { readonly id: string; readonly name: string }[]
  /** facts that the job pinned and the shelf says otherwise today */
  readonly older: number
}

export const planShelf = (catalogue: Catalogue, facts: Facts): PlanShelf => ({
  older: olderFacts(facts, catalogue).length,
  ...shelfNamesOf(catalogue),
  housings: [...catalogue.housings.values()].map((housing) => {
    const family = catalogue.families.get(housing.family)
    return {
      id: housing.id,
      name: housing.name,
      family: family?.name ?? housing.family,
      ways: housing.cavities.length,
      role: housing.role,
      keyings: housing.keyings ?? [],
      eitherGender: family !== undefined && !isFixed(family) && family.halves[housing.role] === 'either',
      mates: housing.mates ?? [],
      ...(hasKeyingShapes(housing) && { face: housing }),
    }
  }),
  rules: [...catalogue.rules.values()].map(({ id, name }) => ({ id, name })),
})

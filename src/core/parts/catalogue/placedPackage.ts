import { placeHousing } from './catalogue'
import type { CatalogueInput, FamilyInput } from './types'

/** A family whose housings have their cavities placed. One that cannot be placed stays as it is: the catalogue's check names it. */
const placed = (family: FamilyInput): FamilyInput => ({
  ...family,
  housings: family.housings.map((housing) => {
    const whole = placeHousing(housing, family.id)
    return whole.ok ? { ...housing, cavities: [...whole.value.cavities] } : housing
  }),
})

/** A package with every housing's cavities placed, as the shelf keeps it: what is read out is what was taken in. */
export const placedPackage = (input: CatalogueInput): CatalogueInput => ({
  ...input,
  families: input.families.map(placed),
})

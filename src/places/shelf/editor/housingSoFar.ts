import { remembered } from '@/core/base/remembered'
import { placeHousing } from '@/core/parts/catalogue/catalogue'
import type { Housing, HousingInput } from '@/core/parts/catalogue/types'
import type { HousingDraft } from '@/core/parts/sheets/housingDraft'
import { readHousing } from '@/core/parts/sheets/readHousing'

const source = { document: 'draft', basis: 'sheet' } as const
/** Stands in for a number or a size that nobody has typed yet. */
const NONE_YET = 'X'

/** A housing as far as its draft can be read: a name or a size may still be missing. */
export const readSoFar = remembered(
  (draft: HousingDraft): HousingInput | undefined =>
    readHousing({ ...draft, id: draft.id || NONE_YET, size: draft.size || NONE_YET }, source).housing,
)

/** The same with its cavities placed, as far as they can be. */
export const placedSoFar = remembered((draft: HousingDraft): Housing | undefined => {
  const read = readSoFar(draft)
  const placed = read && placeHousing({ ...read, otherSizes: undefined, cavitySize: NONE_YET }, source.document)
  return placed?.ok ? placed.value : undefined
})

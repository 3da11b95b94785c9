import type { Range } from '../../base/range'

/** What a contact's own dimensions, with the house rules' gap or brush, say of the strip that it wants, mm. */
export type StripShape =
  | {
      readonly construction: 'closed-barrel'
      readonly barrelDepthMm: number
      readonly cupDepthMm: number
      readonly gap: Range
    }
  | {
      readonly construction: 'open-barrel'
      readonly conductorBarrelMm: number
      /** window between conductor wings and insulation wings */
      readonly transitionMm: number
      readonly brush: Range
      /** free beyond the conductor wings, before the mating part or lance */
      readonly reachMm: number
    }
  | {
      readonly construction: 'sleeve'
      /** from the mouth to the tip, the tongue or the stop */
      readonly barrelMm: number
      /** how far the conductor may stand past it */
      readonly past: Range
    }

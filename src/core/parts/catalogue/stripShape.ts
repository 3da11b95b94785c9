import type { Range } from '../../base/range'

/** What a contact's own dimensions, with the house rules' gap or brush, say of the strip that it wants, mm. */
export type StripShape =
  | {
      readonly kind: 'closed'
      readonly barrelDepthMm: number
      readonly cupDepthMm: number
      readonly gap: Range
    }
  | {
      readonly kind: 'open'
      readonly conductorBarrelMm: number
      /** window between conductor wings and insulation wings */
      readonly transitionMm: number
      readonly brush: Range
      /** free beyond the conductor wings, before the mating part or lance */
      readonly reachMm: number
    }
  | {
      readonly kind: 'sleeve'
      /** from the mouth to the tip, the tongue or the stop */
      readonly barrelMm: number
      /** how far the conductor may stand past it */
      readonly past: Range
    }

/** What a strip can be wrong by. Each names what is seen at the contact. */
export type StripLimit =
  | 'hole-empty'
  | 'gap-too-small'
  | 'insulation-in-barrel'
  | 'gap-too-large'
  | 'brush-too-short'
  | 'insulation-under-wings'
  | 'brush-reaches-mating-part'
  | 'bare-under-insulation-wings'
  | 'tip-not-reached'
  | 'strands-past-tip'

import type { Contact } from '../../parts/catalogue/types'

/** How one crimp was made: what the hands and the tool did, in mm and shares. The seen, the height and the pull follow from it. */
export interface CrimpMade {
  readonly contact: Contact
  /** strands of the wire before any was lost */
  readonly strands: number
  readonly strandMm: number
  readonly insulationMm: number
  readonly stripMm: number
  /** conductor's end short of the bottom, tip or stop of a closed barrel or sleeve; beyond it where open wings let it through */
  readonly endShortMm: number
  /** strands cut by the notch, or left outside */
  readonly strandsLost: number
  /** crimped section over the metal before: 0.80 to 0.90 is sound */
  readonly compaction: number
  /** how far conductor wings came together: 1 as designed (and where there are none) */
  readonly wingClosure?: number | undefined
  /** the tool's axis off the middle of the barrel, mm toward the wire; 0 as the positioner or locator puts it */
  readonly toolOffMm?: number | undefined
}

/** What the model says of it. All of it is a plain model, and is shown as one. */
export interface CrimpSeen {
  /** conductor beyond the wings, the tip or the hole's far edge; below nought it does not reach */
  readonly brushMm: number
  /** bare conductor between the barrel's mouth and the insulation; below nought the insulation is inside */
  readonly gapMm: number
  /** share of the gripping length that holds conductor, 0 to 1 */
  readonly held: number
  /** share of the formed section that is no metal, 0 to 1 */
  readonly voidShare: number
  readonly pullN: number
  readonly breaks: BreakKind
}

/** How a pulled piece gives way. */
export type BreakKind = 'pulled-out' | 'broke-at-crimp' | 'broke-in-wire'

import type {
  Cavity,
  Contact,
  ContactGender,
  Housing,
  Plating,
  Seal,
  SleeveContact,
  Tool,
} from '../../parts/catalogue/types'
import type { HouseRules } from '../../parts/rules/houseRules'
import type { Range } from '../../base/range'
import type { Setup } from '../setup/setup'
import type { StripWindow } from '../strip/stripWindow'
import type { RequiredPull } from './requiredPull'

/** The wire as the fit needs it. */
export interface FitWire {
  /** by designation: sheets and placards are looked up by it */
  readonly areaMm2: number
  /** metal, where strands hold more than the print says */
  readonly metalAreaMm2?: number | undefined
  readonly awg?: string | undefined
  readonly insulationMm: number
  readonly strands?: number | undefined
  readonly strandMm?: number | undefined
  readonly currentA?: number | undefined
}

/** What every candidate is judged under, whatever it goes into. */
export interface FitConditions {
  readonly wire: FitWire
  /** a second wire that shares the contact */
  readonly also?: FitWire | undefined
  readonly ambientC: number
  readonly rules: HouseRules
  /** `YYYY-MM-DD`, for tools past due */
  readonly today: string
  /** tools that may be used; those of the crib when left out */
  readonly mayUse?: ((tool: Tool) => boolean) | undefined
}

/** A wire that goes into a cavity. */
export interface FitQuery extends FitConditions {
  readonly housing: Housing
  readonly cavity: Cavity
  readonly matePlating?: Plating | undefined
  /** where the family leaves it open, the gender that this end was given */
  readonly gender?: ContactGender | undefined
}

export interface FitSetup {
  readonly setup: Setup
  /** what is printed beside the stripper's notch */
  readonly notchMark?: string
  readonly strip: StripWindow
  /** where the strip comes from: the sheet's own length, or the contact's dimensions and the rules */
  readonly stripFrom: 'sheet' | 'dimensions'
  readonly height?: { readonly minMm: number; readonly maxMm: number; readonly estimate: boolean }
  readonly source: string
  readonly estimate: boolean
  /** things to know that are no reason to refuse */
  readonly notes: readonly FitNote[]
}

export type FitNote =
  | { readonly kind: 'uncalibrated-tool'; readonly tool: string }
  | { readonly kind: 'tool-overdue'; readonly tool: string; readonly dueOn: string }
  | { readonly kind: 'setting-estimated' }
  /** closed by the hand's feeling alone: a crimp of its own kind */
  | { readonly kind: 'by-pliers'; readonly tool: string }
  /** a nest by its width, to be tried */
  | { readonly kind: 'nest-to-try'; readonly tool: string }
  | { readonly kind: 'height-estimated' }
  /** the card gives the very same setting another height */
  | { readonly kind: 'card-contradicts'; readonly tool: string; readonly minMm: number; readonly maxMm: number }
  /** the card's own strip allows what the house rules do not; which of them counts is a rule of its own */
  | {
      readonly kind: 'strip-contradicts'
      readonly sheet: Range
      readonly house: Range
      readonly counts: HouseRules['stripCounts']
    }
  | { readonly kind: 'no-notch'; readonly bundleMm: number }
  | { readonly kind: 'fold-back'; readonly areaMm2: number }
  | { readonly kind: 'two-wires'; readonly areaMm2: number }

/** A check that could not be made, since its figure stands on no sheet. */
export type Unchecked = 'current' | 'derating' | 'bore' | 'stud' | 'insulation-support'

export interface WorkableSet {
  readonly contact: Contact
  readonly seal?: Seal
  readonly setups: readonly FitSetup[]
  readonly pull?: RequiredPull
  /** the strands hold less than what is asked: this many newtons, estimated */
  readonly strandsBreakAtN?: number
  readonly unchecked: readonly Unchecked[]
  /** the bare end is folded back on itself, which the rules allow and want recorded */
  readonly foldBack: boolean
  /** 0 to 1, more is better */
  readonly score: number
}

/** Why there is no setting for a contact. */
export type NoTool =
  | { readonly kind: 'wrong-class'; readonly tool: string }
  | {
      readonly kind: 'die-width'
      readonly tool: string
      readonly die: string
      readonly formMm: number
      readonly barrelMm: number
    }
  | {
      readonly kind: 'die-spacing'
      readonly tool: string
      readonly die: string
      readonly spacingMm: number
      readonly transitionMm: number
    }
  | { readonly kind: 'no-strip'; readonly tool: string }
  | { readonly kind: 'not-held'; readonly tools: readonly string[] }

export type FitReason =
  | { readonly kind: 'cavity'; readonly size: string; readonly cavitySize: string }
  /** a clamp or stud takes other terminals */
  | {
      readonly kind: 'shape'
      readonly shape: SleeveContact['shape']
      readonly takes: readonly SleeveContact['shape'][]
    }
  /** its hole and the stud are of two sizes */
  | { readonly kind: 'stud'; readonly holeMm: number; readonly studMm: number }
  /** the clamp holds other conductors */
  | { readonly kind: 'clamp'; readonly areaMm2: number; readonly minMm2: number; readonly maxMm2: number }
  | { readonly kind: 'gender'; readonly gender: ContactGender; readonly needs: ContactGender }
  | { readonly kind: 'conductor-small'; readonly areaMm2: number; readonly minMm2: number }
  | { readonly kind: 'conductor-large'; readonly areaMm2: number; readonly maxMm2: number }
  | { readonly kind: 'two-wires'; readonly why: 'sheet' | 'sealed' }
  | {
      readonly kind: 'insulation-support'
      readonly insulationMm: number
      readonly minMm: number
      readonly maxMm: number
    }
  | { readonly kind: 'seal-leaks'; readonly insulationMm: number; readonly minMm: number; readonly by: 'seal' | 'mat' }
  | { readonly kind: 'seal-tears'; readonly insulationMm: number; readonly maxMm: number; readonly by: 'seal' | 'mat' }
  | {
      readonly kind: 'bore'
      readonly what: 'contact' | 'insulation' | 'seal'
      readonly diameterMm: number
      readonly boreMm: number
    }
  | { readonly kind: 'current'; readonly currentA: number; readonly allowedA: number; readonly ambientC: number }
  | { readonly kind: 'plating'; readonly plating: Plating; readonly matePlating: Plating }
  | {
      readonly kind: 'rule'
      readonly rule: 'uncalibrated-tool' | 'estimate' | 'tool-overdue' | 'tool-class'
      readonly tool: string
    }
  | { readonly kind: 'no-tool'; readonly areaMm2: number; readonly why?: NoTool }
  | { readonly kind: 'no-seal-in-family' }

export type FitCode = FitReason['kind']

export interface Rejected {
  readonly contact: Contact
  readonly seal?: Seal
  readonly reason: FitReason
}

export interface Fit {
  /** best first */
  readonly sets: readonly WorkableSet[]
  /** nearest to working first */
  readonly rejected: readonly Rejected[]
}

/** The order in which a candidate is checked: the first that fails gives its reason. */
export const fitOrder: readonly FitCode[] = [
  'cavity',
  'shape',
  'stud',
  'clamp',
  'gender',
  'conductor-small',
  'conductor-large',
  'two-wires',
  'insulation-support',
  'seal-leaks',
  'seal-tears',
  'bore',
  'current',
  'plating',
  'rule',
  'no-tool',
]

/** Areas are printed to two or three digits: 0.5176 is within a range that ends at 0.518. */
export const AREA_TOLERANCE_MM2 = 1e-6

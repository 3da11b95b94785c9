import type { BundlePart } from '../../craft/ties/bundleParts'
import type { Securing } from '../../parts/catalogue/securings'

/** A stretch of the bundle, as far as it is made. */
export interface BundleState {
  readonly parts: readonly {
    readonly what: BundlePart
    /** from the beginning of the stretch */
    readonly atMm: number
    readonly result: 'done' | 'no-place'
    readonly at: string
    readonly by: string
  }[]
  readonly length?: { readonly lengthMm: number; readonly at: string; readonly by: string }
}

/** How a shell was made fast. */
export interface Secured {
  readonly what: Securing
  readonly tool: string
  readonly asked?: number
  readonly set: number
  readonly blockBefore: number
  readonly at: string
  readonly by: string
}

export interface TorqueToolState {
  /** it was used last */
  readonly since: string
  readonly rested?: { readonly set: number; readonly blockAfter: number; readonly held: boolean; readonly at: string }
}

export interface Signature {
  readonly by: string
  readonly at: string
  readonly role: 'builder' | 'second'
  readonly covers: number
  /** their PIN was given */
  readonly pin?: true
  /** a reopening ends it; it stays readable */
  readonly void?: boolean
}

export interface TrayState {
  readonly allBack: boolean
  readonly missing: readonly string[]
  readonly scrapped: number
  readonly scrapFound: number
  /** not back, and where it is instead */
  readonly explained?: readonly { readonly tool: string; readonly why: string }[]
  readonly scrapWhy?: string
  readonly at: string
  readonly by: string
}

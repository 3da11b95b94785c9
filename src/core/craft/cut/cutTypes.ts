/** Spools and off-cuts of one wire type, and the pieces that are wanted from them. */
export interface CutRequest {
  readonly spools: readonly { readonly id: string; readonly lengthMm: number }[]
  readonly cuts: readonly { readonly id: string; readonly lengthMm: number; readonly count: number }[]
  /** lost at each cut */
  readonly kerfMm?: number
}

export interface CutPlan {
  readonly assign: readonly {
    readonly spool: string
    readonly cuts: readonly { readonly id: string; readonly count: number }[]
    readonly leftMm: number
  }[]
  readonly short: readonly { readonly id: string; readonly count: number }[]
  readonly spoolsOpened: number
  /** left-overs that no wanted piece could be cut from */
  readonly wasteMm: number
  readonly longestLeftMm: number
  /** no plan that cuts as many pieces opens fewer spools than this */
  readonly bound: number
  /** nothing is better: all was searched, or every goal is at its bound */
  readonly proven: boolean
}

export type CutPlanFault =
  | { readonly kind: 'spool-twice'; readonly id: string }
  | { readonly kind: 'cut-twice'; readonly id: string }
  | { readonly kind: 'kerf-below-nought'; readonly kerfMm: number }

/** The request in whole steps. */
export interface CutUnits {
  readonly stepMm: number
  readonly spools: readonly number[]
  /** length with its kerf */
  readonly pieces: readonly { readonly length: number; readonly count: number }[]
}

/** Pieces of each kind by spool, in the order of the request. */
export interface Filling {
  readonly spools: readonly (readonly number[])[]
  readonly missing: readonly number[]
  readonly bound: number
  readonly proven: boolean
}

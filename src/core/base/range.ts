/** A window of lengths, both ends in it, mm. */
export interface Range {
  readonly minMm: number
  readonly maxMm: number
}

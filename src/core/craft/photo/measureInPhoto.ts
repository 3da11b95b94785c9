/** A place in a picture, px from its top left. */
export interface PhotoPoint {
  readonly x: number
  readonly y: number
}

/** The four points: both ends of what is of known size, both ends of what is measured. */
export type PhotoPoints = readonly [PhotoPoint, PhotoPoint, PhotoPoint, PhotoPoint]

/** How well a hand points at an edge in a picture, px. A default: an edge is seldom sharper. */
export const POINTING_PX = 1.5
/** Known sizes that cover less than this say nothing about the scale, px. */
const LEAST_PX = 20

export type PhotoMeasure =
  | {
      readonly kind: 'measured'
      readonly mm: number
      readonly mmPerPx: number
      /** how far off it may be by pointing alone, taken square to the piece, mm */
      readonly goodToMm: number
    }
  /** the two points of the known size stand too close together */
  | { readonly kind: 'scale-too-short'; readonly px: number; readonly leastPx: number }

const distancePx = (a: PhotoPoint, b: PhotoPoint) => Math.hypot(a.x - b.x, a.y - b.y)

/**
 * A length in a picture, by something of known size in the same plane.
 *
 * mm = known × (measured px / known px). Each of the four points may be off by `POINTING_PX`: both lengths carry √2 of it, and
 * their relative errors add in quadrature. A picture that was not taken square is worse than that; nothing here can know it.
 *
 * @param knownMm size between the first two points, mm, above 0
 * @returns       the length with its uncertainty, mm; never throws for finite points
 */
export function measureInPhoto([a, b, c, d]: PhotoPoints, knownMm: number): PhotoMeasure {
  const knownPx = distancePx(a, b)
  if (knownPx < LEAST_PX) return { kind: 'scale-too-short', px: knownPx, leastPx: LEAST_PX }
  const mmPerPx = knownMm / knownPx
  const px = distancePx(c, d)
  const pointing = POINTING_PX * Math.SQRT2
  return {
    kind: 'measured',
    mm: px * mmPerPx,
    mmPerPx,
    goodToMm: mmPerPx * Math.hypot(pointing, (px * pointing) / knownPx),
  }
}

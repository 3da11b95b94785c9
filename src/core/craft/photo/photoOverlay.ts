import type { PhotoPoint, PhotoPoints } from './measureInPhoto'
import type { KnownSize, PhotoQuestionId } from './photoQuestions'

/** How a drawing in mm, its axis along x from the contact's front, lies over a picture. */
export interface PhotoOverlay {
  /** this place of the axis, mm, lies at this point of the picture, px */
  readonly atMm: number
  readonly at: PhotoPoint
  readonly turnDeg: number
  readonly pxPerMm: number
}

const degrees = (a: PhotoPoint, b: PhotoPoint) => (Math.atan2(b.y - a.y, b.x - a.x) * 180) / Math.PI

/** By the two points of a known size that lies along the piece. */
export const overlayBySize = (
  [a, b]: PhotoPoints,
  { fromMm, toMm }: NonNullable<KnownSize['along']>,
): PhotoOverlay => ({
  atMm: fromMm,
  at: a,
  turnDeg: degrees(a, b),
  pxPerMm: Math.hypot(b.x - a.x, b.y - a.y) / (toMm - fromMm),
})

/** Places of a piece at which a question's first point is put, mm from its front. */
export interface PiecePlaces {
  readonly lengthMm: number
  readonly mouthMm: number
  readonly bottomMm: number
  readonly insulationFromMm: number
}

/** Where a question's first point lies, and whether its second one is nearer to the wire. Nothing lies along a bend. */
const begins: Readonly<
  Record<PhotoQuestionId, { readonly at: keyof PiecePlaces; readonly toWire: boolean } | undefined>
> = {
  gap: { at: 'mouthMm', toWire: true },
  brush: { at: 'bottomMm', toWire: false },
  tab: { at: 'lengthMm', toWire: true },
  'seal-edge': { at: 'insulationFromMm', toWire: true },
  bend: undefined,
}

/** By the two points between which is measured, where the known size lies across the piece: they lie along it. */
export function overlayByMeasured(
  [, , c, d]: PhotoPoints,
  question: PhotoQuestionId,
  mmPerPx: number,
  places: PiecePlaces,
): PhotoOverlay | undefined {
  const begin = begins[question]
  if (!begin || (c.x === d.x && c.y === d.y)) return undefined
  return {
    atMm: places[begin.at],
    at: c,
    turnDeg: begin.toWire ? degrees(c, d) : degrees(d, c),
    pxPerMm: 1 / mmPerPx,
  }
}

/** Where a place of the drawing's axis comes to lie in the picture. */
export function overlaid({ atMm, at, turnDeg, pxPerMm }: PhotoOverlay, placeMm: number): PhotoPoint {
  const turn = (turnDeg * Math.PI) / 180
  const px = (placeMm - atMm) * pxPerMm
  return { x: at.x + px * Math.cos(turn), y: at.y + px * Math.sin(turn) }
}

import type { Housing } from '@/core/parts/catalogue/types'
import { seen, type FaceView, type Mark } from '@/core/base/face/place'

export interface FaceBox {
  readonly widthMm: number
  readonly heightMm: number
}

/** The outline's box as it stands in a view. */
export const viewBox = (housing: Housing, view: FaceView): FaceBox => {
  const upright = view.turnDeg === 90 || view.turnDeg === 270
  const { widthMm, heightMm } = housing.outline
  return upright ? { widthMm: heightMm, heightMm: widthMm } : { widthMm, heightMm }
}

/** Where the mark meets the outline in a view, with the side of the box that it lies on. SVG's y runs down. */
export function markPlace(
  housing: Housing,
  view: FaceView,
): { readonly x: number; readonly y: number; readonly side: 'left' | 'right' | 'top' | 'bottom' } {
  const at = seen(housing.mark.at, view)
  const { widthMm, heightMm } = viewBox(housing, view)
  const x = at.xMm
  const y = -at.yMm
  const gaps = [
    { side: 'left', gap: x + widthMm / 2 },
    { side: 'right', gap: widthMm / 2 - x },
    { side: 'top', gap: y + heightMm / 2 },
    { side: 'bottom', gap: heightMm / 2 - y },
  ] as const
  const { side } = gaps.reduce((best, next) => (next.gap < best.gap ? next : best))
  switch (side) {
    case 'left':
      return { x: -widthMm / 2, y, side }
    case 'right':
      return { x: widthMm / 2, y, side }
    case 'top':
      return { x, y: -heightMm / 2, side }
    case 'bottom':
      return { x, y: heightMm / 2, side }
  }
}

/** The mark as a small shape that bites into the outline, or stands out of it, in mm. */
export function markPath(kind: Mark['kind'], place: ReturnType<typeof markPlace>): string {
  const s = kind === 'rib' ? 0.9 : 1.5
  const depth = kind === 'key' || kind === 'rib' ? -1.2 : 1.3
  const { x, y, side } = place
  const inward = side === 'left' ? [1, 0] : side === 'right' ? [-1, 0] : side === 'top' ? [0, 1] : [0, -1]
  const [ix = 0, iy = 0] = inward
  const [ax, ay] = [Math.abs(iy), Math.abs(ix)]
  const p = (along: number, deep: number) =>
    `${(x + ax * along + ix * deep).toFixed(3)} ${(y + ay * along + iy * deep).toFixed(3)}`
  return kind === 'notch' || kind === 'chamfer'
    ? `M${p(-s, 0)}L${p(0, depth)}L${p(s, 0)}Z`
    : `M${p(-s, 0)}L${p(-s, depth)}L${p(s, depth)}L${p(s, 0)}Z`
}

/** A corner counts as cut when the mark lies so near to it, as a share of the smaller side. */
const NEAR_CORNER = 0.34

/** Where a chamfer cuts a corner of the outline in a view, and how much; undefined where the mark lies along an edge, or is no chamfer. */
export function cutCorner(
  housing: Housing,
  view: FaceView,
): { readonly right: -1 | 1; readonly down: -1 | 1; readonly byMm: number } | undefined {
  if (housing.mark.kind !== 'chamfer' || housing.outline.shape === 'circle') return undefined
  const at = seen(housing.mark.at, view)
  const { widthMm, heightMm } = viewBox(housing, view)
  const near = NEAR_CORNER * Math.min(widthMm, heightMm)
  if (widthMm / 2 - Math.abs(at.xMm) > near || heightMm / 2 - Math.abs(at.yMm) > near) return undefined
  return {
    right: at.xMm < 0 ? -1 : 1,
    down: at.yMm > 0 ? -1 : 1,
    byMm: Math.min(widthMm, heightMm) * 0.22,
  }
}

/** The outline of a housing in a view, in mm: rounded corners, and the one that its chamfer cuts. SVG's y runs down. */
export function outlinePath(housing: Housing, view: FaceView): string {
  const { widthMm, heightMm } = viewBox(housing, view)
  const [w, h] = [widthMm / 2, heightMm / 2]
  const r = housing.outline.shape === 'circle' ? w : Math.min(housing.outline.cornerMm, w, h)
  const cut = cutCorner(housing, view)
  // clockwise from the top right: along the side first, then along the other
  const corner = (right: -1 | 1, down: -1 | 1): string => {
    const isCut = cut?.right === right && cut.down === down
    const by = isCut ? cut.byMm : r
    const [x, y] = [right * w, down * h]
    const [across, along] = [`${x - right * by} ${y}`, `${x} ${y - down * by}`]
    const [from, to] = right * down < 0 ? [across, along] : [along, across]
    return isCut ? `L${from}L${to}` : `L${from}A${by} ${by} 0 0 1 ${to}`
  }
  return `M${`${corner(1, -1)}${corner(1, 1)}${corner(-1, 1)}${corner(-1, -1)}`.slice(1)}Z`
}

/** The end of a face that a cover is opened at first: at the mark, or away from it. */
export type OpensAt = NonNullable<NonNullable<Housing['secondLock']>['opensAt']>

/** From the outline to the middle of a mark at an end, mm: inside of the room round it. */
const END_MARK_MM = 2.1
/** A mark nearer to the middle than this share of the length is at neither end. */
const AT_AN_END = 0.1

/**
 * Where the first and the second end of an opening are marked in a view: off the two corners of the long way of the outline at
 * which the mark has no words. Undefined where the housing's mark lies at neither end.
 */
export function openingEnds(
  housing: Housing,
  view: FaceView,
  opensAt: OpensAt,
): readonly [{ readonly x: number; readonly y: number }, { readonly x: number; readonly y: number }] | undefined {
  const { widthMm, heightMm } = housing.outline
  const isWide = widthMm >= heightMm
  const { xMm, yMm } = housing.mark.at
  const [along, lengthMm] = isWide ? [xMm, widthMm] : [yMm, heightMm]
  if (Math.abs(along) < lengthMm * AT_AN_END) return undefined
  const first = (opensAt === 'mark' ? 1 : -1) * Math.sign(along)
  const middleOf = (towards: number) => seen(isWide ? { xMm: towards, yMm: 0 } : { xMm: 0, yMm: towards }, view)
  const box = viewBox(housing, view)
  const saysAbove = markPlace(housing, view).y <= box.heightMm / 2 - 0.5
  const [w, h] = [box.widthMm / 2 + END_MARK_MM, box.heightMm / 2 + END_MARK_MM]
  const at = (towards: number) => {
    const end = middleOf(towards)
    // across the view the two corners of the side without words; down it those of the right side
    return Math.abs(end.xMm) > 0
      ? { x: Math.sign(end.xMm) * w, y: saysAbove ? h : -h }
      : { x: w, y: -Math.sign(end.yMm) * h }
  }
  return [at(first), at(-first)]
}

/** A part of a drawing, in its own mm; SVG's y runs down. */
export interface Lens {
  readonly left: number
  readonly top: number
  readonly width: number
  readonly height: number
}

/** So many cavities stand side by side in the lens. */
const LENS_WAYS = 6

/** Room round the outline for the mark's words, mm. */
const MARGIN_MM = 4.5

/** All of a face with the room round it. */
export function wholeFace(housing: Housing, view: FaceView): Lens {
  const box = viewBox(housing, view)
  return {
    left: -box.widthMm / 2 - MARGIN_MM,
    top: -box.heightMm / 2 - MARGIN_MM,
    width: box.widthMm + 2 * MARGIN_MM,
    height: box.heightMm + 2 * MARGIN_MM,
  }
}

/** The part of a face round a place, in the drawing's own proportions and never beyond its edge. */
export function lensOn(whole: Lens, middle: { readonly x: number; readonly y: number }, housing: Housing): Lens {
  // a radius is 0.37 of the way to the next cavity
  const share = Math.min(1, (LENS_WAYS * Math.max(...cavityRadiiMm(housing).values()) * 2.7) / whole.width)
  const [width, height] = [whole.width * share, whole.height * share]
  const keep = (at: number, size: number, from: number, all: number) =>
    Math.min(from + all - size, Math.max(from, at - size / 2))
  return {
    left: keep(middle.x, width, whole.left, whole.width),
    top: keep(middle.y, height, whole.top, whole.height),
    width,
    height,
  }
}

/** Cavities as large as the room to their nearest neighbour allows, so that ids can be read; larger contacts have more of it. */
export function cavityRadiiMm(housing: Housing): ReadonlyMap<string, number> {
  const known = radiiOf.get(housing)
  if (known) return known
  const most =
    Math.min(housing.outline.widthMm, housing.outline.heightMm) * (housing.cavities.length === 1 ? 0.26 : 0.17)
  const radii = new Map(
    housing.cavities.map((one) => {
      const nearest = Math.min(
        ...housing.cavities.flatMap((other) =>
          other === one ? [] : [Math.hypot(one.xMm - other.xMm, one.yMm - other.yMm)],
        ),
      )
      return [one.id, Math.min(most, nearest * 0.37)]
    }),
  )
  radiiOf.set(housing, radii)
  return radii
}
const radiiOf = new WeakMap<Housing, ReadonlyMap<string, number>>()

import type { Arrangement, PlacedCavity, Point } from './arrangement'

/** The feature of the housing from which hands count. */
export interface Mark {
  readonly kind: 'chamfer' | 'notch' | 'key' | 'rib'
  readonly at: Point
}

/** The side you look at, and how far the housing is turned clockwise in the hand. */
export interface FaceView {
  readonly side: 'wire' | 'mating'
  readonly turnDeg: 0 | 90 | 180 | 270
}

export const wireFaceUpright: FaceView = { side: 'wire', turnDeg: 0 }

/** Where a point of the wire face appears in a view: the mating face is its mirror image. */
export function seen(point: Point, view: FaceView): Point {
  const xMm = view.side === 'mating' ? -point.xMm : point.xMm
  const yMm = point.yMm
  switch (view.turnDeg) {
    case 0:
      return { xMm, yMm }
    case 90:
      return { xMm: yMm, yMm: -xMm }
    case 180:
      return { xMm: -xMm, yMm: -yMm }
    case 270:
      return { xMm: -yMm, yMm: xMm }
  }
}

/** How a cavity is found by eye, as data. The words for it are elsewhere. */
export type CavityPlace =
  | {
      readonly kind: 'row'
      readonly rows: number
      /** from the top of the view, from 0; from its left when the rows stand upright */
      readonly row: number
      readonly upright: boolean
      /** cavities in this row */
      readonly ways: number
      /** from 1, counted from `from` */
      readonly count: number
      readonly from:
        | { readonly kind: 'mark'; readonly mark: Mark['kind'] }
        | { readonly kind: 'side'; readonly side: 'left' | 'right' | 'top' | 'bottom' }
      /** printed ids of the two cavities of the row before, between which this one stands */
      readonly between?: readonly [string, string]
    }
  | { readonly kind: 'centre' }
  | {
      readonly kind: 'ring'
      readonly rings: number
      /** from the centre, from 0 */
      readonly ring: number
      readonly ways: number
      readonly count: number
      /** without a mark the counting starts at the top of the view */
      readonly mark?: Mark['kind']
    }

const NEAR_MM = 0.02

/**
 * Names a cavity by counting from the housing's physical mark, as it stands in this view.
 *
 * In rows the counting starts at the end nearer to the mark; a mark in the middle gives no side, so the view's left
 * (or top) is named. In rings it starts at the cavity nearest to the mark and goes clockwise as seen.
 */
export function cavityPlace(
  cavity: PlacedCavity,
  all: readonly PlacedCavity[],
  kind: Arrangement['kind'],
  mark?: Mark,
  view: FaceView = wireFaceUpright,
): CavityPlace {
  return kind === 'rings' ? placeInRings(cavity, all, mark, view) : placeInRows(cavity, all, mark, view)
}

function placeInRows(
  cavity: PlacedCavity,
  all: readonly PlacedCavity[],
  mark: Mark | undefined,
  view: FaceView,
): CavityPlace {
  const upright = view.turnDeg === 90 || view.turnDeg === 270
  const along = (point: Point) => (upright ? -seen(point, view).yMm : seen(point, view).xMm)
  const across = (point: Point) => (upright ? seen(point, view).xMm : -seen(point, view).yMm)
  const rows = [...new Set(all.map((other) => other.row))]
    .map((row) => all.filter((other) => other.row === row).sort((a, b) => along(a) - along(b)))
    .sort((a, b) => across(a[0] ?? cavity) - across(b[0] ?? cavity))
  const row = rows.findIndex((members) => members.some((other) => other.id === cavity.id))
  const members = rows[row] ?? []
  const markAlong = mark ? along(mark.at) : 0
  const fromMark = mark && Math.abs(markAlong) > NEAR_MM
  const ordered = markAlong > NEAR_MM ? [...members].reverse() : members
  const between = neighboursAbove(cavity, rows[row - 1], along)
  return {
    kind: 'row',
    rows: rows.length,
    row,
    upright,
    ways: members.length,
    count: ordered.findIndex((other) => other.id === cavity.id) + 1,
    from: fromMark ? { kind: 'mark', mark: mark.kind } : { kind: 'side', side: upright ? 'top' : 'left' },
    ...(between && { between }),
  }
}

function neighboursAbove(
  cavity: PlacedCavity,
  above: readonly PlacedCavity[] | undefined,
  along: (p: Point) => number,
): readonly [string, string] | undefined {
  const at = along(cavity)
  const next = above?.findIndex((other) => along(other) > at + NEAR_MM) ?? -1
  const before = above?.[next - 1]
  const after = above?.[next]
  if (!before || !after || Math.abs(along(before) - at) <= NEAR_MM) return undefined
  return [before.id, after.id]
}

function placeInRings(
  cavity: PlacedCavity,
  all: readonly PlacedCavity[],
  mark: Mark | undefined,
  view: FaceView,
): CavityPlace {
  const members = all.filter((other) => other.row === cavity.row)
  const rings = new Set(all.map((other) => other.row)).size
  if (members.length === 1 && Math.hypot(cavity.xMm, cavity.yMm) <= NEAR_MM) return { kind: 'centre' }
  const clockwiseDeg = (point: Point) => {
    const at = seen(point, view)
    const degrees = (Math.atan2(at.xMm, at.yMm) * 180) / Math.PI
    return (degrees + 360) % 360
  }
  const markDeg = mark ? clockwiseDeg(mark.at) : 0
  const apart = (deg: number) => Math.min((deg - markDeg + 360) % 360, (markDeg - deg + 360) % 360)
  const first = members.reduce((best, other) =>
    apart(clockwiseDeg(other)) < apart(clockwiseDeg(best)) - 1e-6 ? other : best,
  )
  const firstDeg = clockwiseDeg(first)
  const ordered = [...members].sort(
    (a, b) => ((clockwiseDeg(a) - firstDeg + 360.000001) % 360) - ((clockwiseDeg(b) - firstDeg + 360.000001) % 360),
  )
  return {
    kind: 'ring',
    rings,
    ring: cavity.row,
    ways: members.length,
    count: ordered.findIndex((other) => other.id === cavity.id) + 1,
    ...(mark && { mark: mark.kind }),
  }
}

/** The cavities that a hand takes for this one: its nearest neighbours, and the one at its mirror image. */
export function likelyWrong(
  cavity: PlacedCavity,
  all: readonly PlacedCavity[],
): { readonly neighbours: readonly string[]; readonly mirror?: string } {
  const others = all.filter((other) => other.id !== cavity.id)
  const distance = (other: Point) => Math.hypot(other.xMm - cavity.xMm, other.yMm - cavity.yMm)
  const nearest = Math.min(...others.map(distance))
  const neighbours = others.filter((other) => distance(other) <= nearest * 1.05).map((other) => other.id)
  const mirror = others.find((other) => Math.hypot(other.xMm + cavity.xMm, other.yMm - cavity.yMm) < 0.1)
  return { neighbours, ...(mirror && !neighbours.includes(mirror.id) && { mirror: mirror.id }) }
}

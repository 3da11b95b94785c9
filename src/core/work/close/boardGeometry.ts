import { type Layout, type Segment, segmentsAt } from '../../record/plan/layout'

export interface BoardPoint {
  readonly xMm: number
  readonly yMm: number
}

export interface BoardGeometry {
  /** ends and roots by their names */
  readonly nodes: ReadonlyMap<string, BoardPoint>
  readonly leftMm: number
  readonly topMm: number
  readonly widthMm: number
  readonly heightMm: number
}

interface Direction {
  readonly x: number
  readonly y: number
}

/**
 * Where a harness lies on its board, 1 to 1: its longest way straight from left to right, each branch square to what it leaves, to
 * one side and the other by turns, and so on from branch to branch.
 */
export function boardGeometry(layout: Layout): BoardGeometry {
  const at = segmentsAt(layout)
  const nodes = new Map<string, BoardPoint>()
  const start = farthest(at, farthest(at, layout.segments[0]?.from ?? '', undefined).node, undefined).node
  if (start !== '') {
    nodes.set(start, { xMm: 0, yMm: 0 })
    lay(at, nodes, start, undefined, { x: 1, y: 0 })
  }
  const xs = [...nodes.values()].map(({ xMm }) => xMm)
  const ys = [...nodes.values()].map(({ yMm }) => yMm)
  const [leftMm, topMm] = [Math.min(0, ...xs), Math.min(0, ...ys)]
  return { nodes, leftMm, topMm, widthMm: Math.max(0, ...xs) - leftMm, heightMm: Math.max(0, ...ys) - topMm }
}

type At = ReadonlyMap<string, readonly Segment[]>

const otherOf = (segment: Segment, node: string): string => (segment.from === node ? segment.to : segment.from)

/** The node that is farthest along the tree from another, not through the stretch it was reached by. */
function farthest(at: At, node: string, by: Segment | undefined): { readonly node: string; readonly mm: number } {
  return (at.get(node) ?? [])
    .filter((segment) => segment !== by)
    .map((segment) => {
      const beyond = farthest(at, otherOf(segment, node), segment)
      return { node: beyond.node, mm: beyond.mm + segment.lengthMm }
    })
    .reduce((best, one) => (one.mm > best.mm ? one : best), { node, mm: 0 })
}

/** The longest goes straight on, the others square to it. */
function lay(at: At, nodes: Map<string, BoardPoint>, node: string, by: Segment | undefined, along: Direction): void {
  const here = nodes.get(node) ?? { xMm: 0, yMm: 0 }
  const onward = (at.get(node) ?? [])
    .filter((segment) => segment !== by)
    .map((segment) => ({ segment, mm: segment.lengthMm + farthest(at, otherOf(segment, node), segment).mm }))
    .sort((a, b) => b.mm - a.mm)
  onward.forEach(({ segment }, i) => {
    const side = i % 2 === 1 ? 1 : -1
    const way = i === 0 ? along : { x: -along.y * side, y: along.x * side }
    const to = otherOf(segment, node)
    nodes.set(to, { xMm: here.xMm + way.x * segment.lengthMm, yMm: here.yMm + way.y * segment.lengthMm })
    lay(at, nodes, to, segment, way)
  })
}

/** A4 without its margins, for tiles that are laid side by side. */
export const TILE = { widthMm: 190, heightMm: 277 } as const

/** A sheet of the tiles by its place among them, from 0. */
export interface Tile {
  readonly column: number
  readonly row: number
}

/** The sheets that a board takes at 1 to 1 with a margin round it: those on which any of it lies. */
export function boardTiles(
  layout: Layout,
  { nodes, leftMm, topMm, widthMm, heightMm }: BoardGeometry,
  marginMm: number,
) {
  const columns = Math.max(1, Math.ceil((widthMm + 2 * marginMm) / TILE.widthMm))
  const rows = Math.max(1, Math.ceil((heightMm + 2 * marginMm) / TILE.heightMm))
  const boxes = layout.segments.flatMap(({ from, to }) => {
    const [a, b] = [nodes.get(from), nodes.get(to)]
    if (!a || !b) return []
    const [x, y] = [leftMm - marginMm, topMm - marginMm]
    return [
      {
        left: Math.min(a.xMm, b.xMm) - x - NEAR_MM,
        right: Math.max(a.xMm, b.xMm) - x + NEAR_MM,
        top: Math.min(a.yMm, b.yMm) - y - NEAR_MM,
        bottom: Math.max(a.yMm, b.yMm) - y + NEAR_MM,
      },
    ]
  })
  const all = Array.from({ length: columns * rows }, (_, i): Tile => ({
    column: i % columns,
    row: Math.floor(i / columns),
  }))
  const tiles = all.filter(({ column, row }) =>
    boxes.some(
      ({ left, right, top, bottom }) =>
        right >= column * TILE.widthMm &&
        left <= (column + 1) * TILE.widthMm &&
        bottom >= row * TILE.heightMm &&
        top <= (row + 1) * TILE.heightMm,
    ),
  )
  return { columns, rows, tiles }
}
/** So far from a stretch its ties, labels and dimensions lie, mm. */
const NEAR_MM = 15

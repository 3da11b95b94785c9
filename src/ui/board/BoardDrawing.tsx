import type { BoardSegment } from '@/core/work/close/boardPlan'
import { type BoardGeometry, type BoardPoint } from '@/core/work/close/boardGeometry'
import { placeMm } from '@/core/work/close/closeTasks'
import { boardDrawingWords as words } from '@/words/screens/close/boardDrawing'

/** How far a tie or label of a stretch is. */
export type PartLook = 'done' | 'no-place' | 'now' | 'todo'

export interface BoardDrawn {
  readonly segments: readonly BoardSegment[]
  readonly geometry: BoardGeometry
  /** height of the text, mm on the board */
  readonly textMm: number
  readonly look: (segment: string, what: 'tie' | 'label', atMm: number) => PartLook
  /** a stretch as it is laid, mm across */
  readonly thickMm: (segment: string) => number
  /** what was measured of a stretch */
  readonly found: (segment: string) => { readonly lengthMm: number; readonly good: boolean | undefined } | undefined
  readonly selected?: string | undefined
}

/** Width of a letter, as a share of its height. */
const LETTER = 0.6

interface Laid {
  readonly a: BoardPoint
  readonly b: BoardPoint
  readonly ux: number
  readonly uy: number
}

function laidOf({ nodes }: BoardGeometry, { segment }: BoardSegment): Laid | undefined {
  const [a, b] = [nodes.get(segment.from), nodes.get(segment.to)]
  if (!a || !b) return undefined
  const lengthMm = Math.hypot(b.xMm - a.xMm, b.yMm - a.yMm) || 1
  return { a, b, ux: (b.xMm - a.xMm) / lengthMm, uy: (b.yMm - a.yMm) / lengthMm }
}

/** A harness on its board, 1 unit to the millimetre: stretches with ties, labels and dimensions; for the screen and for paper. */
export function BoardDrawing(drawn: BoardDrawn) {
  const { segments, geometry, textMm } = drawn
  const ends = new Map<string, number>()
  for (const { segment } of segments)
    for (const node of [segment.from, segment.to]) ends.set(node, (ends.get(node) ?? 0) + 1)
  return (
    <g fontFamily="'IBM Plex Mono', Mono, monospace" fontSize={textMm}>
      {segments.map((one) => (
        <Stretch key={one.segment.id} drawn={drawn} board={one} />
      ))}
      {[...geometry.nodes].map(([node, { xMm, yMm }]) => {
        const isEnd = ends.get(node) === 1
        const size = textMm * (isEnd ? 1.5 : 0.7)
        return (
          <g key={node}>
            <rect
              x={xMm - size / 2}
              y={yMm - size / 2}
              width={size}
              height={size}
              rx={size / 6}
              fill={isEnd ? 'var(--bisque)' : 'var(--ink)'}
              stroke="var(--ink)"
              strokeWidth={textMm / 10}
            />
            <text
              x={isEnd ? xMm : xMm - size * 1.4}
              y={isEnd ? yMm + textMm * 0.36 : yMm - size * 1.2}
              textAnchor="middle"
              fontWeight={700}
              fill="var(--ink)"
            >
              {node}
            </text>
          </g>
        )
      })}
    </g>
  )
}

function Stretch({ drawn, board }: { readonly drawn: BoardDrawn; readonly board: BoardSegment }) {
  const { geometry, textMm, look, thickMm, found, selected } = drawn
  const laid = laidOf(geometry, board)
  if (!laid) return null
  const { a, b, ux, uy } = laid
  const { segment, tiesMm, labels } = board
  const at = (mm: number, off = 0) => ({ x: a.xMm + ux * mm - uy * off, y: a.yMm + uy * mm + ux * off })
  const turn = (Math.atan2(uy, ux) * 180) / Math.PI
  const thick = Math.max(thickMm(segment.id), textMm / 5)
  const isUpright = Math.abs(uy) > Math.abs(ux)
  const said = found(segment.id)
  const text = words.dimension(segment.lengthMm, segment.toleranceMm)
  // what is longer than its upright stretch stands beside it
  const isBeside = isUpright && text.length * textMm * LETTER > segment.lengthMm * 0.7
  const dimension = isBeside
    ? { x: at(segment.lengthMm / 2).x + textMm * 1.6, y: Math.max(a.yMm, b.yMm) + textMm * 0.4 }
    : // above a level stretch, left of an upright one, whichever way it runs
      at(segment.lengthMm / 2, (isUpright ? Math.sign(uy) : -Math.sign(ux)) * textMm * 1.6)
  return (
    <g data-segment={segment.id}>
      <line
        x1={a.xMm}
        y1={a.yMm}
        x2={b.xMm}
        y2={b.yMm}
        stroke={selected === segment.id ? 'var(--glaze)' : 'var(--ink)'}
        strokeWidth={thick}
      />
      {tiesMm.map((mm) => {
        const state = look(segment.id, 'tie', placeMm(mm))
        const { x, y } = at(mm)
        const [along, across] = [textMm * 0.45, Math.max(thick * 1.6, textMm * 0.9)]
        return (
          <g key={mm} transform={`translate(${x} ${y}) rotate(${turn})`}>
            <rect
              x={-along / 2}
              y={-across / 2}
              width={along}
              height={across}
              rx={along / 4}
              fill={state === 'done' ? 'var(--ink)' : state === 'no-place' ? 'var(--terracotta)' : 'var(--bisque)'}
              stroke={state === 'now' ? 'var(--glaze)' : 'var(--ink)'}
              strokeWidth={textMm / (state === 'now' ? 4 : 9)}
            />
            {state === 'now' && <circle r={across} fill="none" stroke="var(--glaze)" strokeWidth={textMm / 5} />}
          </g>
        )
      })}
      {labels.map(({ end, atMm }) => {
        const state = look(segment.id, 'label', placeMm(atMm))
        const { x, y } = at(atMm)
        // a flag beside the bundle: on a short drawing it is wider than the place between two ties
        const half = textMm * 0.6
        const offMm = -(thick / 2 + half + textMm * 0.7)
        const long = Math.max(textMm, end.length * textMm * 0.35)
        // read from below, or from the right
        const upright = turn > 90 || turn <= -90 ? turn + 180 : turn
        return (
          <g key={end} transform={`translate(${x} ${y}) rotate(${upright})`}>
            <line y2={offMm} stroke="var(--ink)" strokeWidth={textMm / 9} />
            <rect
              x={-long}
              y={offMm - half}
              width={long * 2}
              height={half * 2}
              fill={state === 'done' ? 'var(--hairline)' : 'var(--bisque)'}
              stroke={state === 'now' ? 'var(--glaze)' : 'var(--ink)'}
              strokeDasharray={state === 'todo' ? `${textMm / 3} ${textMm / 4}` : undefined}
              strokeWidth={textMm / (state === 'now' ? 4 : 9)}
            />
            <text y={offMm} textAnchor="middle" dominantBaseline="central" fontSize={textMm * 0.8} fill="var(--ink)">
              {end}
            </text>
          </g>
        )
      })}
      <text
        x={dimension.x}
        y={dimension.y}
        textAnchor={isBeside ? 'start' : 'middle'}
        fill="var(--glaze-ink)"
        transform={isUpright && !isBeside ? `rotate(-90 ${dimension.x} ${dimension.y})` : undefined}
      >
        {text}
        {said && (
          <tspan fill={said.good === false ? 'var(--oxblood)' : 'var(--moss-ink)'}>
            {words.found(said.lengthMm, said.good)}
          </tspan>
        )}
      </text>
    </g>
  )
}

import type { Housing } from '@/core/parts/catalogue/types'
import { seen, type FaceView } from '@/core/base/face/place'

export interface FaceMove {
  readonly from: string
  readonly to: string
  /** it is put aside before it goes there */
  readonly parked?: boolean | undefined
}

/** Arrows from where a contact stands to where it goes, bent so that there and back lie apart; dashed where it is put aside between. */
export function FaceMoves({
  housing,
  view,
  moves,
  radii,
}: {
  readonly housing: Housing
  readonly view: FaceView
  readonly moves: readonly FaceMove[]
  readonly radii: ReadonlyMap<string, number>
}) {
  const at = new Map(housing.cavities.map((cavity) => [cavity.id, seen(cavity, view)]))
  return (
    <g fill="none" stroke="var(--terracotta)" strokeWidth="0.32" strokeLinecap="round" aria-hidden="true">
      {moves.map(({ from, to, parked }) => {
        const [a, b] = [at.get(from), at.get(to)]
        if (!a || !b) return null
        const [dx, dy] = [b.xMm - a.xMm, -(b.yMm - a.yMm)]
        const length = Math.hypot(dx, dy) || 1
        // bulges to its right, by a share of its length
        const bulge = Math.min(2.6, length * 0.3) + 0.5
        const [mx, my] = [a.xMm + dx / 2 - (dy / length) * bulge, -a.yMm + dy / 2 + (dx / length) * bulge]
        const [ex, ey] = toward(b.xMm, -b.yMm, mx, my, (radii.get(to) ?? 1) + 0.25)
        const [sx, sy] = toward(a.xMm, -a.yMm, mx, my, (radii.get(from) ?? 1) + 0.1)
        const angle = (Math.atan2(ey - my, ex - mx) * 180) / Math.PI
        return (
          <g key={`${from} ${to}`}>
            <path d={`M${sx} ${sy}Q${mx} ${my} ${ex} ${ey}`} strokeDasharray={parked ? '0.9 0.8' : undefined} />
            <path
              d="M-0.9 -0.5L0 0L-0.9 0.5"
              transform={`translate(${ex} ${ey}) rotate(${angle})`}
              strokeLinejoin="round"
            />
          </g>
        )
      })}
    </g>
  )
}

/** The point at a distance from one place in the direction of another. */
function toward(x: number, y: number, toX: number, toY: number, by: number): readonly [number, number] {
  const length = Math.hypot(toX - x, toY - y) || 1
  return [x + ((toX - x) / length) * by, y + ((toY - y) / length) * by]
}

import type { Housing } from '@/core/parts/catalogue/types'
import type { FaceView } from '@/core/base/face/place'
import { openingEndsWords as words } from '@/words/screens/face/openingEnds'
import { openingEnds, type OpensAt } from './faceGeometry'
import styles from './OpeningEnds.module.css'

const RADIUS_MM = 1.7

/** Which end of the face its cover is opened at first, and which then: a mark at each end, outside of the outline. */
export function OpeningEnds({
  housing,
  view,
  opensAt,
}: {
  readonly housing: Housing
  readonly view: FaceView
  readonly opensAt: OpensAt
}) {
  const ends = openingEnds(housing, view, opensAt)
  if (!ends) return null
  return (
    <g role="img" aria-label={words.described(housing.mark.kind, opensAt)}>
      {ends.map(({ x, y }, i) => (
        <g key={i} transform={`translate(${x} ${y})`} data-opens={i + 1}>
          <circle className={i === 0 ? styles.first : styles.then} r={RADIUS_MM} />
          <text className={i === 0 ? styles.firstSign : styles.thenSign} y={0.75} textAnchor="middle">
            {i + 1}
          </text>
        </g>
      ))}
    </g>
  )
}

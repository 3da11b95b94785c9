import type { SpecimenBody } from '@/core/craft/specimen/specimenBody'
import { pressed, type StrokeScene } from '@/core/craft/stroke/strokeRoutine'
import { strokeDrawingWords as words } from '@/words/screens/stroke/strokeDrawing'
import { parseColour, wireColours } from '@/core/base/wire/colour'
import type { SpecimenPiece } from '../specimen/specimenModel'
import { standOffMm } from './Jaws'
import styles from './StrokeDrawing.module.css'

const HALF_MM = 2.6
const DEEP_MM = 2.4

/** Wings as they stand over the wire: open like a U, then curled in from both sides until their tips dive into the strands. */
function wingPath(radiusMm: number, folded: number): string {
  const up = radiusMm * 1.5 * (1 - folded) + radiusMm * 0.35
  const inward = radiusMm * folded
  const side = (way: 1 | -1) =>
    `M0 ${radiusMm}H${way * radiusMm * 0.6}Q${way * radiusMm} ${radiusMm} ${way * radiusMm} ${radiusMm * 0.4}V${-up * 0.4}Q${way * radiusMm} ${-up} ${way * (radiusMm - inward * 0.9)} ${-up + folded * radiusMm * 0.5}`
  return `${side(-1)}${side(1)}`
}

/** The upper half of a nest; the form of a die curls both wings in, so its roof dips in the middle. */
const upperJaw = (roofMm: number, footMm: number, halfMm: number, curls: boolean) =>
  `M${-HALF_MM} ${-roofMm - DEEP_MM}H${HALF_MM}V${-footMm}H${halfMm}Q${halfMm} ${-roofMm} 0 ${-roofMm + (curls ? 0.35 : 0)}Q${-halfMm} ${-roofMm} ${-halfMm} ${-footMm}H${-HALF_MM}Z`

const lowerJaw = (halfMm: number, downMm: number) =>
  `M${-HALF_MM} ${0.15 + downMm}H${-halfMm}Q${-halfMm} ${halfMm + downMm} 0 ${halfMm + downMm}Q${halfMm} ${halfMm + downMm} ${halfMm} ${0.15 + downMm}H${HALF_MM}V${halfMm - 0.2 + DEEP_MM + downMm}H${-HALF_MM}Z`

/** The jaws, the contact and the wire as they look from where the wire comes: which way is up. */
export function EndView({
  piece,
  body,
  scene,
}: {
  readonly piece: SpecimenPiece
  readonly body: SpecimenBody
  readonly scene: StrokeScene
}) {
  const colour = parseColour(piece.colour)
  const wireMm = Math.min(1.6, piece.made.insulationMm / 2)
  const off = standOffMm(scene.closed)
  const folded = pressed(scene.closed)
  const radiusMm = Math.max(0.9, wireMm * 1.15)
  const low = off * 0.4
  const reach = body.kind === 'open' ? radiusMm * (1.85 - folded * 0.75) : radiusMm * 1.1
  return (
    <g>
      {body.kind === 'closed' ? (
        [45, 135, 225, 315].map((turn) => (
          <path
            key={turn}
            className={styles.jaw}
            transform={`rotate(${String(turn)})`}
            d={`M-.22 ${-reach - off + folded * 0.35}h.44l.5 -.7v-1.5h-1.44v1.5z`}
          />
        ))
      ) : (
        <>
          <path className={styles.jaw} d={upperJaw(reach + off, off + 0.15, radiusMm + 0.2, body.kind === 'open')} />
          <path className={styles.jaw} d={lowerJaw(radiusMm + 0.2, low)} />
        </>
      )}
      {scene.contactIn > 0.5 && (
        <>
          {body.kind === 'open' ? (
            <path className={styles.metal} d={wingPath(radiusMm, folded)} />
          ) : (
            <circle className={styles.metal} r={radiusMm} />
          )}
          {scene.wireIn > 0.5 && (
            <>
              <circle
                r={wireMm * 0.92}
                fill={colour ? wireColours[colour.base].tint : 'var(--bisque)'}
                stroke="var(--ink)"
                strokeWidth=".07"
              />
              <circle
                r={Math.min(wireMm * 0.7, piece.bundleMm / 2)}
                fill="url(#strands)"
                stroke="var(--ink)"
                strokeWidth=".05"
              />
            </>
          )}
        </>
      )}
      <text className={styles.word} y={radiusMm + DEEP_MM + 2} textAnchor="middle">
        {words.fromWire}
      </text>
    </g>
  )
}

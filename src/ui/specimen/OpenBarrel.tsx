import { specimenDrawingWords as words } from '@/words/screens/specimen/specimenDrawing'
import type { SpecimenBody } from '@/core/craft/specimen/specimenBody'
import { defectWords } from '@/words/crimp'
import { lengthSaid } from '@/words/figures'
import { Callout, SpecimenWire, StripDimension } from './specimenParts'
import { type SpecimenLayout, type SpecimenPiece, wingHeights } from './specimenModel'
import { Spring, openWings } from './wingsAndSpring'
import styles from './SpecimenDrawing.module.css'

/** A stamped contact from the side: wings open or closed, the brush, the seal where it has one, the wire. */
export function OpenBarrel({
  piece,
  layout,
  body,
}: {
  readonly piece: SpecimenPiece
  readonly layout: SpecimenLayout
  readonly body: Extract<SpecimenBody, { kind: 'open' }>
}) {
  const { defect, crimped, seal, made } = piece
  const { mouthMm, bottomMm, lengthMm } = layout
  const half = body.matingMm / 2 + 0.6
  const { wing, insulationWing } = wingHeights(piece)
  const floor = wing
  const open = crimped ? (1 - (made.wingClosure ?? 1)) * 1.5 : 0
  const rearFrom = lengthMm - body.insulationBarrelMm
  const sealFrom = (piece.sealBackMm ?? 0) + (defect === 'seal-out-of-wings' ? lengthMm + 0.6 : rearFrom + 0.5)
  return (
    <g>
      <path
        d={`M0 ${-half}H${bottomMm - body.reachMm - 0.6}V${half}H0Z`}
        fill="url(#metal)"
        stroke="var(--ink)"
        strokeWidth=".11"
      />
      <Spring contact={made.contact} x={(bottomMm - body.reachMm) * 0.35} half={half} down={defect === 'lance-down'} />
      <path
        d={`M${bottomMm - body.reachMm - 0.6} ${floor * 0.6}H${lengthMm}V${floor}H${bottomMm - body.reachMm - 0.6}Z`}
        fill="url(#metal)"
        stroke="var(--ink)"
        strokeWidth=".1"
      />
      <SpecimenWire piece={piece} layout={layout} />
      {seal && defect !== 'seal-missing' && (
        <path
          d={`M${sealFrom} -1.5h${seal.lengthMm * 0.35}l.3 -.5h.5l.2 .5.2 -.5h.5l.3 .5h${seal.lengthMm * 0.3}v3h${-seal.lengthMm * 0.3}l-.3 .5h-.5l-.2 -.5-.2 .5h-.5l-.3 -.5h${-seal.lengthMm * 0.35}z`}
          fill="var(--glaze-wash)"
          stroke="var(--glaze)"
          strokeWidth=".1"
          opacity=".93"
        />
      )}
      <g transform={defect === 'bent' ? `rotate(3 ${mouthMm} 0)` : undefined}>
        <path
          d={
            crimped
              ? `M${bottomMm} ${floor}V${-wing - open}q${body.conductorBarrelMm / 2} 0.5 ${body.conductorBarrelMm} 0V${floor}Z`
              : openWings(made.contact, bottomMm, body.conductorBarrelMm, floor, wing)
          }
          fill="url(#metal)"
          stroke="var(--ink)"
          strokeWidth=".11"
          opacity={crimped ? 0.94 : 0.5}
        />
        {crimped && defect !== 'no-bell-mouth' && (
          <path d={`M${mouthMm - 0.25} ${-wing}l.35 -.3`} stroke="var(--ink)" strokeWidth=".12" />
        )}
        <path
          d={`M${rearFrom} ${floor}V${-insulationWing}H${lengthMm}V${floor}Z`}
          fill="url(#metal)"
          stroke="var(--ink)"
          strokeWidth=".11"
          opacity={crimped ? 0.86 : 0.5}
        />
      </g>
      {defect === 'strand-outside' && (
        <path
          d={`M${mouthMm - 1} ${-wing}q-.4 -1.3 -1.5 -1.2`}
          fill="none"
          stroke="var(--copper-line)"
          strokeWidth=".16"
        />
      )}
      {!defect && layout.brushMm > 0 && (
        <Callout
          x={layout.conductorFromMm + layout.brushMm / 2}
          y={-half - 2.3}
          toY={-piece.bundleMm / 2}
          text={`brush ${lengthSaid(layout.brushMm, 1).value}`}
          anchor="end"
        />
      )}
      {!defect && (
        <Callout
          x={(mouthMm + rearFrom) / 2}
          y={-half - 1.1}
          toY={-piece.made.insulationMm / 2}
          text={words.insulationEndsHere}
          anchor="start"
        />
      )}
      {!defect && seal && (
        <text
          className={styles.specimenWord}
          x={sealFrom + seal.lengthMm / 2}
          y={floor + 1.6}
          textAnchor="middle"
          fontSize="0.92"
          fill="var(--ink)"
          style={{ fontFamily: 'var(--mono)' }}
        >
          {seal.id}
        </text>
      )}
      {defect && <Callout x={mouthMm} y={-half - 2} toY={-wing} text={defectWords[defect]} fault />}
      <StripDimension piece={piece} layout={layout} y={floor + 2.2} />
    </g>
  )
}

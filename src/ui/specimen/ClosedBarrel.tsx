import { specimenDrawingWords as words } from '@/words/screens/specimen/specimenDrawing'
import type { SpecimenBody } from '@/core/craft/specimen/specimenBody'
import { defectWords } from '@/words/crimp'
import { Callout, SpecimenWire, StripDimension } from './specimenParts'
import { DRAWN_COMPACTION, type SpecimenLayout, type SpecimenPiece } from './specimenModel'
import styles from './SpecimenDrawing.module.css'

/** A machined contact from the side: barrel with its inspection hole, indents when it is crimped, the wire. */
export function ClosedBarrel({
  piece,
  layout,
  body,
}: {
  readonly piece: SpecimenPiece
  readonly layout: SpecimenLayout
  readonly body: Extract<SpecimenBody, { kind: 'closed' }>
}) {
  const { defect, crimped, made } = piece
  const outer = body.outerMm / 2
  const mating = body.matingMm / 2 + (body.gender === 'socket' ? 0.45 : 0)
  const shoulder = outer + 0.5
  const { mouthMm, bottomMm, lengthMm } = layout
  const hole = mouthMm - body.holeAtMm
  const holeR = outer * 0.3
  const front = bottomMm - 1.2
  const band = (bottomMm + mouthMm) / 2 + 0.2
  const indents = band + (made.toolOffMm ?? 0)
  const holeFilled = layout.conductorFromMm <= hole - holeR
  // the tighter the section, the deeper the indents
  const deep = Math.max(0.1, 0.55 + (DRAWN_COMPACTION - made.compaction) * 2.35)
  const uneven = defect === 'indents-uneven' ? 0.4 : 1
  return (
    <g>
      <SpecimenWire piece={piece} layout={layout} />
      <g transform={defect === 'bent' ? `rotate(3 ${bottomMm} 0)` : undefined}>
        <path
          d={`M0 ${-mating}H${front - 1.6}L${front - 1.1} ${-shoulder}H${front}V${-outer}H${mouthMm}V${outer}H${front}V${shoulder}H${front - 1.1}L${front - 1.6} ${mating}H0Z`}
          fill="url(#metal)"
          stroke="var(--ink)"
          strokeWidth=".11"
          strokeLinejoin="round"
        />
        {body.gender === 'socket' && (
          <path
            d={`M0 ${-mating * 0.25}H${front * 0.45}M0 ${mating * 0.25}H${front * 0.45}`}
            stroke="var(--ink)"
            strokeWidth=".07"
          />
        )}
        <rect
          x={bottomMm}
          y={-body.boreMm / 2}
          width={mouthMm - bottomMm}
          height={body.boreMm}
          fill="none"
          stroke="var(--dim)"
          strokeWidth=".07"
          strokeDasharray=".25 .25"
        />
        <circle
          cx={hole}
          cy={0}
          r={holeR}
          fill={holeFilled ? 'url(#strands)' : 'var(--void)'}
          stroke="var(--ink)"
          strokeWidth=".11"
        />
        {crimped && (
          <g fill="var(--ink)" opacity=".82">
            {[-0.5, 0.5].map((dx) => (
              <path
                key={dx}
                d={`M${indents + dx - 0.3} ${-outer}l.3 ${deep} .3 ${-deep}zM${indents + dx - 0.3} ${outer}l.3 ${-deep * uneven} .3 ${deep * uneven}z`}
              />
            ))}
          </g>
        )}
        {defect === 'cracked' && (
          <path
            d={`M${mouthMm} ${-outer * 0.6}l-.7 .2-.3 .5-.8-.1`}
            fill="none"
            stroke="var(--oxblood)"
            strokeWidth=".16"
          />
        )}
        {defect === 'out-of-round' && (
          <ellipse cx={band} cy={0} rx={1.1} ry={outer * 1.2} fill="none" stroke="var(--oxblood)" strokeWidth=".14" />
        )}
      </g>
      {defect === 'strand-outside' && (
        <path
          d={`M${layout.insulationFromMm} ${-piece.bundleMm / 2}q-.8 -1.4 -1.7 -1.2`}
          fill="none"
          stroke="var(--copper-line)"
          strokeWidth=".16"
        />
      )}
      {crimped && (
        <path
          className={styles.specimenWord}
          d={`M${band - 0.9} ${outer + 0.5}v.3h1.8v-.3`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth=".08"
        />
      )}
      {crimped && !defect && (
        <text
          className={styles.specimenWord}
          x={band}
          y={outer + 1.9}
          fontSize=".92"
          textAnchor="middle"
          fill="var(--ink)"
          style={{ fontFamily: 'var(--sans)' }}
        >
          {words.indentsEvenInThis}
        </text>
      )}
      {!defect && <Callout x={hole} y={-outer - 3.1} toY={-holeR} text={words.strandsMustShowHere} />}
      {defect && (
        <Callout
          x={Math.min(lengthMm - 1, bottomMm + 1)}
          y={-outer - 3}
          toY={-outer}
          text={defectWords[defect]}
          fault
        />
      )}
      {/* a gap that follows from stood-in dimensions is nobody's figure */}
      {made.contact.barrel !== undefined && layout.gapMm > 0.05 && (
        <g className={styles.specimenWord} stroke="var(--glaze-ink)" strokeWidth=".09" fill="none">
          <path
            d={`M${mouthMm} ${-outer - 0.4}v-1.3M${layout.insulationFromMm} ${-outer - 0.4}v-1.3M${mouthMm - 1} ${-outer - 1.3}h1M${layout.insulationFromMm} ${-outer - 1.3}h1`}
          />
          <text
            x={layout.insulationFromMm + 1.2}
            y={-outer - 1}
            fontSize=".95"
            stroke="none"
            fill="var(--glaze-ink)"
            style={{ fontFamily: 'var(--mono)' }}
          >
            {words.gap(layout.gapMm)}
          </text>
        </g>
      )}
      <StripDimension piece={piece} layout={layout} y={outer + (crimped ? 3.4 : 1.8)} />
    </g>
  )
}

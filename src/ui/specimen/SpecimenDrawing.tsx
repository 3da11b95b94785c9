import { specimenDrawingWords as words } from '@/words/screens/specimen/specimenDrawing'
import styles from './SpecimenDrawing.module.css'
import { specimenBody, type SpecimenBody } from '@/core/craft/specimen/specimenBody'
import { lengthSaid } from '@/words/figures'
import { defectWords } from '@/words/crimp'
import { SleeveBarrel } from './SleeveBarrel'
import { Spring, openWings } from './wingsAndSpring'
import { Callout, SpecimenWire, StripDimension } from './specimenParts'
import { specimenLayout, type SpecimenLayout, type SpecimenPiece } from './specimenModel'

/** Compaction of a sound crimp, for which the drawn proportions stand. */
const SOUND = 0.85

/** A terminal from the side, to scale where its sheet has the dimensions: as it should be, or with the fault that was reported. */
export function SpecimenDrawing({
  piece,
  bare = false,
  wordless = false,
}: {
  readonly piece: SpecimenPiece
  /** small beside others: no words, no dimensions */ readonly bare?: boolean
  /** the contact alone matters: nothing is said of strip, gap or brush */ readonly wordless?: boolean
}) {
  const layout = specimenLayout(piece)
  const body = specimenBody(piece.made.contact)
  // small beside others: only the barrel and what lies on either side of it
  const left = bare ? layout.bottomMm - 3.5 : -1
  const width = bare ? layout.lengthMm - left + 2.5 : layout.wireToMm + 2
  const halfHeight = bare ? Math.max(2.6, piece.made.insulationMm / 2 + 1.6) : 7.2
  const name = `${piece.made.contact.name}, ${piece.defect ? defectWords[piece.defect] : words.asItShouldBe}`
  return (
    <svg
      className={bare || wordless ? styles.specimenBare : undefined}
      viewBox={`${left} ${-halfHeight} ${width} ${halfHeight * 2}`}
      role="img"
      aria-label={name}
      width="100%"
      height="100%"
      preserveAspectRatio="xMidYMid meet"
    >
      <defs>
        <linearGradient id="metal" x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor="var(--metal-0)" />
          <stop offset=".45" stopColor="var(--metal-1)" />
          <stop offset="1" stopColor="var(--metal-2)" />
        </linearGradient>
        <pattern id="strands" width=".5" height=".5" patternTransform="rotate(24)" patternUnits="userSpaceOnUse">
          <rect width=".5" height=".5" fill="var(--copper)" />
          <path d="M0 0h.5" stroke="var(--copper-line)" strokeWidth=".1" />
        </pattern>
      </defs>
      {body.kind === 'closed' && <ClosedBarrel piece={piece} layout={layout} body={body} />}
      {body.kind === 'open' && <OpenBarrel piece={piece} layout={layout} body={body} />}
      {body.kind === 'sleeve' && <SleeveBarrel piece={piece} layout={layout} body={body} />}
      {!body.toScale && !bare && (
        <text
          x={left + width - 0.4}
          y={halfHeight - 0.5}
          textAnchor="end"
          fontSize=".8"
          fill="var(--dim)"
          style={{ fontFamily: 'var(--sans)' }}
        >
          {words.proportionsOnlyNotAll}
        </text>
      )}
    </svg>
  )
}

function ClosedBarrel({
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
  const deep = Math.max(0.1, 0.55 + (SOUND - made.compaction) * 2.35)
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

function OpenBarrel({
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
  // a closed section is as high as its compaction is loose
  const wing = !crimped ? 1.75 : (1.15 * made.compaction) / SOUND
  const insulationWing = crimped ? Math.max(seal ? 1.75 : 1.25, piece.made.insulationMm / 2 + 0.25) : 2.1
  const floor = wing
  const open = crimped ? (1 - (made.wingClosure ?? 1)) * 1.5 : 0
  const rearFrom = lengthMm - body.insulationBarrelMm
  const sealFrom = defect === 'seal-out-of-wings' ? lengthMm + 0.6 : rearFrom + 0.5
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

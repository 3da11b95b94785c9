import { sleeveBarrelWords as words } from '@/words/screens/specimen/sleeveBarrel'
import type { SpecimenBody } from '@/core/craft/specimen/specimenBody'
import type { CrimpMade } from '@/core/craft/specimen/specimenTypes'
import { defectWords } from '@/words/crimp'
import { Callout, SpecimenWire, StripDimension } from './specimenParts'
import type { SpecimenLayout, SpecimenPiece } from './specimenModel'

type SleeveBody = Extract<SpecimenBody, { kind: 'sleeve' }>

/** A ferrule, a lug or a splice from the side: what lies before the barrel, the barrel, the collar, the wire. */
export function SleeveBarrel({
  piece,
  layout,
  body,
}: {
  readonly piece: SpecimenPiece
  readonly layout: SpecimenLayout
  readonly body: SleeveBody
}) {
  const { defect, crimped } = piece
  const outer = body.outerMm / 2
  const { bottomMm, mouthMm } = layout
  const middle = (bottomMm + mouthMm) / 2
  const collar = Math.max(outer + 0.5, piece.made.insulationMm / 2 + 0.25)
  return (
    <g>
      <SpecimenWire piece={piece} layout={layout} />
      <Front body={body} bottomMm={bottomMm} outer={outer} />
      <path
        d={barrelPath(bottomMm, mouthMm, outer, crimped ? piece.made : undefined)}
        fill="url(#metal)"
        stroke="var(--ink)"
        strokeWidth=".11"
        opacity={crimped ? 0.94 : 0.6}
      />
      {body.insulated && (
        <path
          d={`M${mouthMm - body.depthMm * 0.25} ${-outer}L${mouthMm + 0.4} ${-collar}H${mouthMm + 2.4}V${collar}H${mouthMm + 0.4}L${mouthMm - body.depthMm * 0.25} ${outer}Z`}
          fill="var(--glaze-wash)"
          stroke={defect === 'collar-torn' ? 'var(--oxblood)' : 'var(--glaze)'}
          strokeWidth=".1"
          opacity=".9"
          strokeDasharray={defect === 'collar-torn' ? '.5 .3' : undefined}
        />
      )}
      {defect === 'strand-outside' && (
        <path d={`M${mouthMm} ${-outer}q-.8 -1.3 -1.9 -1`} fill="none" stroke="var(--copper-line)" strokeWidth=".16" />
      )}
      {!defect && (
        <Callout
          x={layout.conductorFromMm + 0.1}
          y={-outer - 2.4}
          toY={-piece.bundleMm / 2}
          text={frontWords[body.shape]}
          anchor="start"
        />
      )}
      {defect && <Callout x={middle} y={-outer - 2.4} toY={-outer} text={defectWords[defect]} fault />}
      <StripDimension piece={piece} layout={layout} y={outer + 2.2} />
    </g>
  )
}

const frontWords: Readonly<Record<SleeveBody['shape'], string>> = {
  ferrule: words.strandsLevelWithTip,
  ring: words.conductorShowsHere,
  fork: words.conductorShowsHere,
  blade: words.conductorShowsHere,
  bullet: words.conductorShowsHere,
  butt: words.conductorAtStop,
}

/** Pressed in its middle third, the deeper the tighter; a tool off its axis presses beside it. */
function barrelPath(from: number, to: number, outer: number, made: CrimpMade | undefined): string {
  if (!made) return `M${from} ${-outer}H${to}V${outer}H${from}Z`
  const third = (to - from) / 3
  const dent = outer * Math.min(0.9, Math.max(0.05, 0.35 + (0.85 - made.compaction) * 2))
  return `M${from} ${-outer}h${third + (made.toolOffMm ?? 0)}l.3 ${dent}h${third - 0.6}l.3 ${-dent}H${to}V${outer}H${from}Z`
}

/** What lies before the barrel: nothing at a ferrule, a tongue at a lug, the other half of a splice. */
function Front({
  body,
  bottomMm,
  outer,
}: {
  readonly body: SleeveBody
  readonly bottomMm: number
  readonly outer: number
}) {
  const metal = { fill: 'url(#metal)', stroke: 'var(--ink)', strokeWidth: 0.11 }
  switch (body.shape) {
    case 'ferrule':
      return null
    case 'bullet':
      return (
        <rect
          x={0}
          y={-body.matingMm / 2}
          width={bottomMm}
          height={body.matingMm}
          rx={body.matingMm / 2.2}
          {...metal}
        />
      )
    case 'butt':
      return <path d={`M0 ${-outer}H${bottomMm}V${outer}H0Z M${bottomMm - 0.15} ${-outer}V${outer}`} {...metal} />
    case 'ring':
    case 'fork':
    case 'blade':
      return <rect x={0} y={outer - 0.8} width={bottomMm} height={0.8} {...metal} />
  }
}

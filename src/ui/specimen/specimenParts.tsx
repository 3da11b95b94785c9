import { specimenPartsWords as words } from '@/words/screens/specimen/specimenParts'
import { parseColour, wireColours } from '@/core/base/wire/colour'
import type { SpecimenLayout, SpecimenPiece } from './specimenModel'
import styles from './SpecimenDrawing.module.css'

/** The strip, below the piece: what the stripper has to take off, which is twice what is seen of a conductor folded back. */
export function StripDimension({
  piece,
  layout,
  y,
}: {
  readonly piece: SpecimenPiece
  readonly layout: SpecimenLayout
  readonly y: number
}) {
  const label = words.stripFoldedBack(piece.made.stripMm * piece.legs, piece.legs > 1)
  return <Dimension from={layout.conductorFromMm} to={layout.insulationFromMm} y={y} label={label} />
}

/** A dimension line below the piece. */
function Dimension({
  from,
  to,
  y,
  label,
}: {
  readonly from: number
  readonly to: number
  readonly y: number
  readonly label: string
}) {
  return (
    <g className={styles.specimenWord} stroke="var(--glaze-ink)" strokeWidth="0.09" fill="none">
      <path
        d={`M${from} ${y - 1.1}v1.5M${to} ${y - 1.1}v1.5M${from} ${y}H${to}M${from + 0.4} ${y - 0.22}l-.4 .22 .4 .22M${to - 0.4} ${y - 0.22}l.4 .22-.4 .22`}
      />
      <text
        x={(from + to) / 2}
        y={y + 1.1}
        textAnchor="middle"
        fontSize="0.95"
        stroke="none"
        fill="var(--glaze-ink)"
        style={{ fontFamily: 'var(--mono)' }}
      >
        {label}
      </text>
    </g>
  )
}

/** A word with a line to what it names. */
export function Callout({
  x,
  y,
  toY,
  text,
  fault = false,
  anchor = 'middle',
}: {
  readonly x: number
  readonly y: number
  readonly toY: number
  readonly text: string
  readonly fault?: boolean
  readonly anchor?: 'start' | 'middle' | 'end'
}) {
  return (
    <g className={styles.specimenWord} fill={fault ? 'var(--oxblood)' : 'var(--ink)'}>
      <path
        d={`M${x} ${toY}V${y + 0.25}`}
        stroke="currentColor"
        strokeWidth="0.08"
        style={{ color: fault ? 'var(--oxblood)' : 'var(--ink)' }}
      />
      <text
        x={x}
        y={y}
        textAnchor={anchor}
        fontSize="0.92"
        style={{ fontFamily: 'var(--sans)', fontWeight: fault ? 700 : 400 }}
      >
        {fault ? `▲ ${text}` : text}
      </text>
    </g>
  )
}

/** The wire: strands, then insulation in its colour. */
export function SpecimenWire({ piece, layout }: { readonly piece: SpecimenPiece; readonly layout: SpecimenLayout }) {
  const { colour, made } = piece
  const { insulationMm } = made
  // what lost strands shows: the bundle has so much less metal
  const bundleMm = piece.bundleMm * Math.sqrt(Math.max(0.05, 1 - made.strandsLost / made.strands))
  const parsed = parseColour(colour)
  return (
    <g>
      <rect
        x={layout.conductorFromMm}
        y={-bundleMm / 2}
        width={layout.insulationFromMm - layout.conductorFromMm}
        height={bundleMm}
        fill="url(#strands)"
        stroke="var(--ink)"
        strokeWidth=".07"
      />
      <rect
        x={layout.insulationFromMm}
        y={-insulationMm / 2}
        width={layout.wireToMm - layout.insulationFromMm + 2}
        height={insulationMm}
        fill={parsed ? wireColours[parsed.base].tint : 'var(--bisque)'}
        stroke="var(--ink)"
        strokeWidth=".09"
      />
      {parsed?.stripe && (
        <rect
          x={layout.insulationFromMm + 0.05}
          y={-insulationMm * 0.16}
          width={layout.wireToMm - layout.insulationFromMm + 2}
          height={insulationMm * 0.32}
          fill={wireColours[parsed.stripe].tint}
        />
      )}
    </g>
  )
}

import type { Housing } from '@/core/catalogue/types'
import { seen, type FaceView } from '@/core/face/place'
import { markPath, markPlace, viewBox } from './faceGeometry'

/** What a cavity is, told by fill and glyph together, never by colour alone. */
export type CavityLook = 'empty' | 'seated' | 'proved' | 'plugged' | 'fault' | 'planned'

export interface FaceCavity {
  readonly look: CavityLook
  readonly words: string
}

export interface FaceDrawingProps {
  readonly housing: Housing
  readonly view: FaceView
  readonly cavities: ReadonlyMap<string, FaceCavity>
  /** ringed: the one for the hands */
  readonly next?: string | undefined
  readonly onPick?: ((cavity: string) => void) | undefined
  /** a wire was dragged from a list onto a cavity */
  readonly onDropWire?: ((wire: string, cavity: string) => void) | undefined
  readonly title: string
}

/** Room round the outline for the mark's words, mm. */
const MARGIN_MM = 4.500

/**
 * A connector's face to scale, as seen from one side and turned as it lies in the hand.
 * Hollow: empty; solid: seated; tick: proved; hatched: plugged; triangle: fault; dotted: planned; ringed: next.
 */
export function FaceDrawing({ housing, view, cavities, next, onPick, onDropWire, title }: FaceDrawingProps) {
  const box = viewBox(housing, view)
  const mark = markPlace(housing, view)
  const radii = cavityRadiiMm(housing)
  const left = -box.widthMm / 2 - MARGIN_MM
  const top = -box.heightMm / 2 - MARGIN_MM
  const hatch = `hatch-${housing.id}`
  const labelAnchor = mark.x < -1 ? 'start' : mark.x > 1 ? 'end' : 'middle'
  return (
    <svg viewBox={`${left} ${top} ${box.widthMm + 2 * MARGIN_MM} ${box.heightMm + 2 * MARGIN_MM}`} role="group" aria-label={title} width="100%" height="100%" preserveAspectRatio="xMidYMid meet">
      <defs>
        <pattern id={hatch} width="0.9" height="0.9" patternTransform="rotate(45)" patternUnits="userSpaceOnUse">
          <rect width="0.9" height="0.9" fill="var(--bisque)" />
          <path d="M0 0V0.9" stroke="var(--ink)" strokeWidth="0.35" />
        </pattern>
      </defs>
      <rect x={-box.widthMm / 2} y={-box.heightMm / 2} width={box.widthMm} height={box.heightMm} rx={housing.outline.shape === 'circle' ? box.widthMm / 2 : housing.outline.cornerMm} fill="var(--slip)" stroke="var(--ink)" strokeWidth="0.3" />
      {(housing.keys ?? []).map((key, i) => {
        const place = seen(key.at, view)
        const upright = view.turnDeg === 90 || view.turnDeg === 270
        const [width, height] = upright ? [key.heightMm, key.widthMm] : [key.widthMm, key.heightMm]
        return <rect key={i} x={place.xMm - width / 2} y={-place.yMm - height / 2} width={width} height={height} fill={key.kind === 'key' ? 'var(--ink)' : 'var(--bisque)'} stroke="var(--ink)" strokeWidth="0.25" />
      })}
      <path d={markPath(housing.mark.kind, mark)} fill="var(--terracotta)" stroke="var(--terracotta)" strokeWidth="0.3" />
      <text x={labelAnchor === 'start' ? -box.widthMm / 2 : labelAnchor === 'end' ? box.widthMm / 2 : mark.x} y={mark.y > box.heightMm / 2 - 0.5 ? box.heightMm / 2 + 2.9 : -box.heightMm / 2 - 2} fontSize="1.6" textAnchor={labelAnchor} fill="var(--terracotta-ink)" style={{ fontFamily: 'var(--sans)' }}>
        {housing.mark.kind}
      </text>
      {housing.cavities.map((cavity) => {
        const at = seen(cavity, view)
        const state = cavities.get(cavity.id)
        const isNext = cavity.id === next
        const radius = radii.get(cavity.id) ?? 1
        return (
          <g
            key={cavity.id}
            transform={`translate(${at.xMm} ${-at.yMm})`}
            role={onPick ? 'button' : 'img'}
            tabIndex={onPick ? -1 : undefined}
            aria-label={`${cavity.id}: ${state?.words ?? 'empty'}${isNext ? ', next' : ''}`}
            style={onPick ? { cursor: 'pointer' } : undefined}
            onDragOver={onDropWire ? (event) => event.preventDefault() : undefined}
            onDrop={onDropWire ? (event) => onDropWire(event.dataTransfer.getData('application/x-wire'), cavity.id) : undefined}
            onClick={onPick ? () => onPick(cavity.id) : undefined}
          >
            <title>{`${cavity.id}: ${state?.words ?? 'empty'}`}</title>
            <CavityShape look={state?.look ?? 'empty'} radius={radius} hatch={hatch} id={cavity.id} />
            {isNext && <circle r={radius + 0.55} fill="none" stroke="var(--glaze)" strokeWidth="0.6" />}
            {isNext && <path d={`M-0.8 ${-radius - 2.1}h1.6l-0.8 1.1z`} fill="var(--glaze)" />}
          </g>
        )
      })}
    </svg>
  )
}

/** Cavities as large as the room to their nearest neighbour allows, so that ids can be read; larger contacts have more of it. */
function cavityRadiiMm(housing: Housing): ReadonlyMap<string, number> {
  const known = radiiOf.get(housing)
  if (known) return known
  const most = Math.min(housing.outline.widthMm, housing.outline.heightMm) * (housing.cavities.length === 1 ? 0.26 : 0.17)
  const radii = new Map(housing.cavities.map((one) => {
    const nearest = Math.min(...housing.cavities.flatMap((other) => (other === one ? [] : [Math.hypot(one.xMm - other.xMm, one.yMm - other.yMm)])))
    return [one.id, Math.min(most, nearest * 0.37)]
  }))
  radiiOf.set(housing, radii)
  return radii
}
const radiiOf = new WeakMap<Housing, ReadonlyMap<string, number>>()

function CavityShape({ look, radius, hatch, id }: { readonly look: CavityLook; readonly radius: number; readonly hatch: string; readonly id: string }) {
  const solid = look === 'seated' || look === 'proved'
  const size = id.length > 2 ? radius * 0.72 : radius * 0.95
  const fill = solid ? 'var(--ink)' : look === 'plugged' ? `url(#${hatch})` : 'var(--bisque)'
  return (
    <>
      <circle r={radius} fill={fill} stroke={look === 'fault' ? 'var(--oxblood)' : 'var(--ink)'} strokeWidth="0.22" strokeDasharray={look === 'planned' ? '0.5 0.4' : undefined} />
      {look === 'plugged' && <circle r={radius * 0.68} fill="var(--bisque)" />}
      {look === 'fault' && <path d={`M0 ${-radius * 1.25}L${radius * 0.55} ${-radius * 0.45}H${-radius * 0.55}Z`} fill="var(--oxblood)" />}
      <text textAnchor="middle" dominantBaseline="central" fontSize={size} y={look === 'proved' ? -radius * 0.2 : look === 'fault' ? radius * 0.2 : 0} fill={solid ? 'var(--bisque)' : 'var(--ink)'} style={{ fontFamily: 'var(--mono)', fontWeight: 600 }}>
        {id}
      </text>
      {look === 'proved' && <path d={`M${-radius * 0.32} ${radius * 0.52}l${radius * 0.22} ${radius * 0.22}l${radius * 0.42} ${-radius * 0.4}`} fill="none" stroke="var(--bisque)" strokeWidth="0.26" />}
    </>
  )
}

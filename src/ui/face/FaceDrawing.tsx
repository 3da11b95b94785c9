import type { Housing } from '@/core/parts/catalogue/types'
import { keysOfKeying } from '@/core/parts/catalogue/keying'
import { seen, type FaceView } from '@/core/base/face/place'
import { CavityMark, type CavityLook } from './CavityMark'
import { OpeningEnds } from './OpeningEnds'
import { FaceMoves, type FaceMove } from './FaceMoves'
import {
  cavityRadiiMm,
  cutCorner,
  markPath,
  outlinePath,
  markPlace,
  viewBox,
  wholeFace,
  type Lens,
  type OpensAt,
} from './faceGeometry'

export interface FaceCavity {
  readonly look: CavityLook
  readonly words: string
}

/** What a wire is called while it is dragged onto a face. */
export const WIRE_DRAGGED = 'application/x-wire'

export interface FaceDrawingProps {
  readonly housing: Housing
  /** in which of its keyings; without one, what all of them have is drawn */
  readonly keying?: string | undefined
  readonly view: FaceView
  readonly cavities: ReadonlyMap<string, FaceCavity>
  /** ringed: the one for the hands */
  readonly next?: string | undefined
  readonly onPick?: ((cavity: string) => void) | undefined
  /** a wire was dragged from a list onto a cavity */
  readonly onDropWire?: ((wire: string, cavity: string) => void) | undefined
  /** contacts that go from one cavity to another of this face */
  readonly moves?: readonly FaceMove[] | undefined
  /** its cover is opened by turns, this end first */
  readonly opensAt?: OpensAt | undefined
  readonly title: string
  /** only this part of it, large enough that printed ids can be read across a bench */
  readonly lens?: Lens | undefined
}

/**
 * A connector's face to scale, as seen from one side and turned as it lies in the hand.
 * Hollow: empty; solid: seated; tick: proved; hatched: plugged; triangle: fault; dotted: planned; with an arrow: leaves for another cavity; ringed: next.
 */
export function FaceDrawing({
  housing,
  keying,
  view,
  cavities,
  next,
  onPick,
  onDropWire,
  moves,
  opensAt,
  title,
  lens,
}: FaceDrawingProps) {
  const box = viewBox(housing, view)
  const mark = markPlace(housing, view)
  const cut = cutCorner(housing, view)
  const radii = cavityRadiiMm(housing)
  const hatch = `hatch-${housing.id}`
  const labelAnchor = mark.x < -1 ? 'start' : mark.x > 1 ? 'end' : 'middle'
  const shown = lens ?? wholeFace(housing, view)
  return (
    <svg
      viewBox={`${shown.left} ${shown.top} ${shown.width} ${shown.height}`}
      role="group"
      aria-label={title}
      width="100%"
      height="100%"
      preserveAspectRatio="xMidYMid meet"
      onClick={onPick && ((event) => within(event.target, onPick))}
      onDragOver={onDropWire && ((event) => event.preventDefault())}
      onDrop={
        onDropWire &&
        ((event) => within(event.target, (cavity) => onDropWire(event.dataTransfer.getData(WIRE_DRAGGED), cavity)))
      }
    >
      <defs>
        <pattern id={hatch} width="0.9" height="0.9" patternTransform="rotate(45)" patternUnits="userSpaceOnUse">
          <rect width="0.9" height="0.9" fill="var(--bisque)" />
          <path d="M0 0V0.9" stroke="var(--ink)" strokeWidth="0.35" />
        </pattern>
      </defs>
      <path d={outlinePath(housing, view)} fill="var(--slip)" stroke="var(--ink)" strokeWidth="0.3" />
      {keysOfKeying(housing, keying).map((key, i) => {
        const place = seen(key.at, view)
        const upright = view.turnDeg === 90 || view.turnDeg === 270
        const [width, height] = upright ? [key.heightMm, key.widthMm] : [key.widthMm, key.heightMm]
        return (
          <rect
            key={i}
            x={place.xMm - width / 2}
            y={-place.yMm - height / 2}
            width={width}
            height={height}
            fill={key.kind === 'key' ? 'var(--terracotta)' : 'var(--bisque)'}
            stroke="var(--terracotta)"
            strokeWidth="0.25"
          />
        )
      })}
      {cut ? (
        <path
          d={`M${cut.right * (box.widthMm / 2 - cut.byMm)} ${(cut.down * box.heightMm) / 2}L${(cut.right * box.widthMm) / 2} ${cut.down * (box.heightMm / 2 - cut.byMm)}`}
          stroke="var(--terracotta)"
          strokeWidth="0.7"
          strokeLinecap="round"
        />
      ) : (
        <path
          d={markPath(housing.mark.kind, mark)}
          fill="var(--terracotta)"
          stroke="var(--terracotta)"
          strokeWidth="0.3"
        />
      )}
      <text
        x={labelAnchor === 'start' ? -box.widthMm / 2 : labelAnchor === 'end' ? box.widthMm / 2 : mark.x}
        y={mark.y > box.heightMm / 2 - 0.5 ? box.heightMm / 2 + 2.9 : -box.heightMm / 2 - 2}
        fontSize="1.6"
        textAnchor={labelAnchor}
        fill="var(--terracotta-ink)"
        style={{ fontFamily: 'var(--sans)' }}
      >
        {housing.mark.kind}
      </text>
      {housing.cavities.map((cavity) => {
        const at = seen(cavity, view)
        const state = cavities.get(cavity.id)
        return (
          <CavityMark
            key={cavity.id}
            id={cavity.id}
            x={at.xMm}
            y={-at.yMm}
            radius={radii.get(cavity.id) ?? 1}
            look={state?.look ?? 'empty'}
            words={state?.words ?? 'empty'}
            isNext={cavity.id === next}
            hatch={hatch}
            role={onPick ? 'button' : 'img'}
          />
        )
      })}
      {opensAt && <OpeningEnds housing={housing} view={view} opensAt={opensAt} />}
      {moves && <FaceMoves housing={housing} view={view} moves={moves} radii={radii} />}
      {lens && <MarkBeyond lens={lens} mark={mark} kind={housing.mark.kind} />}
    </svg>
  )
}

/** What is done at the cavity under the pointer, if there is one. */
function within(target: EventTarget, run: (cavity: string) => void): void {
  const cavity = target instanceof Element ? target.closest('[data-cavity]')?.getAttribute('data-cavity') : undefined
  if (cavity !== undefined && cavity !== null) run(cavity)
}

/** The mark lies outside of the part that is magnified: which way it is, at the edge. */
function MarkBeyond({
  lens,
  mark,
  kind,
}: {
  readonly lens: Lens
  readonly mark: { readonly x: number; readonly y: number }
  readonly kind: string
}) {
  const size = lens.height * 0.045
  const [right, bottom] = [lens.left + lens.width, lens.top + lens.height]
  if (mark.x > lens.left && mark.x < right && mark.y > lens.top && mark.y < bottom) return null
  const x = Math.min(right - size * 0.6, Math.max(lens.left + size * 0.6, mark.x))
  const y = Math.min(bottom - size * 0.8, Math.max(lens.top + size * 1.2, mark.y))
  const anchor = mark.x < lens.left ? 'start' : mark.x > right ? 'end' : 'middle'
  const arrow = mark.x < lens.left ? '←' : mark.x > right ? '→' : mark.y < lens.top ? '↑' : '↓'
  return (
    <text
      x={x}
      y={y}
      fontSize={size}
      textAnchor={anchor}
      fill="var(--terracotta-ink)"
      stroke="var(--bisque)"
      strokeWidth={size * 0.25}
      paintOrder="stroke"
      style={{ fontFamily: 'var(--sans)', fontWeight: 700 }}
    >
      {anchor === 'end' ? `${kind} ${arrow}` : `${arrow} ${kind}`}
    </text>
  )
}

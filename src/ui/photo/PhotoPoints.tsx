import { type PointerEvent, useRef } from 'react'
import type { PhotoPoint, PhotoPoints as Points } from '@/core/craft/photo/measureInPhoto'
import type { PhotoOverlay } from '@/core/craft/photo/photoOverlay'
import { measurePhotoWords as words } from '@/words/screens/photo/measurePhoto'
import specimenCss from '../specimen/SpecimenDrawing.module.css'
import type { SpecimenPiece } from '../specimen/specimenModel'
import { SpecimenShape } from '../specimen/SpecimenShape'
import styles from './PhotoPoints.module.css'

const LOUPE_TIMES = 3

const overTransform = ({ atMm, at, turnDeg, pxPerMm }: PhotoOverlay) =>
  `translate(${at.x} ${at.y}) rotate(${turnDeg}) scale(${pxPerMm}) translate(${-atMm} 0)`

/** A photo with four points on it that are dragged; over it, half transparent, how the piece should be, to the same scale. */
export function PhotoPoints({
  src,
  widthPx,
  heightPx,
  points,
  chosen,
  over,
  name,
  move,
  choose,
}: {
  readonly src: string
  readonly widthPx: number
  readonly heightPx: number
  readonly points: Points
  /** 0 to 3 */
  readonly chosen: number
  /** drawn over it */
  readonly over: { readonly piece: SpecimenPiece; readonly lies: PhotoOverlay } | undefined
  readonly name: string
  readonly move: (index: number, to: PhotoPoint) => void
  readonly choose: (index: number) => void
}) {
  const drawing = useRef<SVGSVGElement>(null)
  const dragged = useRef<number | undefined>(undefined)
  const unit = Math.max(widthPx, heightPx) / 100
  const placeOf = (event: PointerEvent): PhotoPoint | undefined => {
    const matrix = drawing.current?.getScreenCTM()
    if (!matrix) return undefined
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
    return { x: Math.min(widthPx, Math.max(0, x)), y: Math.min(heightPx, Math.max(0, y)) }
  }
  const drag = (event: PointerEvent) => {
    const to = dragged.current === undefined ? undefined : placeOf(event)
    if (to && dragged.current !== undefined) move(dragged.current, to)
  }
  const at = points[chosen] ?? points[0]
  // the loupe stays out of the way of its own point
  const loupe = {
    x: at.x < widthPx / 2 ? widthPx - unit * 15 : unit * 15,
    y: heightPx - unit * 15,
  }
  return (
    <svg
      ref={drawing}
      className={styles.photo}
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      role="group"
      aria-label={name}
      preserveAspectRatio="xMidYMid meet"
      onPointerMove={drag}
      onPointerUp={() => (dragged.current = undefined)}
      onPointerDown={(event) => {
        // a press beside the handles brings the chosen point there
        if (event.target instanceof SVGImageElement) {
          const to = placeOf(event)
          dragged.current = chosen
          if (to) move(chosen, to)
        }
      }}
    >
      <clipPath id="loupe">
        <circle cx={loupe.x} cy={loupe.y} r={unit * 12} />
      </clipPath>
      <image href={src} width={widthPx} height={heightPx} />
      {over && (
        <g className={specimenCss.specimenBare}>
          <g className={styles.over} transform={overTransform(over.lies)}>
            <SpecimenShape piece={over.piece} />
          </g>
        </g>
      )}
      {[0, 2].map((from) => {
        const [a, b] = [points[from], points[from + 1]]
        if (!a || !b) return null
        const line = `M${a.x} ${a.y}L${b.x} ${b.y}`
        return (
          <g key={from}>
            <path className={styles.halo} d={line} />
            <path className={from === 0 ? styles.line : `${styles.line ?? ''} ${styles.measured ?? ''}`} d={line} />
          </g>
        )
      })}
      {points.map((point, i) => (
        <g
          key={i}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId)
            dragged.current = i
            choose(i)
          }}
        >
          <circle className={styles.halo} cx={point.x} cy={point.y} r={unit * 1.6} />
          <circle className={styles.handle} data-on={i === chosen} cx={point.x} cy={point.y} r={unit * 1.6} />
          <circle cx={point.x} cy={point.y - unit * 4} r={unit * 1.9} fill={i === chosen ? '#12616b' : '#1f1b18'} />
          <text className={styles.number} x={point.x} y={point.y - unit * 4} fontSize={unit * 2.4}>
            {i + 1}
          </text>
        </g>
      ))}
      <g clipPath="url(#loupe)" aria-hidden="true">
        <title>{words.loupe}</title>
        <image
          href={src}
          width={widthPx * LOUPE_TIMES}
          height={heightPx * LOUPE_TIMES}
          x={loupe.x - at.x * LOUPE_TIMES}
          y={loupe.y - at.y * LOUPE_TIMES}
        />
        <path
          className={styles.halo}
          d={`M${loupe.x - unit * 12} ${loupe.y}h${unit * 24}M${loupe.x} ${loupe.y - unit * 12}v${unit * 24}`}
        />
        <path
          className={styles.line}
          d={`M${loupe.x - unit * 12} ${loupe.y}h${unit * 24}M${loupe.x} ${loupe.y - unit * 12}v${unit * 24}`}
        />
      </g>
      <circle className={styles.line} cx={loupe.x} cy={loupe.y} r={unit * 12} />
    </svg>
  )
}

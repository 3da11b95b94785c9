import { useId } from 'react'
import { specimenBody } from '@/core/craft/specimen/specimenBody'
import type { StrokeFigures } from '@/core/craft/stroke/strokeFigures'
import type { StrokeMoves, StrokeScene } from '@/core/craft/stroke/strokeRoutine'
import { shortMm, mmRange } from '@/words/figures'
import { strokeDrawingWords as words } from '@/words/screens/stroke/strokeDrawing'
import specimenCss from '../specimen/SpecimenDrawing.module.css'
import { specimenLayout, type SpecimenPiece } from '../specimen/specimenModel'
import { SpecimenShape } from '../specimen/SpecimenShape'
import { EndView } from './EndView'
import { Jaws } from './Jaws'
import styles from './StrokeDrawing.module.css'

/** How far away wire and contact are drawn before they are put in, mm. */
const AWAY_MM = 3.2
const HALF_HEIGHT_MM = 6.4
/** One sign of a figure is so wide, mm. */
const FIGURE_MM = 0.6
/** From here on the wings are drawn folded. */
const FOLDED = 0.75

/** Arrows for what moves: toward the front for contact and wire, from both sides for the jaws. */
function Arrows({
  moves,
  layout,
  lowMm,
}: {
  readonly moves: StrokeMoves
  readonly layout: ReturnType<typeof specimenLayout>
  readonly lowMm: number
}) {
  const middle = (layout.bottomMm + layout.lengthMm) / 2
  switch (moves) {
    case 'contact':
      return <path className={styles.arrow} d={`M${layout.bottomMm - 6.4} ${lowMm + 1.5}h3.4m-.9 -.8l.9 .8-.9 .8`} />
    case 'wire':
      return <path className={styles.arrow} d={`M${layout.lengthMm + 4.6} ${-lowMm - 1.5}h-3.4m.9 -.8l-.9 .8 .9 .8`} />
    case 'jaws':
      return (
        <path
          className={styles.arrow}
          d={`M${layout.lengthMm + 1.6} ${-HALF_HEIGHT_MM + 0.4}v2.6m-.8 -.9l.8 .9 .8 -.9M${layout.lengthMm + 1.6} ${HALF_HEIGHT_MM - 0.4}v-2.6m-.8 .9l.8 -.9 .8 .9`}
        />
      )
    case 'warm':
      return (
        <path
          className={styles.warm}
          d={[-1.6, 0, 1.6]
            .map((dx) => `M${middle + dx} ${lowMm + 2.8}q.4 -.5 0 -1t0 -1M${middle + dx} ${-lowMm - 2.8}q.4 .5 0 1t0 1`)
            .join('')}
        />
      )
  }
}

/** The strip that a stamped contact came on, bent down at the notch and away. */
const CarrierStrip = ({
  fromMm,
  lowMm,
  on,
}: {
  readonly fromMm: number
  readonly lowMm: number
  readonly on: number
}) => (
  <g
    className={styles.carrier}
    transform={`translate(${String(fromMm)} ${String(lowMm + (1 - on) * 3)}) rotate(${String((1 - on) * 40)})`}
  >
    <path d="M-.2 -.3h1.3v.3h-1.3z" />
    <path d="M1.1 -.9h1.5v1.5h-1.5z" />
    <circle cx="1.85" cy="-.15" r=".4" />
  </g>
)

/** One moment of a stroke, cut open from the side, to scale where the contact's sheet has its dimensions; beside it how it looks from the wire. */
export function StrokeDrawing({
  piece: sound,
  scene,
  figures,
  moves,
  holder,
  name,
  small = false,
}: {
  /** the sound piece that this stroke makes */
  readonly piece: SpecimenPiece
  readonly scene: StrokeScene
  readonly figures: StrokeFigures
  readonly moves: StrokeMoves
  /** a positioner holds the contact */
  readonly holder: boolean
  readonly name: string
  /** one of several: no figures, no second view */
  readonly small?: boolean
}) {
  const awayMm = AWAY_MM * (1 - scene.wireIn)
  const piece: SpecimenPiece = {
    ...sound,
    // it was put on the wire before the strip, and comes with it
    sealBackMm: awayMm,
    crimped: scene.closed >= FOLDED && scene.over !== 'insulation' ? true : scene.over === 'insulation',
    made: { ...sound.made, endShortMm: sound.made.endShortMm + awayMm },
  }
  const body = specimenBody(piece.made.contact)
  const home = specimenLayout(sound)
  const clip = useId()
  const stop = !small && figures.wireStopMm !== undefined ? `${words.stop} ${shortMm(figures.wireStopMm)}` : undefined
  const stopMm = home.conductorFromMm - 0.7
  const fromMm = Math.min(home.bottomMm - 7.5, stop === undefined ? Infinity : stopMm - stop.length * FIGURE_MM)
  const viewMm = home.lengthMm + 5.5 - fromMm
  const lowMm = body.kind === 'open' ? 1.9 : body.outerMm / 2
  const inJaws = scene.warm === 0 && scene.onStrip === 0
  const brush = !small && scene.wireIn > 0.9 && body.kind === 'open' && home.brushMm > 0 ? figures.brush : undefined
  return (
    <svg
      className={styles.stroke}
      viewBox={`${fromMm} ${-HALF_HEIGHT_MM} ${viewMm + (small ? 0 : 8.8)} ${HALF_HEIGHT_MM * 2}`}
      role="img"
      aria-label={name}
      preserveAspectRatio="xMidYMid meet"
    >
      <defs>
        <pattern id="jaw" width=".9" height=".9" patternTransform="rotate(45)" patternUnits="userSpaceOnUse">
          <rect className={styles.hatch} width=".9" height=".9" />
          <path className={styles.hatchLine} d="M0 0v.9" />
        </pattern>
      </defs>
      {/* the wire goes on beyond the picture */}
      <clipPath id={clip}>
        <rect x={fromMm} y={-HALF_HEIGHT_MM} width={viewMm} height={HALF_HEIGHT_MM * 2} />
      </clipPath>
      <g className={specimenCss.specimenBare} clipPath={`url(#${clip})`}>
        <g transform={`translate(${-AWAY_MM * (1 - scene.contactIn)} 0)`}>
          <SpecimenShape piece={piece} />
          {scene.onStrip > 0 && <CarrierStrip fromMm={home.lengthMm} lowMm={lowMm} on={scene.onStrip} />}
        </g>
      </g>
      {/* on its strip a contact is not in the jaws yet, and a sleeve is warmed out of them */}
      {inJaws && <Jaws piece={piece} layout={home} scene={scene} body={body} holder={holder} />}
      {inJaws && figures.wireStopMm !== undefined && body.kind === 'open' && (
        <g>
          <path className={styles.stop} d={`M${home.conductorFromMm - 0.45} -4.6h.42v4.3h-.42z`} />
          {stop !== undefined && (
            <text className={styles.figure} x={stopMm} y={-3.9} textAnchor="end">
              {stop}
            </text>
          )}
        </g>
      )}
      {brush && figures.wireStopMm === undefined && (
        <g>
          <path
            className={styles.measure}
            d={`M${home.conductorFromMm} -.6V-4.4M${home.bottomMm} -2V-4.4M${home.conductorFromMm - 1.4} -3.9h1.4m-.4 -.25l.4 .25-.4 .25M${home.bottomMm + 1.4} -3.9h-1.4m.4 -.25l-.4 .25 .4 .25`}
          />
          <text className={styles.figure} x={home.conductorFromMm - 1.7} y={-3.6} textAnchor="end">
            {mmRange(brush.minMm, brush.maxMm, 1)}
          </text>
        </g>
      )}
      <Arrows moves={moves} layout={home} lowMm={lowMm} />
      {!small && (
        <g transform={`translate(${home.lengthMm + 10.2} -0.4)`}>
          <EndView piece={piece} body={body} scene={scene} />
        </g>
      )}
    </svg>
  )
}

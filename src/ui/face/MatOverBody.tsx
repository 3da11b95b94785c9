import clsx from 'clsx'
import type { Housing } from '@/core/parts/catalogue/types'
import { likelyWrong, seen, type FaceView } from '@/core/base/face/place'
import { matOverBodyWords as words } from '@/words/screens/face/matOverBody'
import paneCss from '../pane/pane.module.css'
import textCss from '../text/text.module.css'
import { cavityRadiiMm } from './faceGeometry'
import styles from './MatOverBody.module.css'

/** A lifted mat hangs off by about so much of the way to the next row: it is drawn so, and is never as drawn. */
const HANGS = 0.45
/** Cavities within so many times the nearest distance are drawn. */
const AROUND = 1.6

/**
 * The hole in the mat and the hole in the body under it are two: lifted, the mat hangs off by part of a row, and the tip stands
 * over the wrong one. Both faces over each other round one cavity, with those that are easily hit instead.
 */
export function MatOverBody({
  housing,
  cavityId,
  view,
}: {
  readonly housing: Housing
  readonly cavityId: string
  readonly view: FaceView
}) {
  const own = housing.cavities.find(({ id }) => id === cavityId)
  if (!own) return null
  const at = seen(own, view)
  const placed = housing.cavities.map((cavity) => ({ cavity, place: seen(cavity, view) }))
  const away = ({ place }: (typeof placed)[number]) => Math.hypot(place.xMm - at.xMm, place.yMm - at.yMm)
  const stepMm = Math.min(...placed.filter(({ cavity }) => cavity.id !== cavityId).map(away))
  const near = placed.filter((one) => away(one) <= stepMm * AROUND)
  const { neighbours } = likelyWrong(own, housing.cavities)
  const radii = cavityRadiiMm(housing)
  const half = stepMm * (AROUND + 0.4)
  const radiusOf = (id: string) => radii.get(id) ?? 1
  return (
    <section className={clsx(paneCss.panel, styles.panel)} aria-label={words.title}>
      <div className={paneCss.panelHead}>
        <span>{words.title}</span>
        <span className={paneCss.caption}>{words.notToScale}</span>
      </div>
      <svg
        className={styles.drawing}
        viewBox={`${at.xMm - half} ${-at.yMm - half * 0.75} ${half * 2} ${half * 1.5}`}
        role="img"
        aria-label={words.described(cavityId, neighbours)}
        preserveAspectRatio="xMidYMid meet"
      >
        {near.map(({ cavity, place }) => (
          <circle
            key={`mat ${cavity.id}`}
            className={cavity.id === cavityId ? styles.matOwn : styles.mat}
            cx={place.xMm}
            cy={-place.yMm - stepMm * HANGS}
            r={radiusOf(cavity.id) * 1.05}
          />
        ))}
        {near.map(({ cavity: { id }, place }) => {
          const isEasy = neighbours.includes(id)
          const radius = radiusOf(id)
          return (
            <g key={id} transform={`translate(${place.xMm} ${-place.yMm})`}>
              <circle className={id === cavityId ? styles.own : isEasy ? styles.easy : styles.body} r={radius * 0.82} />
              <text className={styles.id} fontSize={radius * 0.9}>
                {id}
              </text>
              {isEasy && (
                <text className={styles.mark} x={radius * 0.95} y={-radius * 0.75} fontSize={radius * 0.8}>
                  ◆
                </text>
              )}
            </g>
          )
        })}
      </svg>
      <p className={clsx(textCss.small, styles.words)}>
        {words.countOnBody(cavityId)} <b>{words.easilyHit(neighbours)}</b>
      </p>
    </section>
  )
}

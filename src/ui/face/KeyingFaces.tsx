import { Radio } from '@mantine/core'
import { type FaceView, seen } from '@/core/base/face/place'
import { keysOfKeying } from '@/core/parts/catalogue/keying'
import type { Housing } from '@/core/parts/catalogue/types'
import { keyingFacesWords as words } from '@/words/screens/face/keyingFaces'
import styles from './KeyingFaces.module.css'

/** The keyings of a housing side by side, each drawn by its keys and slots: which one is in the hand? */
export function KeyingFaces({
  housing,
  side,
  value,
  pick,
}: {
  readonly housing: Housing
  readonly side: FaceView['side']
  readonly value: string
  readonly pick: (keying: string) => void
}) {
  return (
    <Radio.Group label={words.whichOne} description={words.seenFrom(side)} value={value} onChange={pick}>
      <div className={styles.faces}>
        {(housing.keyings ?? []).map((keying) => (
          <Radio.Card key={keying} value={keying} className={styles.face}>
            <KeyedShell housing={housing} keying={keying} view={{ side, turnDeg: 0 }} />
            <b>{keying}</b>
          </Radio.Card>
        ))}
      </div>
    </Radio.Group>
  )
}

/** A key is drawn a little larger than it is: at this size it must be seen. */
const LARGER = 1.5

/** The shell of a keying: its keys and slots, and a dot for each cavity. */
function KeyedShell({
  housing,
  keying,
  view,
}: {
  readonly housing: Housing
  readonly keying: string
  readonly view: FaceView
}) {
  const { widthMm, heightMm, shape, cornerMm } = housing.outline
  const line = widthMm * 0.016
  return (
    <svg
      className={styles.drawing}
      viewBox={`${-widthMm / 2 - 2} ${-heightMm / 2 - 2} ${widthMm + 4} ${heightMm + 4}`}
      aria-hidden="true"
    >
      <rect
        x={-widthMm / 2}
        y={-heightMm / 2}
        width={widthMm}
        height={heightMm}
        rx={shape === 'circle' ? widthMm / 2 : cornerMm}
        fill="var(--slip)"
        stroke="var(--ink)"
        strokeWidth={line}
      />
      {housing.cavities.map((cavity) => {
        const at = seen(cavity, view)
        return <circle key={cavity.id} cx={at.xMm} cy={-at.yMm} r={widthMm * 0.018} fill="var(--dim)" />
      })}
      {keysOfKeying(housing, keying).map((key, i) => {
        const at = seen(key.at, view)
        const [width, height] = [key.widthMm * LARGER, key.heightMm * LARGER]
        return (
          <rect
            key={i}
            x={at.xMm - width / 2}
            y={-at.yMm - height / 2}
            width={width}
            height={height}
            fill={key.kind === 'key' ? 'var(--terracotta)' : 'var(--bisque)'}
            stroke="var(--terracotta)"
            strokeWidth={line * 1.6}
          />
        )
      })}
    </svg>
  )
}

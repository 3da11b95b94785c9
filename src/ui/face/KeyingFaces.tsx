import { Radio } from '@mantine/core'
import type { FaceView } from '@/core/base/face/place'
import type { Housing } from '@/core/parts/catalogue/types'
import { keyingFacesWords as words } from '@/words/screens/face/keyingFaces'
import { type FaceCavity, FaceDrawing } from './FaceDrawing'
import styles from './KeyingFaces.module.css'

const NOTHING_IN: ReadonlyMap<string, FaceCavity> = new Map()

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
            <span className={styles.drawing} aria-hidden="true">
              <FaceDrawing
                housing={housing}
                keying={keying}
                view={{ side, turnDeg: 0 }}
                cavities={NOTHING_IN}
                title={keying}
              />
            </span>
            <b>{keying}</b>
          </Radio.Card>
        ))}
      </div>
    </Radio.Group>
  )
}

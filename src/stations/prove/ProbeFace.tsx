import clsx from 'clsx'
import { cavityPlace } from '@/core/base/face/place'
import { housingOf } from '@/core/record/plan/facts'
import { LOOSE } from '@/core/record/plan/nets'
import { FaceDrawing } from '@/ui/face/FaceDrawing'
import { faceState } from '@/ui/job/faceState'
import { useJob } from '@/ui/job/JobProvider'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { placeWords } from '@/words/places'
import { pointName } from '@/words/proving'
import { proveStationWords as words } from '@/words/screens/prove/proveStation'
import styles from './ProveStation.module.css'

const facing = { side: 'mating', turnDeg: 0 } as const

/** The end and the cavity of a point; undefined for one that is in no cavity. */
function useCavityAt(point: string) {
  const { state } = useJob()
  const dot = point.indexOf('.')
  const [end, id] = [point.slice(0, dot), point.slice(dot + 1)]
  if (end === LOOSE) return undefined
  const housing = housingOf(state.facts, state.plan, end)
  const cavity = housing?.cavities.find((one) => one.id === id)
  return housing && cavity ? { end, id, housing, cavity } : undefined
}

/** Where a point is on its mating face, in words. */
export function PointPlace({ point }: { readonly point: string }) {
  const at = useCavityAt(point)
  if (!at) return <>{words.bareEndOf(pointName(point))}</>
  const { housing, cavity } = at
  return (
    <span className={styles.part}>
      {placeWords(cavityPlace(cavity, housing.cavities, housing.arrangement.kind, housing.mark, facing)).main}
    </span>
  )
}

/** The mating face that a probe touches, its cavity ringed. While somebody says where it rings instead, cavities are picked. */
export function ProbeFace({
  point,
  red,
  unit,
  onPick,
}: {
  readonly point: string
  /** the red probe, or the black one */
  readonly red: boolean
  readonly unit: number
  readonly onPick?: ((point: string) => void) | undefined
}) {
  const { state } = useJob()
  const at = useCavityAt(point)
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.probeRed(red)}>
      <div className={paneCss.panelHead}>
        <span>{at ? `${at.end}, ${at.housing.name}` : words.openEnd}</span>
        <span className={paneCss.caption}>{at ? words.matingFace : ''}</span>
      </div>
      <div className={clsx(paneCss.panelBody, styles.padded)}>
        {at ? (
          <FaceDrawing
            housing={at.housing}
            view={facing}
            cavities={faceState(state, unit, at.end, at.housing)}
            next={at.id}
            onPick={onPick && ((cavity) => onPick(`${at.end}.${cavity}`))}
            title={words.matingFaceOf(at.housing.name)}
          />
        ) : (
          <p className={clsx(textCss.dim, styles.touchBareEndOf)}>{words.touchBareEndOf(pointName(point))}</p>
        )}
      </div>
    </section>
  )
}

/** Both faces side by side, and above them which probe goes where. */
export function ProbeFaces({
  red,
  black,
  unit,
  onPick,
}: {
  readonly red: string
  readonly black: string
  readonly unit: number
  readonly onPick?: ((point: string) => void) | undefined
}) {
  return (
    <div className={styles.columns}>
      <ProbeFace point={red} red unit={unit} onPick={onPick} />
      <ProbeFace point={black} red={false} unit={unit} onPick={onPick} />
    </div>
  )
}

import clsx from 'clsx'
import { cavityPlace } from '@/core/base/face/place'
import { housingOf } from '@/core/record/plan/facts'
import { type SideLetter, type Wire, sideOf } from '@/core/record/plan/plan'
import { FaceDrawing } from '@/ui/face/FaceDrawing'
import { faceState } from '@/ui/job/faceState'
import { useJob } from '@/ui/job/JobProvider'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { placeWords } from '@/words/places'
import { proveStationWords as words } from '@/words/screens/prove/proveStation'
import styles from './ProveStation.module.css'

/** Where a side is on its mating face, in words. */
export function SidePlace({ wire, side }: { readonly wire: Wire; readonly side: SideLetter }) {
  const { state } = useJob()
  const at = sideOf(wire, side)
  if (at.kind !== 'cavity') return <>{words.bareEndOf(wire.id)}</>
  const housing = housingOf(state.facts, state.plan, at.end)
  const cavity = housing?.cavities.find((one) => one.id === at.cavity)
  return (
    <span className={styles.part}>
      {housing && cavity
        ? placeWords(
            cavityPlace(cavity, housing.cavities, housing.arrangement.kind, housing.mark, {
              side: 'mating',
              turnDeg: 0,
            }),
          ).main
        : ''}
    </span>
  )
}

/** The mating face that a probe touches, its cavity ringed. While somebody says where it rings instead, cavities are picked. */
export function ProbeFace({
  wire,
  side,
  unit,
  onPick,
}: {
  readonly wire: Wire
  readonly side: SideLetter
  readonly unit: number
  readonly onPick?: ((point: string) => void) | undefined
}) {
  const { state } = useJob()
  const at = sideOf(wire, side)
  const housing = at.kind === 'cavity' ? housingOf(state.facts, state.plan, at.end) : undefined
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.probeRed(side === 'a')}>
      <div className={paneCss.panelHead}>
        <span>{housing && at.kind === 'cavity' ? `${at.end}, ${housing.name}` : words.openEnd}</span>
        <span className={paneCss.caption}>{housing ? words.matingFace : ''}</span>
      </div>
      <div className={clsx(paneCss.panelBody, styles.padded)}>
        {housing && at.kind === 'cavity' ? (
          <FaceDrawing
            housing={housing}
            view={{ side: 'mating', turnDeg: 0 }}
            cavities={faceState(state, unit, at.end, housing)}
            next={at.cavity}
            onPick={onPick && ((cavity) => onPick(`${at.end}.${cavity}`))}
            title={words.matingFaceOf(housing.name)}
          />
        ) : (
          <p className={clsx(textCss.dim, styles.touchBareEndOf)}>{words.touchBareEndOf(wire.id)}</p>
        )}
      </div>
    </section>
  )
}

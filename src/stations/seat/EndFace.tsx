import { endFaceWords as texts } from '@/words/screens/seat/endFace'
import paneCss from '@/ui/pane/pane.module.css'
import styles from './EndFace.module.css'
import { useMemo, type ReactNode } from 'react'
import type { Housing } from '@/core/parts/catalogue/types'
import { cavityPlace, type FaceView } from '@/core/base/face/place'
import { planIndex } from '@/core/record/plan/plan'
import { useCallOut } from '@/ui/callOut/callOut'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import type { OpensAt } from '@/ui/face/faceGeometry'
import { faceState } from '@/ui/job/faceState'
import { useJob } from '@/ui/job/JobProvider'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { Swatch } from '@/ui/wire/Swatch'
import { placeWords } from '@/words/places'
import { spokenCavity } from '@/words/spoken'
import { termName } from '@/words/steps'

/** A face wider than this has what belongs to it below, a rounder one beside it. */
const WIDE = 1.5

/** The work at one cavity of an end: its id, where it is in words, the wire, the face from the side at which the hands are. */
export function EndFace({
  unit,
  end,
  housing,
  handsAt,
  cavityId,
  label,
  placed = false,
  otherwise,
  term,
  pick,
  opensAt,
  more,
  children,
}: {
  readonly unit: number
  readonly end: string
  readonly housing: Housing
  readonly handsAt: FaceView['side']
  readonly cavityId?: string | undefined
  /** what the cavity is to the hands: `Into cavity` */
  readonly label: string
  /** what belongs there is in: it is looked at, not worked on */
  readonly placed?: boolean
  /** what is said where no cavity is meant */
  readonly otherwise: string
  readonly term?: string | undefined
  /** a cavity is pointed at on the face */
  readonly pick?: ((cavity: string) => void) | undefined
  /** its cover is opened by turns, this end first */
  readonly opensAt?: OpensAt | undefined
  /** further readouts */
  readonly more?: ReactNode
  readonly children?: ReactNode
}) {
  const { id, state } = useJob()
  const face = useFaceView(id, end, handsAt, `${cavityId ?? ''} ${otherwise}`)
  const cavities = useMemo(() => faceState(state, unit, end, housing), [state, unit, end, housing])
  const cavity = housing.cavities.find((one) => one.id === cavityId)
  const words =
    cavity && placeWords(cavityPlace(cavity, housing.cavities, housing.arrangement.kind, housing.mark, face.view))
  const wire = term === undefined ? undefined : planIndex(state.plan).byKey.get(term)?.wire
  useCallOut(
    cavityId === undefined
      ? otherwise
      : spokenCavity({
          label,
          cavity: cavityId,
          place: words?.main,
          ...(term !== undefined && { wire: termName(term, state.plan.quantity), colour: wire?.colour }),
        }),
  )
  return (
    <div className={paneCss.work}>
      <Readouts>
        {cavityId !== undefined && (
          <Readout label={placed ? texts.inCavity : label} value={cavityId} also={`end ${end}`} huge />
        )}
        <Readout
          label={words ? texts.countFrom(housing.mark.kind) : texts.end(end)}
          value={words ? `${words.main}.` : otherwise}
          also={words?.also === undefined ? undefined : `${words.also}.`}
          wide
          words
        />
        {more}
        {term !== undefined && (
          <Readout
            label={texts.wire}
            value={termName(term, state.plan.quantity)}
            also={wire && <Swatch colour={wire.colour} width={28} />}
          />
        )}
      </Readouts>
      <div className={styles.faceAndSide} data-beside={housing.outline.widthMm < housing.outline.heightMm * WIDE}>
        <FacePanel
          housing={housing}
          keying={planIndex(state.plan).ends.get(end)?.keying}
          end={end}
          face={face}
          cavities={cavities}
          next={cavityId}
          onPick={pick}
          opensAt={opensAt}
        />
        {children}
      </div>
    </div>
  )
}

import { Button } from '@mantine/core'
import clsx from 'clsx'
import { useMemo } from 'react'
import { placeHousing } from '@/core/parts/catalogue/catalogue'
import type { FaceView } from '@/core/base/face/place'
import type { Housing, HousingInput } from '@/core/parts/catalogue/types'
import { type HousingDraft, readHousing } from '@/core/parts/sheets/housingDraft'
import { meetingOf } from '@/core/parts/sheets/housingMate'
import { type FaceCavity, FaceDrawing } from '@/ui/face/FaceDrawing'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { plural } from '@/words/figures'
import { facePanelWords as faceWords } from '@/words/screens/face/facePanel'
import { housingEditorWords as texts } from '@/words/screens/shelf/housingEditor'
import styles from './HousingSeen.module.css'

const source = { document: 'draft', basis: 'sheet' } as const
const NOTHING_IN: ReadonlyMap<string, FaceCavity> = new Map()

/** A housing as far as its draft can be read: a name or a size may still be missing. */
const readSoFar = (draft: HousingDraft): HousingInput | undefined =>
  readHousing({ ...draft, id: draft.id || 'X', size: draft.size || 'X' }, source).housing

const placedSoFar = (read: HousingInput | undefined) => {
  const placed = read && placeHousing({ ...read, otherSizes: undefined, cavitySize: 'X' }, 'draft')
  return placed?.ok ? placed.value : undefined
}

/** A housing as its figures draw it, as far as they can be read, and how it meets its other half. */
export function HousingSeen({
  draft,
  mate,
  remove,
}: {
  readonly draft: HousingDraft
  readonly mate: HousingDraft | undefined
  readonly remove: () => void
}) {
  const face = useFaceView('shelf', draft.id, 'wire')
  const [read, other] = useMemo(() => [readSoFar(draft), mate && readSoFar(mate)], [draft, mate])
  const [housing, opposite] = useMemo(() => [placedSoFar(read), placedSoFar(other)], [read, other])
  return (
    <div className={styles.stack}>
      <div className={styles.row}>
        {housing ? (
          <FacePanel housing={housing} face={face} cavities={NOTHING_IN} />
        ) : (
          <p className={clsx(noteCss.note, noteCss.attend)}>{texts.itIsDrawnAs}</p>
        )}
      </div>
      {housing && (
        <p className={clsx(textCss.small, textCss.dim)}>
          {plural(housing.cavities.length, 'way')}:{' '}
          {housing.cavities
            .slice(0, 24)
            .map((cavity) => cavity.id)
            .join(' ')}
          {housing.cavities.length > 24 && ' …'}
        </p>
      )}
      {read && other && <Met one={read} other={other} />}
      {opposite && <MateFace housing={opposite} side={face.view.side === 'wire' ? 'mating' : 'wire'} />}
      <Button fullWidth={false} onClick={remove} className={styles.removeThisHousing}>
        <span>{texts.removeThisHousing}</span>
      </Button>
    </div>
  )
}

/** The other half, from the side that shows each cavity where the housing above has its own: what flips that one flips both. */
function MateFace({ housing, side }: { readonly housing: Housing; readonly side: FaceView['side'] }) {
  const words = side === 'wire' ? faceWords.wireFace : faceWords.matingFace
  return (
    <section className={clsx(paneCss.panel, styles.mate)} aria-label={faceWords.faceOf(housing.name)}>
      <div className={paneCss.panelHead}>
        <span>{housing.name}</span>
        <span className={paneCss.caption}>{words}</span>
      </div>
      <FaceDrawing
        housing={housing}
        view={{ side, turnDeg: 0 }}
        cavities={NOTHING_IN}
        title={`${housing.name}, ${words.toLowerCase()}`}
      />
    </section>
  )
}

/** How two halves meet, cavity by cavity. */
function Met({ one, other }: { readonly one: HousingInput; readonly other: HousingInput }) {
  const meeting = meetingOf(one, other)
  if (!meeting) return null
  const { meet, miss, alone, keyless } = meeting
  const good = miss.length === 0 && alone.length === 0
  return (
    <div role="status" aria-label={texts.howTheyMeet}>
      <p className={good ? textCss.good : textCss.fault}>
        {good ? '✓ ' : '▲ '}
        {good ? texts.allMeet(meet.length, other.id) : texts.someMiss(miss, alone, other.id)}
      </p>
      {keyless && <p className={textCss.caution}>◆ {texts.keyless}</p>}
    </div>
  )
}

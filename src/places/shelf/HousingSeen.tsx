import { Button } from '@mantine/core'
import clsx from 'clsx'
import { useMemo } from 'react'
import { placeHousing } from '@/core/parts/catalogue/catalogue'
import type { HousingInput } from '@/core/parts/catalogue/types'
import { type HousingDraft, readHousing } from '@/core/parts/sheets/housingDraft'
import { meetingOf } from '@/core/parts/sheets/housingMate'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { plural } from '@/words/figures'
import { housingEditorWords as texts } from '@/words/screens/shelf/housingEditor'
import styles from './HousingSeen.module.css'

const source = { document: 'draft', basis: 'sheet' } as const

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
  const mateFace = useFaceView('shelf', mate?.id ?? '', 'mating')
  const [read, other] = useMemo(() => [readSoFar(draft), mate && readSoFar(mate)], [draft, mate])
  const [housing, opposite] = useMemo(() => [placedSoFar(read), placedSoFar(other)], [read, other])
  return (
    <div className={styles.stack}>
      <div className={styles.row}>
        {housing ? (
          <FacePanel housing={housing} face={face} cavities={new Map()} />
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
      {opposite && (
        <div className={styles.row}>
          <FacePanel housing={opposite} face={mateFace} cavities={new Map()} />
        </div>
      )}
      <Button fullWidth={false} onClick={remove} className={styles.removeThisHousing}>
        <span>{texts.removeThisHousing}</span>
      </Button>
    </div>
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

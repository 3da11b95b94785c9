import { Button } from '@mantine/core'
import clsx from 'clsx'
import { placeHousing } from '@/core/parts/catalogue/catalogue'
import { type HousingDraft, readHousing } from '@/core/parts/sheets/housingDraft'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { plural } from '@/words/figures'
import { housingEditorWords as texts } from '@/words/screens/shelf/housingEditor'
import styles from './HousingSeen.module.css'

const source = { document: 'draft', basis: 'sheet' } as const

/** A housing as its figures draw it, as far as they can be read. */
export function HousingSeen({ draft, remove }: { readonly draft: HousingDraft; readonly remove: () => void }) {
  const face = useFaceView('shelf', draft.id, 'wire')
  // drawn as far as it can be read: a name or a size may still be missing
  const read = readHousing({ ...draft, id: draft.id || 'X', size: draft.size || 'X' }, source).housing
  const placed = read && placeHousing({ ...read, otherSizes: undefined, cavitySize: 'X' }, 'draft')
  const housing = placed?.ok ? placed.value : undefined
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
      <Button fullWidth={false} onClick={remove} className={styles.removeThisHousing}>
        <span>{texts.removeThisHousing}</span>
      </Button>
    </div>
  )
}

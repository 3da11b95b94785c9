import { lookPicturesWords as words } from '@/words/screens/crimp/lookPictures'
import styles from './LookPictures.module.css'
import textCss from '@/ui/text/text.module.css'
import { useMemo } from 'react'
import { looks as lookTable } from '@/core/craft/crimp/looks'
import type { QueueItem } from '@/core/views/queue'
import { useJob } from '@/ui/job/JobProvider'
import { specimenOf } from '@/ui/job/specimenOf'
import { SpecimenDrawing } from '@/ui/specimen/SpecimenDrawing'
import { defectWords, lookWords } from '@/words/crimp'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'

/** Faults that are shown beside the good one. */
const SHOWN = 3

/** For the look that is due: how it should be, and what would be wrong, from the same model. */
export function LookPictures({ item, look }: { readonly item: QueueItem; readonly look: LookCode }) {
  const { state } = useJob()
  const { wire } = item.termination
  const crimped = lookTable[look].when === 'after'
  const pictures = useMemo(
    () =>
      [undefined, ...lookTable[look].faults.slice(0, SHOWN)].map((defect) => ({
        defect,
        piece: specimenOf(state, wire, item.set, { crimped, defect }),
      })),
    [state, wire, item.set, crimped, look],
  )
  return (
    <div className={styles.pictures} role="group" aria-label={words.goodAndBad(lookWords[look].line)}>
      {pictures.map(
        ({ defect, piece }) =>
          piece && (
            <figure key={defect ?? 'good'} className={styles.picture} data-good={defect === undefined}>
              <SpecimenDrawing piece={piece} bare />
              <figcaption>
                {defect === undefined ? (
                  <span className={textCss.good}>✓ {lookWords[look].seen.toLowerCase()}</span>
                ) : (
                  <span className={textCss.fault}>▲ {defectWords[defect]}</span>
                )}
              </figcaption>
            </figure>
          ),
      )}
    </div>
  )
}

import { lookPicturesWords as words } from '@/words/screens/crimp/lookPictures'
import clsx from 'clsx'
import pictureCss from '@/ui/specimen/pictures.module.css'
import styles from './LookPictures.module.css'
import textCss from '@/ui/text/text.module.css'
import { useMemo } from 'react'
import { type DefectCode, looks as lookTable } from '@/core/craft/crimp/looks'
import type { QueueItem } from '@/core/views/queue'
import { useJob } from '@/ui/job/JobProvider'
import { specimenOf } from '@/ui/job/specimenOf'
import { SpecimenDrawing } from '@/ui/specimen/SpecimenDrawing'
import { defectWords, lookWords } from '@/words/crimp'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'

/** Faults that are shown beside the good one. */
const SHOWN = 3

interface Picture {
  readonly key: string
  readonly look: LookCode
  readonly defect?: DefectCode
}

/** Of one look how it should be, and what would be wrong; of several the likeliest fault of each. */
const picturesOf = (looks: readonly LookCode[]): readonly Picture[] => {
  const [first] = looks
  if (first === undefined) return []
  return looks.length === 1
    ? [undefined, ...lookTable[first].faults.slice(0, SHOWN)].map((defect) => ({
        key: defect ?? 'good',
        look: first,
        ...(defect && { defect }),
      }))
    : looks.map((look) => ({ key: look, look, defect: lookTable[look].faults[0] }))
}

/** For the looks that are due: how it should be, and what would be wrong, from the same model. */
export function LookPictures({ item, looks }: { readonly item: QueueItem; readonly looks: readonly LookCode[] }) {
  const { state } = useJob()
  const { wire } = item.termination
  const asked = looks.join(' ')
  const pictures = useMemo(
    () =>
      picturesOf(asked.split(' ') as LookCode[]).map((picture) => ({
        ...picture,
        piece: specimenOf(state.facts, wire, item.set, {
          crimped: lookTable[picture.look].when === 'after',
          defect: picture.defect,
        }),
      })),
    [state.facts, wire, item.set, asked],
  )
  const [only] = looks
  const name = only !== undefined && looks.length === 1 ? words.goodAndBad(lookWords[only].line) : words.eachFault
  return (
    <div className={pictureCss.pictures} role="group" aria-label={name}>
      {pictures.map(
        ({ key, look, defect, piece }) =>
          piece && (
            <figure key={key} className={clsx(pictureCss.picture, styles.picture)} data-good={defect === undefined}>
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

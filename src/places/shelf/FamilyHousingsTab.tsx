import { Button } from '@mantine/core'
import clsx from 'clsx'
import type { FamilyDraft, FamilyFault } from '@/core/parts/sheets/familyDraft'
import { emptyHousing } from '@/core/parts/sheets/housingDraft'
import { Choice } from '@/ui/choice/Choice'
import noteCss from '@/ui/note/note.module.css'
import { familyEditorWords as texts } from '@/words/screens/shelf/familyEditor'
import { HousingEditor } from './HousingEditor'
import styles from './FamilyHousingsTab.module.css'

/** The housings of a family that is entered: one at a time, drawn as its figures are typed. */
export function FamilyHousingsTab({
  draft,
  set,
  at,
  setAt,
  faults,
  asked,
}: {
  readonly draft: FamilyDraft
  readonly set: (change: Partial<FamilyDraft>) => void
  readonly at: number
  readonly setAt: (at: number) => void
  readonly faults: readonly FamilyFault[]
  /** it was to be saved: what is missing is said, also where nothing was typed yet */
  readonly asked: boolean
}) {
  const housing = draft.housings[at]
  return (
    <>
      <div className={styles.housings}>
        {draft.housings.map((one, i) => (
          <Choice key={i} aria-pressed={i === at} onClick={() => setAt(i)} mono inline>
            {one.id || `housing ${String(i + 1)}`}
          </Choice>
        ))}
        <Button
          fullWidth={false}
          onClick={() => {
            setAt(draft.housings.length)
            set({
              housings: [
                ...draft.housings,
                {
                  ...(housing ?? emptyHousing),
                  id: '',
                  name: '',
                  mates: '',
                  lock: '',
                  interfaceSeal: '',
                  size: housing?.size ?? draft.sheets.sizes[0]?.id ?? '',
                },
              ],
            })
          }}
        >
          <span>{texts.addHousing}</span>
        </Button>
      </div>
      {housing ? (
        <HousingEditor
          key={at}
          draft={housing}
          sizes={draft.sheets.sizes.flatMap((size) => size.id ?? [])}
          problems={
            asked || housing.id !== ''
              ? Object.fromEntries(
                  faults.flatMap((fault) =>
                    fault.at === 'housing' && fault.housing === at ? [[fault.field, fault.problem]] : [],
                  ),
                )
              : {}
          }
          onChange={(next) => set({ housings: draft.housings.map((one, i) => (i === at ? next : one)) })}
          remove={() => {
            setAt(0)
            set({ housings: draft.housings.filter((_one, i) => i !== at) })
          }}
        />
      ) : (
        <p className={clsx(noteCss.note, styles.housingIsDrawnFrom)}>{texts.housingIsDrawnFrom}</p>
      )}
    </>
  )
}

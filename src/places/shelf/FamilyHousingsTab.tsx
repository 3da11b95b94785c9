import { Button } from '@mantine/core'
import clsx from 'clsx'
import { useMemo } from 'react'
import type { FamilyDraft, FamilyFault } from '@/core/parts/sheets/familyDraft'
import { emptyHousing, type HousingDraft, readHousing } from '@/core/parts/sheets/housingDraft'
import { mateOf } from '@/core/parts/sheets/housingMate'
import { Choice } from '@/ui/choice/Choice'
import noteCss from '@/ui/note/note.module.css'
import { familyEditorWords as texts } from '@/words/screens/shelf/familyEditor'
import { HousingEditor } from './HousingEditor'
import styles from './FamilyHousingsTab.module.css'

const SOURCE = { document: 'draft', basis: 'sheet' } as const

/** Does one of them name the other as its half? */
const areMates = (one: HousingDraft, other: HousingDraft): boolean => {
  const names = ({ mates }: HousingDraft, { id }: HousingDraft) => id !== '' && mates.split(/[\s,;]+/).includes(id)
  return one !== other && (names(one, other) || names(other, one))
}

/** A housing whose mate has got another number. */
const renamed = (one: HousingDraft, from: string, to: string): HousingDraft => {
  const named = one.mates.split(/[\s,;]+/)
  return from === '' || from === to || !named.includes(from)
    ? one
    : { ...one, mates: named.map((id) => (id === from ? to : id)).join(', ') }
}

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
  const mate = housing && draft.housings.find((one) => areMates(one, housing))
  const mirrored = useMemo(() => {
    const read = housing && readHousing({ ...housing, size: housing.size || 'X' }, SOURCE).housing
    const made = read && mateOf(read, `${read.id}-mate`)
    return made && { ...made, size: housing.size, otherSizes: housing.otherSizes }
  }, [housing])
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
        {mirrored && !mate && (
          <Button
            fullWidth={false}
            onClick={() => {
              setAt(draft.housings.length)
              set({ housings: [...draft.housings, mirrored] })
            }}
          >
            <span>{texts.makeItsMate}</span>
          </Button>
        )}
      </div>
      {housing ? (
        <HousingEditor
          key={at}
          draft={housing}
          mate={mate}
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
          onChange={(next) =>
            set({ housings: draft.housings.map((one, i) => (i === at ? next : renamed(one, housing.id, next.id))) })
          }
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

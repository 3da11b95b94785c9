import { Button } from '@mantine/core'
import clsx from 'clsx'
import { useMemo, useState } from 'react'
import { housingColumns, type HousingSheet } from '@/core/parts/sheets/housingSheets'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { SheetGrid } from '@/ui/sheet/SheetGrid'
import { familyHousingWords as texts } from '@/words/screens/shelf/familyHousing'
import { housingSheetTitles } from '@/words/sheets'
import type { EditorHand } from './editorHand'
import { FacesSeen } from './FacesSeen'
import { HousingAside } from './HousingAside'
import { useHousings } from './useHousings'
import styles from './FamilyEditor.module.css'

/** The housings of a family: faces to scale that follow every key, their tables below, the one in hand beside them. */
export function HousingsStep({
  hand,
  at,
  setAt,
}: {
  readonly hand: EditorHand
  readonly at: number
  readonly setAt: (at: number) => void
}) {
  const housings = useHousings(hand, at, setAt)
  const { housing, mate, sizes } = housings
  const [row, setRow] = useState(0)
  const [keying, setKeying] = useState<string>()
  const problems = useMemo(
    () =>
      new Map(
        hand.reading.faults.flatMap((fault) =>
          fault.at === 'housing-cell' && fault.housing === at
            ? [[`${fault.sheet} ${String(fault.row)} ${fault.column}`, fault.problem] as const]
            : [],
        ),
      ),
    [hand.reading, at],
  )
  const sheet = (name: HousingSheet) =>
    housing && (
      <div className={styles.sheet} data-sheet={name}>
        <h3 className={textCss.cardTitle}>{housingSheetTitles[name]}</h3>
        <SheetGrid
          key={housing.arrangement}
          label={housingSheetTitles[name]}
          columns={housingColumns(name, housing)}
          rows={housing[name]}
          problemAt={(at, column) => problems.get(`${name} ${String(at)} ${column}`)}
          onChange={(rows) => housings.change({ [name]: rows })}
          onRow={name === 'cavities' ? setRow : undefined}
          offered={(column) => (column === 'size' ? sizes : column === 'keyings' ? housing.keyings : [])}
        />
      </div>
    )
  return (
    <>
      <div className={clsx(paneCss.work, styles.middle)}>
        {housing ? (
          <>
            <FacesSeen draft={housing} mate={mate} row={row} keying={keying} />
            {sheet('cavities')}
            {sheet('keys')}
            {(housing.oddSizes.length > 0 || housing.arrangement !== 'free') && sheet('oddSizes')}
          </>
        ) : (
          <p className={clsx(noteCss.note, styles.empty)}>{texts.housingIsDrawnFrom}</p>
        )}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard, styles.aside)} aria-label={texts.thisHousing}>
        <div className={styles.pair}>
          <Button onClick={housings.add}>
            <span>{texts.addHousing}</span>
          </Button>
          {housings.addMate && (
            <Button onClick={housings.addMate}>
              <span>{texts.makeItsMate}</span>
            </Button>
          )}
        </div>
        {housing && (
          <HousingAside
            draft={housing}
            sizes={sizes}
            parts={hand.draft.sheets.parts.flatMap((part) => part.id ?? [])}
            others={hand.draft.housings.flatMap((one, i) => (i === at || one.id === '' ? [] : [one.id]))}
            keying={keying}
            setKeying={setKeying}
            problems={Object.fromEntries(
              hand.asked || housing.id !== ''
                ? hand.reading.faults.flatMap((fault) =>
                    fault.at === 'housing' && fault.housing === at ? [[fault.field, fault.problem]] : [],
                  )
                : [],
            )}
            onChange={housings.change}
            remove={housings.remove}
          />
        )}
      </aside>
    </>
  )
}

import { Tabs } from '@mantine/core'
import clsx from 'clsx'
import { memo, useDeferredValue, useState } from 'react'
import { constructions } from '@/core/parts/catalogue/constructions'
import { type SheetName, sheetTables } from '@/core/parts/sheets/familyDraft'
import { isBlankRow, type SheetRow } from '@/core/parts/sheets/sheet'
import { plainPiece } from '@/core/craft/specimen/plainPiece'
import { SpecimenDrawing } from '@/ui/specimen/SpecimenDrawing'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { familyContactsWords as texts } from '@/words/screens/shelf/familyContacts'
import { sheetTitles } from '@/words/sheets'
import type { EditorHand } from './editorHand'
import { FamilySheet, offeredIds } from './FamilySheet'
import { SheetRowForm } from './SheetRowForm'
import styles from './FamilyEditor.module.css'

const sheets = ['contacts', 'terminals', 'pulls'] as const satisfies readonly SheetName[]
type Shown = (typeof sheets)[number]

/** The groups of fields that a row is asked for: of the barrel only what its construction has. */
function groupsOf(shown: Shown, row: SheetRow) {
  if (shown === 'pulls') return [{ title: texts.pull, columns: ['contact', 'areaMm2', 'forceN'] }]
  if (shown === 'terminals')
    return [
      { title: texts.whatItIs, columns: ['id', 'name', 'shape', 'plating', 'sleeveMark', 'insulated', 'shrinks'] },
      { title: texts.wire, columns: ['minMm2', 'maxMm2', 'insulationMinMm', 'insulationMaxMm', 'twoWires'] },
      { title: texts.stud, columns: ['studMm', 'torqueNm'] },
      {
        title: texts.barrel,
        columns: ['barrelMm', 'barrelBoreMm', 'barrelOuterMm', 'metalAreaMm2', 'seam', 'overallMm'],
      },
      { title: texts.carries, columns: ['ratedA', 'maxC', 'sheetTool'] },
    ]
  const kind = Object.values(constructions).find(({ id }) => id === row.construction)?.sheet
  const own = kind ? [...kind.columns.map(([column]) => column), ...kind.more.map(({ column }) => column)] : []
  return [
    { title: texts.whatItIs, columns: ['id', 'name', 'construction', 'size', 'gender', 'plating', 'spring', 'bin'] },
    { title: texts.wire, columns: ['minMm2', 'maxMm2', 'insulationMinMm', 'insulationMaxMm', 'twoWires'] },
    ...(own.length > 0 ? [{ title: texts.barrel, columns: own }] : []),
    { title: texts.outside, columns: ['overallMm', 'matingMm', 'crimpedMm'] },
    { title: texts.carries, columns: ['ratedA', 'maxC', 'matings', 'reuses', 'sheetTool'] },
  ]
}

/** The row that is in hand, as a drawing. */
const RowDrawn = memo(function RowDrawn({ hand, id }: { readonly hand: EditorHand; readonly id: string | undefined }) {
  const contact = hand.reading.soFar.contacts.find((one) => one.id === id)
  return (
    <section className={clsx(paneCss.panel, styles.drawn)} aria-label={texts.drawn}>
      <div className={paneCss.panelHead}>
        <span>{contact ? `${contact.id}, ${contact.name}` : texts.noneInHand}</span>
        <span className={paneCss.caption}>{texts.fromTheSide}</span>
      </div>
      <div className={styles.specimen}>
        {contact && <SpecimenDrawing wordless piece={plainPiece({ ...contact, family: hand.draft.id })} />}
      </div>
    </section>
  )
})

/** The row that is in hand, as fields. */
const RowFields = memo(function RowFields({ hand, shown, at }: { readonly hand: EditorHand } & InHand) {
  const { draft, set, problemAt } = hand
  const rows = draft.sheets[shown]
  const row = rows[at] ?? {}
  const write = (column: string, text: string) => {
    const next =
      rows.length > at
        ? rows.map((one, i) => (i === at ? { ...one, [column]: text } : one))
        : [...rows, { [column]: text }]
    set({ sheets: { ...draft.sheets, [shown]: next } })
  }
  return (
    <>
      <h3 className={textCss.cardTitle}>
        {isBlankRow(row) ? texts.newOne[shown] : (idOf(shown, row) ?? texts.noNumberYet)}
      </h3>
      <SheetRowForm
        key={shown}
        groups={groupsOf(shown, row)}
        columns={sheetTables[shown]}
        row={row}
        problemAt={(column) => (isBlankRow(row) ? undefined : problemAt(shown)(at, column))}
        offered={offeredIds(hand, shown)}
        write={write}
      />
    </>
  )
})

interface InHand {
  readonly shown: Shown
  readonly at: number
}
const idOf = (shown: Shown, row: SheetRow) => (shown === 'pulls' ? row.contact : row.id)?.trim()

/** Contacts, terminals and what they hold by their own sheet: one at a time beside its drawing, all of them in their sheet. */
export function ContactsStep({ hand }: { readonly hand: EditorHand }) {
  const { draft } = hand
  const [inHand, setInHand] = useState<InHand>({ shown: 'contacts', at: 0 })
  const { shown } = inHand
  // what is written goes to the row in hand at once; its drawing may come a moment later
  const drawn = useDeferredValue<InHand | undefined>(inHand, undefined)
  return (
    <>
      <div className={clsx(paneCss.work, styles.middle)}>
        <RowDrawn hand={hand} id={drawn && idOf(drawn.shown, draft.sheets[drawn.shown][drawn.at] ?? {})} />
        <Tabs
          value={shown}
          onChange={(said) => {
            const one = sheets.find((sheet) => sheet === said)
            if (one) setInHand({ shown: one, at: 0 })
          }}
          className={styles.tabs}
        >
          <Tabs.List aria-label={texts.sheets}>
            {sheets.map((sheet) => (
              <Tabs.Tab key={sheet} value={sheet}>
                {sheetTitles[sheet]}{' '}
                <span className={clsx(textCss.mono, textCss.dim)}>{draft.sheets[sheet].length}</span>
              </Tabs.Tab>
            ))}
          </Tabs.List>
          <Tabs.Panel value={shown} className={styles.tabs}>
            <FamilySheet key={shown} hand={hand} sheet={shown} fills onRow={(at) => setInHand({ shown, at })} />
          </Tabs.Panel>
        </Tabs>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard, styles.aside)} aria-label={texts.thisOne}>
        <RowFields hand={hand} {...inHand} />
      </aside>
    </>
  )
}

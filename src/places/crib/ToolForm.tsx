'use client'
import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useRouter } from 'next/navigation'
import { useEffect, useMemo, useRef, useState } from 'react'
import { readTool } from '@/core/parts/sheets/readTool'
import {
  draftOfTool,
  headFieldsOf,
  moreFieldsOf,
  noSheets,
  type ToolDraft,
  type ToolField,
} from '@/core/parts/sheets/toolDraft'
import { columnsOf, sheetsOf } from '@/core/parts/sheets/toolSheets'
import { useCall } from '@/ui/action/useCall'
import { useKeptForm } from '@/ui/card/useKeptForm'
import { ToolHead } from '@/ui/tool/ToolHead'
import { headOf } from './headOf'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import { SheetGrid } from '@/ui/sheet/SheetGrid'
import textCss from '@/ui/text/text.module.css'
import { toolFormWords as words, toolProblemWords, toolSheetWords } from '@/words/screens/crib/toolForm'
import { toolClassWords } from '@/words/tools'
import { saveTool, type ToolWithCards } from './actions'
import { ClassPicker } from './ClassPicker'
import { ToolFieldInput } from './ToolFieldInput'
import styles from './ToolForm.module.css'

const empty: ToolDraft = { class: 'four-indent-positioned', cells: {}, sheets: noSheets }
/** The form that the button below it sends. */
const FORM = 'tool'
const typed = (draft: ToolDraft, change: Partial<ToolDraft>): ToolDraft => ({ ...draft, ...change })

/** What the form of a tool is opened with. */
export interface ToolFormModel {
  /** undefined for a new one */
  readonly opened: ToolWithCards | undefined
  /** numbers that other tools have */
  readonly taken: readonly string[]
  /** contacts on the shelf */
  readonly contacts: readonly string[]
  /** the contact whose row of the card is looked for */
  readonly at?: string | undefined
}

/** A tool is entered, or changed, with its card: what kind it is decides what is asked. What is typed stays until it is saved or left. */
export function ToolForm({ opened, taken, contacts, at }: ToolFormModel) {
  const router = useRouter()
  const { busy, call } = useCall()
  const begin = useMemo(() => (opened ? draftOfTool(opened.tool, opened.placards) : empty), [opened])
  const [draft, change, forget] = useKeptForm(typed, begin, `tool ${opened?.tool.id ?? ''}`, begin)
  const card = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (at !== undefined) card.current?.scrollIntoView({ block: 'center' })
  }, [at])
  const [asked, setAsked] = useState(false)
  // the row of the card in hand: the tool is drawn as it is set by it
  const [row, setRow] = useState(() =>
    Math.max(
      0,
      draft.sheets.card.findIndex(({ contact }) => contact === at),
    ),
  )
  const [message, setMessage] = useState<string>()
  const around = useMemo(
    () => ({
      taken: new Set(opened ? [] : taken),
      contacts: new Set(contacts),
      before: opened?.tool,
      placards: opened?.placards ?? [],
    }),
    [opened, taken, contacts],
  )
  const reading = useMemo(() => readTool(draft, around), [draft, around])
  const wrong = Object.keys(reading.faults).length + reading.sheetFaults.length
  const leave = () => {
    forget()
    router.push('/crib')
  }
  const save = async () => {
    setAsked(true)
    if (!reading.tool) return setMessage(words.faults(wrong))
    const { tool, placards } = reading
    const outcome = await call(() => saveTool({ tool, placards, before: opened }), words.notSaved)
    if (!outcome) return
    if (!outcome.ok) return setMessage(outcome.message)
    leave()
    router.refresh()
  }
  const saves = opened ? words.save : words.putInCrib
  const title = opened ? words.change(opened.tool.id) : words.newTool
  const waiting = [...new Set(reading.waiting.map(({ contact }) => contact))]
  const drawn = useMemo(() => headOf(draft, row), [draft, row])
  const fields = (ids: readonly ToolField[]) => (
    <div className={styles.fields}>
      {ids.map((id) => (
        <ToolFieldInput
          key={id}
          id={id}
          form={FORM}
          text={draft.cells[id] ?? ''}
          fixed={id === 'id' && opened !== undefined}
          error={asked ? reading.faults[id] && toolProblemWords(reading.faults[id]) : undefined}
          write={(text) => change({ cells: { ...draft.cells, [id]: text } })}
        />
      ))}
    </div>
  )
  useKeys([{ key: 'ctrl+s', words: saves, run: () => void save() }])
  return (
    <section className={styles.form} aria-label={title}>
      <div className={styles.asked}>
        <h2 className={textCss.cardTitle}>
          {title} {opened && <small className={textCss.dim}>{toolClassWords[draft.class]}</small>}
        </h2>
        <form
          id={FORM}
          className={styles.questions}
          onSubmit={(event) => {
            event.preventDefault()
            void save()
          }}
        >
          {!opened && <ClassPicker of={draft.class} pick={(one) => change({ class: one })} />}
          {fields(headFieldsOf(draft.class))}
        </form>
        {/* beside the form: Enter in a cell ends the cell */}
        <div className={styles.beside}>
          <div className={styles.drawn}>
            <ToolHead {...drawn} />
          </div>
          <div className={styles.sheets}>
            {sheetsOf(draft.class).map((sheet) => (
              <div key={sheet} ref={sheet === 'card' ? card : undefined} className={styles.sheet} data-sheet={sheet}>
                <SheetGrid
                  label={toolSheetWords[sheet]}
                  columns={columnsOf(sheet, draft.class)}
                  rows={draft.sheets[sheet]}
                  first={sheet === 'card' ? draft.sheets.card.findIndex(({ contact }) => contact === at) : undefined}
                  problemAt={(row, column) =>
                    reading.sheetFaults.find(
                      (fault) => fault.sheet === sheet && fault.row === row && fault.column === column,
                    )?.problem
                  }
                  onChange={(rows) => change({ sheets: { ...draft.sheets, [sheet]: rows } })}
                  onRow={sheet === 'card' ? setRow : undefined}
                />
              </div>
            ))}
          </div>
        </div>
        {fields(moreFieldsOf(draft.class))}
        {waiting.length > 0 && (
          <p className={clsx(noteCss.note, noteCss.caution)}>
            <span aria-hidden="true">◆ </span>
            {words.waiting(waiting)}
          </p>
        )}
      </div>
      <div className={styles.end}>
        {message !== undefined && (
          <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
            ▲ {message}
          </p>
        )}
        <div className={styles.buttons}>
          <Button type="submit" form={FORM} variant="filled" fullWidth={false} disabled={busy}>
            <span>{saves}</span> <Kbd aria-hidden="true">Ctrl S</Kbd>
          </Button>
          <Button fullWidth={false} onClick={leave}>
            <span>{words.leave}</span>
          </Button>
        </div>
      </div>
    </section>
  )
}

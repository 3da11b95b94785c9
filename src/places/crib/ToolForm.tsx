'use client'
import { Button, Kbd, NativeSelect, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import { type ToolClass, toolClasses } from '@/core/parts/catalogue/toolClasses'
import type { Tool } from '@/core/parts/catalogue/types'
import {
  type ToolDraft,
  type ToolField,
  dieSheet,
  draftOfTool,
  fieldsOf,
  hasDies,
  readTool,
  toolFields,
} from '@/core/parts/sheets/toolDraft'
import { useCall } from '@/ui/action/useCall'
import { useKeptForm } from '@/ui/card/useKeptForm'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import { SheetGrid } from '@/ui/sheet/SheetGrid'
import textCss from '@/ui/text/text.module.css'
import { releaseTipWords } from '@/words/release'
import { toolClassHints, toolFieldWords, toolFormWords as words, toolProblemWords } from '@/words/screens/crib/toolForm'
import { heldToolWords, toolClassWords } from '@/words/tools'
import { saveTool } from './actions'
import styles from './ToolForm.module.css'

const classes = Object.keys(toolClasses) as readonly ToolClass[]
const empty: ToolDraft = { class: 'four-indent-positioned', cells: {}, dies: [] }
/** The form that the button below it sends. */
const FORM = 'tool'
const typed = (draft: ToolDraft, change: Partial<ToolDraft>): ToolDraft => ({ ...draft, ...change })

/** What is offered for a field that is chosen and not typed. */
const choices = (id: ToolField): readonly { readonly value: string; readonly label: string }[] | undefined => {
  if (id === 'held') return Object.entries(heldToolWords).map(([value, label]) => ({ value, label }))
  if (id === 'tip')
    return [{ value: '', label: '' }, ...Object.entries(releaseTipWords).map(([value, label]) => ({ value, label }))]
  if (id === 'insertionEnd')
    return [
      { value: '', label: words.no },
      { value: 'yes', label: words.yes },
    ]
  return undefined
}

/** A tool is entered, or changed: what kind it is decides what is asked. What is typed stays until it is saved or left. */
export function ToolForm({ tool, taken }: { readonly tool: Tool | undefined; readonly taken: readonly string[] }) {
  const router = useRouter()
  const { busy, call } = useCall()
  const begin = useMemo(() => (tool ? draftOfTool(tool) : empty), [tool])
  const [draft, change, forget] = useKeptForm(typed, begin, `tool ${tool?.id ?? ''}`, begin)
  const [asked, setAsked] = useState(false)
  const [message, setMessage] = useState<string>()
  const reading = useMemo(() => readTool(draft, new Set(tool ? [] : taken), tool), [draft, taken, tool])
  const wrong = Object.keys(reading.faults).length + reading.dieFaults.length
  const leave = () => {
    forget()
    router.push('/crib')
  }
  const save = async () => {
    setAsked(true)
    if (!reading.tool) return setMessage(words.faults(wrong))
    const whole = reading.tool
    const outcome = await call(() => saveTool({ tool: whole, isNew: !tool }), words.notSaved)
    if (!outcome) return
    if (!outcome.ok) return setMessage(outcome.message)
    leave()
    router.refresh()
  }
  const saves = tool ? words.save : words.putInCrib
  const title = tool ? words.change(tool.id) : words.newTool
  useKeys([{ key: 'ctrl+s', words: saves, run: () => void save() }])
  return (
    <section className={styles.form} aria-label={title}>
      <div className={styles.asked}>
        <h2 className={textCss.cardTitle}>{title}</h2>
        <form
          id={FORM}
          className={styles.questions}
          onSubmit={(event) => {
            event.preventDefault()
            void save()
          }}
        >
          <NativeSelect
            className={styles.kind}
            label={words.kindOfTool}
            description={toolClassHints[draft.class]}
            value={draft.class}
            data={classes.map((value) => ({ value, label: toolClassWords[value] }))}
            onChange={(event) => change({ class: event.currentTarget.value as ToolClass })}
          />
          <div className={styles.fields}>
            {fieldsOf(draft.class).map((id) => (
              <Field
                key={id}
                id={id}
                text={draft.cells[id] ?? ''}
                fixed={id === 'id' && tool !== undefined}
                error={asked ? reading.faults[id] && toolProblemWords(reading.faults[id]) : undefined}
                write={(text) => change({ cells: { ...draft.cells, [id]: text } })}
              />
            ))}
          </div>
        </form>
        {/* beside the form: Enter in a cell ends the cell */}
        {hasDies(draft.class) && (
          <section className={styles.dies} aria-label={words.dies}>
            <SheetGrid
              label={words.dies}
              columns={dieSheet}
              rows={draft.dies}
              problemAt={(row, column) =>
                reading.dieFaults.find((fault) => fault.row === row && fault.column === column)?.problem
              }
              onChange={(dies) => change({ dies })}
            />
          </section>
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
        <span className={clsx(textCss.small, textCss.dim)}>{words.settings}</span>
      </div>
    </section>
  )
}

function Field({
  id,
  text,
  fixed,
  error,
  write,
}: {
  readonly id: ToolField
  readonly text: string
  readonly fixed: boolean
  readonly error: string | undefined
  readonly write: (text: string) => void
}) {
  const { label, hint, placeholder } = toolFieldWords[id]
  const of = choices(id)
  if (of)
    return (
      <NativeSelect
        label={label}
        description={hint}
        value={text}
        error={error}
        data={[...of]}
        onChange={(event) => write(event.currentTarget.value)}
      />
    )
  return (
    <TextInput
      label={label}
      description={hint}
      placeholder={placeholder}
      type={id === 'doneOn' || id === 'dueOn' ? 'date' : 'text'}
      value={text}
      error={error}
      readOnly={fixed}
      withAsterisk={toolFields[id].required}
      onChange={(event) => write(event.currentTarget.value)}
    />
  )
}

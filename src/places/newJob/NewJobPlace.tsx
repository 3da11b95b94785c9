'use client'
import { Button, Checkbox, Kbd, NativeSelect, TextInput, Textarea } from '@mantine/core'
import { useRouter } from 'next/navigation'
import { type DragEvent, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import type { Plan } from '@/core/record/plan/plan'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { toCsv } from '@/formats/csv'
import { countLines } from '@/formats/pinout/countLines'
import { PINOUT_ROW_LIMIT } from '@/formats/pinout/pinoutTypes'
import { tableFaultWords } from '@/formats/pinout/pinoutWords'
import { xlsxFaultWords } from '@/formats/table/tableWords'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { useOperator } from '@/ui/frame/Operator'
import { useKeys } from '@/ui/keys/KeyProvider'
import { list, plural } from '@/words/figures'
import { quantityWords } from '@/words/quantity'
import { readXlsxBeside } from '@/workers/xlsxClient'
import { PreviewTable } from './PreviewTable'
import type { Preview } from './preview'
import { FileDrop } from '@/ui/file/FileDrop'
import { WHO_IS_HERE, unanswered } from '@/words/unanswered'
import styles from './NewJobPlace.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'

const DRAFT = 'urn-new-job'

interface Draft {
  readonly title: string
  readonly csv: string
  readonly ends: Readonly<Record<string, string>>
  readonly kind: Plan['kind']
  /** what each wire of a harness that is there has to spare */
  readonly slack: string
}

const empty: Draft = { title: '', csv: '', ends: {}, kind: 'build', slack: '' }

const kindWords: Readonly<Record<Plan['kind'], string>> = {
  build: 'Build it',
  're-pin': 'Re-pin a harness that is there',
  repair: 'Repair a harness that is there',
}

const example = `wire,type,colour,from end,from cavity,to end,to cavity,length,signal,current
W1,TW-0.75,RD,P1,1,P2,1,620 mm,beacon supply,0.8 A`

/** A job from a pinout: dropped, picked or pasted, shown as it will be read, made only when all of it is right. */
export function NewJobPlace({
  housings,
}: {
  readonly housings: readonly { readonly id: string; readonly name: string }[]
}) {
  const router = useRouter()
  const { operator } = useOperator()
  const [draft, setDraft] = useState<Draft>(empty)
  const [preview, setPreview] = useState<Preview>()
  const [message, setMessage] = useState<string>()
  const [busy, setBusy] = useState(false)
  const openFile = useRef<(() => void) | null>(null)
  const [only, setOnly] = useState(false)

  // what was typed or dropped outlives a reload
  useEffect(() => {
    try {
      const kept = JSON.parse(localStorage.getItem(DRAFT) ?? 'null') as Draft | null
      if (kept) setDraft({ ...empty, ...kept })
    } catch {
      localStorage.removeItem(DRAFT)
    }
  }, [])
  const change = useCallback((more: Partial<Draft>) => {
    setDraft((now) => {
      const next = { ...now, ...more }
      try {
        localStorage.setItem(DRAFT, JSON.stringify(next))
      } catch {
        // a full store only means that a reload forgets it
      }
      return next
    })
  }, [])

  const { csv, ends, title, kind, slack } = draft
  const slackMm = slack.trim() === '' ? undefined : parseQuantity(slack, 'length')
  useEffect(() => {
    if (csv.trim() === '') {
      setPreview(undefined)
      return undefined
    }
    const leave = new AbortController()
    const timer = setTimeout(() => {
      fetch('/api/v1/pinout/preview', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ csv, ends }),
        signal: leave.signal,
      })
        .then(async (response) => {
          if (response.ok) {
            setPreview((await response.json()) as Preview)
            setMessage(undefined)
          } else
            setMessage(
              response.status === 413
                ? 'This pinout is larger than 5 MB: split it.'
                : 'The bench could not read it. What you dropped is kept.',
            )
        })
        .catch(() => !leave.signal.aborted && setMessage(unanswered('What you typed is kept here.')))
    }, 250)
    return () => {
      clearTimeout(timer)
      leave.abort()
    }
  }, [csv, ends])

  const read = async (dropped: File | undefined) => {
    if (!dropped) return
    if (dropped.size > 5 * 1024 * 1024) {
      setMessage(`${dropped.name} is larger than 5 MB: no pinout is. Split it, or check that it is a pinout.`)
      return
    }
    const bytes = await dropped.arrayBuffer()
    const text = /\.xlsx$/i.test(dropped.name)
      ? await fromWorkbook(new Uint8Array(bytes))
      : new TextDecoder('utf-8').decode(bytes)
    if (text === undefined) return
    // a file of so many rows is told at once: the field would take long to hold it
    const rows = countLines(text) - 1
    if (rows > PINOUT_ROW_LIMIT) {
      setMessage(tableFaultWords({ kind: 'too-many-rows', rows, limit: PINOUT_ROW_LIMIT }))
      return
    }
    change({ csv: text, ...(title === '' && { title: dropped.name.replace(/\.[^.]+$/, '').replace(/[-_]+/g, ' ') }) })
  }
  const fromWorkbook = async (bytes: Uint8Array): Promise<string | undefined> => {
    const sheet = await readXlsxBeside(bytes, new AbortController().signal)
    setMessage(sheet && !sheet.ok ? xlsxFaultWords(sheet.fault) : undefined)
    return sheet?.ok ? toCsv(sheet.value) : undefined
  }
  const drop = (event: DragEvent) => {
    event.preventDefault()
    void read(event.dataTransfer.files[0])
  }
  const make = async () => {
    if (!preview?.valid || busy) return
    if (!operator) {
      setMessage(WHO_IS_HERE)
      return
    }
    if (kind !== 'build' && slackMm && !slackMm.ok) {
      setMessage(`Wire to spare: ${quantityWords(slackMm.fault, 'length')}`)
      return
    }
    setBusy(true)
    const picks = Object.entries(ends)
      .map(([end, housing]) => `${end}:${housing}`)
      .join(',')
    const query = new URLSearchParams({
      title: title.trim() === '' ? 'New job' : title.trim(),
      ...(picks !== '' && { ends: picks }),
      kind,
      ...(kind !== 'build' && slackMm?.ok && { slackMm: String(slackMm.value) }),
    })
    try {
      const response = await fetch(`/api/v1/jobs?${query.toString()}`, {
        method: 'POST',
        headers: { 'content-type': 'text/csv' },
        body: csv,
      })
      const answer = (await response.json()) as { id?: string; error?: { issues?: { message: string }[] } }
      if (response.status === 201 && answer.id !== undefined) {
        localStorage.removeItem(DRAFT)
        router.push(`/jobs/${answer.id}/plan`)
        return
      }
      setMessage(answer.error?.issues?.[0]?.message ?? 'The job was not made. What you typed is kept.')
    } catch {
      setMessage(unanswered('Nothing was made, what you typed is kept.'))
    }
    setBusy(false)
  }
  useKeys([
    { key: 'Enter', words: 'Make the job', run: () => void make() },
    { key: 'o', words: 'Open a file', run: () => openFile.current?.() },
  ])
  const missing = useMemo(() => preview?.ends.filter((end) => end.from !== 'column') ?? [], [preview])
  const faults = preview?.faults.length ?? 0
  return (
    <PlaceFrame place={undefined} title="New job" find={[]} foot={<FootNote preview={preview} />}>
      <div
        className={paneCss.station}
        onDragOver={(event) => event.preventDefault()}
        onDrop={drop}
        style={{ gridTemplateColumns: '260px minmax(0,1fr) 280px' }}
      >
        <div
          className={clsx(paneCss.pane, paneCss.paneCard)}
          style={{ borderRight: '1px solid var(--hairline)', borderLeft: 0 }}
        >
          <h2 className={textCss.cardTitle}>The pinout</h2>
          <FileDrop
            label="Pinout file"
            offers=".csv,.xlsx,text/csv,text/plain"
            openRef={openFile}
            onFile={(file) => void read(file)}
          >
            <span>Open a CSV or XLSX file, or drop it here</span> <Kbd aria-hidden="true">O</Kbd>
          </FileDrop>
          <Textarea
            label="or paste its rows, headings first"
            value={csv}
            spellCheck={false}
            placeholder={example}
            onChange={(event) => change({ csv: event.target.value })}
            classNames={{ root: styles.fill, wrapper: styles.wrapper, input: styles.text }}
          />
          <p className={clsx(textCss.small, textCss.dim)}>
            Columns by name, in any order: wire, type, colour, from end, from cavity, to end, to cavity, length; signal,
            current, group, note, from housing, to housing if you like. An open side has neither end nor cavity; a
            terminal (RG-1-4) or “splice S1” stands alone in the end’s column.
          </p>
        </div>
        <div className={paneCss.work}>
          {message !== undefined && (
            <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
              ▲ {message}
            </p>
          )}
          {!preview && <EmptyPreview />}
          {preview && <PreviewTable preview={preview} onlyFaults={only && faults > 0} />}
        </div>
        <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label="The job">
          <TextInput
            label="Title"
            className={textCss.sentence}
            value={title}
            maxLength={120}
            placeholder="Mast head loom"
            onChange={(event) => change({ title: event.target.value })}
          />
          <NativeSelect
            label="What is to be done"
            value={kind}
            onChange={(event) =>
              change({
                kind: event.target.value === 're-pin' || event.target.value === 'repair' ? event.target.value : 'build',
              })
            }
          >
            {Object.entries(kindWords).map(([one, words]) => (
              <option key={one} value={one}>
                {words}
              </option>
            ))}
          </NativeSelect>
          {kind !== 'build' && (
            <>
              <TextInput
                label="Wire to spare at each, if you know it"
                value={slack}
                inputMode="decimal"
                placeholder="12 mm"
                onChange={(event) => change({ slack: event.target.value })}
                error={slackMm !== undefined && !slackMm.ok}
              />
              <p className={clsx(textCss.small, textCss.dim)}>
                The pinout as it is now: everything in it counts as crimped and seated.{' '}
                {kind === 're-pin'
                  ? 'What is wanted comes next, as a changed pinout at Plan.'
                  : 'What is wrong is reported at Seat, with X at its cavity.'}
              </p>
            </>
          )}
          {missing.map((end) => (
            <NativeSelect
              key={end.id}
              label={
                <>
                  Housing of end {end.id}, {plural(end.wires, 'wire')}
                </>
              }
              value={ends[end.id] ?? ''}
              onChange={(event) => change({ ends: { ...ends, [end.id]: event.target.value } })}
              error={end.housing === undefined}
            >
              <option value="">choose</option>
              {housings.map((housing) => (
                <option key={housing.id} value={housing.id}>
                  {housing.id}, {housing.name}
                </option>
              ))}
            </NativeSelect>
          ))}
          {preview && faults > 0 && (
            <>
              <div className={clsx(noteCss.note, noteCss.fault)} role="alert">
                <b>▲ {plural(faults, 'fault')}.</b> Nothing is written until all rows can be read.
              </div>
              <Checkbox
                label="Show only rows with a fault"
                checked={only}
                onChange={(event) => setOnly(event.target.checked)}
              />
              <ul className={paneCss.choices} aria-label="Faults">
                {preview.faults.slice(0, 40).map((fault, i) => (
                  <li key={i} className={textCss.small}>
                    <b>
                      {fault.row === undefined ? 'File' : `Row ${fault.row}`}
                      {fault.column !== undefined && `, ${fault.column}`}:
                    </b>{' '}
                    {fault.message}
                  </li>
                ))}
              </ul>
            </>
          )}
          {preview?.valid && (
            <p className={clsx(noteCss.note, noteCss.good)}>
              ✓ {plural(preview.rows.length, 'wire')}, {plural(preview.ends.length, 'end')}: all can be read.
              {preview.ignored.length > 0 && ` Not read: ${list([...preview.ignored])}.`}
            </p>
          )}
          <Button variant="filled" disabled={!preview?.valid || busy} onClick={() => void make()}>
            <span>Make the job</span> <Kbd aria-hidden="true">Enter</Kbd>
          </Button>
        </aside>
      </div>
    </PlaceFrame>
  )
}

function EmptyPreview() {
  return (
    <section className={noteCss.note} style={{ border: '1px solid var(--hairline)', background: 'var(--bisque)' }}>
      <b>Here you see every row as it will be read.</b>
      <p>
        A fault names its row and column, what stands there, and what would be right. Lengths may be said as 620 mm,
        0,62 m or 24 in.
      </p>
    </section>
  )
}

function FootNote({ preview }: { readonly preview: Preview | undefined }) {
  return (
    <dl>
      <div>
        <dt>ROWS</dt>
        <dd>{preview?.rows.length ?? 0}</dd>
      </div>
      <div>
        <dt>ends</dt>
        <dd>{preview?.ends.length ?? 0}</dd>
      </div>
      <div>
        <dt>faults</dt>
        <dd>{preview?.faults.length ?? 0}</dd>
      </div>
    </dl>
  )
}

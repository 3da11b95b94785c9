'use client'
import { newJobPlaceWords as texts } from '@/words/screens/newJob/newJobPlace'
import { Button, Checkbox, Kbd, NativeSelect, TextInput, Textarea } from '@mantine/core'
import { useRouter } from 'next/navigation'
import { type DragEvent, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import type { Plan } from '@/core/record/plan/plan'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { toCsv } from '@/formats/csv'
import { countLines } from '@/formats/pinout/countLines'
import { PINOUT_ROW_LIMIT } from '@/core/record/grid/pinoutTypes'
import { tableFaultWords } from '@/words/pinout'
import { xlsxFaultWords } from '@/words/workbook'
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
  build: texts.buildIt,
  're-pin': texts.rePinHarnessThat,
  repair: texts.repairHarnessThatIs,
}

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
          } else setMessage(response.status === 413 ? texts.thisPinoutIsLarger : texts.benchCouldNotRead)
        })
        .catch(() => !leave.signal.aborted && setMessage(unanswered(texts.whatYouTypedIs)))
    }, 250)
    return () => {
      clearTimeout(timer)
      leave.abort()
    }
  }, [csv, ends])

  const read = async (dropped: File | undefined) => {
    if (!dropped) return
    if (dropped.size > 5 * 1024 * 1024) {
      setMessage(texts.isLargerThanMb(dropped.name))
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
      setMessage(texts.wireToSpare(quantityWords(slackMm.fault, 'length')))
      return
    }
    setBusy(true)
    const picks = Object.entries(ends)
      .map(([end, housing]) => `${end}:${housing}`)
      .join(',')
    const query = new URLSearchParams({
      title: title.trim() === '' ? texts.newJob : title.trim(),
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
      setMessage(answer.error?.issues?.[0]?.message ?? texts.jobWasNotMade)
    } catch {
      setMessage(unanswered(texts.nothingWasMadeWhat))
    }
    setBusy(false)
  }
  useKeys([
    { key: 'Enter', words: texts.makeJob, run: () => void make() },
    { key: 'o', words: texts.openFile, run: () => openFile.current?.() },
  ])
  const missing = useMemo(() => preview?.ends.filter((end) => end.from !== 'column') ?? [], [preview])
  const faults = preview?.faults.length ?? 0
  return (
    <PlaceFrame place={undefined} title={texts.newJob} find={[]} foot={<FootNote preview={preview} />}>
      <div
        className={clsx(paneCss.station, styles.columns)}
        onDragOver={(event) => event.preventDefault()}
        onDrop={drop}
      >
        <div className={clsx(paneCss.pane, paneCss.paneCard, styles.unframed)}>
          <h2 className={textCss.cardTitle}>{texts.thePinout}</h2>
          <FileDrop
            label={texts.pinoutFile}
            offers=".csv,.xlsx,text/csv,text/plain"
            openRef={openFile}
            onFile={(file) => void read(file)}
          >
            <span>{texts.openCsvOrXlsx}</span> <Kbd aria-hidden="true">O</Kbd>
          </FileDrop>
          <Textarea
            label={texts.orPasteItsRows}
            value={csv}
            spellCheck={false}
            placeholder={texts.example}
            onChange={(event) => change({ csv: event.target.value })}
            classNames={{ root: styles.fill, wrapper: styles.wrapper, input: styles.text }}
          />
          <p className={clsx(textCss.small, textCss.dim)}>{texts.columnsByNameIn}</p>
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
        <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={texts.theJob}>
          <TextInput
            label={texts.title}
            className={textCss.sentence}
            value={title}
            maxLength={120}
            placeholder={texts.mastHeadLoom}
            onChange={(event) => change({ title: event.target.value })}
          />
          <NativeSelect
            label={texts.whatIsToBe}
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
                label={texts.wireToSpareAt}
                value={slack}
                inputMode="decimal"
                placeholder={texts.spareLike}
                onChange={(event) => change({ slack: event.target.value })}
                error={slackMm !== undefined && !slackMm.ok}
              />
              <p className={clsx(textCss.small, textCss.dim)}>{texts.pinoutAsItIs(kind === 're-pin')}</p>
            </>
          )}
          {missing.map((end) => (
            <NativeSelect
              key={end.id}
              label={<>{texts.housingOfEnd(end.id, end.wires)}</>}
              value={ends[end.id] ?? ''}
              onChange={(event) => change({ ends: { ...ends, [end.id]: event.target.value } })}
              error={end.housing === undefined}
            >
              <option value="">{texts.choose}</option>
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
                <b>▲ {plural(faults, 'fault')}.</b> {texts.nothingIsWrittenUntil}
              </div>
              <Checkbox
                label={texts.showOnlyRowsWith}
                checked={only}
                onChange={(event) => setOnly(event.target.checked)}
              />
              <ul className={paneCss.choices} aria-label={texts.faults}>
                {preview.faults.slice(0, 40).map((fault, i) => (
                  <li key={i} className={textCss.small}>
                    <b>
                      {fault.row === undefined ? texts.file : texts.row(fault.row)}
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
              {texts.allCanBeRead(preview.rows.length, preview.ends.length)}
              {preview.ignored.length > 0 && texts.notRead(list([...preview.ignored]))}
            </p>
          )}
          <Button variant="filled" disabled={!preview?.valid || busy} onClick={() => void make()}>
            <span>{texts.makeJob}</span> <Kbd aria-hidden="true">Enter</Kbd>
          </Button>
        </aside>
      </div>
    </PlaceFrame>
  )
}

function EmptyPreview() {
  return (
    <section className={clsx(noteCss.note, styles.framed)}>
      <b>{texts.hereYouSeeEvery}</b>
      <p>{texts.faultNamesItsRow}</p>
    </section>
  )
}

function FootNote({ preview }: { readonly preview: Preview | undefined }) {
  return (
    <dl>
      <div>
        <dt>{texts.rows}</dt>
        <dd>{preview?.rows.length ?? 0}</dd>
      </div>
      <div>
        <dt>{texts.ends}</dt>
        <dd>{preview?.ends.length ?? 0}</dd>
      </div>
      <div>
        <dt>{texts.faultsHead}</dt>
        <dd>{preview?.faults.length ?? 0}</dd>
      </div>
    </dl>
  )
}

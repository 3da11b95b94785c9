'use client'
import { plausible } from '@/core/base/units/plausible'
import { Kbd, Textarea } from '@mantine/core'
import { useForm } from '@mantine/form'
import clsx from 'clsx'
import { useRouter } from 'next/navigation'
import { useEffect, useMemo, useRef, useState } from 'react'
import { bareUnit } from '@/words/benchUnits'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { FileDrop } from '@/ui/file/FileDrop'
import { useTextFile } from '@/ui/file/useTextFile'
import { useOperator } from '@/ui/frame/Operator'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { later } from '@/ui/later/later'
import { keepWaitingRows } from '@/ui/job/waitingRows'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { quantityWords } from '@/words/quantity'
import { newJobPlaceWords as texts } from '@/words/screens/newJob/newJobPlace'
import { WHO_IS_HERE } from '@/words/unanswered'
import type { BroughtHalf } from './faultPinout'
import { JobForm } from './JobForm'
import { makeJob } from './makeJob'
import { dropDraft, emptyDraft, keepDraft, keptDraft, type NewJobDraft } from './newJobDraft'
import type { Preview } from './preview'
import { PreviewTable } from './PreviewTable'
import { readPinoutFile, titleOfFile } from './readPinoutFile'
import { isRecordFile } from './readRecord'
import { useRecordFile } from './useRecordFile'
import { HeadingMap } from './HeadingMap'
import { type Parted, partRows } from './partRows'
import { useHeadings } from './useHeadings'
import { usePreview } from './usePreview'
import styles from './NewJobPlace.module.css'

const wireHelp = () => ({ plausible: plausible.wireLengthMm, unit: bareUnit('length') })
const slackOf = (text: string) => (text.trim() === '' ? undefined : parseQuantity(text, 'length', wireHelp()))

// most jobs begin with a pinout: this comes when the page stands
const FaultStart = later(
  () => import('./FaultStart'),
  (module) => module.FaultStart,
)

/** A length or nothing; nobody asks for it where all wires are cut new. */
function slackFault(text: string, { kind }: NewJobDraft): string | undefined {
  const read = slackOf(text)
  return kind === 'build' || !read || read.ok ? undefined : texts.wireToSpare(quantityWords(read.fault, 'length'))
}

/** A job from a pinout: dropped, picked or pasted, shown as it will be read, made only when all of it is right. */
export function NewJobPlace({
  housings,
  wireTypes,
}: {
  readonly housings: readonly BroughtHalf[]
  readonly wireTypes: readonly { readonly id: string; readonly name: string }[]
}) {
  const router = useRouter()
  const { operator } = useOperator()
  const [message, setMessage] = useState<string>()
  const [busy, setBusy] = useState(false)
  const [only, setOnly] = useState(false)
  const openFile = useRef<(() => void) | null>(null)
  const form = useForm<NewJobDraft>({
    mode: 'controlled',
    initialValues: emptyDraft,
    validateInputOnChange: ['slack'],
    validate: { slack: slackFault },
    onValuesChange: keepDraft,
  })
  const { setValues } = form
  // what was typed or dropped outlives a reload
  useEffect(() => {
    const kept = keptDraft()
    if (kept) setValues(kept)
  }, [setValues])
  const { csv, ends, title } = form.values
  const textFile = useTextFile()
  const record = useRecordFile()
  const headings = useHeadings(csv)
  const { preview, isNow } = usePreview(headings.text, ends, setMessage)
  const take = async (dropped: File | undefined) => {
    if (!dropped) return
    if (isRecordFile(dropped)) {
      const said = await textFile.read(dropped)
      setMessage(said.ok ? undefined : said.fault)
      if (said.ok) await record.take(said.value, dropped.name)
      return
    }
    const read = await readPinoutFile(dropped, textFile.read)
    setMessage(read.ok ? undefined : read.fault)
    if (read.ok) form.setValues({ csv: read.value, ...(title === '' && { title: titleOfFile(dropped.name) }) })
  }
  const parted = useMemo(() => (preview && !preview.valid ? partRows(preview) : undefined), [preview])
  /** @param pinout all of it, or the rows that can be read while the others wait for the job's grid */
  const make = async (draft: NewJobDraft, pinout: string | undefined, waiting: Parted['faulty']) => {
    if (pinout === undefined || busy) return
    if (!operator) {
      setMessage(WHO_IS_HERE)
      return
    }
    const slack = draft.kind === 'build' ? undefined : slackOf(draft.slack)
    setBusy(true)
    const made = await makeJob({ ...draft, csv: pinout }, slack?.ok ? slack.value : undefined)
    if (made.ok) {
      // where the browser has no room for rows that wait, the pinout stays here as it was typed
      if (waiting.length === 0 || keepWaitingRows(made.value, waiting)) dropDraft()
      router.push(`/jobs/${made.value}/plan`)
      return
    }
    setMessage(made.fault)
    setBusy(false)
  }
  // what was typed a moment ago is not read yet: nothing is made of what stood there before
  const onSubmit = form.onSubmit((draft) =>
    make(draft, preview?.valid && headings.isNow ? headings.text : undefined, []),
  )
  const makeSound = () =>
    void make(form.values, headings.isNow && isNow ? parted?.sound : undefined, parted?.faulty ?? [])
  useKeys([
    { key: 'Enter', words: texts.makeJob, run: () => onSubmit() },
    { key: 'o', words: texts.openFile, run: () => openFile.current?.() },
  ])
  return (
    <PlaceFrame place={undefined} title={texts.newJob} find={[]} foot={<FootNote preview={preview} />}>
      <div
        className={clsx(paneCss.station, styles.columns)}
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          event.preventDefault()
          void take(event.dataTransfer.files[0])
        }}
      >
        <div className={clsx(paneCss.pane, paneCss.paneCard, styles.unframed)}>
          <h2 className={textCss.cardTitle}>{texts.thePinout}</h2>
          <FileDrop
            label={texts.pinoutFile}
            offers=".csv,.tsv,.txt,.xlsx,.json,text/csv,text/plain,application/json"
            openRef={openFile}
            onFile={(file) => void take(file)}
          >
            <span>{texts.openCsvOrXlsx}</span> <Kbd aria-hidden="true">O</Kbd>
          </FileDrop>
          <Textarea
            label={texts.orPasteItsRows}
            spellCheck={false}
            placeholder={texts.example}
            {...form.getInputProps('csv')}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) onSubmit()
            }}
            classNames={{ root: styles.fill, wrapper: styles.wrapper, input: styles.text }}
          />
          <p className={clsx(textCss.small, textCss.dim)}>{texts.columnsByNameIn}</p>
        </div>
        <div className={paneCss.work}>
          {textFile.question}
          {record.note}
          {message !== undefined && (
            <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
              ▲ {message}
            </p>
          )}
          {headings.own.length > 0 && <HeadingMap own={headings.own} tell={headings.tell} />}
          {!preview && <EmptyPreview />}
          {!preview && csv === '' && <FaultStart housings={housings} wireTypes={wireTypes} />}
          {preview && <PreviewTable preview={preview} onlyFaults={only && preview.faults.length > 0} />}
        </div>
        <JobForm
          form={form}
          preview={preview}
          housings={housings}
          only={only}
          setOnly={setOnly}
          busy={busy}
          onSubmit={onSubmit}
          sound={parted?.sound === undefined ? undefined : { faulty: parted.faulty.length, make: makeSound }}
        />
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

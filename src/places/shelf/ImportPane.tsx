'use client'
import { useTextFile } from '@/ui/file/useTextFile'
import { importPaneWords as words } from '@/words/screens/shelf/importPane'
import { Button } from '@mantine/core'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import type { ItemChange } from '@/core/parts/catalogue/comparePackages'
import { PACKAGE_LIMIT_MB } from '@/core/parts/catalogue/packageLists'
import { tooLargeWords } from '@/words/catalogue'
import { yamlToJsonBeside } from '@/workers/yamlClient'
import type { ImportLine, PackagePreview } from './packages'
import { readLines } from './readLines'
import { ImportProgress, type ImportRun } from './ImportProgress'
import { PackageChanges } from './PackageChanges'
import { FileDrop } from '@/ui/file/FileDrop'
import styles from './ImportPane.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'

type Step =
  | { readonly kind: 'idle' }
  | ImportRun
  | { readonly kind: 'preview'; readonly preview: PackagePreview }
  | { readonly kind: 'done'; readonly words: string; readonly good: boolean }

/** A catalogue package from a file: what it would add and change is shown before anything is written. */
export function ImportPane() {
  const router = useRouter()
  const [step, setStep] = useState<Step>({ kind: 'idle' })
  const text = useRef('')
  const stop = useRef<AbortController>(undefined)
  const textFile = useTextFile()
  const send = async (write: boolean): Promise<ImportLine | undefined> => {
    stop.current = new AbortController()
    const response = await fetch(`/api/shelf/import${write ? '?write=1' : ''}`, {
      method: 'POST',
      body: text.current,
      headers: { 'content-type': 'text/plain; charset=utf-8' },
      signal: stop.current.signal,
    })
    return readLines<ImportLine>(response, (line) => {
      if ('stage' in line)
        setStep((now) => (now.kind === 'reading' || now.kind === 'writing' ? { ...now, stage: line.stage } : now))
    })
  }
  const look = async (file: File) => {
    if (file.size > PACKAGE_LIMIT_MB * 2 ** 20)
      return setStep({ kind: 'preview', preview: { ok: false, faults: [tooLargeWords] } })
    setStep({ kind: 'reading', name: file.name, kb: Math.ceil(file.size / 1024), stage: 'open' })
    try {
      // YAML takes its time: it is read here, once, and not at the bench for each look
      const stopped = new AbortController()
      stop.current = stopped
      const said = await textFile.read(file)
      if (!said.ok)
        return setStep(
          said.fault === undefined
            ? { kind: 'idle' }
            : { kind: 'preview', preview: { ok: false, faults: [said.fault] } },
        )
      const json = await yamlToJsonBeside(said.value, stopped.signal)
      if (!json || stopped.signal.aborted) throw new Error('stopped')
      if (!json.ok) return setStep({ kind: 'preview', preview: { ok: false, faults: [json.fault] } })
      text.current = json.value
      const answer = await send(false)
      if (!answer || !('preview' in answer)) throw new Error('no answer')
      return setStep({ kind: 'preview', preview: answer.preview })
    } catch {
      return setStep({
        kind: 'done',
        good: false,
        words: words.itWasNotRead,
      })
    }
  }
  const write = async () => {
    setStep({ kind: 'writing' })
    try {
      const answer = await send(true)
      if (!answer || 'stage' in answer) throw new Error('no answer')
      if ('preview' in answer) {
        setStep({ kind: 'preview', preview: answer.preview })
        return
      }
      const outcome = answer.written
      setStep({
        kind: 'done',
        good: outcome.ok,
        words: outcome.ok
          ? words.takenInAddedChanged(outcome.value.added.length, outcome.value.changed.length, outcome.value.same)
          : outcome.message,
      })
      router.refresh()
    } catch {
      setStep({
        kind: 'done',
        good: false,
        words: words.benchDoesNotAnswer,
      })
    }
  }
  const changes = step.kind === 'preview' && step.preview.ok ? step.preview.changes : []
  const count = (change: ItemChange['change']) => changes.filter((one) => one.change === change).length
  return (
    <div
      className={styles.box}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault()
        const [file] = event.dataTransfer.files
        if (file) void look(file)
      }}
    >
      <h2 className={paneCss.pageTitle}>{words.importPackage}</h2>
      {textFile.question}
      <p className={paneCss.fixed}>
        {words.yamlOrJsonOf} <span className={textCss.mono}>{words.urnBenchCatalogue}</span>
        {words.asExportMakesIt} <span className={textCss.mono}>{words.docsSchemas}</span>
        {words.jobsKeepFactsThat}
      </p>
      <FileDrop label={words.packageFile} offers=".yaml,.yml,.json" onFile={(file) => void look(file)}>
        <span>{words.choosePackageFileOr}</span>
      </FileDrop>
      {(step.kind === 'reading' || step.kind === 'writing') && (
        <ImportProgress step={step} stop={() => stop.current?.abort()} />
      )}
      {step.kind === 'done' && (
        <p className={clsx(noteCss.note, step.good ? undefined : noteCss.fault, paneCss.fixed)} role="status">
          {step.good ? '✓' : '▲'} {step.words}
        </p>
      )}
      {step.kind === 'preview' && !step.preview.ok && (
        <section className={clsx(noteCss.note, noteCss.fault, paneCss.fixed)} aria-label={words.refused}>
          <b>{words.refusedNothingWasWritten}</b>
          <ul>
            {step.preview.faults.map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
        </section>
      )}
      {step.kind === 'preview' && step.preview.ok && (
        <>
          <p role="status" className={paneCss.fixed}>
            <b>{words.added(count('added'))}</b>, <b>{words.changed(count('changed'))}</b>
            {words.theSame(count('same'))}
          </p>
          <div className={clsx(paneCss.two, paneCss.fixed)}>
            <Button variant="filled" disabled={count('added') + count('changed') === 0} onClick={() => void write()}>
              <span>{words.takeIn(count('added') + count('changed'))}</span>
            </Button>
            <Button onClick={() => setStep({ kind: 'idle' })}>
              <span>{words.leaveIt}</span>
            </Button>
          </div>
          <PackageChanges changes={changes} />
        </>
      )}
    </div>
  )
}

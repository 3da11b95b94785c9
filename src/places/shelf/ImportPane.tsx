'use client'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import type { ItemChange } from '@/core/parts/catalogue/comparePackages'
import { PACKAGE_LIMIT_MB } from '@/core/parts/catalogue/packageLists'
import { Differences } from '@/ui/list/Differences'
import { tooLargeWords } from '@/words/catalogue'
import { plural } from '@/words/figures'
import { yamlToJsonBeside } from '@/workers/yamlClient'
import type { ImportLine, PackagePreview } from './packages'
import { readLines } from './readLines'

type Stage = 'open' | Extract<ImportLine, { readonly stage: unknown }>['stage']
type Step =
  | { readonly kind: 'idle' }
  | { readonly kind: 'reading'; readonly name: string; readonly kb: number; readonly stage?: Stage }
  | { readonly kind: 'preview'; readonly preview: PackagePreview }
  | { readonly kind: 'writing'; readonly stage?: Stage }
  | { readonly kind: 'done'; readonly words: string; readonly good: boolean }

const kindWords: Readonly<Record<ItemChange['kind'], string>> = {
  family: 'family',
  'wire-type': 'wire type',
  cable: 'cable',
  tool: 'tool',
  placard: 'placard',
  pack: 'pack',
  rules: 'house rules',
}
const SHOWN = 300

/** What is being done, in its order; the last only when the package is taken in. */
const stages: readonly (readonly [Stage, string])[] = [
  ['open', 'opening the file'],
  ['read', 'reading it'],
  ['check', 'checking each figure'],
  ['join', 'laying it over the shelf'],
  ['compare', 'comparing'],
  ['write', 'writing'],
]

/** A catalogue package from a file: what it would add and change is shown before anything is written. */
export function ImportPane() {
  const router = useRouter()
  const [step, setStep] = useState<Step>({ kind: 'idle' })
  const text = useRef('')
  const stop = useRef<AbortController>(undefined)
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
      const json = await yamlToJsonBeside(await file.text(), stopped.signal)
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
        words: 'It was not read: stopped, or the bench does not answer. Nothing was written.',
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
          ? `Taken in: ${String(outcome.value.added.length)} added, ${String(outcome.value.changed.length)} changed, ${String(outcome.value.same)} the same.`
          : outcome.message,
      })
      router.refresh()
    } catch {
      setStep({
        kind: 'done',
        good: false,
        words: 'The bench does not answer. Load the page again and see whether it was written.',
      })
    }
  }
  const changes = step.kind === 'preview' && step.preview.ok ? step.preview.changes : []
  const count = (change: ItemChange['change']) => changes.filter((one) => one.change === change).length
  return (
    <div
      style={{ display: 'contents' }}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault()
        const [file] = event.dataTransfer.files
        if (file) void look(file)
      }}
    >
      <h2 className="page-title">Import a package</h2>
      <p style={{ flex: 'none' }}>
        YAML or JSON of the form <span className="mono">urn-bench/catalogue</span>, as the export makes it. Its schema
        stands in <span className="mono">docs/schemas</span>. Jobs keep the facts that they pinned.
      </p>
      <label className="field" style={{ flex: 'none' }}>
        Package file
        <input
          type="file"
          accept=".yaml,.yml,.json"
          onChange={(event) => {
            const [file] = event.target.files ?? []
            if (file) void look(file)
          }}
        />
      </label>
      {(step.kind === 'reading' || step.kind === 'writing') && (
        <div style={{ display: 'flex', gap: 12, alignItems: 'center', flex: 'none' }}>
          <progress
            aria-label="Import"
            max={stages.length}
            value={Math.max(
              0,
              stages.findIndex(([id]) => id === step.stage),
            )}
          />
          <span role="status">
            {step.kind === 'reading' ? `${step.name}, ${String(step.kb)} kB: ` : ''}
            {stages.find(([id]) => id === step.stage)?.[1] ?? 'sending it to the bench'}…
          </span>
          {step.kind === 'reading' && (
            <button
              type="button"
              className="act-button"
              style={{ width: 'auto' }}
              onClick={() => stop.current?.abort()}
            >
              <span>Stop</span>
            </button>
          )}
        </div>
      )}
      {step.kind === 'done' && (
        <p className={`note ${step.good ? '' : 'fault'}`} role="status" style={{ flex: 'none' }}>
          {step.good ? '✓' : '▲'} {step.words}
        </p>
      )}
      {step.kind === 'preview' && !step.preview.ok && (
        <section className="note fault" style={{ flex: 'none' }} aria-label="Refused">
          <b>▲ Refused. Nothing was written.</b>
          <ul>
            {step.preview.faults.map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
        </section>
      )}
      {step.kind === 'preview' && step.preview.ok && (
        <>
          <p role="status" style={{ flex: 'none' }}>
            <b>{count('added')} added</b>, <b>{count('changed')} changed</b>, {count('same')} the same.
          </p>
          <div className="two" style={{ flex: 'none' }}>
            <button
              type="button"
              className="act-button main"
              disabled={count('added') + count('changed') === 0}
              onClick={() => void write()}
            >
              <span>Take {plural(count('added') + count('changed'), 'part')} in</span>
            </button>
            <button type="button" className="act-button" onClick={() => setStep({ kind: 'idle' })}>
              <span>Leave it</span>
            </button>
          </div>
          <section
            className="sheet"
            aria-label="What would change"
            tabIndex={0}
            style={{ overflow: 'auto', flex: '1 1 auto', minHeight: 200 }}
          >
            <table className="table">
              <thead>
                <tr>
                  <th scope="col">what</th>
                  <th scope="col">id</th>
                  <th scope="col">name</th>
                  <th scope="col">change</th>
                </tr>
              </thead>
              <tbody>
                {changes
                  .filter((one) => one.change !== 'same')
                  .slice(0, SHOWN)
                  .map((one) => (
                    <tr key={`${one.kind} ${one.id}`}>
                      <td>{kindWords[one.kind]}</td>
                      <td className="figure">
                        <b>{one.id}</b>
                      </td>
                      <td>{one.name}</td>
                      <td>
                        <b className={one.change === 'added' ? 'good' : 'caution'}>
                          {one.change === 'added' ? '+ added' : '◆ changed'}
                        </b>
                        <Differences shown={one.differences} more={one.moreDifferences} />
                      </td>
                    </tr>
                  ))}
              </tbody>
            </table>
          </section>
        </>
      )}
    </div>
  )
}

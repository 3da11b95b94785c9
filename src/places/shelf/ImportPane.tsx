'use client'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import type { ItemChange } from '@/core/catalogue/comparePackages'
import { Differences } from '@/ui/list/Differences'
import { plural } from '@/words/figures'
import type { PackagePreview } from './packages'

type Step = { readonly kind: 'idle' } | { readonly kind: 'reading'; readonly name: string; readonly kb: number } | { readonly kind: 'preview'; readonly preview: PackagePreview } | { readonly kind: 'writing' } | { readonly kind: 'done'; readonly words: string; readonly good: boolean }

const kindWords: Readonly<Record<ItemChange['kind'], string>> = { family: 'family', 'wire-type': 'wire type', cable: 'cable', tool: 'tool', placard: 'placard', pack: 'pack', rules: 'house rules' }
const SHOWN = 300

/** A catalogue package from a file: what it would add and change is shown before anything is written. */
export function ImportPane() {
  const router = useRouter()
  const [step, setStep] = useState<Step>({ kind: 'idle' })
  const text = useRef('')
  const stop = useRef<AbortController>(undefined)
  const send = async (write: boolean): Promise<unknown> => {
    stop.current = new AbortController()
    const response = await fetch(`/api/shelf/import${write ? '?write=1' : ''}`, { method: 'POST', body: text.current, headers: { 'content-type': 'text/plain; charset=utf-8' }, signal: stop.current.signal })
    return response.json()
  }
  const look = async (file: File) => {
    setStep({ kind: 'reading', name: file.name, kb: Math.ceil(file.size / 1024) })
    try {
      text.current = await file.text()
      setStep({ kind: 'preview', preview: (await send(false)) as PackagePreview })
    } catch {
      setStep({ kind: 'done', good: false, words: 'It was not read: stopped, or the bench does not answer. Nothing was written.' })
    }
  }
  const write = async () => {
    setStep({ kind: 'writing' })
    try {
      const outcome = (await send(true)) as { ok: true; value: { added: string[]; changed: string[]; same: number } } | { ok: false; message: string }
      setStep({ kind: 'done', good: outcome.ok, words: outcome.ok ? `Taken in: ${String(outcome.value.added.length)} added, ${String(outcome.value.changed.length)} changed, ${String(outcome.value.same)} the same.` : outcome.message })
      router.refresh()
    } catch {
      setStep({ kind: 'done', good: false, words: 'The bench does not answer. Load the page again and see whether it was written.' })
    }
  }
  const changes = step.kind === 'preview' && step.preview.ok ? step.preview.changes : []
  const count = (change: ItemChange['change']) => changes.filter((one) => one.change === change).length
  return (
    <div style={{ display: 'contents' }} onDragOver={(event) => event.preventDefault()} onDrop={(event) => { event.preventDefault(); const [file] = event.dataTransfer.files; if (file) void look(file) }}>
      <h2 className="page-title">Import a package</h2>
      <p style={{ flex: 'none' }}>YAML or JSON of the form <span className="mono">urn-bench/catalogue</span>, as the export makes it. Its schema stands in <span className="mono">docs/schemas</span>. Jobs keep the facts that they pinned.</p>
      <label className="field" style={{ flex: 'none' }}>Package file<input type="file" accept=".yaml,.yml,.json" onChange={(event) => { const [file] = event.target.files ?? []; if (file) void look(file) }} /></label>
      {(step.kind === 'reading' || step.kind === 'writing') && (
        <p role="status" style={{ display: 'flex', gap: 12, alignItems: 'center', flex: 'none' }}>
          {step.kind === 'reading' ? `Reading ${step.name}, ${String(step.kb)} kB: checking each figure…` : 'Writing…'}
          {step.kind === 'reading' && <button type="button" className="act-button" style={{ width: 'auto' }} onClick={() => stop.current?.abort()}><span>Stop</span></button>}
        </p>
      )}
      {step.kind === 'done' && <p className={`note ${step.good ? '' : 'fault'}`} role="status" style={{ flex: 'none' }}>{step.good ? '✓' : '▲'} {step.words}</p>}
      {step.kind === 'preview' && !step.preview.ok && (
        <section className="note fault" style={{ flex: 'none' }} aria-label="Refused">
          <b>▲ Refused. Nothing was written.</b>
          <ul>{step.preview.faults.map((fault) => <li key={fault}>{fault}</li>)}</ul>
        </section>
      )}
      {step.kind === 'preview' && step.preview.ok && (
        <>
          <p role="status" style={{ flex: 'none' }}><b>{count('added')} added</b>, <b>{count('changed')} changed</b>, {count('same')} the same.</p>
          <div className="two" style={{ flex: 'none' }}>
            <button type="button" className="act-button main" disabled={count('added') + count('changed') === 0} onClick={() => void write()}><span>Take {plural(count('added') + count('changed'), 'part')} in</span></button>
            <button type="button" className="act-button" onClick={() => setStep({ kind: 'idle' })}><span>Leave it</span></button>
          </div>
          <section className="sheet" style={{ overflow: 'auto', flex: '1 1 auto', minHeight: 200 }}>
            <table className="table">
              <thead><tr><th scope="col">what</th><th scope="col">id</th><th scope="col">name</th><th scope="col">change</th></tr></thead>
              <tbody>
                {changes.filter((one) => one.change !== 'same').slice(0, SHOWN).map((one) => (
                  <tr key={`${one.kind} ${one.id}`}>
                    <td>{kindWords[one.kind]}</td><td className="figure"><b>{one.id}</b></td><td>{one.name}</td>
                    <td>
                      <b className={one.change === 'added' ? 'good' : 'caution'}>{one.change === 'added' ? '+ added' : '◆ changed'}</b>
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

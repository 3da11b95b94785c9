'use client'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { KeptEntry } from '@/core/record/journal/entry'
import { isClosed } from '@/core/record/state/state'
import { useOperator } from '@/ui/frame/Operator'
import { useJob } from '@/ui/job/JobProvider'
import { dayTime, figure, newtons } from '@/words/figures'
import { entryWords } from '@/words/entries'
import type { LogLine } from '@/core/record/state/records'
import { termLabel } from '@/core/record/plan/keys'
import Link from 'next/link'

const PAGE = 200

/** What was written, entry by entry, newest first; notes; taking back. */
export function JournalPlace({ at }: { readonly at?: number }) {
  const { id, state, takeBack, append, busy } = useJob()
  const { people } = useOperator()
  const [entries, setEntries] = useState<readonly KeptEntry[]>([])
  const [from, setFrom] = useState<number | undefined>(at === undefined ? undefined : Math.max(0, at - PAGE / 2))
  const [note, setNote] = useState('')
  const [fault, setFault] = useState(false)
  const first = from ?? Math.max(0, state.seq - PAGE)
  const load = useCallback(async () => {
    try {
      const response = await fetch(`/api/v1/jobs/${encodeURIComponent(id)}/journal?after=${first}&limit=${PAGE}`)
      if (!response.ok) throw new Error(String(response.status))
      setEntries(((await response.json()) as { entries: KeptEntry[] }).entries)
      setFault(false)
    } catch {
      setFault(true)
    }
  }, [id, first])
  useEffect(() => void load(), [load, state.seq])
  const asked = useRef<HTMLTableRowElement>(null)
  const isThere = entries.some((entry) => entry.seq === at)
  useEffect(() => {
    asked.current?.scrollIntoView({ block: 'center' })
  }, [isThere])
  const undone = new Set(entries.flatMap((entry) => (entry.kind === 'taken-back' ? [entry.undoes] : [])))
  const lines = new Map(state.recent.map((line) => [line.seq, line]))
  return (
    <div className="station" style={{ gridTemplateColumns: 'minmax(0,1fr) 320px' }}>
      <div className="work">
        <section className="sheet sheet-fill" aria-label="Journal">
          <div className="sheet-head">
            <span>
              Entries {first + 1} to {Math.min(state.seq, first + PAGE)} of {state.seq}, newest first
            </span>
            <span style={{ display: 'flex', gap: 8 }}>
              <button type="button" onClick={() => setFrom(Math.max(0, first - PAGE))} disabled={first === 0}>
                older
              </button>
              <button
                type="button"
                onClick={() => setFrom(Math.min(Math.max(0, state.seq - PAGE), first + PAGE))}
                disabled={first + PAGE >= state.seq}
              >
                newer
              </button>
            </span>
          </div>
          <div className="sheet-body" tabIndex={0} role="region" aria-label="Entries">
            {fault && <p className="note fault">▲ The journal does not answer. Load the page again.</p>}
            <table className="table">
              <thead>
                <tr>
                  <th scope="col">no.</th>
                  <th scope="col">when</th>
                  <th scope="col">who</th>
                  <th scope="col">what</th>
                  <th scope="col">hash</th>
                </tr>
              </thead>
              <tbody>
                {[...entries].reverse().map((entry) => (
                  <tr
                    key={entry.seq}
                    data-at={entry.seq === at}
                    ref={entry.seq === at ? asked : undefined}
                    className={entry.seq === at ? 'rule-differs' : undefined}
                  >
                    <td className="figure">{entry.seq}</td>
                    <td className="figure dim">{dayTime(entry.at)}</td>
                    <td>{people.find((person) => person.id === entry.by)?.name ?? entry.by}</td>
                    <td>
                      <span style={undone.has(entry.id) ? { textDecoration: 'line-through' } : undefined}>
                        {entryWords[entry.kind]} <b className="mono">{aboutOf(entry, lines)}</b>
                      </span>
                      {undone.has(entry.id) && <span className="attend"> taken back</span>}
                      {figuresOf(entry) !== undefined && <span className="dim"> {figuresOf(entry)}</span>}
                      {(charted.has(entry.kind) || ('heightMm' in entry && entry.heightMm !== undefined)) &&
                        !undone.has(entry.id) && (
                          <Link
                            className="plain small"
                            href={`/ledger?at=${encodeURIComponent(`${id}:${String(entry.seq)}`)}`}
                            prefetch={false}
                            style={{ marginLeft: 8 }}
                          >
                            on the chart
                          </Link>
                        )}
                    </td>
                    <td className="figure dim" title={entry.hash}>
                      {entry.hash.slice(0, 10)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </section>
      </div>
      <aside className="pane pane-card" aria-label="Journal">
        <h2 className="card-title">Journal</h2>
        <p className="dim">
          Nothing here is ever changed. Taking an entry back appends its opposite. Each entry carries the hash of the
          one before it.
        </p>
        <button type="button" className="act-button" disabled={busy || isClosed(state)} onClick={() => void takeBack()}>
          <span>Take your last entry back</span> <kbd aria-hidden="true">U</kbd>
        </button>
        <form
          className="field"
          onSubmit={(event) => {
            event.preventDefault()
            if (note.trim() !== '')
              void append({ kind: 'noted', text: note.trim() }).then((written) => written && setNote(''))
          }}
        >
          <label>
            A note for the record
            <input
              value={note}
              maxLength={500}
              style={{ fontFamily: 'var(--sans)' }}
              onChange={(event) => setNote(event.target.value)}
            />
          </label>
          <button type="submit" className="act-button" disabled={busy || note.trim() === ''}>
            <span>Write the note</span>
          </button>
        </form>
      </aside>
    </div>
  )
}

/** What was measured, for a line of the list. */
function figuresOf(entry: KeptEntry): string | undefined {
  const height = 'heightMm' in entry && entry.heightMm !== undefined ? `${figure(entry.heightMm, 3)} mm` : undefined
  const pull = 'pullN' in entry ? newtons(entry.pullN) : undefined
  return height === undefined && pull === undefined ? undefined : [height, pull].filter(Boolean).join(', ')
}

/** Kinds of entries whose figures stand in the Ledger. */
const charted: ReadonlySet<string> = new Set(['first-piece', 'pull-sampled'])

function aboutOf(entry: KeptEntry, lines: ReadonlyMap<number, LogLine>): string {
  const line = lines.get(entry.seq)
  if (line) return line.about
  if ('term' in entry && entry.term !== undefined) return termLabel(entry.term)
  if ('wire' in entry) return entry.wire
  if ('end' in entry) return entry.end
  return entry.kind === 'noted' ? entry.text : ''
}

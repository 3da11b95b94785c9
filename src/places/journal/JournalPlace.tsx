'use client'
import { useClock } from '@/ui/frame/Clock'
import { Button, Kbd, Table, TextInput } from '@mantine/core'
import { useEffect, useRef, useState } from 'react'
import type { KeptEntry } from '@/core/record/journal/entry'
import { isClosed } from '@/core/record/state/state'
import { useOperator } from '@/ui/frame/Operator'
import { useJob } from '@/ui/job/JobProvider'
import { figure, newtons } from '@/words/figures'
import { entryWords } from '@/words/entries'
import type { LogLine } from '@/core/record/state/records'
import { termLabel } from '@/core/record/plan/keys'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import rowsCss from '@/ui/table/rows.module.css'
import textCss from '@/ui/text/text.module.css'
import Link from 'next/link'

const PAGE = 200

const readEntries = withFields<{ readonly entries: readonly KeptEntry[] }>('entries')
const noEntries: readonly KeptEntry[] = []

/** What was written, entry by entry, newest first; notes; taking back. */
export function JournalPlace({ at }: { readonly at?: number }) {
  const { id, state, takeBack, append, busy } = useJob()
  const { people } = useOperator()
  const clock = useClock()
  const [from, setFrom] = useState<number | undefined>(at === undefined ? undefined : Math.max(0, at - PAGE / 2))
  const [note, setNote] = useState('')
  const first = from ?? Math.max(0, state.seq - PAGE)
  const { value, failed } = useFetched(
    `/api/v1/jobs/${encodeURIComponent(id)}/journal?after=${first}&limit=${PAGE}`,
    readEntries,
    { version: state.seq },
  )
  const entries = value?.entries ?? noEntries
  const asked = useRef<HTMLTableRowElement>(null)
  const isThere = entries.some((entry) => entry.seq === at)
  useEffect(() => {
    asked.current?.scrollIntoView({ block: 'center' })
  }, [isThere])
  const undone = new Set(entries.flatMap((entry) => (entry.kind === 'taken-back' ? [entry.undoes] : [])))
  const lines = new Map(state.recent.map((line) => [line.seq, line]))
  return (
    <div className={paneCss.station} style={{ gridTemplateColumns: 'minmax(0,1fr) 320px' }}>
      <div className={paneCss.work}>
        <section className={clsx(paneCss.sheet, paneCss.sheetFill)} aria-label="Journal">
          <div className={paneCss.sheetHead}>
            <span>
              Entries {first + 1} to {Math.min(state.seq, first + PAGE)} of {state.seq}, newest first
            </span>
            <span style={{ display: 'flex', gap: 8 }}>
              <Button variant="subtle" onClick={() => setFrom(Math.max(0, first - PAGE))} disabled={first === 0}>
                older
              </Button>
              <Button
                variant="subtle"
                onClick={() => setFrom(Math.min(Math.max(0, state.seq - PAGE), first + PAGE))}
                disabled={first + PAGE >= state.seq}
              >
                newer
              </Button>
            </span>
          </div>
          <div className={paneCss.sheetBody} tabIndex={0} role="region" aria-label="Entries">
            {failed && (
              <p className={clsx(noteCss.note, noteCss.fault)}>▲ The journal does not answer. Load the page again.</p>
            )}
            <Table>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th scope="col">no.</Table.Th>
                  <Table.Th scope="col">when</Table.Th>
                  <Table.Th scope="col">who</Table.Th>
                  <Table.Th scope="col">what</Table.Th>
                  <Table.Th scope="col">hash</Table.Th>
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {[...entries].reverse().map((entry) => (
                  <Table.Tr
                    key={entry.seq}
                    data-at={entry.seq === at}
                    ref={entry.seq === at ? asked : undefined}
                    className={entry.seq === at ? rowsCss.ruleDiffers : undefined}
                  >
                    <Table.Td className={textCss.figure}>{entry.seq}</Table.Td>
                    <Table.Td className={clsx(textCss.figure, textCss.dim)}>{clock.dayTime(entry.at)}</Table.Td>
                    <Table.Td>{people.find((person) => person.id === entry.by)?.name ?? entry.by}</Table.Td>
                    <Table.Td>
                      <span style={undone.has(entry.id) ? { textDecoration: 'line-through' } : undefined}>
                        {entryWords[entry.kind]} <b className={textCss.mono}>{aboutOf(entry, lines)}</b>
                      </span>
                      {undone.has(entry.id) && <span className={textCss.attend}> taken back</span>}
                      {figuresOf(entry) !== undefined && <span className={textCss.dim}> {figuresOf(entry)}</span>}
                      {(charted.has(entry.kind) || ('heightMm' in entry && entry.heightMm !== undefined)) &&
                        !undone.has(entry.id) && (
                          <Link
                            className={clsx(textCss.plain, textCss.small)}
                            href={`/ledger?at=${encodeURIComponent(`${id}:${String(entry.seq)}`)}`}
                            prefetch={false}
                            style={{ marginLeft: 8 }}
                          >
                            on the chart
                          </Link>
                        )}
                    </Table.Td>
                    <Table.Td className={clsx(textCss.figure, textCss.dim)} title={entry.hash}>
                      {entry.hash.slice(0, 10)}
                    </Table.Td>
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          </div>
        </section>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label="Journal">
        <h2 className={textCss.cardTitle}>Journal</h2>
        <p className={textCss.dim}>
          Nothing here is ever changed. Taking an entry back appends its opposite. Each entry carries the hash of the
          one before it.
        </p>
        <Button disabled={busy || isClosed(state)} onClick={() => void takeBack()}>
          <span>Take your last entry back</span> <Kbd aria-hidden="true">U</Kbd>
        </Button>
        <form
          onSubmit={(event) => {
            event.preventDefault()
            if (note.trim() !== '')
              void append({ kind: 'noted', text: note.trim() }).then((written) => written && setNote(''))
          }}
        >
          <TextInput
            label="A note for the record"
            className={textCss.sentence}
            value={note}
            maxLength={500}
            onChange={(event) => setNote(event.target.value)}
          />
          <Button type="submit" disabled={busy || note.trim() === ''}>
            <span>Write the note</span>
          </Button>
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

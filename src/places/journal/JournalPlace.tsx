'use client'
import { HeadRow } from '@/ui/table/HeadRow'
import { journalPlaceWords as words } from '@/words/screens/journal/journalPlace'
import { useClock } from '@/ui/frame/Clock'
import { Button, Kbd, Table, TextInput } from '@mantine/core'
import { useEffect, useRef, useState } from 'react'
import type { KeptEntry } from '@/core/record/journal/entry'
import { holdsUpTo } from '@/core/record/journal/recordFault'
import { isClosed } from '@/core/record/state/state'
import { useAuthor } from '@/ui/job/useAuthor'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { pulledWords } from '@/words/pulled'
import { entryWords } from '@/words/entries'
import type { LogLine } from '@/core/record/state/records'
import { aboutEntry } from '@/ui/job/aboutEntry'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import styles from './JournalPlace.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import rowsCss from '@/ui/table/rows.module.css'
import textCss from '@/ui/text/text.module.css'
import { Link } from '@/ui/address/Link'

const PAGE = 200

const readEntries = withFields<{ readonly entries: readonly KeptEntry[]; readonly last: number }>('entries', 'last')
const noEntries: readonly KeptEntry[] = []

/** What was written, entry by entry, newest first; notes; taking back. */
export function JournalPlace({ at }: { readonly at?: number }) {
  const { id, state, provenance, takeBack, append } = useJob()
  const busy = useBusy()
  const author = useAuthor()
  const clock = useClock()
  const [from, setFrom] = useState<number | undefined>(at === undefined ? undefined : Math.max(0, at - PAGE / 2))
  const [note, setNote] = useState('')
  // a record that is not whole has entries behind what holds: they are shown for what they are
  const [stored, setStored] = useState(state.seq)
  const end = Math.max(state.seq, stored)
  const first = from ?? Math.max(0, end - PAGE)
  const { value, failed } = useFetched(
    `/api/v1/jobs/${encodeURIComponent(id)}/journal?after=${first}&limit=${PAGE}`,
    readEntries,
    { version: state.seq },
  )
  const entries = value?.entries ?? noEntries
  if (value && value.last > stored) setStored(value.last)
  const asked = useRef<HTMLTableRowElement>(null)
  const isThere = entries.some((entry) => entry.seq === at)
  useEffect(() => {
    asked.current?.scrollIntoView({ block: 'center' })
  }, [isThere])
  const undone = new Set(entries.flatMap((entry) => (entry.kind === 'taken-back' ? [entry.undoes] : [])))
  const holds = provenance.fault ? holdsUpTo(provenance.fault) : Infinity
  const lines = new Map(state.recent.map((line) => [line.seq, line]))
  return (
    <div className={clsx(paneCss.station, styles.columns)}>
      <div className={paneCss.work}>
        <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.journal}>
          <div className={paneCss.panelHead}>
            <span>{words.entriesToOfNewest(first + 1, Math.min(end, first + PAGE), end)}</span>
            <span className={styles.row}>
              <Button variant="subtle" onClick={() => setFrom(Math.max(0, first - PAGE))} disabled={first === 0}>
                {words.older}
              </Button>
              <Button
                variant="subtle"
                onClick={() => setFrom(Math.min(Math.max(0, end - PAGE), first + PAGE))}
                disabled={first + PAGE >= end}
              >
                {words.newer}
              </Button>
            </span>
          </div>
          <div className={paneCss.panelBody} tabIndex={0} role="region" aria-label={words.entries}>
            {failed && <p className={clsx(noteCss.note, noteCss.fault)}>{words.journalDoesNotAnswer}</p>}
            <Table>
              <HeadRow names={[words.number, words.when, words.who, words.what, words.hash]} />
              <Table.Tbody>
                {[...entries].reverse().map((entry) => (
                  <Table.Tr
                    key={entry.seq}
                    data-at={entry.seq === at}
                    ref={entry.seq === at ? asked : undefined}
                    className={entry.seq === at ? rowsCss.ruleDiffers : undefined}
                  >
                    <Table.Td className={textCss.figure}>
                      {entry.seq}
                      {entry.seq > holds && (
                        <span className={clsx(textCss.fault, textCss.small)}> {words.doesNotHold}</span>
                      )}
                    </Table.Td>
                    <Table.Td className={clsx(textCss.figure, textCss.dim)}>{clock.dayTime(entry.at)}</Table.Td>
                    <Table.Td>{author(entry.by, entry.seq)}</Table.Td>
                    <Table.Td>
                      <span style={undone.has(entry.id) ? { textDecoration: 'line-through' } : undefined}>
                        {entryWords[entry.kind]} <b className={textCss.mono}>{aboutOf(entry, lines)}</b>
                      </span>
                      {undone.has(entry.id) && <span className={textCss.attend}> {words.takenBack}</span>}
                      {figuresOf(entry) !== undefined && <span className={textCss.dim}> {figuresOf(entry)}</span>}
                      {(charted.has(entry.kind) || ('heightMm' in entry && entry.heightMm !== undefined)) &&
                        !undone.has(entry.id) && (
                          <Link
                            className={clsx(textCss.plain, textCss.small, styles.spaced)}
                            href={`/ledger?at=${encodeURIComponent(`${id}:${String(entry.seq)}`)}`}
                          >
                            {words.onChart}
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
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.journal}>
        <h2 className={textCss.cardTitle}>{words.journal}</h2>
        <p className={textCss.dim}>{words.nothingHereIsEver}</p>
        <Button disabled={busy || isClosed(state)} onClick={() => void takeBack()}>
          <span>{words.takeYourLastEntry}</span> <Kbd aria-hidden="true">U</Kbd>
        </Button>
        <form
          onSubmit={(event) => {
            event.preventDefault()
            if (note.trim() !== '')
              void append({ kind: 'noted', text: note.trim() }).then((written) => written && setNote(''))
          }}
        >
          <TextInput
            label={words.noteForRecord}
            className={textCss.sentence}
            value={note}
            maxLength={500}
            onChange={(event) => setNote(event.target.value)}
          />
          <Button type="submit" disabled={busy || note.trim() === ''}>
            <span>{words.writeNote}</span>
          </Button>
        </form>
      </aside>
    </div>
  )
}

/** What was measured, for a line of the list. */
function figuresOf(entry: KeptEntry): string | undefined {
  const height = 'heightMm' in entry && entry.heightMm !== undefined ? words.height(entry.heightMm) : undefined
  const pull = 'pullN' in entry || 'byHand' in entry ? pulledWords(entry) : undefined
  return height === undefined && pull === undefined ? undefined : [height, pull].filter(Boolean).join(', ')
}

/** Kinds of entries whose figures stand in the Ledger. */
const charted: ReadonlySet<string> = new Set(['first-piece', 'pull-sampled'])

const aboutOf = (entry: KeptEntry, lines: ReadonlyMap<number, LogLine>): string =>
  lines.get(entry.seq)?.about ?? aboutEntry(entry)

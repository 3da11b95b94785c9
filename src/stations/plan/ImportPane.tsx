'use client'

import styles from './ImportPane.module.css'
import { importPaneWords as words } from '@/words/screens/plan/importPane'
import { Button, Kbd, NativeSelect, Table, Textarea } from '@mantine/core'
import { useEffect, useRef, useState } from 'react'
import { type GridText, gridColumns } from '@/core/record/grid/columns'
import { newRow, nextId, readDraft, rowsOf } from '@/core/record/grid/draft'
import { countOn } from '@/core/base/cells/cells'
import {
  type ImportTarget,
  type Mapping,
  guessMapping,
  importTargets,
  joinHalves,
  looksLikeHeading,
  mapRows,
  readHalf,
} from '@/core/record/grid/importTable'
import type { GridNames } from '@/core/record/grid/gridNames'
import { xlsxFaultWords } from '@/words/workbook'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { list, plural } from '@/words/figures'
import { fileSeparators, useTableText } from '@/ui/grid/useTableText'
import { readXlsxBeside } from '@/workers/xlsxClient'
import type { GridDraft } from './grid/useGridDraft'
import { MatchRows } from './MatchRows'
import { FileDrop } from '@/ui/file/FileDrop'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'

type Table = readonly (readonly string[])[]
const SHOWN = 6
const ROWS_AT_MOST = 5000
const targetWords = (target: ImportTarget): string =>
  (
    ({ fromEnd: words.fromEnd, fromCavity: words.fromCavity, toEnd: words.toEnd, toCavity: words.toCavity }) as Partial<
      Record<ImportTarget, string>
    >
  )[target] ?? gridColumns[target as 'id'].heading
const rememberKey = (head: readonly string[]) => `urn-mapping:${head.join('|').toLowerCase()}`

/** A pinout from a file or the clipboard: its columns are guessed, shown, set right by hand, and remembered for the next file like it. */
export function ImportPane({
  names,
  draft,
  close,
}: {
  readonly names: GridNames
  readonly draft: GridDraft
  readonly close: () => void
}) {
  const [mode, setMode] = useState<'table' | 'halves'>('table')
  useKeys([{ key: 'Escape', words: words.backToPinout, run: close }])
  return (
    <section className={clsx(paneCss.sheet, paneCss.sheetFill)} aria-label={words.importPinout}>
      <div className={paneCss.sheetHead}>
        <h2 className={textCss.cardTitle}>{words.importPinout}</h2>
        <span className={paneCss.caption}>
          <Button variant="subtle" aria-pressed={mode === 'table'} onClick={() => setMode('table')}>
            {words.oneTable(mode === 'table' ? '▸ ' : '')}
          </Button>
          <Button variant="subtle" aria-pressed={mode === 'halves'} onClick={() => setMode('halves')}>
            {words.twoHalvesJoinedBy(mode === 'halves' ? '▸ ' : '')}
          </Button>
          <Button variant="subtle" onClick={close}>
            {words.back} <Kbd>Esc</Kbd>
          </Button>
        </span>
      </div>
      <div className={clsx(paneCss.sheetBody, styles.stack)}>
        {mode === 'table' ? (
          <OneTable names={names} draft={draft} close={close} />
        ) : (
          <TwoHalves names={names} draft={draft} close={close} />
        )}
      </div>
    </section>
  )
}

/** A file or a pasted text as a table of cells. */
function TableSource({
  label,
  onTable,
}: {
  readonly label: string
  readonly onTable: (table: Table | undefined) => void
}) {
  const [text, setText] = useState('')
  const [fault, setFault] = useState<string>()
  const [reading, setReading] = useState<AbortController>()
  const readTable = useTableText()
  const latest = useRef(onTable)
  useEffect(() => {
    latest.current = onTable
  })
  const take = (table: Table) => {
    if (table.length - 1 > ROWS_AT_MOST) {
      setFault(words.rowsAreTooMany(table.length, ROWS_AT_MOST))
      latest.current(undefined)
    } else {
      setFault(undefined)
      latest.current(table.length > 0 ? table : undefined)
    }
  }
  const fromText = (said: string) => {
    setText(said)
    if (said.trim() === '') latest.current(undefined)
    else readTable(said, fileSeparators, (rows) => take(rows.filter((row) => row.some((cell) => cell.trim() !== ''))))
  }
  const fromFile = async (file: File) => {
    if (!/\.xlsx$/i.test(file.name)) return fromText(await file.text())
    const stop = new AbortController()
    setReading(stop)
    const read = await readXlsxBeside(new Uint8Array(await file.arrayBuffer()), stop.signal)
    setReading(undefined)
    if (!read) return undefined
    if (read.ok) {
      setText('')
      take(read.value)
    } else {
      setFault(xlsxFaultWords(read.fault))
      latest.current(undefined)
    }
    return undefined
  }
  return (
    <div
      className={paneCss.choices}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault()
        const [file] = event.dataTransfer.files
        if (file) void fromFile(file)
      }}
    >
      <Textarea
        label={label}
        value={text}
        placeholder={words.dropCsvOrXlsx}
        onChange={(event) => fromText(event.target.value)}
      />
      <span className={styles.row}>
        <FileDrop label={words.chooseFile(label)} offers=".csv,.tsv,.txt,.xlsx" onFile={(file) => void fromFile(file)}>
          <span>{words.chooseFileOrDrop}</span>
        </FileDrop>
        {reading && (
          <Button fullWidth={false} onClick={() => reading.abort()}>
            <span>{words.readingStop}</span>
          </Button>
        )}
      </span>
      {fault !== undefined && <span className={textCss.wrong}>▲ {fault}</span>}
    </div>
  )
}

function OneTable({
  names,
  draft,
  close,
}: {
  readonly names: GridNames
  readonly draft: GridDraft
  readonly close: () => void
}) {
  const { state } = useJob()
  const [table, setTable] = useState<Table>()
  const [mapping, setMapping] = useState<Mapping>([])
  const [matches, setMatches] = useState(false)
  const headed = table?.[0] !== undefined && looksLikeHeading(table[0])
  const body = table ? (headed ? table.slice(1) : table) : []
  const take = (next: Table | undefined) => {
    setTable(next)
    const head = next?.[0] ?? []
    const kept = localStorage.getItem(rememberKey(head))
    const remembered =
      kept === null ? undefined : (JSON.parse(kept) as (ImportTarget | null)[]).map((one) => one ?? undefined)
    setMapping(remembered?.length === head.length ? remembered : guessMapping(head))
  }
  const rows = mapRows(body, mapping)
  const replaced = readDraft(
    rows.map((text, i) => newRow(String(i), text)),
    names,
  )
  const matching = state.plan.wires.length > 0 && readNames(rows)
  const match = (ids: readonly string[]) => {
    const present = new Map(rowsOf(state.plan).map((row) => [row.text.id, row]))
    draft.edit(() =>
      rows.flatMap((text, i) => {
        const id = ids[i]
        if (id === undefined) return []
        // what the wanted table does not speak of stays as it is
        const known = present.get(id)
        const origin = known?.origin
        const row = newRow(draft.newKey(), { ...known?.text, ...text, id })
        return [origin ? { ...row, key: origin.id, origin } : row]
      }),
    )
    close()
  }
  const put = (replace: boolean) => {
    if (table?.[0]) localStorage.setItem(rememberKey(table[0]), JSON.stringify(mapping.map((one) => one ?? null)))
    draft.edit((now) => {
      const kept = replace ? [] : now
      const wires = new Map((replace ? rowsOf(state.plan) : []).map((row) => [row.text.id, row]))
      return [
        ...kept,
        ...numbered(rows, nextId(now)).map((text) => {
          const origin = wires.get(text.id ?? '')?.origin
          const row = newRow(draft.newKey(), text)
          return origin ? { ...row, key: origin.id, origin } : row
        }),
      ]
    })
    close()
  }
  return (
    <>
      <TableSource label={words.pinout} onTable={take} />
      {table && matches && matching && (
        <MatchRows wanted={matching} present={state.plan.wires} put={match} back={() => setMatches(false)} />
      )}
      {table && !(matches && matching) && (
        <>
          <p className={textCss.small}>
            {headed ? words.firstRowNamesColumns : words.noHeadingsWereFound} {plural(rows.length, 'wire')}
            {replaced.faulty > 0 && <b className={textCss.fault}> {words.toMendInGrid(replaced.faulty)}</b>}
          </p>
          <div role="region" aria-label={words.asItWillBe} tabIndex={0} className={styles.asItWillBe}>
            <Table>
              <Table.Thead>
                <Table.Tr>
                  {(table[0] ?? []).map((heading, i) => (
                    <Table.Th key={i} className={styles.wide}>
                      <NativeSelect
                        label={
                          <>
                            <span className={textCss.mono}>{headed ? heading : `column ${String(i + 1)}`}</span>
                          </>
                        }
                        value={mapping[i] ?? ''}
                        onChange={(event) =>
                          setMapping((now) =>
                            now.map((one, at) =>
                              at === i ? ((event.target.value || undefined) as ImportTarget | undefined) : one,
                            ),
                          )
                        }
                      >
                        <option value="">{words.notRead}</option>
                        {importTargets.map((target) => (
                          <option key={target} value={target}>
                            {targetWords(target)}
                          </option>
                        ))}
                      </NativeSelect>
                    </Table.Th>
                  ))}
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {body.slice(0, SHOWN).map((row, i) => (
                  <Table.Tr key={i}>
                    {row.map((cell, at) => (
                      <Table.Td key={at} className={mapping[at] ? textCss.figure : clsx(textCss.figure, textCss.dim)}>
                        {cell}
                      </Table.Td>
                    ))}
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          </div>
          <div className={paneCss.two}>
            <Button variant="filled" disabled={rows.length === 0} onClick={() => put(draft.rows.length > 0)}>
              <span>
                {draft.rows.length > 0 ? words.replacePinoutBy(rows.length) : words.putIntoPinout(rows.length)}
              </span>
            </Button>
            <Button disabled={rows.length === 0} onClick={() => put(false)}>
              <span>{words.addThemBelow}</span>
            </Button>
          </div>
          {matching && (
            <Button onClick={() => setMatches(true)}>
              <span>{words.itIsWhatThis}</span>
            </Button>
          )}
          <p className={clsx(textCss.small, textCss.dim)}>{words.nothingIsSavedYet}</p>
        </>
      )}
    </>
  )
}

/** Ids and signals of rows, where every row has an id of its own. */
function readNames(
  rows: readonly Partial<GridText>[],
): readonly { readonly id: string; readonly signal?: string }[] | undefined {
  const named = rows.map(({ id = '', signal }) => ({
    id: id.trim(),
    ...(signal !== undefined && signal.trim() !== '' && { signal }),
  }))
  return named.some((one) => one.id === '') || new Set(named.map((one) => one.id)).size < named.length
    ? undefined
    : named
}

/** Rows without an id get the next ones. */
function numbered(rows: readonly Partial<GridText>[], first: string): readonly Partial<GridText>[] {
  let given = 0
  return rows.map((text) => (text.id === undefined || text.id === '' ? { ...text, id: countOn(first, given++) } : text))
}

function TwoHalves({
  names,
  draft,
  close,
}: {
  readonly names: GridNames
  readonly draft: GridDraft
  readonly close: () => void
}) {
  const ends = [...names.ends.keys()]
  const [a, setA] = useState<Table>()
  const [b, setB] = useState<Table>()
  const [endA, setEndA] = useState(ends[0] ?? '')
  const [endB, setEndB] = useState(ends[1] ?? '')
  const joined =
    a && b && endA !== endB ? joinHalves({ end: endA, rows: readHalf(a) }, { end: endB, rows: readHalf(b) }) : undefined
  const last = draft.rows[draft.rows.length - 1]?.text
  const pickEnd = (value: string, set: (end: string) => void, label: string) => (
    <NativeSelect label={label} value={value} onChange={(event) => set(event.target.value)}>
      {ends.map((end) => (
        <option key={end} value={end}>
          {end}, {names.ends.get(end)?.housing}
        </option>
      ))}
    </NativeSelect>
  )
  if (ends.length < 2) return <p className={clsx(noteCss.note, noteCss.attend)}>{words.addTwoEndsAt}</p>
  return (
    <>
      <div className={paneCss.fieldRow}>
        <div>
          {pickEnd(endA, setEndA, words.firstHalfIsOf)}
          <TableSource label={words.cavityAndSignal} onTable={setA} />
        </div>
        <div>
          {pickEnd(endB, setEndB, words.secondHalfIsOf)}
          <TableSource label={words.cavityAndSignalSecond} onTable={setB} />
        </div>
      </div>
      {endA === endB && <p className={clsx(noteCss.note, noteCss.attend)}>{words.twoDifferentEndsAre}</p>}
      {joined && (
        <>
          <p>
            {words.joinedBySignal(joined.rows.length)}{' '}
            {joined.left.length > 0 && (
              <b className={textCss.caution}>
                {words.leftOver(
                  list(
                    joined.left.map((one) => `${one.end}.${one.cavity} ${one.signal}`),
                    8,
                  ),
                )}
              </b>
            )}
          </p>
          <Table>
            <Table.Thead>
              <Table.Tr>
                <Table.Th>{words.from}</Table.Th>
                <Table.Th>{words.to}</Table.Th>
                <Table.Th>{words.signal}</Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {joined.rows.slice(0, SHOWN + 6).map((row) => (
                <Table.Tr key={`${row.from ?? ''}${row.to ?? ''}`}>
                  <Table.Td className={textCss.figure}>{row.from}</Table.Td>
                  <Table.Td className={textCss.figure}>{row.to}</Table.Td>
                  <Table.Td>{row.signal}</Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
          <Button
            variant="filled"
            disabled={joined.rows.length === 0}
            onClick={() => {
              draft.edit((now) => [
                ...now,
                ...numbered(joined.rows, nextId(now)).map((text) =>
                  newRow(draft.newKey(), { type: last?.type ?? '', length: last?.length ?? '', ...text }),
                ),
              ])
              close()
            }}
          >
            <span>{words.addToPinout(joined.rows.length)}</span>
          </Button>
        </>
      )}
    </>
  )
}

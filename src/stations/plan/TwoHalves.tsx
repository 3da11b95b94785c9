import { numbered } from '@/core/record/grid/importedRows'
import { importPaneWords as words } from '@/words/screens/plan/importPane'
import { Button, NativeSelect, Table } from '@mantine/core'
import { useState } from 'react'
import { newRow, nextId } from '@/core/record/grid/draft'
import { joinHalves, readHalf } from '@/core/record/grid/importTable'
import type { GridNames } from '@/core/record/grid/gridNames'
import { list } from '@/words/figures'
import type { GridDraft } from './grid/useGridDraft'
import { SHOWN, type TableCells, TableSource } from './TableSource'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'

/** Each end has a table of its own: they are joined by signal or wire. */
export function TwoHalves({
  names,
  draft,
  close,
}: {
  readonly names: GridNames
  readonly draft: GridDraft
  readonly close: () => void
}) {
  const ends = [...names.ends.keys()]
  const [a, setA] = useState<TableCells>()
  const [b, setB] = useState<TableCells>()
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

import { numbered, readNames } from '@/core/record/grid/importedRows'
import { importPaneWords as words } from '@/words/screens/plan/importPane'
import { Button, NativeSelect, Table } from '@mantine/core'
import { useState } from 'react'
import { gridColumns } from '@/core/record/grid/columns'
import { newRow, nextId, readDraft, rowsOf } from '@/core/record/grid/draft'
import {
  type ImportTarget,
  type Mapping,
  guessMapping,
  importTargets,
  looksLikeHeading,
  mapRows,
} from '@/core/record/grid/importTable'
import type { GridNames } from '@/core/record/grid/gridNames'
import { useJob } from '@/ui/job/JobProvider'
import { plural } from '@/words/figures'
import type { GridDraft } from './grid/useGridDraft'
import { MatchRows } from './MatchRows'
import { SHOWN, type TableCells, TableSource } from './TableSource'
import styles from './OneTable.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

const targetWords = (target: ImportTarget): string =>
  (
    ({ fromEnd: words.fromEnd, fromCavity: words.fromCavity, toEnd: words.toEnd, toCavity: words.toCavity }) as Partial<
      Record<ImportTarget, string>
    >
  )[target] ?? gridColumns[target as 'id'].heading
const rememberKey = (head: readonly string[]) => `urn-mapping:${head.join('|').toLowerCase()}`

/** One table is the pinout: its columns are guessed and set right by hand. */
export function OneTable({
  names,
  draft,
  close,
}: {
  readonly names: GridNames
  readonly draft: GridDraft
  readonly close: () => void
}) {
  const { state } = useJob()
  const [table, setTable] = useState<TableCells>()
  const [mapping, setMapping] = useState<Mapping>([])
  const [matches, setMatches] = useState(false)
  const headed = table?.[0] !== undefined && looksLikeHeading(table[0])
  const body = table ? (headed ? table.slice(1) : table) : []
  const take = (next: TableCells | undefined) => {
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
          {/* on a harness that is there, a pinout says what it shall become: what it is was told when the job was made */}
          {matching && (
            <Button variant="filled" onClick={() => setMatches(true)}>
              <span>{words.itIsWhatThis}</span>
            </Button>
          )}
          <div className={paneCss.two}>
            <Button
              variant={matching ? 'default' : 'filled'}
              disabled={rows.length === 0}
              onClick={() => put(draft.rows.length > 0)}
            >
              <span>
                {draft.rows.length > 0 ? words.replacePinoutBy(rows.length) : words.putIntoPinout(rows.length)}
              </span>
            </Button>
            <Button disabled={rows.length === 0} onClick={() => put(false)}>
              <span>{words.addThemBelow}</span>
            </Button>
          </div>
          <p className={clsx(textCss.small, textCss.dim)}>{words.nothingIsSavedYet}</p>
        </>
      )}
    </>
  )
}

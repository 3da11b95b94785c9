'use client'
import styles from './SheetGrid.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Anchor, Input, Table } from '@mantine/core'
import { useRef, useState } from 'react'
import {
  isBlankRow,
  pasteIntoSheet,
  type SheetColumn,
  type SheetProblem,
  type SheetRow,
} from '@/core/parts/sheets/sheet'
import { plural } from '@/words/figures'
import { sheetProblemWords } from '@/words/sheets'
import { fileSeparators, useTableText } from './useTableText'

export interface SheetGridProps {
  readonly label: string
  readonly columns: readonly SheetColumn[]
  readonly rows: readonly SheetRow[]
  readonly problemAt: (row: number, column: string) => SheetProblem | undefined
  readonly onChange: (rows: readonly SheetRow[]) => void
}

/**
 * A table that is typed into, or pasted into from a spreadsheet with its headings or without. Enter and the arrows go up and
 * down, Tab along; a cell that cannot be read says so below the table.
 */
export function SheetGrid({ label, columns, rows, problemAt, onChange }: SheetGridProps) {
  const [at, setAt] = useState({ row: 0, column: columns[0]?.id ?? '' })
  const [note, setNote] = useState<string>()
  const body = useRef<HTMLTableElement>(null)
  const shown = [...rows, {}]
  const problem = problemAt(at.row, at.column)
  const faults = rows.reduce(
    (sum, row, i) => sum + (isBlankRow(row) ? 0 : columns.filter((column) => problemAt(i, column.id)).length),
    0,
  )
  const set = (row: number, column: string, text: string) =>
    onChange(
      row < rows.length
        ? rows.map((one, i) => (i === row ? { ...one, [column]: text } : one))
        : [...rows, { [column]: text }],
    )
  const go = (row: number, column: string) =>
    body.current?.querySelector<HTMLInputElement>(`[data-cell="${String(row)}-${column}"]`)?.focus()
  const readTable = useTableText()
  const paste = (block: readonly (readonly string[])[], row: number, column: string) => {
    const pasted = pasteIntoSheet(columns, block, column)
    const kept = rows.slice(0, row)
    const after = rows.slice(row + pasted.rows.length)
    onChange(
      [...kept, ...pasted.rows.map((one, i) => ({ ...rows[row + i], ...one })), ...after].filter(
        (one) => !isBlankRow(one),
      ),
    )
    setNote(
      `${plural(pasted.rows.length, 'row')} pasted${pasted.byHeadings ? ' by their headings' : ''}${pasted.ignored.length > 0 ? `; not read: ${pasted.ignored.join(', ')}` : ''}.`,
    )
  }
  return (
    <section className={paneCss.sheet} aria-label={label} style={{ flex: 'none' }}>
      <div className={paneCss.sheetHead}>
        <span>
          <b>{label}</b>{' '}
          <span className={textCss.dim}>{plural(rows.filter((row) => !isBlankRow(row)).length, 'row')}</span>
        </span>
        {faults > 0 && <b className={clsx(textCss.fault, textCss.small)}>▲ {plural(faults, 'cell')} to mend</b>}
      </div>
      <div style={{ overflow: 'auto', maxHeight: 'max(330px, calc(100dvh - 360px))' }}>
        <Table ref={body} className={styles.grid}>
          <Table.Thead>
            <Table.Tr>
              {columns.map((column) => (
                <Table.Th key={column.id} scope="col">
                  {column.heading}
                  {column.required && (
                    <span aria-label="needed" title="needed">
                      {' '}
                      *
                    </span>
                  )}
                </Table.Th>
              ))}
              <Table.Th scope="col">
                <span className={textCss.hidden}>Remove</span>
              </Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {shown.map((row, i) => (
              <Table.Tr key={i}>
                {columns.map((column) => {
                  const wrong = i < rows.length && !isBlankRow(row) ? problemAt(i, column.id) : undefined
                  return (
                    <Table.Td key={column.id} className={wrong ? textCss.wrong : undefined}>
                      <Input
                        variant="unstyled"
                        classNames={{ input: styles.cell }}
                        data-cell={`${String(i)}-${column.id}`}
                        aria-label={`${column.heading}, row ${String(i + 1)}`}
                        error={wrong !== undefined}
                        autoComplete="off"
                        spellCheck={false}
                        value={row[column.id] ?? ''}
                        style={{
                          minWidth: `${String(Math.max(4, Math.min(16, column.heading.length), (row[column.id] ?? '').length) + 2)}ch`,
                        }}
                        list={column.cell.kind === 'choice' ? `${label}-${column.id}` : undefined}
                        onFocus={() => setAt({ row: i, column: column.id })}
                        onChange={(event) => set(i, column.id, event.target.value)}
                        onKeyDown={(event) => {
                          const step =
                            event.key === 'ArrowDown' || event.key === 'Enter' ? 1 : event.key === 'ArrowUp' ? -1 : 0
                          if (step === 0 || event.nativeEvent.isComposing) return
                          event.preventDefault()
                          go(i + step, column.id)
                        }}
                        onPaste={(event) => {
                          const text = event.clipboardData.getData('text/plain')
                          if (!/[\t\n]/.test(text.trimEnd())) return
                          event.preventDefault()
                          readTable(text, fileSeparators, (block) => paste(block, i, column.id))
                        }}
                      />
                    </Table.Td>
                  )
                })}
                <Table.Td>
                  {i < rows.length && (
                    <Anchor
                      component="button"
                      type="button"
                      aria-label={`Remove row ${String(i + 1)}`}
                      onClick={() => onChange(rows.filter((_row, at) => at !== i))}
                    >
                      ✕
                    </Anchor>
                  )}
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </div>
      {columns.map(
        (column) =>
          column.cell.kind === 'choice' && (
            <datalist key={column.id} id={`${label}-${column.id}`}>
              {column.cell.of.map((one) => (
                <option key={one} value={one} />
              ))}
            </datalist>
          ),
      )}
      <p className={textCss.small} role="status" style={{ padding: '6px 14px', minHeight: 30 }}>
        {problem ? (
          <span className={textCss.fault}>
            ▲ Row {at.row + 1}, {columns.find((column) => column.id === at.column)?.heading}:{' '}
            {sheetProblemWords(problem)}
          </span>
        ) : (
          (note ?? (
            <span className={textCss.dim}>
              Type, or paste from a spreadsheet with its headings. What is not on the sheet stays empty.
            </span>
          ))
        )}
      </p>
    </section>
  )
}

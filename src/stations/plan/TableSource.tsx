import { importPaneWords as words } from '@/words/screens/plan/importPane'
import { Button, Textarea } from '@mantine/core'
import { useEffect, useRef, useState } from 'react'
import { cellError } from '@/core/base/cells/cellError'
import { cellErrorWords } from '@/words/cellError'
import { xlsxFaultWords } from '@/words/workbook'
import { useTableText } from '@/ui/grid/useTableText'
import { readXlsxBeside } from '@/workers/xlsxClient'
import { useTextFile } from '@/ui/file/useTextFile'
import { FileDrop } from '@/ui/file/FileDrop'
import styles from './TableSource.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

/** Cells of a file or a clipboard, row by row. */
export type TableCells = readonly (readonly string[])[]

/** Rows that are shown before they are taken. */
export const SHOWN = 6
const ROWS_AT_MOST = 5000

/** A file or a pasted text as a table of cells. */
export function TableSource({
  label,
  onTable,
}: {
  readonly label: string
  readonly onTable: (table: TableCells | undefined) => void
}) {
  const [text, setText] = useState('')
  const [fault, setFault] = useState<string>()
  const [reading, setReading] = useState<AbortController>()
  const readTable = useTableText()
  const textFile = useTextFile()
  const latest = useRef(onTable)
  useEffect(() => {
    latest.current = onTable
  })
  const take = (table: TableCells) => {
    if (table.length - 1 > ROWS_AT_MOST) {
      setFault(words.rowsAreTooMany(table.length, ROWS_AT_MOST))
      latest.current(undefined)
      return
    }
    const left = spreadsheetLeft(table)
    setFault(left)
    latest.current(left === undefined && table.length > 0 ? table : undefined)
  }
  const fromText = (said: string) => {
    setText(said)
    if (said.trim() === '') latest.current(undefined)
    else readTable(said, 'file', (rows) => take(rows.filter((row) => row.some((cell) => cell.trim() !== ''))))
  }
  const fromFile = async (file: File) => {
    if (!/\.xlsx$/i.test(file.name)) {
      const read = await textFile.read(file)
      if (read.ok) fromText(read.value)
      else setFault(read.fault)
      return
    }
    const stop = new AbortController()
    setReading(stop)
    const read = await readXlsxBeside(new Uint8Array(await file.arrayBuffer()), stop.signal)
    setReading(undefined)
    if (!read) return
    if (read.ok) {
      setText('')
      take(read.value)
    } else {
      setFault(xlsxFaultWords(read.fault))
      latest.current(undefined)
    }
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
      {textFile.question}
      {fault !== undefined && <span className={textCss.wrong}>▲ {fault}</span>}
    </div>
  )
}

/** The first cell in which a spreadsheet left an error, or a formula that it did not compute, as a sentence. */
function spreadsheetLeft(table: TableCells): string | undefined {
  for (const [row, cells] of table.entries())
    for (const [column, text] of cells.entries()) {
      const error = cellError(text)
      if (error) return words.cellHolds(row + 1, table[0]?.[column] ?? String(column + 1), cellErrorWords(error))
    }
  return undefined
}

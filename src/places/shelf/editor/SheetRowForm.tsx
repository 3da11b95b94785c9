import { Autocomplete, NativeSelect, TextInput } from '@mantine/core'
import type { SheetColumn, SheetProblem, SheetRow } from '@/core/parts/sheets/sheet'
import textCss from '@/ui/text/text.module.css'
import { sheetProblemWords } from '@/words/sheets'
import styles from './FamilyEditor.module.css'

/** One row of a sheet as fields, in groups: the same cells that stand in the sheet, a few at a time. */
export function SheetRowForm({
  groups,
  columns,
  row,
  problemAt,
  offered,
  write,
}: {
  readonly groups: readonly { readonly title: string; readonly columns: readonly string[] }[]
  readonly columns: readonly SheetColumn[]
  readonly row: SheetRow
  readonly problemAt: (column: string) => SheetProblem | undefined
  /** what a field of ids may say */
  readonly offered: (column: string) => readonly string[]
  readonly write: (column: string, text: string) => void
}) {
  const byId = new Map(columns.map((column) => [column.id, column]))
  return groups.map(({ title, columns: ids }) => (
    <fieldset key={title} className={styles.group}>
      <legend>{title}</legend>
      <div className={styles.pair}>
        {ids.map((id) => {
          const column = byId.get(id)
          return (
            column && (
              <SheetField
                key={id}
                column={column}
                text={row[id] ?? ''}
                problem={problemAt(id)}
                offered={offered(id)}
                write={(text) => write(id, text)}
              />
            )
          )
        })}
      </div>
    </fieldset>
  ))
}

/** One cell of a sheet as a field: chosen, offered, or typed. */
function SheetField({
  column: { heading, cell, required },
  text,
  problem,
  offered,
  write,
}: {
  readonly column: SheetColumn
  readonly text: string
  readonly problem: SheetProblem | undefined
  readonly offered: readonly string[]
  readonly write: (text: string) => void
}) {
  const error = problem && <span className={textCss.wrong}>▲ {sheetProblemWords(problem)}</span>
  const choices = cell.kind === 'choice' ? cell.of : cell.kind === 'yes-no' ? ['yes', 'no'] : undefined
  if (choices)
    return (
      <NativeSelect
        label={heading}
        required={required}
        value={choices.includes(text) ? text : ''}
        error={error}
        data={['', ...choices]}
        onChange={(event) => write(event.target.value)}
      />
    )
  if (offered.length > 0)
    return (
      <Autocomplete
        label={heading}
        required={required}
        value={text}
        error={error}
        data={[...offered]}
        onChange={write}
      />
    )
  return (
    <TextInput
      label={heading}
      required={required}
      value={text}
      error={error}
      onChange={(event) => write(event.target.value)}
    />
  )
}

import { figureFieldWords as words } from '@/words/screens/device/figureField'
import clsx from 'clsx'
import styles from './FigureField.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, Kbd, TextInput } from '@mantine/core'
import { readingHelp, type WrittenFigure } from '@/core/work/crimp/pieceForm'
import { parseQuantity, type Dimension, type Plausible } from '@/core/base/units/parseQuantity'
import { bareUnit } from '@/words/benchUnits'
import { quantityWords, understoodAs } from '@/words/quantity'
import { useQuestion } from '../question/questions'

/** A field for a figure, with the key that asks its instrument. */
export function FigureField({
  label,
  dimension,
  range,
  figure,
  onChange,
  hint,
  wrong,
  ask,
  fault,
}: {
  readonly label: string
  readonly dimension: Dimension
  /** what such a figure can be: it decides what `1,026` is */
  readonly range: Plausible
  readonly figure: WrittenFigure
  readonly onChange: (figure: WrittenFigure) => void
  /** what is wanted, shown while it is empty */
  readonly hint: string
  /** outside of what is wanted */
  readonly wrong: boolean
  /** asks the instrument; its key stands on the button */
  readonly ask?:
    { readonly key: string; readonly words: string; readonly busy: boolean; readonly run: () => void } | undefined
  /** a sentence about this figure */
  readonly fault?: string | undefined
}) {
  const help = readingHelp(figure, range)
  const read = parseQuantity(figure.text, dimension, help)
  const unreadable = figure.text !== '' && !read.ok
  useQuestion(label, (text) => onChange({ text, unit: bareUnit(dimension) }))
  return (
    <div className={styles.figureField}>
      <TextInput
        label={label}
        value={figure.text}
        inputMode="decimal"
        placeholder={hint}
        description={understoodAs(figure.text, dimension, help)}
        onChange={(event) => onChange({ text: event.target.value, unit: bareUnit(dimension) })}
        error={wrong || unreadable}
      />
      {ask && (
        <Button disabled={ask.busy} onClick={ask.run}>
          <span>{ask.words}</span> <Kbd aria-hidden="true">{ask.key.toUpperCase()}</Kbd>
        </Button>
      )}
      {figure.by !== undefined && (
        <span className={clsx(textCss.small, textCss.dim)}>
          {words.readBy} {figure.by.split(',')[1]}
        </span>
      )}
      {unreadable && <p className={clsx(noteCss.note, noteCss.fault)}>▲ {quantityWords(read.fault, dimension)}</p>}
      {fault !== undefined && (
        <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
          ▲ {fault}
        </p>
      )}
    </div>
  )
}

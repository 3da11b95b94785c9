import { parseQuantity, type Dimension } from '@/core/base/units/parseQuantity'
import { quantityWords } from '@/words/quantity'

/** A figure that a hand types, a calliper sends, or an instrument reads. */
export interface Figure {
  readonly text: string
  /** the instrument that it came from, as it names itself */
  readonly by?: string
}

export const noFigure: Figure = { text: '' }

/** The figure in base units, when it is one. */
export const figureOf = (figure: Figure, dimension: Dimension): number | undefined => {
  const read = parseQuantity(figure.text, dimension)
  return read.ok ? read.value : undefined
}

/** A field for a figure, with the key that asks its instrument. */
export function FigureField({
  label,
  dimension,
  figure,
  onChange,
  hint,
  wrong,
  ask,
  fault,
}: {
  readonly label: string
  readonly dimension: Dimension
  readonly figure: Figure
  readonly onChange: (figure: Figure) => void
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
  const read = parseQuantity(figure.text, dimension)
  const unreadable = figure.text !== '' && !read.ok
  return (
    <div className="figure-field">
      <label className="field">
        {label}
        <input
          value={figure.text}
          inputMode="decimal"
          placeholder={hint}
          aria-invalid={wrong || unreadable}
          onChange={(event) => onChange({ text: event.target.value })}
        />
      </label>
      {ask && (
        <button type="button" className="act-button" disabled={ask.busy} onClick={ask.run}>
          <span>{ask.words}</span> <kbd aria-hidden="true">{ask.key.toUpperCase()}</kbd>
        </button>
      )}
      {figure.by !== undefined && <span className="small dim">read by {figure.by.split(',')[1]}</span>}
      {unreadable && <p className="note fault">▲ {quantityWords(read.fault, dimension)}</p>}
      {fault !== undefined && (
        <p className="note fault" role="alert">
          ▲ {fault}
        </p>
      )}
    </div>
  )
}

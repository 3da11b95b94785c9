import type { ReactNode } from 'react'

export interface ReadoutProps {
  readonly label: string
  readonly value: ReactNode
  readonly unit?: string | undefined
  readonly also?: ReactNode
  /** differs from the step before: look here */
  readonly change?: boolean
  readonly wide?: boolean
  /** the one figure of this step */
  readonly huge?: boolean
  /** a sentence, not a figure */
  readonly words?: boolean
}

/** What the hands need now, legible at arm's length. */
export function Readout({
  label,
  value,
  unit,
  also,
  change = false,
  wide = false,
  huge = false,
  words = false,
}: ReadoutProps) {
  return (
    <div
      className={['readout', change && 'change', wide && 'wide', huge && 'huge', words && 'words']
        .filter(Boolean)
        .join(' ')}
    >
      <dt>{label}</dt>
      <dd className="value">
        {value}
        {unit !== undefined && <small>{unit}</small>}
      </dd>
      <dd className="also">{also ?? '\u00a0'}</dd>
    </div>
  )
}

export function Readouts({ children }: { readonly children: ReactNode }) {
  return <dl className="readouts">{children}</dl>
}

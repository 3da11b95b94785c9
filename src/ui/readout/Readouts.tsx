import clsx from 'clsx'
import readoutCss from './readout.module.css'
import type { ReactNode } from 'react'

export interface ReadoutProps {
  readonly label: string
  readonly value: ReactNode
  readonly unit?: string | undefined
  /** the same figure in other units, small beside it */
  readonly other?: string | undefined
  readonly also?: ReactNode
  /** differs from the step before: look here */
  readonly change?: boolean
  readonly wide?: boolean
  /** the one figure of this step */
  readonly huge?: boolean
  /** a sentence, not a figure */
  readonly words?: boolean
}

/** So many places stand in a narrow column at full size. */
const ROOMY = 3

/** What the hands need now, legible at arm's length. */
export function Readout({
  label,
  value,
  unit,
  other,
  also,
  change = false,
  wide = false,
  huge = false,
  words = false,
}: ReadoutProps) {
  return (
    <div
      className={clsx(
        readoutCss.readout,
        change && readoutCss.change,
        wide && readoutCss.wide,
        huge && readoutCss.huge,
        words && readoutCss.words,
        other !== undefined && readoutCss.twice,
        // a gauge's figure has more places than its column
        !wide && other !== undefined && typeof value === 'string' && value.length > ROOMY && readoutCss.long,
      )}
    >
      <dt>{label}</dt>
      <dd className={readoutCss.value}>
        {value}
        {unit !== undefined && <small>{unit}</small>}
      </dd>
      {other !== undefined && <dd className={readoutCss.also}>{other}</dd>}
      <dd className={readoutCss.also}>{also ?? '\u00a0'}</dd>
    </div>
  )
}

export function Readouts({ children }: { readonly children: ReactNode }) {
  return <dl className={readoutCss.readouts}>{children}</dl>
}

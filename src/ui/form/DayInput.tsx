'use client'
import { DateInput } from '@mantine/dates'
import dayjs from 'dayjs'
import customParseFormat from 'dayjs/plugin/customParseFormat'
import type { ReactNode } from 'react'
import { dayInputWords as words } from '@/words/screens/form/dayInput'

dayjs.extend(customParseFormat)

const SHOWN = 'D MMM YYYY'
/** How people type a day; never month first, and a year of two digits is none. */
const TYPED = [SHOWN, 'D MMMM YYYY', 'YYYY-MM-DD', 'D.M.YYYY']

/** What was typed as `YYYY-MM-DD`; null where it is no day. */
export function typedDay(said: string): string | null {
  const read = dayjs(said.trim(), TYPED, true)
  return read.isValid() ? read.format('YYYY-MM-DD') : null
}

/** A day, typed or picked: the same words in every browser, whatever its country. */
export const DayInput = ({
  label,
  day,
  error,
  onChange,
}: {
  readonly label: string
  /** `YYYY-MM-DD`, or nothing */
  readonly day: string
  readonly error?: ReactNode
  readonly onChange: (day: string) => void
}) => (
  <DateInput
    label={label}
    value={day === '' ? null : day}
    valueFormat={SHOWN}
    dateParser={typedDay}
    placeholder={words.example}
    error={error}
    clearable
    clearButtonProps={{ 'aria-label': words.clear(label) }}
    onChange={(next) => onChange(next ?? '')}
  />
)

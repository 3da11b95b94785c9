'use client'
import { cautionWords as words } from '@/words/screens/caution/caution'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import styles from './Caution.module.css'
import { Button, Kbd } from '@mantine/core'
import { useEffect, useState } from 'react'
import { cautions, type CautionId } from '@/words/cautions'
import type { BenchClock } from '@/words/clock'
import { useClock } from '../frame/Clock'
import { useOperator } from '../frame/Operator'
import { LONG_PRESS } from '../keys/keyModel'
import { useKeys } from '../keys/KeyProvider'
import { cautionStands } from './openCautions'

/** What is kept when it has been read: the day, where it is asked again the next. */
const stampOf = (eachDay: boolean, { dayOf }: BenchClock) => (eachDay ? dayOf(new Date()) : 'read')

/** A warning that stays until this person has read it, and comes back the next day where circuits may be live. */
export function Caution({ id }: { readonly id: CautionId }) {
  const { operator } = useOperator()
  const clock = useClock()
  const { text, eachDay } = cautions[id]
  const kept = `urn-caution:${operator?.id ?? ''}:${id}`
  const [shown, setShown] = useState(false)
  useEffect(() => setShown(localStorage.getItem(kept) !== stampOf(eachDay, clock)), [kept, eachDay, clock])
  useEffect(() => (shown ? cautionStands() : undefined), [shown])
  const understood = () => {
    localStorage.setItem(kept, stampOf(eachDay, clock))
    setShown(false)
  }
  // the press that came here does not act here: the first one answers the caution, and no other does anything before
  const waits = { words: '', run: () => undefined, first: true } as const
  useKeys(
    shown
      ? [
          { key: ' ', words: words.doneAndUnderstood, run: understood, first: true },
          { key: 'x', ...waits },
          { key: LONG_PRESS, ...waits },
        ]
      : [],
  )
  if (!shown) return null
  return (
    <div className={clsx(noteCss.note, noteCss.attend, styles.cautionBox)} role="note" aria-label={words.caution}>
      <p>
        <b>{words.cautionMark}</b> {text}
      </p>
      <Button variant="filled" onClick={understood}>
        <span>{words.doneAndUnderstood}</span> <Kbd aria-hidden="true">Space</Kbd>
      </Button>
    </div>
  )
}

'use client'
import { findButtonWords as words } from '@/words/screens/find/findButton'
import styles from './FindButton.module.css'
import { Button, Kbd } from '@mantine/core'
import { later } from '../later/later'
import { useEffect, useState } from 'react'
import { useBurst, useKeys } from '../keys/KeyProvider'
import type { FindItem } from './findItems'

const load = () => import('./FindBox')
const FindBox = later(load, (module) => module.FindBox)

/** Opens the find box, by hand, by Ctrl+K, or by a scan that no screen knows at once. */
export function FindButton({
  find,
  onScan,
}: {
  readonly find: () => readonly FindItem[]
  readonly onScan?: ((text: string) => boolean) | undefined
}) {
  const [question, setQuestion] = useState<string>()
  // fetched when the page is idle, so that the first question finds it there
  useEffect(() => {
    const timer = setTimeout(() => void load(), 1200)
    return () => clearTimeout(timer)
  }, [])
  useKeys([{ key: 'ctrl+k', words: words.findAnything, run: () => setQuestion('') }])
  useBurst((text) => {
    if (!onScan?.(text)) setQuestion(text)
  })
  return (
    <>
      <Button fullWidth={false} className={styles.find} onClick={() => setQuestion('')}>
        {words.findOrScan} <Kbd aria-hidden="true">Ctrl K</Kbd>
      </Button>
      {question !== undefined && <FindBox find={find} question={question} close={() => setQuestion(undefined)} />}
    </>
  )
}

'use client'
import { UnstyledButton } from '@mantine/core'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import { useEffect, useState, useSyncExternalStore } from 'react'
import { outboxWords as words } from '@/words/screens/outbox'
import { list } from '@/words/figures'
import { later } from '../later/later'
import styles from './Outbox.module.css'
import { sendAll } from './sendWaiting'
import { type Waiting, onWaiting, waiting } from './waiting'
import { waitingLine } from './waitingLine'

const OutboxList = later(
  () => import('./OutboxList'),
  (module) => module.OutboxList,
)

/** How often the bench is asked while something waits, ms. */
const AGAIN_MS = 3000

const none: readonly Waiting[] = []

/**
 * What is not written yet, on every page: how many, and what. It lies over the work, so that nothing moves; it sends by itself as
 * soon as the bench answers, and leaving warns.
 */
export function Outbox() {
  const all = useSyncExternalStore(onWaiting, waiting, () => none)
  const [open, setOpen] = useState(false)
  // what is just under way is nobody's worry
  const stuck = all.filter((one) => one.tried !== undefined || one.asked !== undefined)
  useSending(all.length > 0)
  useWarning(stuck.length > 0)
  if (stuck.length === 0) return null
  const asked = stuck.filter((one) => one.asked !== undefined)
  const shown = asked.length > 0 ? asked : stuck
  const line = (asked.length > 0 ? words.ask : words.wait)(
    shown.reduce((sum, one) => sum + one.entries.length, 0),
    list(shown.map(waitingLine), 3),
  )
  return (
    <aside className={styles.outbox} aria-label={words.title}>
      {open && <OutboxList items={stuck} />}
      <UnstyledButton
        className={clsx(styles.chip, noteCss.note, noteCss.attend)}
        aria-expanded={open}
        data-testid="outbox"
        onClick={() => setOpen((before) => !before)}
      >
        <span aria-hidden="true">◆</span> <span role="status">{line}</span>
      </UnstyledButton>
    </aside>
  )
}

/** Tries again now and then, when the network comes back, and when somebody comes back to the page. */
function useSending(any: boolean): void {
  // what an earlier page left; what this one or another tab has just pressed is sent by whoever pressed it
  useEffect(() => void sendAll(), [])
  useEffect(() => {
    if (!any) return
    const send = () => void sendAll()
    const timer = setInterval(send, AGAIN_MS)
    window.addEventListener('online', send)
    window.addEventListener('focus', send)
    return () => {
      clearInterval(timer)
      window.removeEventListener('online', send)
      window.removeEventListener('focus', send)
    }
  }, [any])
}

function useWarning(stuck: boolean): void {
  useEffect(() => {
    if (!stuck) return
    const warn = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', warn)
    return () => window.removeEventListener('beforeunload', warn)
  }, [stuck])
}

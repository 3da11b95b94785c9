'use client'
import { Button } from '@mantine/core'
import clsx from 'clsx'
import { Link } from '@/ui/address/Link'
import textCss from '@/ui/text/text.module.css'
import { outboxWords as words } from '@/words/screens/outbox'
import styles from './Outbox.module.css'
import { useOperator } from '../frame/Operator'
import { authorWords } from '@/words/records'
import { newerEntries } from '../job/journalClient'
import { sendAll, sendWaiting } from './sendWaiting'
import { type Waiting, askAgain, dropWaiting } from './waiting'
import { entryLine, waitingLine } from './waitingLine'

/** Each press that waits: what it says, why it waits, and what can be done. */
export function OutboxList({ items }: { readonly items: readonly Waiting[] }) {
  const { people } = useOperator()
  const again = async ({ id, jobId, seen }: Waiting) => {
    // it is written on what is there now
    askAgain(id, (await newerEntries(jobId, seen))?.last ?? seen)
    await sendWaiting(jobId)
  }
  return (
    <section className={styles.list}>
      <p className={textCss.small}>
        {items.every((one) => one.asked)
          ? words.decide
          : items.some((one) => one.tried === 'no-room')
            ? words.noRoom
            : words.why}{' '}
        <Button fullWidth={false} variant="subtle" onClick={() => void sendAll()}>
          {words.tryNow}
        </Button>
      </p>
      {items.map((one) => (
        <div key={one.id} className={styles.item}>
          <span>
            <b>{waitingLine(one)}</b>
            {one.asked && (
              <span className={clsx(textCss.block, textCss.small)}>
                {one.asked.why === 'conflict' ? words.conflict : words.refused(one.asked.message)}
                {one.asked.others?.map((entry) => (
                  <span key={entry.seq} className={textCss.block}>
                    {authorWords(entry.by, people.find((person) => person.id === entry.by)?.name, true)}:{' '}
                    {entryLine(entry)}
                  </span>
                ))}
              </span>
            )}
          </span>
          <Link href={`/jobs/${encodeURIComponent(one.jobId)}/journal`} className={textCss.plain}>
            {words.openJob}
          </Link>
          {one.asked && (
            <>
              <Button fullWidth={false} onClick={() => void again(one)}>
                {words.writeAgain}
              </Button>
              <Button fullWidth={false} onClick={() => dropWaiting(one.id)}>
                {words.drop}
              </Button>
            </>
          )}
        </div>
      ))}
    </section>
  )
}

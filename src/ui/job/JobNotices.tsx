'use client'
import { jobNoticesWords as words } from '@/words/screens/job/jobNotices'
import clsx from 'clsx'
import styles from './JobNotices.module.css'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, Kbd } from '@mantine/core'
import { useOperator } from '../frame/Operator'
import { useKeys } from '../keys/KeyProvider'
import { useJob } from './JobProvider'

/** Lines between head and work: who is here, what was refused or came in between, what was taken back. */
export function JobNotices() {
  const { notice, tell, state } = useJob()
  const { operator, people, pick } = useOperator()
  useKeys(notice ? [{ key: 'Escape', words: words.closeNotice, run: () => tell(undefined) }] : [])
  return (
    <>
      {!operator && people.length > 0 && (
        <div className={clsx(styles.notice, noteCss.note, noteCss.attend)}>
          <b>{words.whoIsAtThis}</b>
          {people.map((person) => (
            <Button key={person.id} onClick={() => pick(person.id)}>
              {person.name}
            </Button>
          ))}
        </div>
      )}
      {state.signatures.some((one) => !one.void) && (
        <div className={clsx(styles.notice, noteCss.note, noteCss.good)}>
          <b>{words.signed}</b> <span>{words.recordIsClosedTo}</span>
        </div>
      )}
      {notice && (
        <div
          className={clsx(styles.notice, noteCss.note, noteCss[notice.tone])}
          role={notice.tone === 'fault' ? 'alert' : undefined}
          data-testid="notice"
        >
          <span aria-hidden="true">{notice.tone === 'good' ? '✓' : notice.tone === 'fault' ? '▲' : '◆'}</span>
          <span className={styles.fills}>
            {notice.text}
            {notice.lines && (
              <span className={clsx(textCss.small, textCss.block)}>{notice.lines.slice(0, 4).join(' · ')}</span>
            )}
          </span>
          {notice.retry && <Button onClick={notice.retry}>{words.writeItAgain}</Button>}
          <Button onClick={() => tell(undefined)}>
            {words.close} <Kbd aria-hidden="true">Esc</Kbd>
          </Button>
        </div>
      )}
    </>
  )
}

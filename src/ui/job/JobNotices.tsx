'use client'
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
  useKeys(notice ? [{ key: 'Escape', words: 'Close the notice', run: () => tell(undefined) }] : [])
  return (
    <>
      {!operator && people.length > 0 && (
        <div className={clsx(styles.notice, noteCss.note, noteCss.attend)}>
          <b>Who is at this bench?</b>
          {people.map((person) => (
            <Button key={person.id} onClick={() => pick(person.id)}>
              {person.name}
            </Button>
          ))}
        </div>
      )}
      {state.signatures.some((one) => !one.void) && (
        <div className={clsx(styles.notice, noteCss.note, noteCss.good)}>
          <b>✓ Signed.</b> <span>The record is closed. To go on, reopen it at Close with a reason.</span>
        </div>
      )}
      {notice && (
        <div
          className={clsx(styles.notice, noteCss.note, noteCss[notice.tone])}
          role={notice.tone === 'fault' ? 'alert' : undefined}
          data-testid="notice"
        >
          <span aria-hidden="true">{notice.tone === 'good' ? '✓' : notice.tone === 'fault' ? '▲' : '◆'}</span>
          <span style={{ flex: 1 }}>
            {notice.text}
            {notice.lines && (
              <span className={textCss.small} style={{ display: 'block' }}>
                {notice.lines.slice(0, 4).join(' · ')}
              </span>
            )}
          </span>
          {notice.retry && <Button onClick={notice.retry}>Write it again</Button>}
          <Button onClick={() => tell(undefined)}>
            Close <Kbd aria-hidden="true">Esc</Kbd>
          </Button>
        </div>
      )}
    </>
  )
}

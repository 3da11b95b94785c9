'use client'
import { jobNoticesWords as words } from '@/words/screens/job/jobNotices'
import clsx from 'clsx'
import styles from './JobNotices.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button } from '@mantine/core'
import { useCallback } from 'react'
import { later } from '../later/later'
import { useOperator } from '../frame/Operator'
import { useKeys } from '../keys/KeyProvider'
import { useJob } from './JobProvider'

const NoticeToast = later(
  () => import('./NoticeToast'),
  (module) => module.NoticeToast,
)

/** Lines between head and work: who is here, and that all is signed; over the work, what came of a write. */
export function JobNotices() {
  const { notice, tell, state } = useJob()
  const { operator, people, pick } = useOperator()
  const close = useCallback(() => tell(undefined), [tell])
  useKeys(notice ? [{ key: 'Escape', words: words.closeNotice, run: close }] : [])
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
      {/* fetched with the page: a bench that does not answer could not send what says so */}
      <NoticeToast notice={notice} close={close} />
    </>
  )
}

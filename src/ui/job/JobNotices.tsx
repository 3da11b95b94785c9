'use client'
import { jobNoticesWords as words } from '@/words/screens/job/jobNotices'
import clsx from 'clsx'
import styles from './JobNotices.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button } from '@mantine/core'
import { Link } from '@/ui/address/Link'
import { usePathname } from 'next/navigation'
import { useCallback, useState } from 'react'
import { later } from '../later/later'
import { useOperator, useWhoWorksHere } from '../frame/Operator'
import { useKeys } from '../keys/KeyProvider'
import { useJob } from './JobProvider'
import { ProvenanceStrip } from './ProvenanceStrip'

const NoticeToast = later(
  () => import('./NoticeToast'),
  (module) => module.NoticeToast,
)

/**
 * Lines between head and work: who is here, and that all is signed; over the work, what came of a write. Which lines there are is
 * decided as a page is opened: while it is open they may say something else, and nothing that the hand reaches for moves.
 */
export function JobNotices() {
  const { id, notice, tell, provenance } = useJob()
  const close = useCallback(() => tell(undefined), [tell])
  useKeys(notice ? [{ key: 'Escape', words: words.closeNotice, run: close }] : [])
  const known = provenance.fault ?? provenance.readIn ?? provenance.copyOf
  return (
    <>
      {known !== undefined && <ProvenanceStrip id={id} provenance={provenance} />}
      <Lines key={usePathname()} />
      {/* fetched with the page: a bench that does not answer could not send what says so */}
      <NoticeToast notice={notice} close={close} />
    </>
  )
}

function Lines() {
  const { state } = useJob()
  const { operator, pick } = useOperator()
  const people = useWhoWorksHere()
  const signed = state.signatures.some((one) => !one.void)
  const [begun] = useState({ nobody: !operator, signed })
  return (
    <>
      {begun.nobody && (
        <div className={clsx(styles.notice, noteCss.note, operator ? noteCss.good : noteCss.attend)}>
          {operator ? (
            <span>{words.isHere(operator.name)}</span>
          ) : (
            <>
              <b>{words.whoIsAtThis}</b>
              {people.length === 0 && (
                <Link href="/" className={textCss.plain}>
                  {words.nobodyWorksHere}
                </Link>
              )}
              {people.map((person) => (
                <Button key={person.id} onClick={() => pick(person.id)}>
                  {person.name}
                </Button>
              ))}
            </>
          )}
        </div>
      )}
      {begun.signed && (
        <div className={clsx(styles.notice, noteCss.note, signed ? noteCss.good : noteCss.attend)}>
          {signed ? (
            <>
              <b>{words.signed}</b> <span>{words.recordIsClosedTo}</span>
            </>
          ) : (
            <span>{words.reopened}</span>
          )}
        </div>
      )}
    </>
  )
}

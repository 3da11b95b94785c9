'use client'
import clsx from 'clsx'
import { memo } from 'react'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { provenanceStripWords as words } from '@/words/screens/job/provenanceStrip'
import { authorWords, copyWords, holdsWords, readInWords, recordFaultWords, recordRemedy } from '@/words/records'
import { useClock } from '../frame/Clock'
import { useOperator } from '../frame/Operator'
import type { useJob } from './JobProvider'
import styles from './JobNotices.module.css'

/** What must be known of a record on every screen of its job: that it is not whole, or that it was made elsewhere. */
export const ProvenanceStrip = memo(function ProvenanceStrip({
  id,
  provenance: { fault, readIn, copyOf },
}: Pick<ReturnType<typeof useJob>, 'id' | 'provenance'>) {
  const { people } = useOperator()
  const clock = useClock()
  return (
    <>
      {fault && (
        <div className={clsx(styles.notice, noteCss.note, noteCss.fault)} role="alert" data-testid="record-fault">
          <b className={styles.head}>▲ {words.notWhole}</b>
          <span>
            {recordFaultWords(fault)} {holdsWords(fault)} {recordRemedy}{' '}
            <a className={textCss.plain} href={`/jobs/${encodeURIComponent(id)}/papers/record.json`}>
              {words.exportIt}
            </a>
          </span>
        </div>
      )}
      {(readIn ?? copyOf) !== undefined && (
        <div className={clsx(styles.notice, styles.low, noteCss.note)} data-testid="read-in">
          <span className={textCss.small}>
            {readIn &&
              readInWords(
                readIn,
                authorWords(readIn.by, people.find((one) => one.id === readIn.by)?.name, true),
                clock.dayTime(readIn.at),
              )}{' '}
            {copyOf !== undefined && copyWords(copyOf)}
          </span>
        </div>
      )}
    </>
  )
})

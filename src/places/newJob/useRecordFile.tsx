'use client'
import { Button } from '@mantine/core'
import clsx from 'clsx'
import { Link } from '@/ui/address/Link'
import { useRouter } from 'next/navigation'
import { type ReactNode, useState } from 'react'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { newJobPlaceWords as words } from '@/words/screens/newJob/newJobPlace'
import { type RecordRead, readRecord } from './readRecord'
import styles from './NewJobPlace.module.css'

/** A record that was dropped: read in and opened, or what keeps it, with what can be done about that. */
export function useRecordFile(): {
  readonly take: (text: string, name: string) => Promise<void>
  readonly note: ReactNode
} {
  const router = useRouter()
  const [asked, setAsked] = useState<{ readonly text: string; readonly name: string; readonly read: RecordRead }>()
  const take = async (text: string, name: string, copy = false) => {
    const read = await readRecord(text, name, copy)
    if (read.kind === 'read') router.push(`/jobs/${encodeURIComponent(read.job)}/journal`)
    else setAsked({ text, name, read })
  }
  const note = asked && (
    <section
      className={clsx(noteCss.note, asked.read.kind === 'already' ? noteCss.good : noteCss.fault, styles.record)}
      role="alert"
    >
      <p>{asked.read.kind === 'already' ? words.recordIsHere(asked.name) : `▲ ${messageOf(asked.read)}`}</p>
      {asked.read.kind === 'already' && (
        <Link className={textCss.plain} href={`/jobs/${encodeURIComponent(asked.read.job)}/journal`}>
          {words.openThatJob}
        </Link>
      )}
      {asked.read.kind !== 'refused' && (
        <Button fullWidth={false} onClick={() => void take(asked.text, asked.name, true)}>
          {words.readAsCopy}
        </Button>
      )}
    </section>
  )
  return { take: (text, name) => take(text, name), note }
}

const messageOf = (read: RecordRead): string => ('message' in read ? read.message : '')

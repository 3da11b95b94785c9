'use client'
import '@mantine/core/styles/Notification.layer.css'
import '@mantine/notifications/styles.layer.css'
import { Button, Kbd } from '@mantine/core'
import { Notifications, notifications } from '@mantine/notifications'
import clsx from 'clsx'
import { useEffect } from 'react'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { jobNoticesWords as words } from '@/words/screens/job/jobNotices'
import type { Notice } from './JobProvider'
import styles from './NoticeToast.module.css'

/** What went well needs no answer. */
const GOOD_MS = 8000
const LINES_SHOWN = 4

const signs: Readonly<Record<Notice['tone'], string>> = { good: '✓', attend: '◆', fault: '▲' }

/** What came of a write, over the work: nothing that the hand reaches for is moved by it. */
export function NoticeToast({ notice, close }: { readonly notice: Notice | undefined; readonly close: () => void }) {
  useEffect(() => {
    // there is one notice at a time: what is told takes the place of what was told before
    notifications.clean()
    if (!notice) return
    notifications.show({
      autoClose: notice.tone === 'good' ? GOOD_MS : false,
      withCloseButton: false,
      onClose: close,
      role: notice.tone === 'fault' ? 'alert' : 'status',
      classNames: { root: clsx(styles.notice, noteCss.note, noteCss[notice.tone]), body: styles.body },
      'data-testid': 'notice',
      message: <NoticeBody notice={notice} close={close} />,
    })
  }, [notice, close])
  return (
    <Notifications
      position="bottom-center"
      limit={1}
      transitionDuration={0}
      containerWidth={640}
      className={styles.place}
    />
  )
}

function NoticeBody({ notice, close }: { readonly notice: Notice; readonly close: () => void }) {
  return (
    <div className={styles.row}>
      <span aria-hidden="true">{signs[notice.tone]}</span>
      <span className={styles.text}>
        {notice.text}
        {notice.lines && (
          <span className={clsx(textCss.small, textCss.block)}>{notice.lines.slice(0, LINES_SHOWN).join(' · ')}</span>
        )}
      </span>
      {notice.retry && <Button onClick={notice.retry}>{words.writeItAgain}</Button>}
      {notice.drop && <Button onClick={notice.drop}>{words.dropIt}</Button>}
      <Button onClick={close}>
        {words.close} <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </div>
  )
}

import { Button } from '@mantine/core'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import { laterWords } from '@/words/unanswered'
import styles from './later.module.css'

/** A part of the screen did not come: what that means, and the way on. */
export function LoadFault({ again }: { readonly again: () => void }) {
  return (
    <div className={clsx(noteCss.note, noteCss.fault, styles.fault)} role="alert">
      <p>▲ {laterWords.failed}</p>
      <Button fullWidth={false} onClick={again}>
        <span>{laterWords.again}</span>
      </Button>
    </div>
  )
}

'use client'

import styles from './error.module.css'
import { appErrorWords as words } from '@/words/screens/app/appError'
import paneCss from '@/ui/pane/pane.module.css'
import { Button } from '@mantine/core'
/** What a page shows when it broke: what is safe, and what to do. */
export default function PageError({
  error,
  reset,
}: {
  readonly error: Error & { digest?: string }
  readonly reset: () => void
}) {
  return (
    <main className={paneCss.page}>
      <h1 className={paneCss.pageTitle}>{words.thisPageBroke}</h1>
      <p className={styles.whatWasWrittenIs}>{words.whatWasWrittenIs(error.digest ?? words.errorOfPageItself)}</p>
      <Button variant="filled" fullWidth={false} onClick={reset}>
        {words.tryAgain}
      </Button>
    </main>
  )
}

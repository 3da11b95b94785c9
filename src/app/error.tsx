'use client'

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
      <h1 className={paneCss.pageTitle}>This page broke</h1>
      <p style={{ margin: '10px 0' }}>
        What was written is safe in the journal. Try again; if it breaks again, the log knows it as{' '}
        {error.digest ?? 'an error of the page itself'}.
      </p>
      <Button variant="filled" fullWidth={false} onClick={reset}>
        Try again
      </Button>
    </main>
  )
}

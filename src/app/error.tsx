'use client'

/** What a page shows when it broke: what is safe, and what to do. */
export default function PageError({
  error,
  reset,
}: {
  readonly error: Error & { digest?: string }
  readonly reset: () => void
}) {
  return (
    <main className="page">
      <h1 className="page-title">This page broke</h1>
      <p style={{ margin: '10px 0' }}>
        What was written is safe in the journal. Try again; if it breaks again, the log knows it as{' '}
        {error.digest ?? 'an error of the page itself'}.
      </p>
      <button type="button" className="act-button main" style={{ width: 'auto' }} onClick={reset}>
        Try again
      </button>
    </main>
  )
}

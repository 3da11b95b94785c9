import Link from 'next/link'

export default function NotFound() {
  return (
    <main className="page">
      <h1 className="page-title">There is nothing at this address</h1>
      <p style={{ margin: '10px 0' }}>The job may be in another data folder, or the address was mistyped.</p>
      <Link href="/" className="plain">
        Go to Today
      </Link>
    </main>
  )
}

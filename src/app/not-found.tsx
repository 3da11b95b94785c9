import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import Link from 'next/link'

export default function NotFound() {
  return (
    <main className={paneCss.page}>
      <h1 className={paneCss.pageTitle}>There is nothing at this address</h1>
      <p style={{ margin: '10px 0' }}>The job may be in another data folder, or the address was mistyped.</p>
      <Link href="/" className={textCss.plain}>
        Go to Today
      </Link>
    </main>
  )
}

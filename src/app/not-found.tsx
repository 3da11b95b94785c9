import styles from './not-found.module.css'
import { notFoundWords as words } from '@/words/screens/app/notFound'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Link } from '@/ui/address/Link'

export default function NotFound() {
  return (
    <main className={paneCss.page}>
      <h1 className={paneCss.pageTitle}>{words.thereIsNothingAt}</h1>
      <p className={styles.jobMayBeIn}>{words.jobMayBeIn}</p>
      <Link href="/" className={textCss.plain}>
        {words.goToToday}
      </Link>
    </main>
  )
}

'use client'
import styles from './Papers.module.css'
import clsx from 'clsx'
import { papersWords as words } from '@/words/screens/close/papers'
import choiceCss from '@/ui/choice/Choice.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { useJob } from '@/ui/job/JobProvider'

/** What can be taken away: the sheet for people, the record for programs. */
export function Papers() {
  const { id } = useJob()
  const base = `/jobs/${encodeURIComponent(id)}/papers`
  const papers = [
    {
      href: `${base}/build-sheet.pdf`,
      name: words.buildSheet,
      what: words.pdfPinoutFacesWhat,
    },
    {
      href: `${base}/record.json`,
      name: words.record,
      what: words.jsonPlanFactsState,
    },
    { href: `${base}/record.csv`, name: words.table, what: words.csvForSpreadsheetOne },
  ]
  return (
    <section className={clsx(paneCss.panel, styles.papers)} aria-label={words.papers}>
      <h2 className={styles.papers2}>{words.papers}</h2>
      <ul className={paneCss.choices}>
        {papers.map((paper) => (
          <li key={paper.href}>
            <a className={choiceCss.choice} href={paper.href} download>
              <b>{paper.name}</b>
              <span className={textCss.dim}>{paper.what}</span>
              <span aria-hidden="true">↓</span>
            </a>
          </li>
        ))}
      </ul>
    </section>
  )
}

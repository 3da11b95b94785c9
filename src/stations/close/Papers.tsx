'use client'
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
      name: 'Build sheet',
      what: 'PDF: pinout, faces, what was used where, results, signature',
    },
    {
      href: `${base}/record.json`,
      name: 'Record',
      what: 'JSON: plan, facts, state and journal; another bench can read it in',
    },
    { href: `${base}/record.csv`, name: 'Table', what: 'CSV for a spreadsheet: one row a termination' },
  ]
  return (
    <section className={paneCss.sheet} style={{ padding: '12px 16px' }} aria-label="Papers">
      <h2 style={{ fontSize: 15, marginBottom: 8 }}>Papers</h2>
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

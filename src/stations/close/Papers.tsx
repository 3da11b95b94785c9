import { NativeSelect } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import { type LabelSizeId, isLabelSize, labelSizes, usualLabel } from '@/core/work/close/labelSizes'
import choiceCss from '@/ui/choice/Choice.module.css'
import { useJob } from '@/ui/job/JobProvider'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { papersWords as words } from '@/words/screens/close/papers'
import { CheckSheet } from './CheckSheet'
import styles from './Papers.module.css'

/** What can be taken away: sheets for people, the record for programs. */
export function Papers() {
  const { id, state } = useJob()
  const [label, setLabel] = useState<LabelSizeId>(usualLabel)
  const base = `/jobs/${encodeURIComponent(id)}/papers`
  const papers = [
    { href: 'build-sheet.pdf', name: words.buildSheet, what: words.pdfPinoutFacesWhat },
    { href: 'test-record.pdf', name: words.testRecord, what: words.certificateAndTests },
    { href: 'pinout.pdf', name: words.pinout, what: words.bothFaces },
    ...(state.plan.layout
      ? [
          { href: 'board.pdf', name: words.board, what: words.toScale },
          { href: 'board-tiles.pdf', name: words.boardTiles, what: words.oneToOne },
        ]
      : []),
    { href: `labels.pdf?label=${label}`, name: words.labels, what: words.withCodes },
    { href: 'kit-list.pdf', name: words.kitList, what: words.partsAndBringList },
    ...(state.plan.kind === 'build'
      ? []
      : [{ href: 'move-plan.pdf', name: words.movePlan, what: words.beforeAndAfter }]),
    { href: 'record.json', name: words.record, what: words.jsonPlanFactsState },
    ...(state.photos.size > 0
      ? [{ href: 'record-with-photos.json', name: words.recordAndPhotos, what: words.withPictures }]
      : []),
    { href: 'record.csv', name: words.table, what: words.csvForSpreadsheetOne },
    { href: 'record.xlsx', name: words.workbook, what: words.sameAsXlsx },
  ]
  return (
    <section className={clsx(paneCss.panel, styles.papers)} aria-label={words.papers}>
      <h2 className={styles.papers2}>{words.papers}</h2>
      <ul className={styles.list}>
        {/* each is sent as a file; what cannot be made is told in the window, where a download would only fail */}
        {papers.map((paper) => (
          <li key={paper.name}>
            <a className={choiceCss.choice} href={`${base}/${paper.href}`}>
              <b>{paper.name}</b>
              <span className={textCss.dim}>{paper.what}</span>
              <span aria-hidden="true">↓</span>
            </a>
          </li>
        ))}
      </ul>
      <div className={paneCss.fieldRow}>
        <NativeSelect
          label={words.labelSize}
          value={label}
          onChange={(event) => {
            if (isLabelSize(event.target.value)) setLabel(event.target.value)
          }}
          data={Object.entries(labelSizes).map(([value, { name }]) => ({ value, label: name }))}
        />
        <CheckSheet />
      </div>
    </section>
  )
}

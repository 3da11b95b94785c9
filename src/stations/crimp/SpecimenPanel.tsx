import { specimenBody } from '@/core/craft/specimen/specimenBody'
import styles from './SpecimenPanel.module.css'
import { specimenPanelWords as words } from '@/words/screens/crimp/specimenPanel'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { memo } from 'react'
import type { DefectCode } from '@/core/craft/crimp/looks'
import type { QueueItem } from '@/core/views/queue'
import { termState } from '@/core/record/state/state'
import { useJob } from '@/ui/job/JobProvider'
import { sectionOf } from '@/ui/job/sectionOf'
import { specimenOf } from '@/ui/job/specimenOf'
import { SectionDrawing } from '@/ui/specimen/SectionDrawing'
import { SpecimenDrawing } from '@/ui/specimen/SpecimenDrawing'

/** The piece as it should be, or as it was reported; beside it the section through its conductor crimp. Not drawn again for a tick beside it. */
export const SpecimenPanel = memo(function SpecimenPanel({
  item,
  crimped,
  defect,
  heightMm,
}: {
  readonly item: QueueItem
  readonly crimped: boolean
  readonly defect?: DefectCode | undefined
  readonly heightMm?: number | undefined
}) {
  const { state } = useJob()
  const { wire, key } = item.termination
  const piece = specimenOf(state.facts, wire, item.set, {
    crimped,
    defect,
    stripMm: termState(state, key).stripped?.stripMm,
  })
  const contact = state.facts.contacts[item.set.contact]
  const type = state.facts.wireTypes[wire.type]
  const from = heightMm === undefined ? piece && { compaction: piece.made.compaction } : { heightMm }
  const section = crimped && from ? sectionOf(state, wire, item.set, from) : undefined
  return (
    <section
      className={clsx(paneCss.panel, paneCss.panelFill)}
      aria-label={defect ? words.asReported : words.howItShouldLook}
    >
      <div className={paneCss.panelHead}>
        <span>{words.madeOn(contact?.name ?? item.set.contact, type?.name ?? wire.type, wire.colour)}</span>
        <span className={paneCss.caption}>
          {defect ? <span className={textCss.fault}>{words.asReportedMark}</span> : 'GOOD'}{' '}
          {piece && specimenBody(piece.made.contact).toScale ? words.sideToScale : words.sideNotToScale}
        </span>
      </div>
      <div className={clsx(paneCss.panelBody, styles.row)}>
        <div className={styles.wide}>{piece && <SpecimenDrawing piece={piece} />}</div>
        {section && (
          <SectionDrawing piece={section} label={heightMm === undefined ? words.section : words.asMeasured} />
        )}
      </div>
    </section>
  )
})

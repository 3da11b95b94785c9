'use client'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { PhotoBox } from '@/ui/photo/PhotoBox'
import { figure, newtons } from '@/words/figures'
import { CrimpReadouts } from './CrimpReadouts'
import { SpecimenSheet } from './SpecimenSheet'

/** The first piece was good: say so, and production may begin. */
export function ReleaseCard({
  item,
  group,
  done,
}: {
  readonly item: QueueItem
  readonly group: QueueGroup
  readonly done: () => void
}) {
  const { state, append, busy } = useJob()
  const piece = state.setups.get(group.id)?.pieces.findLast((one) => one.good)
  const checks = useChecks(`${group.id} release`, [])
  return (
    <>
      <div className={paneCss.work}>
        <CrimpReadouts item={item} />
        <SpecimenSheet item={item} crimped heightMm={piece?.heightMm} />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label="Release">
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className={textCss.cardTitle}>The first piece is good</h2>
        {piece && (
          <p className={clsx(noteCss.note, noteCss.good)}>
            ✓ Held <b className={textCss.mono}>{newtons(piece.pullN)}</b>
            {piece.minimumN !== undefined && `, asked ${newtons(piece.minimumN)}`}
            {piece.heightMm !== undefined && `; height ${figure(piece.heightMm, 3)} mm`}
          </p>
        )}
        <CheckList
          lines={[]}
          checks={checks}
          main="Release setup"
          busy={busy}
          onMain={() => void append({ kind: 'setup-released', setup: group.id }).then((written) => written && done())}
        />
        <PhotoBox about={{ setup: group.id }} piece="the first piece" />
        <p className={clsx(textCss.small, textCss.dim)}>
          Released until the setup, its die, the spool or the shift changes. {group.left} terminations wait for it.
        </p>
      </aside>
    </>
  )
}

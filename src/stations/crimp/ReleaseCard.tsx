'use client'
import { releaseCardWords as words } from '@/words/screens/crimp/releaseCard'
import { releaseWait, type QueueGroup, type QueueItem } from '@/core/views/queue'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { PhotoBox } from '@/ui/photo/PhotoBox'
import { newtons } from '@/words/figures'
import { termName } from '@/words/steps'
import { PieceCovers } from './PieceCovers'
import { CrimpReadouts } from './CrimpReadouts'
import { SpecimenPanel } from './SpecimenPanel'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'

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
  const { state, append } = useJob()
  const busy = useBusy()
  const setup = state.setups.get(group.id)
  const piece = setup?.pieces.findLast((one) => one.good && one.mounted === setup.mounted)
  const checks = useChecks(`${group.id} release`, [], '')
  const forThese = group.items
    .filter((one) => one.stage !== 'crimped' && releaseWait(group, one)?.for !== 'piece')
    .map(({ termination }) => termName(termination.key, state.plan.quantity))
  return (
    <>
      <div className={paneCss.work}>
        <CrimpReadouts item={item} />
        <SpecimenPanel item={item} crimped heightMm={piece?.heightMm} />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.release}>
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className={textCss.cardTitle}>{piece ? words.firstPieceIsGood : words.noPieceAsked}</h2>
        {piece && (
          <p className={clsx(noteCss.note, noteCss.good)}>
            {piece.pullN === undefined ? (
              words.heldByHand
            ) : (
              <>
                {words.held} <b className={textCss.mono}>{newtons(piece.pullN)}</b>
              </>
            )}
            {piece.pullN !== undefined && piece.minimumN !== undefined && `, asked ${newtons(piece.minimumN)}`}
            {piece.heightMm !== undefined && words.heightMm(piece.heightMm)}
          </p>
        )}
        <p>{words.releasedFor(forThese)}</p>
        {group.release.pieces.length > 0 && <PieceCovers group={group} />}
        <CheckList
          lines={[]}
          checks={checks}
          main={words.releaseSetup}
          busy={busy}
          onMain={() => void append({ kind: 'setup-released', setup: group.id }).then((written) => written && done())}
        />
        <PhotoBox about={{ setup: group.id }} piece={words.firstPiece} />
        <p className={clsx(textCss.small, textCss.dim)}>{words.releasedUntilSetupIts(group.left)}</p>
      </aside>
    </>
  )
}

import clsx from 'clsx'
import { heightDrift } from '@/core/record/standing/heightWatch'
import type { SetupState } from '@/core/record/state/records'
import { useClock } from '@/ui/frame/Clock'
import { useJob } from '@/ui/job/JobProvider'
import noteCss from '@/ui/note/note.module.css'
import { endingWords } from '@/words/practices'
import { pulledWords } from '@/words/pulled'
import { piecesBeforeWords as words } from '@/words/screens/crimp/piecesBefore'
import { trendWords } from '@/words/stats'

/** Why a setup is asked for a first piece again, and what its pieces were until now. */
export function PiecesBefore({ setup, tried }: { readonly setup: string; readonly tried: SetupState['pieces'] }) {
  const clock = useClock()
  const { state } = useJob()
  const ended = state.setups.get(setup)?.ended
  const drift = heightDrift(state, setup)
  return (
    <>
      {ended && (
        <p className={clsx(noteCss.note, noteCss.attend)}>
          <b>{words.newOne(endingWords[ended.why])}</b>, {clock.timeOfDay(ended.at)}.
          {ended.why === 'pull-low' && words.whatWasCrimpedSince}
        </p>
      )}
      {drift && (
        <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
          <b>{words.height(trendWords(drift.signal.side, drift.points))}</b>
          {words.toMmAtCheck(drift.reading.heightMm, drift.reading.term, state.plan.quantity)}
        </p>
      )}
      {tried.map((piece) => (
        <p key={piece.at} className={clsx(noteCss.note, piece.good ? noteCss.good : noteCss.fault)}>
          {piece.good ? '✓' : '▲'} {clock.timeOfDay(piece.at)}: {pulledWords(piece)}
          {piece.heightMm !== undefined && words.shownHeight(piece.heightMm)}
          {piece.together && words.seenTogether} {piece.good ? words.good : words.notGoodFindCause}
        </p>
      ))}
    </>
  )
}

import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import type { PracticeId } from '@/core/parts/catalogue/practiceIds'
import type { PartLoss } from '@/core/work/crimp/scrapLoss'
import type { FoundCause } from '@/core/work/crimp/foundCause'
import type { PieceMove } from '@/core/work/crimp/pieceForm'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { BITE_MM, type FaultOutcome } from '@/core/work/crimp/faultOutcome'
import cardCss from '@/ui/card/card.module.css'
import { useJob } from '@/ui/job/JobProvider'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { faultCardWords as words } from '@/words/screens/crimp/faultCard'
import { practiceWords } from '@/words/practices'
import { Causes } from './Causes'
import styles from './FaultReport.module.css'

/** What becomes of a piece once its fault is named: why it likely is, what is set otherwise, what saves it, what it costs. */
export function FaultDecision({
  outcome,
  set,
  busy,
  found: cause,
  withCure,
  lost,
  sure,
  move,
  mend,
  save,
  write,
}: {
  readonly outcome: FaultOutcome
  readonly set: ChosenSet
  readonly busy: boolean
  readonly found: FoundCause | undefined
  readonly withCure: boolean
  /** what goes with a contact that is scrapped */
  readonly lost: readonly PartLoss[]
  readonly sure: boolean
  readonly move: (move: PieceMove) => void
  readonly mend: () => void
  readonly save: (practice: PracticeId) => void
  readonly write: () => void
}) {
  const { state } = useJob()
  const { found, causes, saves, usedMm, slack } = outcome
  const scrap = found.decision === 'scrap'
  return (
    <>
      <p className={clsx(noteCss.note, noteCss.attend)}>
        <b>{words.decision(scrap)}</b> {words.costs} <b className={textCss.mono}>{words.mm(usedMm)}</b>{' '}
        {words.ofWire(lost)} {slack && words.triesLeft(slack.triesLeft)}
      </p>
      <Button variant="filled" disabled={busy} onClick={write}>
        <span>{words.main(outcome.wireGoes, scrap, sure)}</span> <Kbd aria-hidden="true">Space</Kbd>
      </Button>
      <Causes
        causes={causes}
        set={set}
        found={cause}
        taken={withCure}
        choose={(one) => move({ kind: 'cause-chosen', cause: one })}
        take={() => move({ kind: 'cure-ticked' })}
      />
      {outcome.canMend && (
        <Button disabled={busy} onClick={mend}>
          <span>{words.bite(BITE_MM)}</span>
        </Button>
      )}
      {saves.map((one, i) => (
        <Button key={one.id} onClick={() => save(one.id)}>
          <span>
            {practiceWords[one.id].act}
            <span className={clsx(cardCss.hint, textCss.small, textCss.dim, styles.allowed)}>
              {words.allowed(one.allowance(rulesOf(state)) === 'recorded')}
            </span>
          </span>
          {i === 0 && <Kbd aria-hidden="true">S</Kbd>}
        </Button>
      ))}
      <p className={clsx(textCss.small, textCss.dim)}>{words.neverAgain(saves.length > 0)}</p>
      {outcome.tooShort && <p className={clsx(noteCss.note, noteCss.fault)}>▲ {words.noSlack(outcome.otherSeated)}</p>}
    </>
  )
}

import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import type { RankedCause } from '@/core/craft/crimp/causes'
import type { CauseCode } from '@/core/craft/crimp/looks'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import type { FoundCause } from '@/core/work/crimp/foundCause'
import { Choice } from '@/ui/choice/Choice'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { causeWords, cureWords } from '@/words/crimp'
import { rootCureWords } from '@/words/practices'
import { causesWords as words } from '@/words/screens/crimp/causes'
import { termName } from '@/words/steps'

/** Why a piece most likely is as it is, in order; the cure is one key away, and says what it puts in question. */
export function Causes({
  causes,
  set,
  found,
  taken,
  choose,
  take,
}: {
  readonly causes: readonly RankedCause[]
  readonly set: ChosenSet
  /** what the cause that is meant comes to; nothing where it lies with the hand */
  readonly found: FoundCause | undefined
  readonly taken: boolean
  readonly choose: (cause: CauseCode) => void
  /** the cure at one key: ticked for later, or written at once */
  readonly take: () => void
}) {
  const { state } = useJob()
  useKeys(found ? [{ key: 'c', words: words.otherwise, run: take }] : [])
  return (
    <>
      <p className={textCss.small}>{words.likely}</p>
      <div className={paneCss.choices} role="group" aria-label={words.likely}>
        {causes.map((one, i) => (
          <Choice key={one.cause} aria-pressed={one.cause === found?.cause && taken} onClick={() => choose(one.cause)}>
            <span className={textCss.mono}>{i + 1}</span>
            <span className={clsx(textCss.small, one.evidence === 'against' && textCss.dim)}>
              {causeWords[one.cause]}
              {words.evidence[one.evidence]}: {cureWords(one.cure, { ...set.setup, stripMm: set.strip.nominalMm })}
            </span>
            <span />
          </Choice>
        ))}
      </div>
      {found && (
        <Button aria-pressed={taken} onClick={take}>
          <span>{taken ? words.withDecision(rootCureWords(found.cure)) : rootCureWords(found.cure)}</span>{' '}
          <Kbd aria-hidden="true">C</Kbd>
        </Button>
      )}
      {found?.suspects && (
        <p className={clsx(noteCss.note, noteCss.attend)}>
          {words.inQuestion(found.suspects.map((key) => termName(key, state.plan.quantity)))}
        </p>
      )}
    </>
  )
}

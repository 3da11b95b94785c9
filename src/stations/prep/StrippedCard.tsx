import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import type { PracticeId } from '@/core/parts/catalogue/practiceIds'
import type { TermState } from '@/core/record/state/records'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { threadWords } from '@/words/crimp'
import { practiceWords } from '@/words/practices'
import { prepWords as words } from '@/words/screens/prep/prepItem'

/** A wire that is stripped already: what is on it, and how it is stripped again. */
export function StrippedCard({
  stripped,
  crimped,
  busy,
  tryMm,
  look,
  cutBack,
}: {
  readonly stripped: NonNullable<TermState['stripped']>
  readonly crimped: boolean
  readonly busy: boolean
  /** what another try costs */
  readonly tryMm: number
  readonly look: () => void
  readonly cutBack: () => void
}) {
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.good)}>{words.stripped(stripped.stripMm, stripped.lengthFrom)}</h2>
      <p>
        {words.next(crimped)}{' '}
        {words.onTheWire(
          stripped.threaded.map((code) =>
            code in threadWords ? (threadWords[code as keyof typeof threadWords].split(',')[0] ?? code) : code,
          ),
        )}
      </p>
      {stripped.together !== undefined && <p className={textCss.dim}>{words.together(stripped.together)}</p>}
      {stripped.practices && (
        <p className={clsx(noteCss.note, noteCss.caution)}>
          {words.recorded(
            stripped.practices.map((one) =>
              one in practiceWords ? practiceWords[one as PracticeId].name.toLowerCase() : one,
            ),
          )}
        </p>
      )}
      {!crimped && (
        <>
          <Button onClick={look}>
            <span>{words.whatDoYouSee}</span> <Kbd aria-hidden="true">W</Kbd>
          </Button>
          <Button disabled={busy} onClick={cutBack}>
            <span>{words.cutBack}</span>
            <span className={clsx(textCss.mono, textCss.small)}>{words.mm(tryMm)}</span>
          </Button>
        </>
      )}
    </>
  )
}

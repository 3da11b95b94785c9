import { endReleaseWords as words } from '@/words/screens/crimp/endRelease'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { Button, Kbd } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { releaseEndings } from '@/core/craft/crimp/setupPart'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { endingWords } from '@/words/practices'

/** Something has changed that no figure of the setup shows: why a new first piece is asked for. */
export function EndRelease({ setup, close }: { readonly setup: string; readonly close: () => void }) {
  const { append } = useJob()
  const busy = useBusy()
  const end = (why: (typeof releaseEndings)[number]) =>
    void append({ kind: 'release-ended', setup, why }).then((written) => written && close())
  useKeys([
    { key: 'Escape', words: words.nothingHasChanged, run: close },
    ...releaseEndings.map((why, i) => ({
      key: String(i + 1),
      words: i === 0 ? words.whatHasChangedTo : '',
      run: () => end(why),
    })),
  ])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.attend)}>{words.whatHasChanged}</h2>
      <div className={paneCss.choices} role="group" aria-label={words.changes}>
        {releaseEndings.map((why, i) => (
          <Choice key={why} disabled={busy} onClick={() => end(why)}>
            <Kbd aria-hidden="true">{i + 1}</Kbd>
            <span>{endingWords[why]}</span>
            <span />
          </Choice>
        ))}
      </div>
      <p className={clsx(textCss.small, textCss.dim)}>{words.setupIsReleasedAgain}</p>
      <Button onClick={close}>
        <span>{words.nothingHasChanged}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </>
  )
}

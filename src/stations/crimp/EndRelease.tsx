import { releaseEndings } from '@/core/craft/crimp/setupPart'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { endingWords } from '@/words/practices'

/** Something has changed that no figure of the setup shows: why a new first piece is asked for. */
export function EndRelease({ setup, close }: { readonly setup: string; readonly close: () => void }) {
  const { append, busy } = useJob()
  const end = (why: (typeof releaseEndings)[number]) =>
    void append({ kind: 'release-ended', setup, why }).then((written) => written && close())
  useKeys([
    { key: 'Escape', words: 'Nothing has changed', run: close },
    ...releaseEndings.map((why, i) => ({
      key: String(i + 1),
      words: i === 0 ? 'What has changed (1 to 6)' : '',
      run: () => end(why),
    })),
  ])
  return (
    <>
      <h2 className="card-title attend">What has changed?</h2>
      <div className="choices" role="group" aria-label="What has changed">
        {releaseEndings.map((why, i) => (
          <button key={why} type="button" className="choice" disabled={busy} onClick={() => end(why)}>
            <kbd aria-hidden="true">{i + 1}</kbd>
            <span>{endingWords[why]}</span>
            <span />
          </button>
        ))}
      </div>
      <p className="small dim">The setup is released again by a new first piece. A turned adjuster is gauged before.</p>
      <button type="button" className="act-button" onClick={close}>
        <span>Nothing has changed</span> <kbd aria-hidden="true">Esc</kbd>
      </button>
    </>
  )
}

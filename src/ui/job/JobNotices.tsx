'use client'
import { useOperator } from '../frame/Operator'
import { useKeys } from '../keys/KeyProvider'
import { useJob } from './JobProvider'

/** Lines between head and work: who is here, what was refused or came in between, what was taken back. */
export function JobNotices() {
  const { notice, tell, state } = useJob()
  const { operator, people, pick } = useOperator()
  useKeys(notice ? [{ key: 'Escape', words: 'Close the notice', run: () => tell(undefined) }] : [])
  return (
    <>
      {!operator && people.length > 0 && (
        <div className="notice note attend">
          <b>Who is at this bench?</b>
          {people.map((person) => (
            <button key={person.id} type="button" className="act-button" onClick={() => pick(person.id)}>
              {person.name}
            </button>
          ))}
        </div>
      )}
      {state.signatures.some((one) => !one.void) && (
        <div className="notice note good">
          <b>✓ Signed.</b> <span>The record is closed. To go on, reopen it at Close with a reason.</span>
        </div>
      )}
      {notice && (
        <div
          className={`notice note ${notice.tone}`}
          role={notice.tone === 'fault' ? 'alert' : undefined}
          data-testid="notice"
        >
          <span aria-hidden="true">{notice.tone === 'good' ? '✓' : notice.tone === 'fault' ? '▲' : '◆'}</span>
          <span style={{ flex: 1 }}>
            {notice.text}
            {notice.lines && (
              <span className="small" style={{ display: 'block' }}>
                {notice.lines.slice(0, 4).join(' · ')}
              </span>
            )}
          </span>
          {notice.retry && (
            <button type="button" className="act-button" onClick={notice.retry}>
              Write it again
            </button>
          )}
          <button type="button" className="act-button" onClick={() => tell(undefined)}>
            Close <kbd aria-hidden="true">Esc</kbd>
          </button>
        </div>
      )}
    </>
  )
}

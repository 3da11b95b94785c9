'use client'
import { useEffect, useState } from 'react'
import type { OlderFact } from '@/core/record/plan/factsAge'
import { useOperator } from '@/ui/frame/Operator'
import { useJob } from '@/ui/job/JobProvider'
import { Differences } from '@/ui/list/Differences'
import { useKeys } from '@/ui/keys/KeyProvider'
import { plural } from '@/words/figures'
import { compareFacts, takeFacts } from './actions'

const SHOWN = 12

/** What the shelf says otherwise today than when the job was planned. The job keeps its own figures until somebody takes the shelf's. */
export function FactsPane({ close }: { readonly close: () => void }) {
  const { id, state, tell, catchUp } = useJob()
  const { operator } = useOperator()
  const [older, setOlder] = useState<readonly OlderFact[]>()
  const [busy, setBusy] = useState(false)
  useEffect(() => {
    let late = false
    void compareFacts({ jobId: id }).then(
      (outcome) => !late && outcome.ok && setOlder(outcome.value),
      () => undefined,
    )
    return () => {
      late = true
    }
  }, [id, state.seq])
  const take = async () => {
    if (busy) return
    if (!operator) {
      tell({ tone: 'attend', text: 'Say first who is at this bench: pick your name at the top right.' })
      return
    }
    setBusy(true)
    const outcome = await takeFacts({ jobId: id, seen: state.seq, by: operator.id }).catch(
      () => ({ ok: false, message: 'The bench does not answer. Nothing was changed.' }) as const,
    )
    setBusy(false)
    if (outcome.ok)
      tell({ tone: 'good', text: 'The job rests on the shelf’s figures now. What was done before keeps its record.' })
    else tell({ tone: 'fault', text: outcome.message })
    await catchUp()
    if (outcome.ok) close()
  }
  useKeys([{ key: 'Escape', words: 'Back to the pinout', run: close }])
  return (
    <section className="sheet sheet-fill" aria-label="Facts older than the shelf">
      <div className="sheet-head">
        <h2 className="card-title">{older ? `${plural(older.length, 'fact')} older than the shelf` : 'Comparing…'}</h2>
        <span className="caption">
          <button type="button" onClick={close}>
            Back <kbd>Esc</kbd>
          </button>
        </span>
      </div>
      <div className="sheet-body">
        <table className="table">
          <thead>
            <tr>
              <th scope="col">what</th>
              <th scope="col">id</th>
              <th scope="col">this job → the shelf</th>
            </tr>
          </thead>
          <tbody>
            {older?.map((one) => (
              <tr key={`${one.kind} ${one.id}`}>
                <td>{one.kind.replace('-', ' ')}</td>
                <td className="figure">
                  <b>{one.id}</b>
                </td>
                <td>
                  {one.change === 'gone' && (
                    <span className="caution">◆ not on the shelf any more: the job keeps its copy</span>
                  )}
                  <Differences shown={one.differences.slice(0, SHOWN)} more={one.differences.length - SHOWN} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div style={{ padding: 12 }}>
        <button
          type="button"
          className="act-button main"
          disabled={busy || !older || older.every((one) => one.change === 'gone')}
          onClick={() => void take()}
        >
          <span>Take the shelf’s figures</span>
        </button>
        <p className="small dim" style={{ marginTop: 6 }}>
          Sets are chosen again where no work rests on them and no hand has chosen. What is done stays as it was
          recorded.
        </p>
      </div>
    </section>
  )
}

'use client'
import { useMemo } from 'react'
import { setupCounts } from '@/core/job/progress'
import { kitList } from '@/core/job/kitList'
import { setupQueue } from '@/core/job/queue'
import { rulesOf } from '@/core/journal/shared'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { metres } from '@/words/figures'
import { setupFieldWords, setupValue } from '@/words/crimp'
import { setupFields } from '@/core/setup/setup'

/** What the whole job needs: its setups in an order that changes little, its parts counted, test pieces on their own. */
export function KitParts({ close }: { readonly close: () => void }) {
  const { state } = useJob()
  const lines = useMemo(() => kitList(state), [state])
  const groups = useMemo(() => setupQueue(state), [state])
  const counts = useMemo(() => setupCounts(state), [state])
  useKeys([{ key: 'Escape', words: 'Back to the terminations', run: close }])
  const show = (value: number, unit: 'pcs' | 'mm') => (unit === 'mm' ? metres(value) : String(value))
  return (
    <>
      <div className="work" tabIndex={0} role="region" aria-label="Parts of the job">
        <section className="sheet">
          <h2 style={{ fontSize: 15, padding: '12px 16px 4px' }}>
            Parts <span className="dim" style={{ fontWeight: 400 }}>test pieces are not the wires’ own</span>
          </h2>
          <table className="table">
            <thead>
              <tr><th scope="col">part</th><th scope="col">what</th><th scope="col">for the job</th><th scope="col">for test pieces</th><th scope="col">together</th></tr>
            </thead>
            <tbody>
              {lines.map((line) => (
                <tr key={line.part}>
                  <td className="figure">{line.part}</td>
                  <td>{line.name}</td>
                  <td className="figure">{show(line.need, line.unit)}</td>
                  <td className="figure dim">{line.testPieces > 0 ? show(line.testPieces, line.unit) : ''}</td>
                  <td className="figure"><b>{show(line.need + line.testPieces, line.unit)}</b></td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      </div>
      <aside className="pane pane-card" aria-label="Setups">
        <h2 className="card-title">{groups.length} setups</h2>
        {groups.map((group, i) => (
          <div key={group.id} className="note" style={{ border: '1px solid var(--hairline)' }}>
            <b>{i + 1}. </b>
            <span className="mono">{setupFields.filter((field) => group.setup[field] !== undefined).map((field) => (field === 'tool' ? group.setup.tool : `${setupFieldWords[field].toLowerCase()} ${setupValue(field, group.setup[field])}`)).join(' · ')}</span>
            <span className="small dim" style={{ display: 'block' }}>
              {counts.get(group.id)?.total ?? 0} terminations, {counts.get(group.id)?.crimped ?? 0} crimped
            </span>
          </div>
        ))}
        <button type="button" className="act-button" onClick={close}>
          <span>Back to the terminations</span> <kbd aria-hidden="true">Esc</kbd>
        </button>
        <p className="sources">House rules: {rulesOf(state).name}. {rulesOf(state).firstPieces} first piece for each setup.</p>
      </aside>
    </>
  )
}

'use client'
import { useMemo, useState } from 'react'
import { setupCounts } from '@/core/views/progress'
import { setupQueue } from '@/core/views/queue'
import type { SupplyLine } from '@/core/work/kit/supply'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { setupFields } from '@/core/craft/setup/setup'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { figure, list, metres, plural } from '@/words/figures'
import { setupFieldWords, setupValue } from '@/words/crimp'
import { returnKit, takeKit } from './actions'
import { exportKit } from './exportKit'
import type { KitSupply } from './kitData'
import { useFetched } from './useFetched'

const show = (value: number, unit: 'pcs' | 'mm') => (unit === 'mm' ? metres(value) : String(value))

/** What the whole job needs against the shelf: parts with test pieces and spares, what is short and in which packs it comes; its setups. */
export function KitParts({ close }: { readonly close: () => void }) {
  const { id, state, tell } = useJob()
  const {
    value: supply,
    failed,
    again,
  } = useFetched<KitSupply>(`/jobs/${encodeURIComponent(id)}/kit/supply`, state.seq)
  const lines = supply?.lines ?? []
  const groups = useMemo(() => setupQueue(state), [state])
  const counts = useMemo(() => setupCounts(state), [state])
  const [busy, setBusy] = useState(false)
  const taken = lines.some((line) => line.taken > 0)
  const short = lines.filter((line) => line.short > 0)
  const cost = short.reduce((sum, line) => sum + (line.order?.price ?? 0), 0)
  const take = async () => {
    if (busy) return
    setBusy(true)
    const outcome = await (taken ? returnKit({ jobId: id }) : takeKit({ jobId: id })).catch(
      () => ({ ok: false, message: 'The bench does not answer. Nothing was changed.' }) as const,
    )
    setBusy(false)
    if (!outcome.ok) tell({ tone: 'fault', text: outcome.message })
    else if (outcome.value && outcome.value.length > 0)
      tell({
        tone: 'attend',
        text: `Reserved what is there. Short: ${list(
          outcome.value.map((one) => one.part),
          6,
        )}.`,
      })
    else tell({ tone: 'good', text: taken ? 'The parts are free again.' : 'All parts are reserved for this job.' })
    again()
  }
  useKeys([
    { key: 'Escape', words: 'Back to the terminations', run: close },
    { key: ' ', words: taken ? 'Give the parts back' : 'Take the parts', run: () => void take() },
  ])
  return (
    <>
      <div className="work" tabIndex={0} role="region" aria-label="Parts of the job">
        {failed && <p className="note fault">▲ The shelf does not answer: load the page again.</p>}
        <section className="sheet sheet-fill">
          <div className="sheet-head">
            <span>
              <b>Parts</b> <span className="dim">need + test pieces + spares</span>
            </span>
            <span className="caption">
              <button type="button" onClick={() => void exportKit(state.plan.title, lines, 'csv')}>
                CSV
              </button>
              <button type="button" onClick={() => void exportKit(state.plan.title, lines, 'xlsx')}>
                XLSX
              </button>
              <a href={`/jobs/${encodeURIComponent(id)}/papers/kit-list.pdf`} style={{ padding: 6 }}>
                PDF
              </a>
            </span>
          </div>
          <div className="sheet-body">
            <table className="table">
              <thead>
                <tr>
                  <th scope="col">part</th>
                  <th scope="col">what</th>
                  <th scope="col">together</th>
                  <th scope="col">free</th>
                  <th scope="col">short</th>
                </tr>
              </thead>
              <tbody>
                {lines.map((line) => (
                  <Line key={line.part} line={line} />
                ))}
              </tbody>
            </table>
          </div>
        </section>
      </div>
      <aside className="pane pane-card" aria-label="Supply and setups">
        <h2 className="card-title">
          {short.length === 0 ? 'All parts are there' : `${plural(short.length, 'part')} short`}
        </h2>
        {cost > 0 && (
          <p>
            To buy: <b className="mono">{figure(cost, 2)}</b> in the packs of the table.
          </p>
        )}
        <button
          type="button"
          className="act-button main"
          disabled={busy || lines.length === 0}
          onClick={() => void take()}
        >
          <span>{taken ? 'Give the parts back' : 'Take the parts for this job'}</span>{' '}
          <kbd aria-hidden="true">Space</kbd>
        </button>
        <h2 className="card-title">{plural(groups.length, 'setup')}</h2>
        {groups.map((group, i) => (
          <div key={group.id} className="note" style={{ border: '1px solid var(--hairline)' }}>
            <b>{i + 1}. </b>
            <span className="mono">
              {setupFields
                .filter((field) => group.setup[field] !== undefined)
                .map((field) =>
                  field === 'tool'
                    ? group.setup.tool
                    : `${setupFieldWords[field].toLowerCase()} ${setupValue(field, group.setup[field])}`,
                )
                .join(' · ')}
            </span>
            <span className="small dim" style={{ display: 'block' }}>
              {plural(counts.get(group.id)?.total ?? 0, 'termination')}, {counts.get(group.id)?.crimped ?? 0} crimped
            </span>
          </div>
        ))}
        <button type="button" className="act-button" onClick={close}>
          <span>Back to the terminations</span> <kbd aria-hidden="true">Esc</kbd>
        </button>
        <p className="sources">
          House rules: {rulesOf(state).name}. {plural(rulesOf(state).firstPieces, 'first piece')} for each setup,{' '}
          {rulesOf(state).sparePercent} % spares and at least {rulesOf(state).spareLeast}.
        </p>
      </aside>
    </>
  )
}

function Line({ line }: { readonly line: SupplyLine }) {
  const over = [
    line.testPieces > 0 && `${show(line.testPieces, line.unit)} test`,
    line.spares > 0 && `${show(line.spares, line.unit)} spare`,
  ].filter((one) => one !== false)
  return (
    <tr>
      <td className="figure">{line.part}</td>
      <td style={{ minWidth: 130 }}>{line.name}</td>
      <td className="figure">
        <b>{show(line.total, line.unit)}</b>
        {over.length > 0 && (
          <span className="small dim under">
            {show(line.need, line.unit)} + {over.join(' + ')}
          </span>
        )}
      </td>
      <td className="figure">
        {line.free === undefined ? <span className="dim">not counted</span> : show(line.free, line.unit)}
        {line.taken > 0 && <span className="small good under">✓ {show(line.taken, line.unit)} taken</span>}
      </td>
      <td className="figure">
        {line.short > 0 ? (
          <span className="caution">◆ {show(line.short, line.unit)}</span>
        ) : (
          <span className="good">✓</span>
        )}
        {line.order && (
          <span className="small dim under">
            buy {line.order.packs} × {line.order.pack}
            {line.order.price !== undefined && `, ${figure(line.order.price, 2)}`}
          </span>
        )}
      </td>
    </tr>
  )
}

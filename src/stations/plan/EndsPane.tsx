'use client'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import type { GridRow } from '@/core/record/grid/draft'
import { housingOf } from '@/core/record/plan/facts'
import { planIndex, type End, type PlanChange } from '@/core/record/plan/plan'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { useJob } from '@/ui/job/JobProvider'
import { exportPinout } from './exportPinout'
import { JobSettings } from './JobSettings'
import { RuleOddsList } from './RuleOddsList'
import { plural } from '@/words/figures'
import type { PlanShelf } from './planShelf'

const EndForm = dynamic(() => import('./EndForm').then((module) => module.EndForm), { ssr: false })

export type PlanPane = 'grid' | 'revision' | 'import' | 'family' | 'mated' | 'facts'

const tools: readonly (readonly [PlanPane, string])[] = [
  ['import', 'Import a pinout…'],
  ['family', 'Which family?'],
  ['mated', 'Check a mated pair'],
]

/** The job's ends, what is added to them, and what else can be done with a plan. */
export function EndsPane({
  end,
  setEnd,
  shelf,
  pane,
  setPane,
  apply,
  rows,
}: {
  readonly end: string
  readonly setEnd: (end: string) => void
  readonly shelf: PlanShelf
  readonly pane: PlanPane
  readonly setPane: (pane: PlanPane) => void
  readonly apply: (change: PlanChange) => void
  readonly rows: readonly GridRow[]
}) {
  const { state } = useJob()
  const { plan, facts } = state
  const [form, setForm] = useState<End | 'new'>()
  return (
    <div className="pane pane-queue">
      <h2 className="queue-group">
        <span>Ends</span>
        <span className="mono">{plan.ends.length}</span>
      </h2>
      {plan.ends.map((one) => {
        const shell = housingOf(facts, plan, one.id)
        const used = planIndex(plan).byEnd.get(`1/${one.id}`)?.length ?? 0
        return (
          <button
            key={one.id}
            type="button"
            className="queue-row"
            aria-pressed={one.id === end}
            style={{
              background: one.id === end ? 'var(--glaze-wash)' : 'none',
              border: 0,
              color: 'inherit',
              textAlign: 'left',
              font: 'inherit',
              height: 52,
              gridTemplateColumns: '12px 22px minmax(0, 1fr) auto',
              gap: 5,
            }}
            onClick={() => (one.id === end ? setForm(one) : setEnd(one.id))}
          >
            <span className="glyph act" aria-hidden="true">
              {one.id === end ? '▸' : ''}
            </span>
            <b className="mono">{one.id}</b>
            <span style={{ whiteSpace: 'normal', lineHeight: 1.15 }}>
              {shell?.name ?? one.housing}
              {one.keying !== undefined && <span className="mono dim"> {one.keying}</span>}
            </span>
            <span className="mono dim">
              {used}/{shell?.cavities.length ?? '?'}
            </span>
          </button>
        )
      })}
      {form === undefined ? (
        <div className="tool-list" style={{ borderTop: 0 }}>
          <button type="button" className="act-button" onClick={() => setForm('new')}>
            <span>Add an end…</span>
          </button>
          {end !== '' && (
            <button
              type="button"
              className="act-button"
              onClick={() => setForm(plan.ends.find((one) => one.id === end))}
            >
              <span>Change end {end}…</span>
            </button>
          )}
        </div>
      ) : (
        <EndForm
          key={form === 'new' ? 'new' : form.id}
          end={form === 'new' ? undefined : form}
          shelf={shelf}
          close={() => setForm(undefined)}
          apply={(change) => {
            setForm(undefined)
            apply(change)
          }}
        />
      )}
      {shelf.older > 0 && (
        <div className="tool-list">
          <button
            type="button"
            className="act-button"
            aria-pressed={pane === 'facts'}
            onClick={() => setPane(pane === 'facts' ? 'grid' : 'facts')}
          >
            <span className="caution">◆ {plural(shelf.older, 'fact')} older than the shelf</span>
          </button>
        </div>
      )}
      <div className="tool-list">
        {tools.map(([id, words]) => (
          <button
            key={id}
            type="button"
            className="act-button"
            aria-pressed={pane === id}
            onClick={() => setPane(pane === id ? 'grid' : id)}
          >
            <span>{words}</span>
          </button>
        ))}
        <div className="two">
          <button type="button" className="act-button" onClick={() => void exportPinout(plan, rows, 'csv')}>
            <span>Export CSV</span>
          </button>
          <button type="button" className="act-button" onClick={() => void exportPinout(plan, rows, 'xlsx')}>
            <span>XLSX</span>
          </button>
        </div>
      </div>
      <JobSettings key={state.seq} plan={plan} rules={shelf.rules} pinned={rulesOf(state)} apply={apply} />
      <RuleOddsList state={state} />
    </div>
  )
}

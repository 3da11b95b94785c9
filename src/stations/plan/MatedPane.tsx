'use client'
import { useMemo, useState } from 'react'
import { matedPair } from '@/core/record/plan/matedPair'
import type { PlanChange } from '@/core/record/plan/plan'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Swatch } from '@/ui/wire/Swatch'
import { plural } from '@/words/figures'
import { oddWords, pairFaultWords } from '@/words/mated'
import { AdapterForm } from './AdapterForm'

/** Two ends that mate: do their halves go together, and does each cavity meet what is meant? Colour to colour, cavity by cavity. */
export function MatedPane({
  close,
  apply,
  pick,
}: {
  readonly close: () => void
  readonly apply: (change: PlanChange) => void
  readonly pick: (wire: string) => void
}) {
  const { state } = useJob()
  const { plan, facts } = state
  const mated = plan.ends.find((end) => end.mate !== undefined)
  const [a, setA] = useState(mated?.id ?? plan.ends[0]?.id ?? '')
  const [b, setB] = useState(mated?.mate ?? plan.ends[1]?.id ?? '')
  const pair = useMemo(() => (a !== b ? matedPair(plan, facts, a, b) : undefined), [plan, facts, a, b])
  const odd = pair?.cavities.filter((one) => one.odd) ?? []
  useKeys([{ key: 'Escape', words: 'Back to the pinout', run: close }])
  const end = plan.ends.find((one) => one.id === a)
  const select = (value: string, set: (end: string) => void, label: string) => (
    <label className="field">
      {label}
      <select value={value} onChange={(event) => set(event.target.value)}>
        {plan.ends.map((one) => (
          <option key={one.id}>{one.id}</option>
        ))}
      </select>
    </label>
  )
  return (
    <section className="sheet sheet-fill" aria-label="Mated pair">
      <div className="sheet-head">
        <h2 className="card-title">Check a mated pair</h2>
        <span className="caption">
          <button type="button" onClick={close}>
            Back <kbd>Esc</kbd>
          </button>
        </span>
      </div>
      <div className="sheet-body" style={{ padding: 16, display: 'flex', flexDirection: 'column', gap: 12 }}>
        <div className="field-row" style={{ flex: 'none' }}>
          {select(a, setA, 'End')}
          {select(b, setB, 'mates with')}
        </div>
        {a === b && (
          <p className="note attend">◆ Two different ends are wanted: a job with one end has nothing to check.</p>
        )}
        {pair?.faults.map((fault) => (
          <p key={fault.code} className="note fault">
            ▲ {pairFaultWords(fault)}
          </p>
        ))}
        {pair && pair.cavities.length > 0 && (
          <>
            <p>
              {odd.length === 0 ? (
                <b className="good">✓ Every cavity meets what is meant.</b>
              ) : (
                <b className="caution">◆ {plural(odd.length, 'cavity', 'cavities')} to look at.</b>
              )}
            </p>
            <table className="table level">
              <thead>
                <tr>
                  <th>Cavity</th>
                  <th>{a}</th>
                  <th>{b}</th>
                  <th>Meets</th>
                </tr>
              </thead>
              <tbody>
                {pair.cavities
                  .filter((one) => one.a ?? one.b)
                  .map((one) => (
                    <tr key={one.cavity}>
                      <td className="figure">
                        <b>{one.cavity}</b>
                      </td>
                      {[one.a, one.b].map((wire, i) => (
                        <td key={i}>
                          {wire ? (
                            <button type="button" className="link-button" onClick={() => pick(wire.id)}>
                              <span className="mono">{wire.id}</span> <Swatch colour={wire.colour} width={20} />{' '}
                              {wire.signal}
                            </button>
                          ) : (
                            <span className="dim">–</span>
                          )}
                        </td>
                      ))}
                      <td>
                        {one.odd ? (
                          <span className="caution">◆ {oddWords[one.odd]}</span>
                        ) : (
                          <span className="good">✓</span>
                        )}
                      </td>
                    </tr>
                  ))}
              </tbody>
            </table>
            {odd.length > 0 && <AdapterForm key={`${a}-${b}`} a={a} b={b} />}
            {end && end.mate !== b && (
              <button type="button" className="act-button" onClick={() => apply({ putEnds: [{ ...end, mate: b }] })}>
                <span>
                  Keep: {a} mates with {b}
                </span>
              </button>
            )}
          </>
        )}
      </div>
    </section>
  )
}

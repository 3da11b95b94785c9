'use client'
import { figure, mm, plural, range } from '@/words/figures'
import { setupWords } from '@/words/crimp'
import type { KitOptions, KitRejected, KitSet } from './kitOptions'

/** A termination that no set takes: by how much, and what would do. */
export function BlockedSheet({
  options,
  picked,
  onPick,
  showTools,
}: {
  readonly options: KitOptions
  readonly picked: number
  readonly onPick: (line: number) => void
  readonly showTools: () => void
}) {
  const { windows, insulationMm, rejected, remedies } = options
  const nearest = rejected[0]
  const seal = nearest?.code === 'seal-tears' || nearest?.code === 'seal-leaks'
  const noTool = nearest?.code === 'no-tool'
  const largest = Math.max(...windows.map((one) => one.maxMm))
  const smallest = Math.min(...windows.map((one) => one.minMm))
  return (
    <>
      <section className="sheet" style={{ padding: '14px 16px' }}>
        <h2 className="card-title" style={{ fontSize: 22, marginBottom: 10 }}>
          {seal ? (
            <>
              No seal closes round this wire: <span className="mono">{mm(insulationMm)}</span>,{' '}
              {nearest.code === 'seal-tears' ? (
                <>
                  the largest takes <span className="mono">{figure(largest, 2)}</span>
                </>
              ) : (
                <>
                  the smallest takes <span className="mono">{figure(smallest, 2)}</span>
                </>
              )}
            </>
          ) : (
            <>Nothing fits: {nearest?.words ?? 'no contact of this family on the shelf'}</>
          )}
        </h2>
        {seal && <Windows windows={windows} insulationMm={insulationMm} />}
      </section>
      <section className="sheet" style={{ padding: '10px 12px' }}>
        <h3 style={{ fontSize: 15, padding: '2px 4px 8px' }}>What would do</h3>
        {noTool && (
          <button type="button" className="act-button" onClick={showTools}>
            <span>
              <b>{nearest.contact}</b> fits: a tool is all that is missing. What it costs to buy or borrow one
            </span>{' '}
            <kbd aria-hidden="true">B</kbd>
          </button>
        )}
        {remedies.length === 0 && !noTool && (
          <p className="dim" style={{ padding: 4 }}>
            No other wire of this size on the shelf fits both ends. Measure the wire again, or choose another housing
            for this end in the plan.
          </p>
        )}
        <div className="choices">
          {remedies.map((remedy, i) => (
            <button
              key={remedy.wireType}
              type="button"
              className="choice"
              aria-pressed={i === picked}
              onClick={() => onPick(i)}
            >
              <kbd aria-hidden="true">{i + 1}</kbd>
              <span>
                <b>{remedy.name}</b>, {mm(remedy.insulationMm)}
                <span className="small dim" style={{ display: 'block' }}>
                  then contact {remedy.contact}
                  {remedy.seal !== undefined && `, seal ${remedy.seal}`}, {remedy.setup}
                </span>
              </span>
              <span className="mono small">{remedy.wireType}</span>
            </button>
          ))}
        </div>
      </section>
    </>
  )
}

function Windows({
  windows,
  insulationMm,
}: {
  readonly windows: KitOptions['windows']
  readonly insulationMm: number
}) {
  const top = Math.max(insulationMm, ...windows.map((one) => one.maxMm)) * 1.12
  const at = (value: number) => `${(100 * value) / top}%`
  return (
    <table style={{ width: '100%', borderSpacing: '0 6px' }}>
      <tbody>
        {windows.map((one) => (
          <tr key={one.name}>
            <td className="mono" style={{ width: 110 }}>
              {one.name}
            </td>
            <td>
              <div
                style={{ position: 'relative', height: 9, borderRadius: 4, background: 'var(--wash)' }}
                aria-hidden="true"
              >
                <i
                  style={{
                    position: 'absolute',
                    left: at(one.minMm),
                    width: at(one.maxMm - one.minMm),
                    height: 9,
                    borderRadius: 4,
                    background: 'var(--glaze)',
                    opacity: 0.55,
                  }}
                />
                <i
                  style={{
                    position: 'absolute',
                    left: at(insulationMm),
                    width: 3,
                    top: -3,
                    height: 15,
                    background: 'var(--oxblood)',
                  }}
                />
              </div>
            </td>
            <td className="mono dim" style={{ width: 120, textAlign: 'right' }}>
              {range(one.minMm, one.maxMm)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** The workable sets, best first. */
export function SetsTable({
  options,
  picked,
  onPick,
  isChosen,
}: {
  readonly options: KitOptions
  readonly picked: number
  readonly onPick: (line: number) => void
  readonly isChosen: (set: KitSet) => boolean
}) {
  return (
    <section className="sheet" style={{ padding: '10px 12px' }}>
      <h2 style={{ fontSize: 15, padding: '2px 4px 8px' }}>
        Works{' '}
        <span className="dim" style={{ fontWeight: 400 }}>
          best first
        </span>
      </h2>
      <div className="choices">
        {options.sets.map((set, i) => (
          <button
            key={`${set.set.contact} ${set.set.seal ?? ''} ${set.set.setup.tool} ${set.set.setup.selector ?? ''}`}
            type="button"
            className="choice"
            aria-pressed={i === picked}
            onClick={() => onPick(i)}
          >
            <kbd aria-hidden="true">{i + 1}</kbd>
            <span>
              <b className="mono">{set.set.contact}</b>
              {set.set.seal !== undefined && <b className="mono"> + {set.set.seal}</b>}{' '}
              <span className="dim">{set.plating}</span>
              <span className="small dim" style={{ display: 'block' }}>
                {setupWords(set.set.setup)}
                {set.set.setup.notchMm !== undefined && `, notch ${set.set.setup.notchMm} mm`}, strip{' '}
                {figure(set.set.strip.nominalMm, 1)} mm
              </span>
            </span>
            <span className="mono small">{isChosen(set) ? '✓ chosen' : figure(set.score, 2)}</span>
          </button>
        ))}
      </div>
    </section>
  )
}

const REJECTED_SHOWN = 60

/** Why each other candidate is out, the nearest to working first. */
export function RejectedTable({ rejected }: { readonly rejected: readonly KitRejected[] }) {
  return (
    <section className="sheet sheet-fill" style={{ minHeight: 160 }}>
      <h2 style={{ fontSize: 15, padding: '12px 16px 4px' }}>
        Why the others are out{' '}
        <span className="dim" style={{ fontWeight: 400 }}>
          {plural(rejected.length, 'candidate')}, nearest first
        </span>
      </h2>
      <div className="sheet-body" tabIndex={0} role="region" aria-label="Why the others are out">
        <table className="table">
          <thead>
            <tr>
              <th scope="col">contact</th>
              <th scope="col">seal</th>
              <th scope="col">reason</th>
              <th scope="col">off by</th>
              <th scope="col">cured by</th>
            </tr>
          </thead>
          <tbody>
            {rejected.slice(0, REJECTED_SHOWN).map((one) => (
              <tr key={`${one.contact} ${one.seal ?? ''}`}>
                <td className="figure dim">{one.contact}</td>
                <td className="figure dim">{one.seal}</td>
                <td>{one.words}</td>
                <td className="figure dim">{one.offBy}</td>
                <td className="figure">{one.cure ?? ''}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

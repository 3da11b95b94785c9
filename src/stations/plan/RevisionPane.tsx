'use client'
import type { ChangePreview } from '@/core/views/previewChange'
import { useKeys } from '@/ui/keys/KeyProvider'
import { metres, plural } from '@/words/figures'
import { fateWords } from '@/words/plan'

/** What a plan change does to work that is done, before it is applied. */
export function RevisionPane({
  preview,
  busy,
  apply,
  back,
}: {
  readonly preview: ChangePreview
  readonly busy: boolean
  readonly apply: () => void
  readonly back: () => void
}) {
  const { cost, kit, withoutSet, outOfReach } = preview
  const disturbed = new Set(cost.disturbed)
  useKeys([
    { key: 'Escape', words: 'Back to the pinout', run: back },
    { key: ' ', words: 'Apply the revision', run: apply },
  ])
  const figures: readonly (readonly [string, string])[] = [
    ['Contacts to take out', String(cost.extractions)],
    ['Contacts to scrap', String(cost.contactsScrapped.reduce((sum, one) => sum + one.count, 0))],
    ['To crimp again', String(cost.crimpedAgain)],
    ['Wire lost', metres(cost.wireLostMm)],
  ]
  return (
    <section className="sheet sheet-fill" aria-label="Revision">
      <div className="sheet-head">
        <h2 className="card-title">This change undoes work on {plural(cost.disturbed.length, 'wire')}</h2>
      </div>
      <div className="sheet-body" style={{ padding: 16, display: 'flex', flexDirection: 'column', gap: 14 }}>
        <dl className="readouts">
          {figures.map(([label, value]) => (
            <div key={label} className={`readout ${value === '0' || value === '0 mm' ? '' : 'change'}`}>
              <dt>{label}</dt>
              <dd className="value">{value}</dd>
            </div>
          ))}
        </dl>
        <table className="table">
          <thead>
            <tr>
              <th>Wire</th>
              <th>What becomes of it</th>
            </tr>
          </thead>
          <tbody>
            {cost.fates
              .filter((fate) => disturbed.has(fate.wire))
              .map((fate) => (
                <tr key={fate.wire}>
                  <td className="figure">
                    <b>{fate.wire}</b>
                  </td>
                  <td>{fateWords(fate)}</td>
                </tr>
              ))}
          </tbody>
        </table>
        {outOfReach.map((one) => (
          <p key={one.wire} className="note fault">
            ▲ <b className="mono">{one.wire}</b> is {metres(one.lengthMm)} long: from {one.ends[0]} to {one.ends[1]}{' '}
            even <b className="mono">{one.like}</b> has {metres(one.likeMm)}. Give it its new length, and it is cut
            anew.
          </p>
        ))}
        {kit.length > 0 && (
          <table className="table">
            <thead>
              <tr>
                <th>Part</th>
                <th>Name</th>
                <th>Kit</th>
              </tr>
            </thead>
            <tbody>
              {kit.map((line) => (
                <tr key={line.part}>
                  <td className="figure">{line.part}</td>
                  <td>{line.name}</td>
                  <td className="figure">
                    {line.by > 0 ? 'needs' : 'frees'}{' '}
                    {line.unit === 'mm' ? metres(Math.abs(line.by)) : Math.abs(line.by)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {withoutSet.length > 0 && (
          <p className="note attend">
            ◆ {plural(withoutSet.length, 'termination')} would have no workable set: Kit says why.
          </p>
        )}
        <p className="small dim">
          Scrapped contacts, seals and wire are counted; what is taken out and seated again stands at Seat, what is made
          again at Prep and Crimp.
        </p>
      </div>
      <div className="two" style={{ padding: 12 }}>
        <button type="button" className="act-button main" disabled={busy} onClick={apply}>
          <span>Apply the revision</span> <kbd aria-hidden="true">Space</kbd>
        </button>
        <button type="button" className="act-button" onClick={back}>
          <span>Back to the pinout</span> <kbd aria-hidden="true">Esc</kbd>
        </button>
      </div>
    </section>
  )
}

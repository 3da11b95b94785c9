'use client'
import { useState } from 'react'
import { constructionOf } from '@/core/catalogue/constructions'
import { heightDrift } from '@/core/crimp/heightWatch'
import type { LookCode } from '@/core/crimp/looks'
import type { QueueGroup, QueueItem } from '@/core/job/queue'
import { parseQuantity } from '@/core/units/parseQuantity'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { figure, newtons, plural, range, timeOfDay } from '@/words/figures'
import { lookWords } from '@/words/crimp'
import { quantityWords } from '@/words/quantity'
import { signalWords } from '@/words/stats'
import { termName } from '@/words/steps'
import { CrimpReadouts } from './CrimpReadouts'
import { SpecimenSheet } from './SpecimenSheet'

/** A test piece on spare wire: inspected, measured, pulled to destruction. Good or bad, it is written down. */
export function FirstPieceCard({ item, group, left }: { readonly item: QueueItem; readonly group: QueueGroup; readonly left: number }) {
  const { state, append, busy } = useJob()
  const contact = state.facts.contacts[item.set.contact]
  const looks: readonly LookCode[] = contact ? constructionOf(contact).looks(contact) : []
  const wantsHeight = item.set.height !== undefined
  const [heightText, setHeight] = useState('')
  const [pullText, setPull] = useState('')
  const height = parseQuantity(heightText, 'length')
  const pull = parseQuantity(pullText, 'force')
  const minimumN = item.set.pull?.forceN
  const setup = state.setups.get(group.id)
  const drift = heightDrift(state, group.id)
  const tried = setup?.pieces.filter((piece) => piece.mounted === setup.mounted && (!drift || piece.at > drift.reading.at)) ?? []
  const lines: CheckLine[] = looks.map((look) => ({ id: look, words: lookWords[look].line, seen: lookWords[look].seen }))
  const checks = useChecks(`${group.id} first ${tried.length}`, lines)
  const ready = pull.ok && (!wantsHeight || height.ok)
  const record = (seenAll: boolean) => {
    if (!pull.ok) return
    void append({
      kind: 'first-piece', setup: group.id, wire: item.termination.wire.id, side: item.termination.side,
      looks: looks.map((look) => ({ look, seen: seenAll || checks.ticked.has(look) })),
      ...(wantsHeight && height.ok && { heightMm: Math.round(height.value * 1000) / 1000 }), pullN: Math.round(pull.value * 10) / 10,
    }).then((written) => {
      if (!written) return
      checks.clear()
      setHeight('')
      setPull('')
    })
  }
  const low = pull.ok && minimumN !== undefined && pull.value < minimumN
  const outside = wantsHeight && height.ok && item.set.height && (height.value < item.set.height.minMm - 0.0005 || height.value > item.set.height.maxMm + 0.0005)
  return (
    <>
      <div className="work">
        <CrimpReadouts item={item} piece="First piece like" />
        <SpecimenSheet item={item} crimped />
      </div>
      <aside className="pane pane-card" aria-label="First piece">
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className="card-title">First piece, on spare wire</h2>
        {drift && (
          <p className="note fault" role="alert">
            <b>▲ Height {signalWords.trend[drift.signal.side]}</b>, to {figure(drift.reading.heightMm, 3)} mm at {termName(drift.reading.term, state.plan.quantity)}: check the die and its seat, then make a new first piece. What was crimped is inside its window.
          </p>
        )}
        {tried.map((piece) => (
          <p key={piece.at} className={`note ${piece.good ? 'good' : 'fault'}`}>
            {piece.good ? '✓' : '▲'} {timeOfDay(piece.at)}: {newtons(piece.pullN)}
            {piece.heightMm !== undefined && `, ${figure(piece.heightMm, 3)} mm`} {piece.good ? 'good' : 'not good: find the cause, then another piece'}
          </p>
        ))}
        <CheckList lines={lines} checks={checks} main={low || outside ? 'Record it as not good' : 'Record the first piece'} busy={busy} onMain={() => record(true)} enabled={checks.due !== undefined || ready} />
        <div className="field-row">
          {wantsHeight && (
            <label className="field">
              Crimp height, mm
              <input value={heightText} inputMode="decimal" placeholder={item.set.height ? range(item.set.height.minMm, item.set.height.maxMm) : ''} aria-invalid={Boolean(outside) || (heightText !== '' && !height.ok)} onChange={(event) => setHeight(event.target.value)} />
            </label>
          )}
          <label className="field">
            Pulled off at, N
            <input value={pullText} inputMode="decimal" placeholder={minimumN === undefined ? '' : `≥ ${minimumN}`} aria-invalid={low || (pullText !== '' && !pull.ok)} onChange={(event) => setPull(event.target.value)} />
          </label>
        </div>
        {pullText !== '' && !pull.ok && <p className="note fault">▲ {quantityWords(pull.fault, 'force')}</p>}
        {heightText !== '' && !height.ok && <p className="note fault">▲ {quantityWords(height.fault, 'length')}</p>}
        {low && <p className="note fault">▲ {newtons(pull.value)} is below {newtons(minimumN)}: this setup is not released with it.</p>}
        {outside && <p className="note fault">▲ Height outside {item.set.height && range(item.set.height.minMm, item.set.height.maxMm)} mm.</p>}
        {checks.ticked.size < lines.length && ready && (
          <button type="button" className="act-button" disabled={busy} onClick={() => record(false)}>
            <span>Not good: record what was seen</span>
          </button>
        )}
        <p className="small dim">
          {plural(left, 'good piece')} to release the setup. Eye protection at the pull.
        </p>
        <div className="sources">
          <span>Pull: {item.set.pull ? `≥ ${item.set.pull.forceN} N, ${item.set.pull.basis === 'sheet' ? 'the contact’s sheet' : item.set.pull.basis === 'table' ? `${item.set.pull.table ?? ''}, check your own copy` : `general figure of ${item.set.pull.table ?? ''}, no sheet`}` : 'no figure: this wire is outside the table'}.</span>
          {item.set.height && <span>Height: {item.set.height.estimate ? 'estimated from compaction 0.80 to 0.90' : item.set.source}.</span>}
        </div>
      </aside>
    </>
  )
}

/** The first piece was good: say so, and production may begin. */
export function ReleaseCard({ item, group, done }: { readonly item: QueueItem; readonly group: QueueGroup; readonly done: () => void }) {
  const { state, append, busy } = useJob()
  const piece = state.setups.get(group.id)?.pieces.findLast((one) => one.good)
  const checks = useChecks(`${group.id} release`, [])
  return (
    <>
      <div className="work">
        <CrimpReadouts item={item} />
        <SpecimenSheet item={item} crimped />
      </div>
      <aside className="pane pane-card" aria-label="Release">
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className="card-title">The first piece is good</h2>
        {piece && (
          <p className="note good">
            ✓ Held <b className="mono">{newtons(piece.pullN)}</b>
            {piece.minimumN !== undefined && `, asked ${newtons(piece.minimumN)}`}
            {piece.heightMm !== undefined && `; height ${figure(piece.heightMm, 3)} mm`}
          </p>
        )}
        <CheckList lines={[]} checks={checks} main="Release setup" busy={busy} onMain={() => void append({ kind: 'setup-released', setup: group.id }).then((written) => written && done())} />
        <p className="small dim">Released until the setup changes. {group.left} terminations wait for it.</p>
      </aside>
    </>
  )
}

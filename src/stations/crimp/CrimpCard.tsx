'use client'
import { useState } from 'react'
import { constructionOf } from '@/core/catalogue/constructions'
import { decide, looks as lookTable, type DefectCode, type LookCode } from '@/core/crimp/looks'
import type { QueueGroup, QueueItem } from '@/core/job/queue'
import { termState } from '@/core/journal/state'
import { parseQuantity } from '@/core/units/parseQuantity'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { dayTime, figure, mm, range } from '@/words/figures'
import { causeWords, cureWords, defectWords, lookWords } from '@/words/crimp'
import { setupWords } from '@/words/refusals'
import { CrimpReadouts } from './CrimpReadouts'
import { SpecimenSheet } from './SpecimenSheet'

/** Crimp, then look: accept after the last look, or report what is wrong and what becomes of it. */
export function CrimpCard({ item, group, done }: { readonly item: QueueItem; readonly group: QueueGroup; readonly done: () => void }) {
  const { state } = useJob()
  const [fault, setFault] = useState<{ readonly look: LookCode; readonly defect?: DefectCode }>()
  return (
    <>
      <div className="work">
        <CrimpReadouts item={item} />
        <SpecimenSheet item={item} crimped defect={fault?.defect} />
      </div>
      <aside className="pane pane-card" aria-label="This termination">
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        {item.stage === 'to-strip' ? (
          <>
            <h2 className="card-title">Not stripped yet</h2>
            <p>Prepare it at Prep first: {range(item.set.strip.minMm, item.set.strip.maxMm, 1)} mm.</p>
          </>
        ) : fault ? (
          <FaultReport item={item} fault={fault} setFault={setFault} done={done} />
        ) : item.stage === 'crimped' ? (
          <Crimped item={item} report={() => setFault({ look: firstLook(state, item) })} />
        ) : (
          <Looks item={item} group={group} done={done} report={(look) => setFault({ look })} />
        )}
      </aside>
    </>
  )
}

type State = ReturnType<typeof useJob>['state']

const looksFor = (state: State, item: QueueItem): readonly LookCode[] => {
  const contact = state.facts.contacts[item.set.contact]
  return contact ? constructionOf(contact).looks(contact) : []
}

const firstLook = (state: State, item: QueueItem): LookCode => looksFor(state, item).find((look) => lookTable[look].when === 'after') ?? 'straight-round'

function Looks({ item, group, done, report }: { readonly item: QueueItem; readonly group: QueueGroup; readonly done: () => void; readonly report: (look: LookCode) => void }) {
  const { state, append, busy } = useJob()
  const { key } = item.termination
  const wanted = looksFor(state, item)
  const [heightText, setHeight] = useState('')
  const height = parseQuantity(heightText, 'length')
  const lines: CheckLine[] = wanted.map((look) => ({ id: look, words: lookWords[look].line, seen: lookWords[look].seen }))
  const checks = useChecks(key, lines)
  const accept = async () => {
    const measured = heightText !== '' && height.ok ? { heightMm: Math.round(height.value * 1000) / 1000 } : {}
    if (await append({ kind: 'crimped', term: key, setup: group.id, looks: wanted.map((look) => ({ look, seen: true })), ...measured })) done()
  }
  const dueLook = wanted.find((look) => look === checks.due?.id) ?? wanted.at(-1)
  const before = wanted.find((look) => lookTable[look].when === 'before')
  useKeys([
    { key: 'x', words: 'Report a fault', run: () => dueLook && report(dueLook) },
    { key: 'd', words: 'Redo: it went wrong before the stroke', run: () => report(before ?? dueLook ?? wanted[0] ?? 'straight-round') },
  ])
  const tries = termState(state, key)
  return (
    <>
      <h2 className="card-title">Crimp, then look</h2>
      <CheckList lines={lines} checks={checks} main="Accept the crimp" busy={busy} onMain={() => void accept()} enabled={heightText === '' || height.ok} />
      <p className="small dim" style={{ marginTop: -4 }}>Space ticks this line; after the last it accepts and goes on.</p>
      <div className="two">
        <button type="button" className="act-button" onClick={() => report(before ?? dueLook ?? wanted[0] ?? 'straight-round')}>
          <span>Redo</span> <kbd aria-hidden="true">D</kbd>
        </button>
        <button type="button" className="act-button" onClick={() => dueLook && report(dueLook)}>
          <span>Fault…</span> <kbd aria-hidden="true">X</kbd>
        </button>
      </div>
      {item.set.height && (
        <label className="field">
          Height, when measured ({range(item.set.height.minMm, item.set.height.maxMm)} mm)
          <input value={heightText} inputMode="decimal" aria-invalid={heightText !== '' && !height.ok} onChange={(event) => setHeight(event.target.value)} />
        </label>
      )}
      {(tries.scrapped > 0 || tries.redone > 0) && (
        <p className="small dim">
          Here before: {tries.scrapped} scrapped, {tries.redone} redone, <b className="mono">{mm(tries.usedMm, 1)}</b> of wire used up.
        </p>
      )}
      <Sources item={item} />
    </>
  )
}

function Sources({ item }: { readonly item: QueueItem }) {
  return (
    <div className="sources">
      <span>Setting: {item.set.source}.</span>
      <span>Strip: {item.set.stripFrom === 'sheet' ? 'the sheet’s own length' : 'contact’s dimensions and house rules'}.</span>
      {item.set.height && <span>Height: {item.set.height.estimate ? 'estimated from compaction 0.80 to 0.90' : 'die card'}.</span>}
    </div>
  )
}

function Crimped({ item, report }: { readonly item: QueueItem; readonly report: () => void }) {
  const { state } = useJob()
  const now = termState(state, item.termination.key)
  useKeys(now.seat ? [] : [{ key: 'x', words: 'Report a fault', run: report }])
  return (
    <>
      <h2 className="card-title good">✓ Crimped and accepted</h2>
      {now.crimp && (
        <p>
          {dayTime(now.crimp.at)}, in {setupWords(item.set.setup)}
          {now.crimp.heightMm !== undefined && `, height ${figure(now.crimp.heightMm, 3)} mm`}.
        </p>
      )}
      {now.seat ? (
        <p className="dim">Seated in {now.seat.end}.{now.seat.cavity}. Take it out at Seat to cut it off.</p>
      ) : (
        <button type="button" className="act-button" onClick={report}>
          <span>Found a fault after all…</span> <kbd aria-hidden="true">X</kbd>
        </button>
      )}
      <Sources item={item} />
    </>
  )
}

/** Contacts and strips that a second try costs: the old strip, the barrel and a little. */
const CUT_ALLOWANCE_MM = 3

function FaultReport({ item, fault, setFault, done }: { readonly item: QueueItem; readonly fault: { readonly look: LookCode; readonly defect?: DefectCode }; readonly setFault: (fault?: { readonly look: LookCode; readonly defect?: DefectCode }) => void; readonly done: () => void }) {
  const { state, append, busy } = useJob()
  const { key } = item.termination
  const wanted = looksFor(state, item).filter((look) => item.stage !== 'crimped' || lookTable[look].when === 'after')
  const choices: readonly DefectCode[] = lookTable[fault.look].faults
  const { defect, look } = fault
  const found = defect && decide(defect, look)
  const stripped = termState(state, key).stripped
  const offMm = found?.strip === 'short' ? 0.4 : undefined
  const canMend = found?.decision === 'redo' && found.strip === 'short' && stripped !== undefined && stripped.stripMm + (offMm ?? 0) <= item.set.strip.maxMm + 0.005
  const usedMm = Math.ceil(item.set.strip.nominalMm + CUT_ALLOWANCE_MM)
  const write = async () => {
    if (!found) return
    if (await append({ kind: 'crimp-rejected', term: key, look, defect: found.id, decision: found.decision, usedMm })) {
      setFault(undefined)
      done()
    }
  }
  const mend = async () => {
    if (offMm !== undefined && (await append({ kind: 'strip-mended', term: key, how: 'strip-more', byMm: offMm, why: found?.id ?? 'short' }))) setFault(undefined)
  }
  const at = wanted.indexOf(look)
  useKeys([
    { key: 'Escape', words: 'Back to the looks', run: () => setFault(undefined) },
    { key: ' ', words: 'Write the decision', run: () => void (found && !busy && write()) },
    { key: 'x', words: 'Faults of the next look', run: () => setFault({ look: wanted[(at + 1) % wanted.length] ?? look }) },
    ...choices.map((choice, i) => ({ key: String(i + 1), words: i === 0 ? 'Name what is seen (1 to 9)' : '', run: () => setFault({ look, defect: choice }) })),
  ])
  return (
    <>
      <h2 className="card-title fault">What is wrong?</h2>
      <label className="field">
        Found at
        <select value={look} style={{ font: '15px var(--sans)' }} onChange={(event) => setFault({ look: event.target.value as LookCode })}>
          {wanted.map((one) => (
            <option key={one} value={one}>{lookWords[one].line}</option>
          ))}
        </select>
      </label>
      <div className="choices" role="group" aria-label="What is seen">
        {choices.map((choice, i) => (
          <button key={choice} type="button" className="choice" aria-pressed={choice === defect} onClick={() => setFault({ look, defect: choice })}>
            <kbd aria-hidden="true">{i + 1}</kbd>
            <span>{defectWords[choice]}</span>
            <span />
          </button>
        ))}
      </div>
      {found && (
        <>
          <div className="note attend">
            <b>{found.decision === 'scrap' ? 'The contact goes.' : 'Redo, the contact stays.'}</b> Likely cause: {causeWords[found.cause]}. Cure: {cureWords(found.cure, { ...item.set.setup, stripMm: item.set.strip.nominalMm })}.
          </div>
          {canMend && (
            <button type="button" className="act-button" disabled={busy} onClick={() => void mend()}>
              <span>Strip {offMm} mm more, try again</span>
            </button>
          )}
          <button type="button" className="act-button main" disabled={busy} onClick={() => void write()}>
            <span>{found.decision === 'scrap' ? 'Scrap contact' : 'Cut back and redo'}</span> <kbd aria-hidden="true">Space</kbd>
          </button>
          <p className="small dim">Costs <b className="mono">{usedMm} mm</b> of wire here{item.set.seal !== undefined && found.decision === 'scrap' ? ' and its seal' : ''}. A crimp is never crimped again to save it.</p>
        </>
      )}
      <button type="button" className="act-button" onClick={() => setFault(undefined)}>
        <span>Nothing is wrong</span> <kbd aria-hidden="true">Esc</kbd>
      </button>
    </>
  )
}

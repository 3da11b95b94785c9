'use client'
import { useMemo, useState } from 'react'
import { designatedAreaMm2 } from '@/core/job/facts'
import { wireKey, type ChosenSet, type Termination } from '@/core/job/plan'
import { aheadOfRelease } from '@/core/job/prepAhead'
import { setupQueue, type QueueItem } from '@/core/job/queue'
import { threadFirst } from '@/core/job/threadFirst'
import { rulesOf } from '@/core/rules/rulesOf'
import { termState } from '@/core/journal/state'
import { setupId } from '@/core/setup/setup'
import { judgeStrip } from '@/core/strip/stripWindow'
import { parseQuantity } from '@/core/units/parseQuantity'
import { bundleDiameterMm } from '@/core/wire/bundle'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import type { Said } from '@/ui/job/journalClient'
import { useJob } from '@/ui/job/JobProvider'
import { setupSections } from '@/ui/job/setupSections'
import { specimenOf } from '@/ui/job/specimenOf'
import { useAt } from '@/ui/job/useAt'
import { WireChips } from '@/ui/job/WireChips'
import { Queue } from '@/ui/list/Queue'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { SpecimenDrawing } from '@/ui/specimen/SpecimenDrawing'
import { Swatch } from '@/ui/wire/Swatch'
import { sideWords } from '@/ui/job/WireChips'
import { figure, mm, range } from '@/words/figures'
import { stripLimitWords, threadWords } from '@/words/crimp'
import { quantityWords } from '@/words/quantity'
import { termName } from '@/words/steps'

/** Cut, thread, strip: what the hands need for each termination before its contact. */
export function PrepStation() {
  const { state } = useJob()
  const groups = useMemo(() => setupQueue(state), [state])
  const items = useMemo(() => new Map(groups.flatMap((group) => group.items.map((item) => [item.termination.key, item] as const))), [groups])
  // a setup whose first piece is not released holds all of its wires but the first
  const held = useMemo(() => new Set(groups.filter((group) => isHeld(state, group.id)).map((group) => group.id)), [state, groups])
  const sections = useMemo(
    () =>
      setupSections(
        groups, state.plan.quantity,
        (item, group) => (item.stage !== 'to-strip' ? 'done' : held.has(group.id) ? 'wait' : 'todo'),
        (group) => group.items.filter((item) => item.stage === 'to-strip').length,
        (item) => areaOf(state, item),
      ),
    [groups, held, state],
  )
  const due = useMemo(() => firstOpen(groups, held)?.termination.key ?? groups[0]?.items[0]?.termination.key, [groups, held])
  const { at, select, follow } = useAt((key) => items.has(key), due)
  const item = at === undefined ? undefined : items.get(at)
  return (
    <div className="station">
      <Queue sections={sections} selected={at} onSelect={select} label="Terminations by setup" />
      {item ? <PrepItem key={item.termination.key} termination={item.termination} set={item.set} done={follow} /> : <EmptyPrep />}
    </div>
  )
}

type State = ReturnType<typeof useJob>['state']

const isHeld = (state: State, setup: string) => {
  const { ahead, allowed } = aheadOfRelease(state, setup)
  return allowed !== undefined && ahead >= allowed
}

const firstOpen = (groups: ReturnType<typeof setupQueue>, held: ReadonlySet<string>) => groups.filter((group) => !held.has(group.id)).flatMap((group) => group.items).find((item) => item.stage === 'to-strip')

const areaOf = (state: State, item: QueueItem) => {
  const type = state.facts.wireTypes[item.termination.wire.type]
  return type && designatedAreaMm2(type)
}

function EmptyPrep() {
  return (
    <div className="work">
      <p className="note attend">Nothing to prepare yet: Kit has to choose a set for a termination first.</p>
    </div>
  )
}

function PrepItem({ termination, set, done }: { readonly termination: Termination; readonly set: ChosenSet; readonly done: () => void }) {
  const { state, append, busy } = useJob()
  const { wire, side, key, unit } = termination
  const now = termState(state, key)
  const type = state.facts.wireTypes[wire.type]
  const isCut = state.cuts.has(wireKey(unit, wire.id))
  const [text, setText] = useState(figure(set.strip.nominalMm, 1))
  const [lostText, setLost] = useState('0')
  const read = parseQuantity(text, 'length')
  const verdict = read.ok ? judgeStrip(read.value, set.strip) : undefined
  const lost = /^\d{1,3}$/.test(lostText) ? Number(lostText) : undefined
  const allowance = rulesOf(state).strandAllowance
  const thread = threadFirst(state, termination, set)
  const lines: CheckLine[] = [
    ...(isCut ? [] : [{ id: 'cut', words: <>Cut to <b className="mono">{figure(wire.lengthMm, 0)} mm</b></>, seen: 'It is cut' }]),
    ...thread.map((item) => ({ id: item.code, words: <>{threadWords[item.code]}{item.part !== undefined && <> <b className="mono">{item.part}</b></>}</>, hint: item.code === 'label' ? `says ${wire.id}` : undefined, seen: 'It is on' })),
    { id: 'strip', words: <>Strip <b className="mono">{range(set.strip.minMm, set.strip.maxMm, 1)} mm</b></>, hint: 'measure the first of a batch', seen: 'It is stripped' },
    { id: 'strands', words: 'Strands whole, lay as it was', hint: allowance === 0 ? 'none may be nicked' : `${allowance} may be lost`, seen: 'Strands are whole' },
  ]
  const checks = useChecks(key, lines)
  const { ahead, allowed } = aheadOfRelease(state, setupId(set.setup))
  const held = allowed !== undefined && ahead >= allowed && !now.stripped
  const write = async () => {
    if (!read.ok || lost === undefined) return
    const cut: Said[] = isCut ? [] : [{ kind: 'wire-cut', unit, wire: wire.id, lengthMm: wire.lengthMm }]
    if (await append(...cut, { kind: 'stripped', term: key, stripMm: Math.round(read.value * 100) / 100, threaded: thread.map((item) => item.code), strandsLost: lost })) done()
  }
  const piece = specimenOf(state, wire, set, { crimped: false, stripMm: now.stripped?.stripMm ?? (read.ok ? read.value : undefined) })
  return (
    <>
      <div className="work">
        <Readouts>
          <Readout label="Now" value={termName(key, state.plan.quantity)} also={<><Swatch colour={wire.colour} width={28} /> → {sideWords(wire, side)}</>} wide />
          <Readout label={isCut ? 'Cut, done' : 'Cut'} value={figure(wire.lengthMm, 0)} unit="mm" also={type?.name ?? wire.type} wide />
          <Readout label="Strip" value={figure(set.strip.nominalMm, 1)} unit="mm" also={range(set.strip.minMm, set.strip.maxMm, 1)} />
          <Readout label="Notch" value={set.setup.notchMm === undefined ? '–' : figure(set.setup.notchMm, 1)} unit={set.setup.notchMm === undefined ? undefined : 'mm'} also={type ? `bundle ${figure(bundleDiameterMm(type.strands, type.strandMm), 2)}` : ''} />
        </Readouts>
        <section className="sheet sheet-fill" aria-label="How it should look">
          <div className="sheet-head">
            <span>{state.facts.contacts[set.contact]?.name ?? set.contact}, held beside the stripped wire</span>
            <span className="caption">SIDE, TO SCALE</span>
          </div>
          <div className="sheet-body" style={{ padding: 12, overflow: 'hidden' }}>{piece && <SpecimenDrawing piece={piece} />}</div>
        </section>
      </div>
      <aside className="pane pane-card" aria-label="This termination">
        <WireChips wire={wire} side={side} />
        {now.stripped ? (
          <>
            <h2 className="card-title good">✓ Stripped {mm(now.stripped.stripMm)}</h2>
            <p>{now.crimp ? 'Crimped already.' : 'Ready for its contact.'} On the wire: {now.stripped.threaded.map((code) => (code in threadWords ? threadWords[code as keyof typeof threadWords].split(',')[0] : code)).join(', ').toLowerCase()}.</p>
            {!now.crimp && <Mend term={key} set={set} done={done} />}
          </>
        ) : (
          <>
            <h2 className="card-title">{thread.some((item) => item.code !== 'label') ? 'Thread first, then strip' : 'Label, then strip'}</h2>
            {held && (
              <p className="note attend">
                <b>◆ Wait for the first piece.</b> {ahead} of this setup {ahead === 1 ? 'is' : 'are'} stripped and nothing is released. A wrong strip must not be found after the batch.
              </p>
            )}
            <CheckList lines={lines} checks={checks} main="Prepared" busy={busy} onMain={() => void write()} enabled={!held && read.ok && verdict?.kind === 'inside' && lost !== undefined && lost <= allowance} />
            <div className="field-row">
              <label className="field">
                Strip as measured
                <input value={text} inputMode="decimal" aria-invalid={verdict?.kind !== 'inside'} onChange={(event) => setText(event.target.value)} />
              </label>
              <label className="field">
                Strands lost
                <input value={lostText} inputMode="numeric" aria-invalid={lost === undefined || lost > allowance} onChange={(event) => setLost(event.target.value)} />
              </label>
            </div>
            {!read.ok && <p className="note fault">▲ {quantityWords(read.fault, 'length')}</p>}
            {verdict && verdict.kind !== 'inside' && (
              <p className="note fault" role="alert">
                <b>▲ {verdict.kind === 'short' ? `Strip ${mm(verdict.byMm, 1)} more` : `Trim ${mm(verdict.byMm, 1)} off the conductor`}</b>: as it is, {stripLimitWords[verdict.code]}.
              </p>
            )}
            {lost !== undefined && lost > allowance && <p className="note fault">▲ Cut back and strip again: {allowance === 0 ? 'no strand' : `at most ${allowance}`} may be lost under these rules.</p>}
            {now.usedMm > 0 && <p className="small dim">Used up by earlier tries here: <b className="mono">{mm(now.usedMm, 1)}</b></p>}
          </>
        )}
        <div className="sources">
          <span>Strip: {set.stripFrom === 'sheet' ? 'the sheet’s own length' : `the contact’s dimensions, house rules “${rulesOf(state).name}”`}.</span>
          <span>Shorter: {stripLimitWords[set.strip.limits.below]}. Longer: {stripLimitWords[set.strip.limits.above]}.</span>
          <span>Cut away from the hand; eye protection on.</span>
        </div>
      </aside>
    </>
  )
}

/** A strip that turns out wrong: more, less, or begin again. */
function Mend({ term, set, done }: { readonly term: string; readonly set: ChosenSet; readonly done: () => void }) {
  const { state, append, busy } = useJob()
  const costMm = Math.ceil(set.strip.nominalMm + 2)
  const stripped = termState(state, term).stripped
  if (!stripped) return null
  return (
    <button
      type="button" className="act-button" disabled={busy}
      onClick={() => void append({ kind: 'strip-mended', term, how: 'cut-back', byMm: costMm }).then((written) => written && done())}
    >
      <span>Cut back and strip again</span>
      <span className="mono small">−{costMm} mm</span>
    </button>
  )
}

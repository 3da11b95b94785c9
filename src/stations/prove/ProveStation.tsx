'use client'
import { useClock } from '@/ui/frame/Clock'

import { Button, Kbd, TextInput } from '@mantine/core'
import { useMemo, useState } from 'react'
import { cavityPlace } from '@/core/base/face/place'
import { housingOf } from '@/core/record/plan/facts'
import { type SideLetter, type Wire, sideOf } from '@/core/record/plan/plan'
import { type NetVerdict, netVerdicts } from '@/core/work/prove/netVerdict'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { FaceDrawing } from '@/ui/face/FaceDrawing'
import { faceState } from '@/ui/job/faceState'
import { Caution } from '@/ui/caution/Caution'
import { useJob } from '@/ui/job/JobProvider'
import { useAt } from '@/ui/job/useAt'
import { WireChips, sideWords } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Queue, type QueueRow, type QueueSection } from '@/ui/list/Queue'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { Swatch } from '@/ui/wire/Swatch'
import { ohms } from '@/words/figures'
import { placeWords } from '@/words/places'
import { quantityWords } from '@/words/quantity'
import { Leads } from './Leads'
import { netOf } from '@/core/record/plan/keys'
import { units } from '@/core/record/state/wireBlocks'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'

/** A walk with two probes: each net called out, judged, and measured where a meter can tell. */
export function ProveStation() {
  const { state } = useJob()
  const nets = useMemo(() => allNets(state), [state])
  const byKey = useMemo(() => new Map(nets.map((net) => [netKey(net), net])), [nets])
  const sections = useMemo(() => netSections(nets, state.plan.quantity), [nets, state.plan.quantity])
  const due = nets.find((net) => net.ready && !net.probe) ?? nets.find((net) => !net.proven) ?? nets[0]
  const { at, select, follow } = useAt((key) => byKey.has(netOf(key)), due && netKey(due))
  const net = at === undefined ? undefined : byKey.get(netOf(at))
  return (
    <div className={paneCss.station}>
      <Queue sections={sections} selected={at === undefined ? undefined : netOf(at)} onSelect={select} label="Nets" />
      {net ? (
        <Net key={netKey(net)} net={net} done={follow} />
      ) : (
        <div className={paneCss.work}>
          <p className={clsx(noteCss.note, noteCss.attend)}>No nets yet: plan the wires first.</p>
        </div>
      )}
    </div>
  )
}

type State = ReturnType<typeof useJob>['state']
const netKey = (net: NetVerdict) => `${net.unit}/${net.wire.id}`
/** `1/W07/a` asks for its net, `1/W07`. */
function allNets(state: State): readonly NetVerdict[] {
  return units(state).flatMap((unit) => netVerdicts(state, unit))
}

function netSections(nets: readonly NetVerdict[], quantity: number): readonly QueueSection[] {
  const row = (net: NetVerdict): QueueRow => ({
    key: netKey(net),
    look: () => ({
      glyph: net.proven ? 'done' : net.probe ? 'fault' : net.ready ? 'todo' : 'wait',
      name: quantity > 1 ? `${net.wire.id} #${net.unit}` : net.wire.id,
      words: `${sideWords(net.wire, 'a')} – ${sideWords(net.wire, 'b')}${net.ready ? '' : ' · not seated'}`,
      aside: net.resistance?.verdict === undefined ? '' : verdictWords[net.resistance.verdict].sign,
    }),
  })
  const wrong = nets.filter((net) => net.probe && !net.proven)
  const open = nets.filter((net) => !net.probe)
  const proven = nets.filter((net) => net.proven)
  return [
    ...(wrong.length > 0
      ? [{ id: 'wrong', title: <span className={textCss.fault}>Did not prove</span>, rows: wrong.map(row) }]
      : []),
    ...(open.length > 0 ? [{ id: 'open', title: 'To probe', rows: open.map(row) }] : []),
    ...(proven.length > 0 ? [{ id: 'proven', title: 'Proved', rows: proven.map(row) }] : []),
  ]
}

const verdictWords = {
  good: { sign: '✓', words: 'good', tone: 'good' },
  high: { sign: '▲', words: 'too high', tone: 'fault' },
  low: { sign: '▲', words: 'too low', tone: 'fault' },
  'cannot-tell': { sign: '?', words: 'cannot tell', tone: 'caution' },
} as const

function Net({ net, done }: { readonly net: NetVerdict; readonly done: () => void }) {
  const clock = useClock()
  const { state, append, busy } = useJob()
  const { wire, unit } = net
  const checks = useChecks(`${netKey(net)} ${state.seq}`, [])
  const [found, setFound] = useState<string>()
  const probe = (result: 'pass' | 'fail', what?: string) =>
    void append({ kind: 'net-probed', unit, wire: wire.id, result, ...(what && { found: what }) }).then(
      (written) => written && done(),
    )
  useKeys(net.ready ? [{ key: 'x', words: 'No continuity', run: () => setFound('') }] : [])
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout label="Red probe" value={sideWords(wire, 'a')} also={<SidePlace wire={wire} side="a" />} wide />
          <Readout label="Black probe" value={sideWords(wire, 'b')} also={<SidePlace wire={wire} side="b" />} wide />
          <Readout label="Net" value={wire.id} also={<Swatch colour={wire.colour} width={28} />} />
        </Readouts>
        <div style={{ flex: 1, minHeight: 0, display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 14 }}>
          {(['a', 'b'] as const).map((side) => (
            <ProbeFace key={side} wire={wire} side={side} unit={unit} />
          ))}
        </div>
        <ResistanceSheet net={net} />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label="This net">
        <Caution id="meter-on-circuit" />
        <WireChips wire={wire} />
        {!net.ready ? (
          <>
            <h2 className={textCss.cardTitle}>Not seated yet</h2>
            <p>Both of its contacts must be home before it is probed.</p>
          </>
        ) : (
          <>
            <h2 className={clsx(textCss.cardTitle, net.proven ? textCss.good : net.probe ? textCss.fault : undefined)}>
              {net.proven
                ? `✓ Proved at ${clock.timeOfDay(net.probe?.at ?? '')}`
                : net.probe?.result === 'fail'
                  ? `▲ Failed: ${net.probe.found ?? 'no continuity'}`
                  : net.probe
                    ? '▲ Resistance out of its window'
                    : 'Does it ring through?'}
            </h2>
            {found === undefined ? (
              <>
                <CheckList
                  lines={[]}
                  checks={checks}
                  main={net.probe ? 'Probe again: it passes' : 'It passes'}
                  busy={busy}
                  onMain={() => probe('pass')}
                />
                <Button onClick={() => setFound('')}>
                  <span>It fails…</span> <Kbd aria-hidden="true">X</Kbd>
                </Button>
              </>
            ) : (
              <form
                onSubmit={(event) => {
                  event.preventDefault()
                  probe('fail', found.trim())
                }}
              >
                <TextInput
                  label="What was found"
                  value={found}
                  autoFocus
                  placeholder="open, or where it rings instead"
                  onChange={(event) => setFound(event.target.value)}
                  onKeyDown={(event) => event.key === 'Escape' && setFound(undefined)}
                />
                <Button variant="filled" type="submit" disabled={busy}>
                  <span>Write the fault</span> <Kbd aria-hidden="true">Enter</Kbd>
                </Button>
              </form>
            )}
          </>
        )}
        <Leads />
        <div className={paneCss.sources}>
          <span>Never force a probe into a socket: use the mating half or a test contact.</span>
        </div>
      </aside>
    </>
  )
}

function SidePlace({ wire, side }: { readonly wire: Wire; readonly side: SideLetter }) {
  const { state } = useJob()
  const at = sideOf(wire, side)
  if (at.kind !== 'cavity') return <>bare end of {wire.id}</>
  const housing = housingOf(state.facts, state.plan, at.end)
  const cavity = housing?.cavities.find((one) => one.id === at.cavity)
  return (
    <span style={{ whiteSpace: 'normal', font: '15px var(--sans)' }}>
      {housing && cavity
        ? placeWords(
            cavityPlace(cavity, housing.cavities, housing.arrangement.kind, housing.mark, {
              side: 'mating',
              turnDeg: 0,
            }),
          ).main
        : ''}
    </span>
  )
}

function ProbeFace({ wire, side, unit }: { readonly wire: Wire; readonly side: SideLetter; readonly unit: number }) {
  const { state } = useJob()
  const at = sideOf(wire, side)
  const housing = at.kind === 'cavity' ? housingOf(state.facts, state.plan, at.end) : undefined
  return (
    <section className={clsx(paneCss.sheet, paneCss.sheetFill)} aria-label={`Probe ${side === 'a' ? 'red' : 'black'}`}>
      <div className={paneCss.sheetHead}>
        <span>{housing && at.kind === 'cavity' ? `${at.end}, ${housing.name}` : 'open end'}</span>
        <span className={paneCss.caption}>{housing ? 'MATING FACE' : ''}</span>
      </div>
      <div className={paneCss.sheetBody} style={{ padding: 8, overflow: 'hidden' }}>
        {housing && at.kind === 'cavity' ? (
          <FaceDrawing
            housing={housing}
            view={{ side: 'mating', turnDeg: 0 }}
            cavities={faceState(state, unit, at.end, housing)}
            next={at.cavity}
            title={`${housing.name}, mating face`}
          />
        ) : (
          <p className={textCss.dim} style={{ padding: 16 }}>
            Touch the bare end of {wire.id}.
          </p>
        )}
      </div>
    </section>
  )
}

function ResistanceSheet({ net }: { readonly net: NetVerdict }) {
  const { state, append, busy } = useJob()
  const [text, setText] = useState('')
  const read = parseQuantity(text, 'resistance')
  const figures = net.resistance
  if (!figures) return null
  const verdict = figures.verdict && verdictWords[figures.verdict]
  return (
    <section
      className={paneCss.sheet}
      style={{
        padding: '10px 16px',
        display: 'grid',
        gridTemplateColumns: '1fr 1fr 1.3fr',
        gap: 16,
        alignItems: 'center',
      }}
      aria-label="Resistance"
    >
      <div>
        <div className={clsx(textCss.small, textCss.dim)}>Should be</div>
        <div className={textCss.mono} style={{ fontSize: 26, fontWeight: 600 }}>
          {ohms(figures.expectedOhm)}
        </div>
        <div className={clsx(textCss.small, textCss.dim, textCss.mono)}>
          {ohms(figures.windowOhm[0])} to {ohms(figures.windowOhm[1])}
        </div>
      </div>
      <div>
        <div className={clsx(textCss.small, textCss.dim)}>Measured, leads off</div>
        <div className={textCss.mono} style={{ fontSize: 26, fontWeight: 600 }}>
          {figures.netOhm === undefined ? '–' : ohms(figures.netOhm)}
        </div>
        <div className={clsx(textCss.small, textCss[verdict ? verdict.tone : 'dim'])} data-testid="resistance-verdict">
          {verdict ? `${verdict.sign} ${verdict.words}` : state.leads ? 'not measured' : 'measure the leads first'}
        </div>
      </div>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          if (read.ok && !busy)
            void append({ kind: 'net-measured', unit: net.unit, wire: net.wire.id, ohm: read.value }).then(
              (written) => written && setText(''),
            )
        }}
      >
        <TextInput
          label="Meter shows (Ω, or mohm)"
          value={text}
          inputMode="decimal"
          disabled={!net.ready || !state.leads}
          onChange={(event) => setText(event.target.value)}
          error={text !== '' && !read.ok}
        />
        {text !== '' && !read.ok && <span className={textCss.wrong}>{quantityWords(read.fault, 'resistance')}</span>}
        {figures.verdict === 'cannot-tell' && (
          <span className={textCss.caution}>
            The meter’s step of {ohms(net.measured?.resolutionOhm ?? 0)} is too coarse for contacts of milliohms. Four
            wires or a milliohmmeter would tell.
          </span>
        )}
      </form>
    </section>
  )
}

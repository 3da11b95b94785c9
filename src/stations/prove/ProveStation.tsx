'use client'
import { plausible } from '@/core/base/units/plausible'
import styles from './ProveStation.module.css'
import { proveStationWords as words } from '@/words/screens/prove/proveStation'
import { useClock } from '@/ui/frame/Clock'

import { Button, Kbd, TextInput } from '@mantine/core'
import { useMemo, useState } from 'react'
import { cavityPlace } from '@/core/base/face/place'
import { housingOf } from '@/core/record/plan/facts'
import { type SideLetter, type Wire, sideOf } from '@/core/record/plan/plan'
import { type NetVerdict, netVerdicts } from '@/core/work/prove/netVerdict'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useKeptForm } from '@/ui/card/useKeptForm'
import { FaceDrawing } from '@/ui/face/FaceDrawing'
import { faceState } from '@/ui/job/faceState'
import { Caution } from '@/ui/caution/Caution'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useShown } from '@/ui/keys/useShown'
import { useAt } from '@/ui/job/useAt'
import { WireChips, sideWords } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Queue, type QueueRows, type QueueSection } from '@/ui/list/Queue'
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
  const byKey = (key: string | undefined) => nets.find((one) => netKey(one) === netOf(key ?? ''))
  const sections = useMemo(() => netSections(nets), [nets])
  const rows = useMemo(() => netRows(state.plan.quantity), [state.plan.quantity])
  const due = nets.find((net) => net.ready && !net.probe) ?? nets.find((net) => !net.proven) ?? nets[0]
  const { at, select, follow } = useAt((key) => byKey(key) !== undefined, due && netKey(due))
  const shown = useShown(at)
  const net = byKey(shown) ?? byKey(at)
  return (
    <div className={paneCss.station}>
      <Queue
        sections={sections}
        rows={rows}
        selected={at === undefined ? undefined : netOf(at)}
        onSelect={select}
        label={words.nets}
      />
      {net ? (
        <Net key={netKey(net)} net={net} done={follow} />
      ) : (
        <div className={paneCss.work}>
          <p className={clsx(noteCss.note, noteCss.attend)}>{words.noNetsYetPlan}</p>
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

const netRows = (quantity: number): QueueRows<NetVerdict> => ({
  keyOf: netKey,
  look: (net) => ({
    glyph: net.proven ? 'done' : net.probe ? 'fault' : net.ready ? 'todo' : 'wait',
    name: quantity > 1 ? `${net.wire.id} #${net.unit}` : net.wire.id,
    words: `${sideWords(net.wire, 'a')} – ${sideWords(net.wire, 'b')}${net.ready ? '' : words.notSeated}`,
    aside: net.resistance?.verdict === undefined ? '' : verdictWords[net.resistance.verdict].sign,
  }),
})

function netSections(nets: readonly NetVerdict[]): readonly QueueSection<NetVerdict>[] {
  const sections: readonly QueueSection<NetVerdict>[] = [
    {
      id: 'wrong',
      title: <span className={textCss.fault}>{words.didNotProve}</span>,
      items: nets.filter((net) => net.probe && !net.proven),
    },
    { id: 'open', title: words.toProbe, items: nets.filter((net) => !net.probe) },
    { id: 'proven', title: words.proved, items: nets.filter((net) => net.proven) },
  ]
  return sections.filter(({ items }) => items.length > 0)
}

const verdictWords = {
  good: { sign: '✓', words: words.good, tone: 'good' },
  high: { sign: '▲', words: words.tooHigh, tone: 'fault' },
  low: { sign: '▲', words: words.tooLow, tone: 'fault' },
  'cannot-tell': { sign: '?', words: words.cannotTell, tone: 'caution' },
} as const

function Net({ net, done }: { readonly net: NetVerdict; readonly done: () => void }) {
  const clock = useClock()
  const { state, append } = useJob()
  const busy = useBusy()
  const { wire, unit } = net
  const checks = useChecks(`${netKey(net)} ${state.seq}`, [], '')
  const [found, setFound] = useState<string>()
  const probe = (result: 'pass' | 'fail', what?: string) =>
    void append({ kind: 'net-probed', unit, wire: wire.id, result, ...(what && { found: what }) }).then(
      (written) => written && done(),
    )
  useKeys(net.ready ? [{ key: 'x', words: words.noContinuity, run: () => setFound('') }] : [])
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout label={words.redProbe} value={sideWords(wire, 'a')} also={<SidePlace wire={wire} side="a" />} wide />
          <Readout
            label={words.blackProbe}
            value={sideWords(wire, 'b')}
            also={<SidePlace wire={wire} side="b" />}
            wide
          />
          <Readout label={words.net} value={wire.id} also={<Swatch colour={wire.colour} width={28} />} />
        </Readouts>
        <div className={styles.columns}>
          {(['a', 'b'] as const).map((side) => (
            <ProbeFace key={side} wire={wire} side={side} unit={unit} />
          ))}
        </div>
        <ResistanceSheet net={net} />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.thisNet}>
        <Caution id="meter-on-circuit" />
        <WireChips wire={wire} />
        {!net.ready ? (
          <>
            <h2 className={textCss.cardTitle}>{words.notSeatedYet}</h2>
            <p>{words.bothOfItsContacts}</p>
          </>
        ) : (
          <>
            <h2 className={clsx(textCss.cardTitle, net.proven ? textCss.good : net.probe ? textCss.fault : undefined)}>
              {net.proven
                ? words.provedAt(clock.timeOfDay(net.probe?.at ?? ''))
                : net.probe?.result === 'fail'
                  ? `▲ Failed: ${net.probe.found ?? words.noContinuityRow}`
                  : net.probe
                    ? words.resistanceOutOfIts
                    : words.doesItRingThrough}
            </h2>
            {found === undefined ? (
              <>
                <CheckList
                  lines={[]}
                  checks={checks}
                  main={net.probe ? words.probeAgainItPasses : words.itPasses}
                  busy={busy}
                  onMain={() => probe('pass')}
                />
                <Button onClick={() => setFound('')}>
                  <span>{words.itFails}</span> <Kbd aria-hidden="true">X</Kbd>
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
                  label={words.whatWasFound}
                  value={found}
                  autoFocus
                  placeholder={words.openOrWhereIt}
                  onChange={(event) => setFound(event.target.value)}
                  onKeyDown={(event) => event.key === 'Escape' && setFound(undefined)}
                />
                <Button variant="filled" type="submit" disabled={busy}>
                  <span>{words.writeFault}</span> <Kbd aria-hidden="true">Enter</Kbd>
                </Button>
              </form>
            )}
          </>
        )}
        <Leads />
        <div className={paneCss.sources}>
          <span>{words.neverForceProbeInto}</span>
        </div>
      </aside>
    </>
  )
}

function SidePlace({ wire, side }: { readonly wire: Wire; readonly side: SideLetter }) {
  const { state } = useJob()
  const at = sideOf(wire, side)
  if (at.kind !== 'cavity') return <>{words.bareEndOf(wire.id)}</>
  const housing = housingOf(state.facts, state.plan, at.end)
  const cavity = housing?.cavities.find((one) => one.id === at.cavity)
  return (
    <span className={styles.part}>
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
    <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.probeRed(side === 'a')}>
      <div className={paneCss.panelHead}>
        <span>{housing && at.kind === 'cavity' ? `${at.end}, ${housing.name}` : words.openEnd}</span>
        <span className={paneCss.caption}>{housing ? words.matingFace : ''}</span>
      </div>
      <div className={clsx(paneCss.panelBody, styles.padded)}>
        {housing && at.kind === 'cavity' ? (
          <FaceDrawing
            housing={housing}
            view={{ side: 'mating', turnDeg: 0 }}
            cavities={faceState(state, unit, at.end, housing)}
            next={at.cavity}
            title={words.matingFaceOf(housing.name)}
          />
        ) : (
          <p className={clsx(textCss.dim, styles.touchBareEndOf)}>{words.touchBareEndOf(wire.id)}</p>
        )}
      </div>
    </section>
  )
}

/** What the reading says of the contacts alone: always the bound that is certain, and what hides the rest. */
function ContactsSaid({
  figures: { verdict, contacts, outlier },
  resolutionOhm,
}: {
  readonly figures: NonNullable<NetVerdict['resistance']>
  readonly resolutionOhm: number
}) {
  if (!contacts) return null
  const said = verdictWords[contacts.verdict]
  return (
    <>
      <span className={textCss[said.tone]} data-testid="contacts-verdict">
        {said.sign} {words.contactsTogether(contacts)}
      </span>
      {verdict === 'cannot-tell' && <span className={textCss.caution}>{words.readingLiesAcross(resolutionOhm)}</span>}
      {outlier && <span className={textCss.fault}>▲ {words.standsOut}</span>}
    </>
  )
}

const nothingTyped = { text: '' }
const typed = (_form: typeof nothingTyped, text: string) => ({ text })

function ResistanceSheet({ net }: { readonly net: NetVerdict }) {
  const { state, append } = useJob()
  const busy = useBusy()
  const [{ text }, setText, forget] = useKeptForm(
    typed,
    nothingTyped,
    `reading ${net.unit}/${net.wire.id}`,
    net.measured,
  )
  const read = parseQuantity(text, 'resistance', { plausible: plausible.netOhm })
  const figures = net.resistance
  if (!figures) return null
  const verdict = figures.verdict && verdictWords[figures.verdict]
  return (
    <section className={clsx(paneCss.panel, styles.resistance)} aria-label={words.resistance}>
      <div>
        <div className={clsx(textCss.small, textCss.dim)}>{words.shouldBe}</div>
        <div className={clsx(textCss.mono, styles.large)}>{ohms(figures.expectedOhm)}</div>
        <div className={clsx(textCss.small, textCss.dim, textCss.mono)}>
          {words.between(figures.windowOhm[0], figures.windowOhm[1])}
        </div>
      </div>
      <div>
        <div className={clsx(textCss.small, textCss.dim)}>
          {net.measured?.fourWire ? words.measuredFourWires : words.measuredLeadsOff}
        </div>
        <div className={clsx(textCss.mono, styles.large)}>
          {figures.netOhm === undefined ? '–' : ohms(figures.netOhm)}
        </div>
        <div className={clsx(textCss.small, textCss[verdict ? verdict.tone : 'dim'])} data-testid="resistance-verdict">
          {verdict ? `${verdict.sign} ${verdict.words}` : state.leads ? words.notMeasured : words.measureLeadsFirst}
        </div>
      </div>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          if (read.ok && !busy)
            void append({ kind: 'net-measured', unit: net.unit, wire: net.wire.id, ohm: read.value }).then(
              (written) => written && forget(),
            )
        }}
      >
        <TextInput
          label={words.meterShowsOrMohm}
          value={text}
          inputMode="decimal"
          disabled={!net.ready || !state.leads}
          onChange={(event) => setText(event.target.value)}
          error={text !== '' && !read.ok}
        />
        {text !== '' && !read.ok && <span className={textCss.wrong}>{quantityWords(read.fault, 'resistance')}</span>}
        <ContactsSaid figures={figures} resolutionOhm={net.measured?.resolutionOhm ?? 0} />
      </form>
    </section>
  )
}

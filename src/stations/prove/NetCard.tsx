import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import { carriedBy } from '@/core/craft/mismate/carriedBy'
import { pointOf } from '@/core/record/plan/nets'
import type { NetVerdict } from '@/core/work/prove/netVerdict'
import { useCallOut } from '@/ui/callOut/callOut'
import { moveFocus } from '@/core/work/prove/proveStep'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useDwell } from '@/ui/card/useDwell'
import { Caution } from '@/ui/caution/Caution'
import { useClock } from '@/ui/frame/Clock'
import { useGo } from '@/ui/address/GoProvider'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { LONG_PRESS } from '@/ui/keys/keyModel'
import { useKeys } from '@/ui/keys/KeyProvider'
import paneCss from '@/ui/pane/pane.module.css'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import textCss from '@/ui/text/text.module.css'
import { Swatch } from '@/ui/wire/Swatch'
import { pointName } from '@/words/proving'
import { proveStationWords as words } from '@/words/screens/prove/proveStation'
import { FailedProbe, withPoint } from './FailedProbe'
import { Leads } from './Leads'
import { PointPlace, ProbeFaces } from './ProbeFace'
import { ResistanceSheet } from './ResistanceSheet'

/** One net: which points are touched, what they say, and what it should read. */
export function NetCard({
  net,
  flipped,
  done,
  explain,
}: {
  readonly net: NetVerdict
  /** the probes move less when they touch its points the other way round */
  readonly flipped: boolean
  readonly done: () => void
  /** shows what explains all that failed; undefined while nothing has */
  readonly explain: (() => void) | undefined
}) {
  const clock = useClock()
  const { id, state, append } = useJob()
  const go = useGo()
  const busy = useBusy()
  const { wire, unit } = net
  const [from, to] = [pointOf(state.plan, wire, 'a'), pointOf(state.plan, wire, 'b')]
  const [red, black] = flipped ? [to, from] : [from, to]
  useCallOut(net.ready ? words.callOut(pointName(red), pointName(black)) : undefined)
  useKeys(explain ? [{ key: 'd', words: words.whatExplainsIt, run: explain }] : [])
  // by rhythm nothing is passed
  const stood = useDwell(`${unit}/${wire.id}`)
  const checks = useChecks(`${unit}/${wire.id} ${state.seq}`, [], '')
  const [rings, setRings] = useState<string>()
  // what opens now and then rings through in between: no probe proves it, its place is found while it is moved
  const isLoose = net.events.length > 0
  const findPlace = () => go(`/jobs/${encodeURIComponent(id)}/prove?at=${encodeURIComponent(moveFocus(unit))}`)
  const probe = (result: 'pass' | 'fail', more: { found?: string; rings?: string[] } = {}) =>
    void append({
      kind: 'net-probed',
      unit,
      wire: wire.id,
      result,
      ...(flipped && result === 'fail' && { red: 'b' as const }),
      ...more,
    }).then((written) => written && done())
  useKeys(
    net.ready && rings === undefined
      ? [
          { key: 'x', words: words.itFails, run: () => setRings('') },
          { key: LONG_PRESS, words: words.noContinuity, run: () => busy || probe('fail') },
        ]
      : [],
  )
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout label={words.redProbe} value={pointName(red)} also={<PointPlace point={red} />} wide />
          <Readout label={words.blackProbe} value={pointName(black)} also={<PointPlace point={black} />} wide />
          <Readout label={words.net} value={wire.id} also={<Swatch colour={wire.colour} width={28} />} />
        </Readouts>
        <ProbeFaces
          red={red}
          black={black}
          unit={unit}
          onPick={rings === undefined ? undefined : (point) => setRings(withPoint(rings, point))}
        />
        <ResistanceSheet net={net} />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.thisNet}>
        <Caution id="meter-on-circuit" />
        <WireChips wire={wire} />
        <Polarity signal={wire.signal} />
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
                : isLoose
                  ? words.interrupted(net.events.length)
                  : net.probe?.result === 'fail'
                    ? words.failed(net.probe.found, net.probe.rings)
                    : net.probe && net.resistance?.verdict === undefined
                      ? words.toMeasure
                      : net.probe
                        ? words.resistanceOutOfIts
                        : words.doesItRingThrough}
            </h2>
            {rings === undefined ? (
              <>
                <CheckList
                  lines={[]}
                  checks={checks}
                  main={isLoose ? words.findThePlace : net.probe ? words.probeAgainItPasses : words.itPasses}
                  busy={busy}
                  enabled={stood}
                  onMain={() => (isLoose ? findPlace() : probe('pass'))}
                />
                <Button onClick={() => setRings('')}>
                  <span>{words.itFails}</span> <Kbd aria-hidden="true">X</Kbd>
                </Button>
                <p className={clsx(textCss.small, textCss.dim)}>{words.longPress}</p>
                {explain && (
                  <Button onClick={explain}>
                    <span>{words.whatExplainsIt}</span> <Kbd aria-hidden="true">D</Kbd>
                  </Button>
                )}
              </>
            ) : (
              <FailedProbe
                net={net}
                rings={rings}
                setRings={setRings}
                write={(more) => probe('fail', more)}
                back={() => setRings(undefined)}
              />
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

/** Supply and return are named: a net that rings through can still be the other pole. */
function Polarity({ signal }: { readonly signal: string | undefined }) {
  const { kind } = carriedBy(signal)
  if (kind !== 'supply' && kind !== 'return') return null
  return <p className={textCss.caution}>{kind === 'supply' ? words.isSupply : words.isReturn}</p>
}

import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import type { NetVerdict } from '@/core/work/prove/netVerdict'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { Caution } from '@/ui/caution/Caution'
import { useClock } from '@/ui/frame/Clock'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { WireChips, sideWords } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import paneCss from '@/ui/pane/pane.module.css'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import textCss from '@/ui/text/text.module.css'
import { Swatch } from '@/ui/wire/Swatch'
import { proveStationWords as words } from '@/words/screens/prove/proveStation'
import { FailedProbe, withPoint } from './FailedProbe'
import { Leads } from './Leads'
import { ProbeFace, SidePlace } from './ProbeFace'
import styles from './ProveStation.module.css'
import { ResistanceSheet } from './ResistanceSheet'

/** One net: which points are touched, what they say, and what it should read. */
export function NetCard({
  net,
  done,
  explain,
}: {
  readonly net: NetVerdict
  readonly done: () => void
  /** shows what explains all that failed; undefined while nothing has */
  readonly explain: (() => void) | undefined
}) {
  const clock = useClock()
  const { state, append } = useJob()
  const busy = useBusy()
  const { wire, unit } = net
  useKeys(explain ? [{ key: 'd', words: words.whatExplainsIt, run: explain }] : [])
  const checks = useChecks(`${unit}/${wire.id} ${state.seq}`, [], '')
  const [rings, setRings] = useState<string>()
  const probe = (result: 'pass' | 'fail', more: { found?: string; rings?: string[] } = {}) =>
    void append({ kind: 'net-probed', unit, wire: wire.id, result, ...more }).then((written) => written && done())
  useKeys(net.ready ? [{ key: 'x', words: words.noContinuity, run: () => setRings('') }] : [])
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
            <ProbeFace
              key={side}
              wire={wire}
              side={side}
              unit={unit}
              onPick={rings === undefined ? undefined : (point) => setRings(withPoint(rings, point))}
            />
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
            {rings === undefined ? (
              <>
                <CheckList
                  lines={[]}
                  checks={checks}
                  main={net.probe ? words.probeAgainItPasses : words.itPasses}
                  busy={busy}
                  onMain={() => probe('pass')}
                />
                <Button onClick={() => setRings('')}>
                  <span>{words.itFails}</span> <Kbd aria-hidden="true">X</Kbd>
                </Button>
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

import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useMemo } from 'react'
import { plannedNets } from '@/core/record/plan/nets'
import { type ApartTask, apartReadiness, pairsSaved } from '@/core/work/prove/proofTasks'
import { useCallOut } from '@/ui/callOut/callOut'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useDwell } from '@/ui/card/useDwell'
import { Caution } from '@/ui/caution/Caution'
import { useClock } from '@/ui/frame/Clock'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { LONG_PRESS } from '@/ui/keys/keyModel'
import { useKeys } from '@/ui/keys/KeyProvider'
import paneCss from '@/ui/pane/pane.module.css'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import textCss from '@/ui/text/text.module.css'
import { pointName } from '@/words/proving'
import { proveStationWords as words } from '@/words/screens/prove/proveStation'
import { PointPlace, ProbeFaces } from './ProbeFace'

/** Two nets that must not ring: which points are touched, and whether they are apart. */
export function ApartCard({
  task,
  flipped,
  done,
  explain,
}: {
  readonly task: ApartTask
  readonly flipped: boolean
  readonly done: () => void
  readonly explain: (() => void) | undefined
}) {
  const clock = useClock()
  const { state, append } = useJob()
  const busy = useBusy()
  const { unit, found } = task
  const [red, black] = flipped ? [task.black, task.red] : [task.red, task.black]
  const ready = apartReadiness(state)(task)
  useCallOut(ready ? words.callOutApart(pointName(red), pointName(black)) : undefined)
  // by rhythm nothing is passed
  const stood = useDwell(task.key)
  const checks = useChecks(`${task.key} ${state.seq}`, [], '')
  const saved = useMemo(() => pairsSaved(state), [state])
  const netAt = (point: string) => (plannedNets(state).netAt.get(point)?.wires ?? []).map(({ id }) => id).join(' ')
  const write = (result: 'pass' | 'fail') =>
    void append({ kind: 'apart-probed', unit, red: task.red, black: task.black, result }).then(
      (written) => written && done(),
    )
  useKeys([
    ...(explain ? [{ key: 'd', words: words.whatExplainsIt, run: explain }] : []),
    ...(ready && !busy
      ? [
          { key: 'x', words: words.itRings, run: () => write('fail') },
          { key: LONG_PRESS, words: words.itRings, run: () => write('fail') },
        ]
      : []),
  ])
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout label={words.redProbe} value={pointName(red)} also={<PointPlace point={red} />} wide />
          <Readout label={words.blackProbe} value={pointName(black)} also={<PointPlace point={black} />} wide />
          <Readout label={words.mustBe} value={words.apart} also={`${netAt(red)} | ${netAt(black)}`} />
        </Readouts>
        <ProbeFaces red={red} black={black} unit={unit} />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.thisPair}>
        <Caution id="meter-on-circuit" />
        {!ready ? (
          <>
            <h2 className={textCss.cardTitle}>{words.notSeatedYet}</h2>
            <p>{words.bothOfTheirContacts}</p>
          </>
        ) : (
          <>
            <h2 className={clsx(textCss.cardTitle, task.done ? textCss.good : found ? textCss.fault : undefined)}>
              {task.done
                ? words.shownApart(found && clock.timeOfDay(found.at))
                : found
                  ? words.itRang
                  : words.isItSilent}
            </h2>
            <CheckList
              lines={[]}
              checks={checks}
              main={found ? words.probeAgainApart : words.itIsSilent}
              busy={busy}
              enabled={stood}
              onMain={() => write('pass')}
            />
            <Button disabled={busy} onClick={() => write('fail')}>
              <span>{words.itRings}</span> <Kbd aria-hidden="true">X</Kbd>
            </Button>
            <p className={clsx(textCss.small, textCss.dim)}>{words.longPress}</p>
            {explain && (
              <Button onClick={explain}>
                <span>{words.whatExplainsIt}</span> <Kbd aria-hidden="true">D</Kbd>
              </Button>
            )}
          </>
        )}
        <div className={paneCss.sources}>
          <span>{words.pairsSaved(saved.probed, saved.all)}</span>
          <span>{words.neverForceProbeInto}</span>
        </div>
      </aside>
    </>
  )
}

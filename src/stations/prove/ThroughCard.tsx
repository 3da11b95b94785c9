import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { Link } from '@/ui/address/Link'
import { planIndex } from '@/core/record/plan/plan'
import { taskKey } from '@/core/views/steps'
import { endTasks } from '@/core/work/seat/endTasks'
import type { ThroughTask } from '@/core/work/prove/throughTasks'
import { useCallOut } from '@/ui/callOut/callOut'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useDwell } from '@/ui/card/useDwell'
import { Caution } from '@/ui/caution/Caution'
import { useClock } from '@/ui/frame/Clock'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { LONG_PRESS } from '@/ui/keys/keyModel'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import textCss from '@/ui/text/text.module.css'
import { pointName } from '@/words/proving'
import { proveStationWords as words } from '@/words/screens/prove/proveStation'
import { PointPlace, ProbeFaces } from './ProbeFace'

/** A circuit through two halves that are together: its far points, and whether it rings. */
export function ThroughCard({ task, done }: { readonly task: ThroughTask; readonly done: () => void }) {
  const clock = useClock()
  const { id, state, append } = useJob()
  const busy = useBusy()
  const { unit, a, b, red, black, cavities, found } = task
  useCallOut(words.callOutThrough(pointName(red), pointName(black)))
  // by rhythm nothing is passed
  const stood = useDwell(task.key)
  const checks = useChecks(`${task.key} ${state.seq}`, [], '')
  const write = (result: 'pass' | 'fail') =>
    void append({ kind: 'through-probed', unit, a, b, red, black, result }).then((written) => written && done())
  const fails = () => busy || write('fail')
  useKeys([
    { key: 'x', words: words.itIsSilentThrough, run: fails },
    { key: LONG_PRESS, words: words.itIsSilentThrough, run: fails },
  ])
  // the task of a pair stands at the end that is looked over later
  const mateKey = [a, b]
    .flatMap((end) => endTasks(state, unit, end))
    .filter(({ kind }) => kind === 'mate')
    .map(taskKey)
    .join('')
  const wires = task.wires.flatMap((wire) => planIndex(state.plan).wires.get(wire) ?? [])
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout label={words.redProbe} value={pointName(red)} also={<PointPlace point={red} />} wide />
          <Readout label={words.blackProbe} value={pointName(black)} also={<PointPlace point={black} />} wide />
          <Readout label={words.through} value={`${a} ${b}`} also={words.meetsIn(cavities)} />
        </Readouts>
        <ProbeFaces red={red} black={black} unit={unit} />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.isThrough(a, b)}>
        <Caution id="meter-on-circuit" />
        {wires.map((wire) => (
          <WireChips key={wire.id} wire={wire} />
        ))}
        <h2 className={clsx(textCss.cardTitle, task.done ? textCss.good : found ? textCss.fault : undefined)}>
          {task.done
            ? words.rangTogether(clock.timeOfDay(found?.at ?? ''))
            : found
              ? words.isSilentTogether
              : words.doesItRingTogether}
        </h2>
        {found?.result === 'fail' && (
          <div className={clsx(noteCss.note, noteCss.fault)}>
            <p>{words.partThem(a, b, cavities)}</p>
            <p>
              <Link
                className={textCss.plain}
                href={`/jobs/${encodeURIComponent(id)}/seat?at=${encodeURIComponent(mateKey)}`}
              >
                {words.toParting(a, b)}
              </Link>
            </p>
          </div>
        )}
        <CheckList
          lines={[]}
          checks={checks}
          main={found ? words.probeAgainThrough : words.itRingsThrough}
          busy={busy}
          enabled={stood}
          onMain={() => write('pass')}
        />
        <Button disabled={busy} onClick={fails}>
          <span>{words.itIsSilentThrough}</span> <Kbd aria-hidden="true">X</Kbd>
        </Button>
        <p className={clsx(textCss.small, textCss.dim)}>{words.longPress}</p>
        <div className={paneCss.sources}>
          <span>{words.farEnds}</span>
          <span>{words.neverForceProbeInto}</span>
        </div>
      </aside>
    </>
  )
}

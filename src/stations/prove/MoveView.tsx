import clsx from 'clsx'
import { useMemo } from 'react'
import { shortestSeenMs } from '@/core/craft/wiggle/eventFinder'
import type { MoveTask } from '@/core/work/prove/proofTasks'
import { useCallOut } from '@/ui/callOut/callOut'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import textCss from '@/ui/text/text.module.css'
import { figure } from '@/words/figures'
import { moveViewWords as words } from '@/words/screens/prove/moveView'
import { MoveCard } from './MoveCard'
import { MoveEvents } from './MoveEvents'
import { StripChart } from './StripChart'
import { useMoving } from './useMoving'

/** Strips that are drawn under one another. */
const STRIPS = 5

/** The harness moved while its resistance is watched: all of it, then the worst wire place by place until it is found. */
export function MoveView({
  unit,
  task,
  done,
}: {
  readonly unit: number
  readonly task: MoveTask | undefined
  readonly done: () => void
}) {
  const moving = useMoving(unit, task, done)
  const { watching, running, before, events, worst, chosen, moved } = moving
  const strips = useMemo(
    () =>
      [...new Set([...(chosen === undefined ? [] : [chosen]), ...worst.map((wire) => wire.id)])]
        .filter((wire) => watching?.wires.includes(wire))
        .slice(0, STRIPS),
    [worst, chosen, watching],
  )
  const contact = moving.contactAt(moved?.term)
  const said = moved && words.doIt(moved, contact ? `${contact.end}.${contact.cavity}` : '')
  useCallOut(running ? said : undefined)
  const rateHz = watching?.rateHz ?? before?.rateHz
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout
            label={words.eventsSoFar}
            value={
              <span className={events.length > 0 ? textCss.fault : undefined}>
                {String(events.length)} {events.length > 0 ? '▲' : ''}
              </span>
            }
            huge
          />
          <Readout
            label={running ? words.nowMove : words.moved}
            value={running ? String(moving.movedS) : figure(before?.seconds ?? 0, 0)}
            unit={words.secondsOf(chosen === undefined ? moving.askedS : undefined)}
            also={said ?? (before ? words.sinceLast : words.nothingMovedYet)}
            wide
          />
        </Readouts>
        {watching && strips.length > 0 && (
          <section className={paneCss.panel} aria-label={words.resistanceLast20}>
            <div className={paneCss.panelHead}>
              <span>{words.resistanceLast20}</span>
              <span className={paneCss.caption}>{running ? words.live : words.stopped}</span>
            </div>
            <StripChart watching={watching} wires={strips} />
          </section>
        )}
        {(rateHz !== undefined || before) && (
          <p className={clsx(noteCss.note, noteCss.caution)}>
            ◆{' '}
            {rateHz === undefined ? (
              <b>{words.byEye}</b>
            ) : (
              <>
                <b>{words.tooShort(shortestSeenMs(rateHz))}</b> {words.eachIsRead(rateHz)}
              </>
            )}
          </p>
        )}
        <MoveEvents watching={watching} unit={unit} />
      </div>
      <MoveCard unit={unit} moving={moving} isDone={task?.done === true} />
    </>
  )
}

'use client'
import { stationDoneWords as texts } from '@/words/screens/job/stationDone'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import styles from './StationDone.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, Kbd } from '@mantine/core'
import { useMemo } from 'react'
import { progress, type Station } from '@/core/views/progress'
import { stationWords, stepWords } from '@/words/steps'
import { useCallOut } from '../callOut/callOut'
import { useKeys } from '../keys/KeyProvider'
import { useJob } from './JobProvider'
import { useNextStep } from './useNextStep'

/** A station at which nothing can be done now: what comes next, as large as a step, and one press of the pedal away. */
export function StationDone({
  station,
  waits,
}: {
  readonly station: Station
  /** what the rest waits for, where something is left */ readonly waits: string
}) {
  const { state } = useJob()
  const { step, go } = useNextStep()
  const words = stepWords(step, state.plan.quantity)
  const where = stationWords[step.station]
  const { done, total } = useMemo(() => progress(state)[station], [state, station])
  // what waits for a set is not in the queue, and not done
  const here =
    done === total ? texts.isDone(stationWords[station]) : texts.canGoNoFurther(stationWords[station], done, total)
  const next = step.kind === 'closed' ? texts.theJob : texts.nextAt(where)
  useKeys([{ key: ' ', words: texts.goTo(where), run: go }])
  useCallOut(`${here}. ${next}: ${words.main}`)
  return (
    <div className={clsx(paneCss.work, styles.stationDone)}>
      <section className={clsx(paneCss.panel, styles.box)} aria-label={texts.whatIsNext}>
        <h2 className={clsx(textCss.cardTitle, done === total ? textCss.good : textCss.attend)}>
          {done === total ? '✓' : '◆'} {here}
        </h2>
        {done < total && <p>{waits}</p>}
        <p className={textCss.dim}>{next}</p>
        <p className={styles.stationNext}>{words.main}</p>
        {words.then !== undefined && <p className={textCss.mono}>{words.then}</p>}
        <Button variant="filled" onClick={go}>
          <span>{texts.goTo(where)}</span> <Kbd aria-hidden="true">Space</Kbd>
        </Button>
      </section>
      <p className={clsx(textCss.dim, textCss.small)}>{texts.jAndKLook}</p>
    </div>
  )
}

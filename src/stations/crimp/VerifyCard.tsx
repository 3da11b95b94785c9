'use client'
import styles from './VerifyCard.module.css'
import { verifyCardWords as words } from '@/words/screens/crimp/verifyCard'
import { useClock } from '@/ui/frame/Clock'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, Kbd } from '@mantine/core'
import type { GaugeDue } from '@/core/record/standing/gaugeDue'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Readout, Readouts } from '@/ui/readout/Readouts'

/** A tool whose verification has ended: the gauge says whether it may crimp. */
export function VerifyCard({
  item,
  group,
  due,
}: {
  readonly item: QueueItem
  readonly group: QueueGroup
  /** the gauge that the house rules ask for before a day's first crimp */
  readonly due?: GaugeDue | undefined
}) {
  const clock = useClock()
  const { state, append } = useJob()
  const busy = useBusy()
  const { tool } = group.setup
  const selector = due?.selector ?? group.setup.selector
  const gauge = due?.gauge.id
  // a gauge with a selector of its own: the setup's comes back after it
  const back = group.setup.selector !== selector ? group.setup.selector : undefined
  const check = state.toolChecks.get(tool)
  const at = selector === undefined ? '' : words.atSelector(selector)
  const lines: CheckLine[] = [
    { id: 'go', words: words.goSideEntersClosed(at), hint: words.withoutForce, seen: words.goEnters },
    {
      id: 'no-go',
      words: words.noGoSideDoes(at),
      hint: words.ifItDoesTool,
      seen: words.noGoStops,
    },
    ...(back === undefined ? [] : [{ id: 'back', words: words.selectorBack(back), seen: words.selectorIsBack }]),
  ]
  const checks = useChecks(`${tool} ${check?.at ?? ''}`, lines, '')
  const write = (goEnters: boolean, noGoStops: boolean) =>
    void append({
      kind: 'tool-verified',
      tool,
      goEnters,
      noGoStops,
      ...(gauge !== undefined && { gauge }),
      ...(selector !== undefined && { selector }),
    })
  const fail = () => write(checks.ticked.has('go'), false)
  useKeys([{ key: 'x', words: words.gaugeSaysNo, run: fail }])
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout label={words.gauge} value={tool} also={state.facts.tools[tool]?.name ?? ''} wide />
          {due && <Readout label={words.withGauge} value={due.gauge.id} also={due.gauge.name} wide />}
          {selector !== undefined && (
            <Readout
              label={words.selector}
              value={String(selector)}
              change={back !== undefined}
              also={back === undefined ? words.asForThisSetup : words.gaugesOwn(back)}
            />
          )}
        </Readouts>
        <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.whyItIsGauged}>
          <h2 className={clsx(textCss.cardTitle, styles.padded)}>
            {check?.kind === 'failed'
              ? words.gaugeSaidNo
              : due
                ? words.eachDay
                : check?.kind === 'ended'
                  ? words.itsAdjusterWasTurned
                  : words.itsVerificationIsPast}
          </h2>
          <p className={styles.padded2}>
            {check?.kind === 'failed'
              ? words.thisToolDoesNot
              : due
                ? words.whyEachDay
                : check?.kind !== 'ended'
                  ? words.dateThatHasPassed
                  : words.turnedAdjusterIsChange}
          </p>
          {check && <p className={clsx(textCss.dim, textCss.small, styles.padded3)}>{clock.dayTime(check.at)}</p>}
        </section>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.gaugeTool}>
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className={textCss.cardTitle}>{words.gaugeThis(tool)}</h2>
        <CheckList
          lines={lines}
          checks={checks}
          main={words.toolIsVerified}
          busy={busy}
          onMain={() => write(true, true)}
        />
        <Button disabled={busy} onClick={fail}>
          <span>{words.gaugeSaysNo}</span> <Kbd aria-hidden="true">X</Kbd>
        </Button>
        <p className={clsx(textCss.small, textCss.dim)}>{words.closeToolOnGauge}</p>
      </aside>
    </>
  )
}

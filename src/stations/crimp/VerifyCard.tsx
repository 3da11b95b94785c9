'use client'
import { useClock } from '@/ui/frame/Clock'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, Kbd } from '@mantine/core'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import { CheckList, useChecks, type CheckLine } from '@/ui/card/CheckList'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Readout, Readouts } from '@/ui/readout/Readouts'

/** A tool whose verification has ended: the gauge says whether it may crimp. */
export function VerifyCard({ item, group }: { readonly item: QueueItem; readonly group: QueueGroup }) {
  const clock = useClock()
  const { state, append, busy } = useJob()
  const { tool, selector } = group.setup
  const check = state.toolChecks.get(tool)
  const at = selector === undefined ? '' : ` at selector ${String(selector)}`
  const lines: CheckLine[] = [
    { id: 'go', words: `Go side enters the closed tool${at}`, hint: 'without force', seen: 'Go enters' },
    {
      id: 'no-go',
      words: `No-go side does not enter${at}`,
      hint: 'if it does, the tool is worn or set wrong',
      seen: 'No-go stops',
    },
  ]
  const checks = useChecks(`${tool} ${check?.at ?? ''}`, lines)
  const write = (goEnters: boolean, noGoStops: boolean) =>
    void append({ kind: 'tool-verified', tool, goEnters, noGoStops, ...(selector !== undefined && { selector }) })
  const fail = () => write(checks.ticked.has('go'), false)
  useKeys([{ key: 'x', words: 'The gauge says no', run: fail }])
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout label="Gauge" value={tool} also={state.facts.tools[tool]?.name ?? ''} wide />
          {selector !== undefined && <Readout label="Selector" value={String(selector)} also="as for this setup" />}
        </Readouts>
        <section className={clsx(paneCss.sheet, paneCss.sheetFill)} aria-label="Why it is gauged">
          <h2 className={textCss.cardTitle} style={{ padding: '16px 18px 8px' }}>
            {check?.kind === 'failed'
              ? 'The gauge said no'
              : check?.kind === 'ended'
                ? 'Its adjuster was turned'
                : 'Its verification is past due'}
          </h2>
          <p style={{ padding: '0 18px', maxWidth: '60ch' }}>
            {check?.kind === 'failed'
              ? 'This tool does not crimp until it passes. Set it as its maker says, or send it away and take another in Kit; then gauge it again.'
              : check?.kind !== 'ended'
                ? 'A date that has passed says nothing about the tool. The gauge does: when both sides are right, it may crimp here, and the record says who gauged it. The crib’s own verification stays due.'
                : 'A turned adjuster is a change of the tool: what it was verified for does not hold any more. Gauge it, then make a new first piece.'}
          </p>
          {check && (
            <p className={clsx(textCss.dim, textCss.small)} style={{ padding: '8px 18px' }}>
              {clock.dayTime(check.at)}
            </p>
          )}
        </section>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label="Gauge the tool">
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className={textCss.cardTitle}>Gauge {tool}</h2>
        <CheckList lines={lines} checks={checks} main="Tool is verified" busy={busy} onMain={() => write(true, true)} />
        <Button disabled={busy} onClick={fail}>
          <span>The gauge says no</span> <Kbd aria-hidden="true">X</Kbd>
        </Button>
        <p className={clsx(textCss.small, textCss.dim)}>
          Close the tool on the gauge gently: force makes any gauge fit. The maker’s gauging sheet always wins.
        </p>
      </aside>
    </>
  )
}

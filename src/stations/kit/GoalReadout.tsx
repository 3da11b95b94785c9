import { figure, money } from '@/words/figures'
import { wholeJobWords as words } from '@/words/screens/kit/wholeJob'
import type { GoalResult, KitGoal } from '@/core/work/kit/wholeJob'
import type { KitReply } from '@/workers/kitClient'
import readoutCss from '@/ui/readout/readout.module.css'
import textCss from '@/ui/text/text.module.css'

const goalWords: Readonly<Record<KitGoal, string>> = {
  setups: words.setups,
  parts: words.partNumbers,
  price: words.partsPrice,
}
const goalFigure = (goal: KitGoal, value: number) => (goal === 'price' ? money(value) : figure(value, 0))

/** A figure of the whole job, and what is said of it. */
export function Figure({
  label,
  value,
  also,
}: {
  readonly label: string
  readonly value: string
  readonly also?: string
}) {
  return (
    <div className={readoutCss.readout}>
      <dt>{label}</dt>
      <dd className={readoutCss.value}>{value}</dd>
      <dd className={readoutCss.also}>{also ?? '\u00a0'}</dd>
    </div>
  )
}

/** What a goal came to, and whether it is proven that nothing is better. */
export function GoalReadout({
  goal,
  result,
  running,
}: {
  readonly goal: KitGoal
  readonly result: GoalResult | undefined
  readonly running: Extract<KitReply, { kind: 'progress' }> | undefined
}) {
  if (running)
    return (
      <Figure
        label={goalWords[goal]}
        value={Number.isFinite(running.best) ? goalFigure(goal, running.best) : '…'}
        also={words.goalRuns}
      />
    )
  if (!result) return <Figure label={goalWords[goal]} value="–" />
  const gap = result.value === 0 ? 0 : (100 * (result.value - result.bound)) / result.value
  return (
    <Figure
      label={goalWords[goal]}
      value={goalFigure(goal, result.value)}
      also={result.proven ? words.provenBest : words.atLeastGap(goalFigure(goal, result.bound), gap)}
    />
  )
}

/** How far the solver has come with the goal that it works at. */
export function GoalRun({ reply }: { readonly reply: Extract<KitReply, { kind: 'progress' }> }) {
  return (
    <p className={textCss.mono} role="status">
      {goalWords[reply.goal]}: {Number.isFinite(reply.best) ? goalFigure(reply.goal, reply.best) : '…'}
      {Number.isFinite(reply.bound) && words.atLeast(goalFigure(reply.goal, Math.max(0, reply.bound)))}{' '}
      {words.seconds(reply.seconds)}
    </p>
  )
}

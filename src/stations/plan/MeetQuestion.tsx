import { Button } from '@mantine/core'
import clsx from 'clsx'
import { useMemo } from 'react'
import { pairsToAsk } from '@/core/record/plan/pairsToAsk'
import type { PlanChange } from '@/core/record/plan/plan'
import { useJob } from '@/ui/job/JobProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { meetQuestionWords as words } from '@/words/screens/plan/meetQuestion'

/** Two ends that fit each other: whether they will meet is asked once; if so, the check of the pair follows. */
export function MeetQuestion({
  apply,
  check,
}: {
  readonly apply: (change: PlanChange) => void
  readonly check: () => void
}) {
  const { state } = useJob()
  const { plan, facts } = state
  const [pair] = useMemo(() => pairsToAsk(plan, facts), [plan, facts])
  const end = pair && plan.ends.find(({ id }) => id === pair.a)
  if (!end) return null
  const { a, b } = pair
  return (
    <div className={clsx(noteCss.note, noteCss.attend, paneCss.toolList)} role="group" aria-label={words.ask(a, b)}>
      <b>◆ {words.ask(a, b)}</b>
      <div className={paneCss.two}>
        <Button
          onClick={() => {
            apply({ putEnds: [{ ...end, mate: b }] })
            check()
          }}
        >
          {words.yes}
        </Button>
        <Button onClick={() => apply({ putEnds: [{ ...end, meetsNot: [...(end.meetsNot ?? []), b] }] })}>
          {words.no}
        </Button>
      </div>
    </div>
  )
}

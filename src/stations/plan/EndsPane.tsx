'use client'
import { MeetQuestion } from './MeetQuestion'
import { endsPaneWords as texts } from '@/words/screens/plan/endsPane'
import { Button } from '@mantine/core'
import { later } from '@/ui/later/later'
import { memo, useState } from 'react'
import type { GridRow } from '@/core/record/grid/draft'
import type { End, PlanChange } from '@/core/record/plan/plan'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { useSteady } from '@/ui/useSteady'
import { useJob } from '@/ui/job/JobProvider'
import { EndsTools, type PlanPane } from './EndsTools'
import { JobSettings } from './JobSettings'
import { RuleOddsList } from './RuleOddsList'
import type { PlanShelf } from './planShelf'
import { EndList } from './EndList'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import listCss from '@/ui/list/list.module.css'
import textCss from '@/ui/text/text.module.css'

const EndForm = later(
  () => import('./EndForm'),
  (module) => module.EndForm,
)

/** The job's ends, what is added to them, and what else can be done with a plan. Not drawn again for what only the grid has to say. */
export const EndsPane = memo(function EndsPane({
  end,
  setEnd,
  shelf,
  pane,
  setPane,
  apply,
  rows,
}: {
  readonly end: string
  readonly setEnd: (end: string) => void
  readonly shelf: PlanShelf
  readonly pane: PlanPane
  readonly setPane: (pane: PlanPane) => void
  readonly apply: (change: PlanChange) => void
  readonly rows: readonly GridRow[]
}) {
  const { state } = useJob()
  const { plan } = state
  const [form, setForm] = useState<End | 'new'>()
  // pressed once it is shown, pressed again it is changed
  const press = useSteady((one: End, here: boolean) => (here ? setForm(one) : setEnd(one.id)))
  return (
    <div className={clsx(paneCss.pane, paneCss.paneQueue)}>
      <h2 className={listCss.queueGroup}>
        <span>{texts.ends}</span>
        <span className={textCss.mono}>{plan.ends.length}</span>
      </h2>
      <EndList selected={end} press={press} />
      <MeetQuestion apply={apply} check={() => setPane('mated')} />
      {form === undefined ? (
        <div className={paneCss.toolList}>
          <Button onClick={() => setForm('new')}>
            <span>{texts.addEnd}</span>
          </Button>
          {end !== '' && (
            <Button onClick={() => setForm(plan.ends.find((one) => one.id === end))}>
              <span>{texts.changeEnd(end)}</span>
            </Button>
          )}
        </div>
      ) : (
        <EndForm
          key={form === 'new' ? 'new' : form.id}
          end={form === 'new' ? undefined : form}
          shelf={shelf}
          close={() => setForm(undefined)}
          apply={(change) => {
            setForm(undefined)
            apply(change)
          }}
        />
      )}
      <EndsTools pane={pane} setPane={setPane} older={shelf.older} plan={plan} rows={rows} />
      <JobSettings plan={plan} rules={shelf.rules} pinned={rulesOf(state)} apply={apply} />
      <RuleOddsList state={state} />
    </div>
  )
})

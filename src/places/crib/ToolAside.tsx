import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import { toolFormWords as words } from '@/words/screens/crib/toolForm'
import type { ReachModel, VerifyModel } from './cribModel'
import { ReachPanel } from './ReachPanel'
import { VerifyPanel } from './VerifyPanel'

/** Beside a tool: proving it, and what of the shelf it does. */
export const ToolAside = ({
  id,
  verify,
  reach,
}: {
  readonly id: string
  readonly verify: VerifyModel | undefined
  readonly reach: ReachModel | undefined
}) => (
  <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.change(id)}>
    {verify && <VerifyPanel id={id} model={verify} />}
    {reach && <ReachPanel reach={reach} />}
  </aside>
)

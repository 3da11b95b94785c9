import { pullSourcesWords as words } from '@/words/screens/crimp/pullSources'
import paneCss from '@/ui/pane/pane.module.css'
import type { ReactNode } from 'react'
import type { QueueItem } from '@/core/views/queue'

/** Where the asked pull and the height come from. */
export function PullSources({ item: { set }, children }: { readonly item: QueueItem; readonly children?: ReactNode }) {
  const { pull, height } = set
  const table = pull?.table ?? ''
  const from = !pull
    ? words.noFigureThisWire
    : `≥ ${String(pull.forceN)} N, ${pull.basis === 'sheet' ? words.contactsSheet : pull.basis === 'table' ? words.checkYourOwnCopy(table) : words.generalFigureOfNo(table)}`
  return (
    <div className={paneCss.sources}>
      {children}
      <span>{words.pull(from)}</span>
      {height && <span>{words.height(height.estimate ? words.estimatedFromCompactionTo : set.source)}</span>}
    </div>
  )
}

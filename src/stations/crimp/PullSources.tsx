import paneCss from '@/ui/pane/pane.module.css'
import type { ReactNode } from 'react'
import type { QueueItem } from '@/core/views/queue'

/** Where the asked pull and the height come from. */
export function PullSources({ item: { set }, children }: { readonly item: QueueItem; readonly children?: ReactNode }) {
  const { pull, height } = set
  const table = pull?.table ?? ''
  const from = !pull
    ? 'no figure: this wire is outside the table'
    : `≥ ${String(pull.forceN)} N, ${pull.basis === 'sheet' ? 'the contact’s sheet' : pull.basis === 'table' ? `${table}, check your own copy` : `general figure of ${table}, no sheet`}`
  return (
    <div className={paneCss.sources}>
      {children}
      <span>Pull: {from}.</span>
      {height && <span>Height: {height.estimate ? 'estimated from compaction 0.80 to 0.90' : set.source}.</span>}
    </div>
  )
}

import { setSourcesWords as words } from '@/words/screens/crimp/setSources'
import paneCss from '@/ui/pane/pane.module.css'
import type { QueueItem } from '@/core/views/queue'

/** Where the figures of a set come from. */
export function SetSources({ item }: { readonly item: QueueItem }) {
  return (
    <div className={paneCss.sources}>
      <span>{words.setting(item.set.source)}</span>
      <span>{words.stripSheetsOwnLength(item.set.stripFrom === 'sheet')}</span>
      {item.set.height && <span>{words.heightEstimatedFromCompaction(item.set.height.estimate)}</span>}
    </div>
  )
}

import paneCss from '@/ui/pane/pane.module.css'
import type { QueueItem } from '@/core/views/queue'

/** Where the figures of a set come from. */
export function SetSources({ item }: { readonly item: QueueItem }) {
  return (
    <div className={paneCss.sources}>
      <span>Setting: {item.set.source}.</span>
      <span>
        Strip: {item.set.stripFrom === 'sheet' ? 'the sheet’s own length' : 'contact’s dimensions and house rules'}.
      </span>
      {item.set.height && (
        <span>Height: {item.set.height.estimate ? 'estimated from compaction 0.80 to 0.90' : 'die card'}.</span>
      )}
    </div>
  )
}

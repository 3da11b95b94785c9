'use client'
import { SegmentedControl } from '@mantine/core'
import { type ReactNode, useState } from 'react'
import { stationPanesWords as words } from '@/words/screens/pane/stationPanes'
import paneCss from './pane.module.css'

type Shown = 'now' | 'queue'

/** A station: its queue, the work, its card. Beside each other where there is room; on a narrow screen the work and its card, or the queue. */
export function StationPanes({
  queue,
  at,
  children,
}: {
  readonly queue: ReactNode
  /** what is chosen in the queue: choosing another leads to its work */
  readonly at: string | undefined
  readonly children: ReactNode
}) {
  const [shown, setShown] = useState<{ readonly pane: Shown; readonly at: string | undefined }>({ pane: 'now', at })
  const pane = shown.at === at ? shown.pane : 'now'
  return (
    <div className={paneCss.station} data-shows={pane}>
      <SegmentedControl
        className={paneCss.paneTabs}
        aria-label={words.panes}
        fullWidth
        value={pane}
        data={[
          { value: 'now', label: words.now },
          { value: 'queue', label: words.queue },
        ]}
        onChange={(value) => setShown({ pane: value === 'queue' ? 'queue' : 'now', at })}
      />
      {queue}
      {children}
    </div>
  )
}

'use client'
import clsx from 'clsx'
import listCss from './list.module.css'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useMemo, useRef, type ComponentType, type ReactNode } from 'react'
import { shownFrom } from '../shownFrom'
import { useSteady } from '../useSteady'
import { useKeys } from '../keys/KeyProvider'
import { useAfterLayout } from '../later/useAfterLayout'
import { useBeside } from '../later/useBeside'
import { queueWords } from '@/words/screens/list/queue'
import { QueueIndex } from './queueIndex'
import { QueueLine, type QueueLineProps } from './QueueLine'

export type Glyph = 'done' | 'now' | 'todo' | 'fault' | 'caution' | 'wait'

/** How a row looks. */
export interface QueueLook {
  readonly glyph: Glyph
  readonly name: string
  readonly words: string
  readonly aside?: string | undefined
}

export interface QueueSection<Item> {
  readonly id: string
  readonly title: ReactNode
  readonly aside?: string | undefined
  readonly attend?: boolean
  readonly items: readonly Item[]
}

/** What a queue asks of an item. Items are the core's own: an entry makes no rows, only those in sight are asked. */
export interface QueueRows<Item, Section extends QueueSection<Item> = QueueSection<Item>> {
  readonly keyOf: (item: Item) => string
  readonly look: (item: Item, section: Section) => QueueLook
  /** items with the same word here change their places with each other when they are dragged */
  readonly drags?: (item: Item) => string | undefined
}

const ROW_PX = 40
const GROUP_PX = 46

const loadDragging = () => import('./dragging')

type Draw = (Line: ComponentType<QueueLineProps>) => ReactNode

/** Rows that can be dragged, once what drags them is there; what scrolls stays the same. */
function Movable({ onMove, draw }: { readonly onMove: (key: string, to: string) => void; readonly draw: Draw }) {
  const { value: dragging } = useBeside(loadDragging)
  return dragging ? <dragging.DragScope onMove={onMove}>{draw(dragging.DragLine)}</dragging.DragScope> : draw(QueueLine)
}

/** The queue of a station: grouped, virtual, moved through with J and K. */
export function Queue<Item, Section extends QueueSection<Item>>({
  sections,
  rows,
  selected,
  onSelect: select,
  onMove,
  label,
  head,
}: {
  readonly sections: readonly Section[]
  readonly rows: QueueRows<Item, Section>
  readonly selected: string | undefined
  readonly onSelect: (key: string) => void
  /** a row was dragged to the place of another */ readonly onMove?: ((key: string, to: string) => void) | undefined
  readonly label: string
  /** what stands above the list and does not scroll */ readonly head?: ReactNode
}) {
  const scroller = useRef<HTMLDivElement>(null)
  const onSelect = useSteady(select)
  const index = useMemo(() => new QueueIndex<Item, Section>(sections), [sections])
  const { keyOf } = rows
  const found = useMemo(() => index.find(selected, keyOf), [index, selected, keyOf])
  const virtual = useVirtualizer({
    count: index.lineCount,
    getScrollElement: () => scroller.current,
    estimateSize: (line) => (index.isHeading(line) ? GROUP_PX : ROW_PX),
    overscan: 6,
    initialRect: { width: 280, height: 700 },
  })
  const line = found?.line
  useAfterLayout(() => {
    const place = line === undefined ? undefined : virtual.measurementsCache[line]
    const list = scroller.current
    if (place && list) list.scrollTop = shownFrom(list.scrollTop, list.clientHeight, place)
  }, line)
  const move = (by: number) => {
    const next = index.rowAt(found ? found.place + by : 0)
    if (next !== undefined) onSelect(keyOf(next))
  }
  useKeys([
    { key: 'j', words: queueWords.next, moves: true, run: () => move(1) },
    { key: 'k', words: queueWords.previous, moves: true, run: () => move(-1) },
    { key: 'ArrowDown', words: '', moves: true, run: () => move(1) },
    { key: 'ArrowUp', words: '', moves: true, run: () => move(-1) },
  ])
  const draw: Draw = (Line) =>
    virtual.getVirtualItems().map((item) => {
      const one = index.at(item.index)
      if (!one) return null
      return one.kind === 'group' ? (
        <div
          key={`g-${one.section.id}`}
          role="presentation"
          className={clsx(listCss.queueGroup, listCss.placed, one.section.attend ? textCss.attend : undefined)}
          style={{ top: item.start }}
        >
          <span>{one.section.title}</span>
          <span className={textCss.mono}>{one.section.aside ?? one.section.items.length}</span>
        </div>
      ) : (
        <Line
          key={keyOf(one.item)}
          id={`q-${String(one.place)}`}
          rowKey={keyOf(one.item)}
          look={rows.look(one.item, one.section)}
          drags={rows.drags?.(one.item)}
          selected={keyOf(one.item) === selected}
          onSelect={onSelect}
          top={item.start}
        />
      )
    })
  const list = (
    <div
      ref={scroller}
      className={
        head === undefined
          ? clsx(paneCss.pane, paneCss.paneQueue, listCss.queue)
          : clsx(paneCss.pane, listCss.queue, listCss.belowHead)
      }
      role="listbox"
      tabIndex={0}
      aria-label={label}
      aria-activedescendant={found && `q-${String(found.place)}`}
    >
      <div role="presentation" className={listCss.lines} style={{ height: virtual.getTotalSize() }}>
        {onMove ? <Movable onMove={onMove} draw={draw} /> : draw(QueueLine)}
      </div>
    </div>
  )
  return head === undefined ? (
    list
  ) : (
    <div className={clsx(paneCss.paneQueue, listCss.queueBox)}>
      {head}
      {list}
    </div>
  )
}

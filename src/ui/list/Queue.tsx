'use client'
import clsx from 'clsx'
import listCss from './list.module.css'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { useVirtualizer, type Virtualizer } from '@tanstack/react-virtual'
import { memo, useEffect, useMemo, useRef, type ReactNode } from 'react'
import { useKeys } from '../keys/KeyProvider'

export type Glyph = 'done' | 'now' | 'todo' | 'fault' | 'caution' | 'wait'

export interface QueueRow {
  readonly key: string
  readonly glyph: Glyph
  readonly name: string
  readonly words: string
  readonly aside?: string | undefined
  /** rows with the same word here change their places with each other when they are dragged */
  readonly drags?: string | undefined
}

export interface QueueSection {
  readonly id: string
  readonly title: ReactNode
  readonly aside?: string | undefined
  readonly attend?: boolean
  readonly rows: readonly QueueRow[]
}

const glyphs: Readonly<
  Record<
    Glyph,
    { readonly sign: string; readonly tone: 'good' | 'act' | 'dim' | 'fault' | 'caution'; readonly words: string }
  >
> = {
  done: { sign: '✓', tone: 'good', words: 'done' },
  now: { sign: '▸', tone: 'act', words: 'due' },
  todo: { sign: '○', tone: 'dim', words: 'to do' },
  wait: { sign: '·', tone: 'dim', words: 'waits' },
  fault: { sign: '▲', tone: 'fault', words: 'blocked' },
  caution: { sign: '◆', tone: 'caution', words: 'look again' },
}

const ROW_PX = 40
const GROUP_PX = 36

/** What is dragged is told by its type: the browser gives the data itself only when it is dropped, and types are lower case. */
const rowType = (drags: string) => `application/x-row-${encodeURIComponent(drags).toLowerCase()}`

const Row = memo(function Row({
  row,
  selected,
  id,
  onSelect,
  onMove,
  top,
}: {
  readonly row: QueueRow
  readonly selected: boolean
  readonly id: string
  readonly onSelect: (key: string) => void
  readonly onMove?: ((key: string, to: string) => void) | undefined
  readonly top: number
}) {
  const glyph = glyphs[row.glyph]
  const { drags } = row
  const type = drags === undefined || !onMove ? undefined : rowType(drags)
  return (
    <div
      role="option"
      aria-selected={selected}
      id={id}
      className={listCss.queueRow}
      style={{ position: 'absolute', top, left: 0 }}
      onClick={() => onSelect(row.key)}
      draggable={type !== undefined}
      onDragStart={type === undefined ? undefined : (event) => event.dataTransfer.setData(type, row.key)}
      onDragOver={
        type === undefined ? undefined : (event) => event.dataTransfer.types.includes(type) && event.preventDefault()
      }
      onDrop={type === undefined ? undefined : (event) => onMove?.(event.dataTransfer.getData(type), row.key)}
    >
      <span className={clsx(listCss.glyph, textCss[glyph.tone])} aria-label={glyph.words}>
        {glyph.sign}
      </span>
      <span className={textCss.mono}>{row.name}</span>
      <span className={row.glyph === 'done' ? textCss.dim : undefined} title={row.words}>
        {row.words}
      </span>
      <span className={clsx(textCss.mono, textCss.dim)}>{row.aside}</span>
    </div>
  )
})

/** By the list's own figures: asking the browser would make it lay the page out at once. */
function isInView(virtual: Virtualizer<HTMLDivElement, Element>, line: number): boolean {
  const item = virtual.measurementsCache[line]
  const { scrollOffset, scrollRect } = virtual
  return (
    item !== undefined &&
    scrollOffset !== null &&
    scrollRect !== null &&
    item.start >= scrollOffset &&
    item.end <= scrollOffset + scrollRect.height
  )
}

/** The queue of a station: grouped, virtual, moved through with J and K. */
export function Queue({
  sections,
  selected,
  onSelect,
  onMove,
  label,
  head,
}: {
  readonly sections: readonly QueueSection[]
  readonly selected: string | undefined
  readonly onSelect: (key: string) => void
  /** a row was dragged to the place of another */ readonly onMove?: ((key: string, to: string) => void) | undefined
  readonly label: string
  /** what stands above the list and does not scroll */ readonly head?: ReactNode
}) {
  const scroller = useRef<HTMLDivElement>(null)
  const lines = useMemo(
    () =>
      sections.flatMap((section) => [
        { kind: 'group' as const, section },
        ...section.rows.map((row) => ({ kind: 'row' as const, row })),
      ]),
    [sections],
  )
  const keys = useMemo(
    () => lines.flatMap((line, i) => (line.kind === 'row' ? [{ key: line.row.key, line: i }] : [])),
    [lines],
  )
  const keyAt = useMemo(() => new Map(keys.map((one, i) => [one.line, i])), [keys])
  const at = useMemo(() => keys.findIndex((one) => one.key === selected), [keys, selected])
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => scroller.current,
    estimateSize: (i) => (lines[i]?.kind === 'group' ? GROUP_PX : ROW_PX),
    overscan: 6,
    initialRect: { width: 280, height: 700 },
  })
  const line = keys[at]?.line
  useEffect(() => {
    if (line !== undefined && !isInView(virtual, line)) virtual.scrollToIndex(line, { align: 'auto' })
  }, [line, virtual])
  const move = (by: number) => {
    const next = keys[at < 0 ? 0 : Math.min(keys.length - 1, Math.max(0, at + by))]
    if (next) onSelect(next.key)
  }
  useKeys([
    { key: 'j', words: 'Next in the queue', run: () => move(1) },
    { key: 'k', words: 'Previous in the queue', run: () => move(-1) },
    { key: 'ArrowDown', words: '', run: () => move(1) },
    { key: 'ArrowUp', words: '', run: () => move(-1) },
  ])
  const list = (
    <div
      ref={scroller}
      className={
        head === undefined ? clsx(paneCss.pane, paneCss.paneQueue, listCss.queue) : clsx(paneCss.pane, listCss.queue)
      }
      style={head === undefined ? undefined : { flex: 1 }}
      role="listbox"
      tabIndex={0}
      aria-label={label}
      aria-activedescendant={at >= 0 ? `q-${at}` : undefined}
    >
      <div role="presentation" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map((item) => {
          const one = lines[item.index]
          if (!one) return null
          if (one.kind === 'group') {
            return (
              <div
                key={`g-${one.section.id}`}
                role="presentation"
                className={clsx(listCss.queueGroup, one.section.attend ? textCss.attend : undefined)}
                style={{ position: 'absolute', top: item.start, left: 0, right: 0 }}
              >
                <span>{one.section.title}</span>
                <span className={textCss.mono}>{one.section.aside ?? one.section.rows.length}</span>
              </div>
            )
          }
          const index = keyAt.get(item.index) ?? 0
          return (
            <Row
              key={one.row.key}
              row={one.row}
              selected={one.row.key === selected}
              id={`q-${index}`}
              onSelect={onSelect}
              onMove={onMove}
              top={item.start}
            />
          )
        })}
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

'use client'
import { previewTableWords as words } from '@/words/screens/newJob/previewTable'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useMemo, useRef } from 'react'
import { pinoutColumns, type ColumnId } from '@/core/record/grid/pinoutColumns'
import { Swatch } from '@/ui/wire/Swatch'
import type { Preview } from './preview'

const ROW_PX = 36
const shown: readonly ColumnId[] = [
  'wire',
  'type',
  'colour',
  'fromEnd',
  'fromCavity',
  'toEnd',
  'toCavity',
  'length',
  'signal',
  'current',
]
const grid = '34px 50px 72px 76px 46px 48px 44px 48px 66px minmax(60px,1fr) 56px'

/** The rows as they will be read; a cell that cannot be read is outlined and says why. */
export function PreviewTable({ preview, onlyFaults }: { readonly preview: Preview; readonly onlyFaults: boolean }) {
  const scroller = useRef<HTMLDivElement>(null)
  const faults = useMemo(
    () => new Map(preview.faults.map((fault) => [`${fault.row ?? 0} ${fault.column ?? ''}`, fault.message])),
    [preview],
  )
  const wrongRows = useMemo(() => new Set(preview.faults.map((fault) => fault.row)), [preview])
  const rows = useMemo(
    () => (onlyFaults ? preview.rows.filter((row) => wrongRows.has(row.row)) : preview.rows),
    [preview, onlyFaults, wrongRows],
  )
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 8,
    initialRect: { width: 700, height: 600 },
  })
  if (preview.rows.length === 0)
    return <p className={clsx(noteCss.note, noteCss.fault)}>▲ {preview.faults[0]?.message}</p>
  return (
    <section
      className={clsx(paneCss.panel, paneCss.panelFill)}
      role="table"
      aria-label={words.pinoutAsItWill}
      aria-rowcount={rows.length + 1}
    >
      <div
        role="row"
        className={clsx(textCss.small, textCss.dim)}
        style={{
          display: 'grid',
          gridTemplateColumns: grid,
          gap: 6,
          padding: '8px 12px',
          borderBottom: '1px solid var(--hairline)',
        }}
      >
        <span role="columnheader">{words.row}</span>
        {shown.map((id) => (
          <span key={id} role="columnheader">
            {pinoutColumns[id].heading}
          </span>
        ))}
      </div>
      <div ref={scroller} className={paneCss.panelBody} role="presentation" tabIndex={0}>
        <div role="presentation" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
          {virtual.getVirtualItems().map((item) => {
            const row = rows[item.index]
            if (!row) return null
            return (
              <div
                key={row.row}
                role="row"
                aria-rowindex={item.index + 2}
                style={{
                  position: 'absolute',
                  top: item.start,
                  left: 0,
                  right: 0,
                  height: ROW_PX,
                  display: 'grid',
                  gridTemplateColumns: grid,
                  gap: 6,
                  padding: '0 12px',
                  alignItems: 'center',
                  fontSize: 13,
                  background: wrongRows.has(row.row) ? 'var(--oxblood-wash)' : undefined,
                }}
              >
                <span role="cell" className={clsx(textCss.mono, textCss.dim)}>
                  {row.row}
                </span>
                {shown.map((id) => {
                  const message = faults.get(`${row.row} ${pinoutColumns[id].heading}`)
                  const text = row.cells[id] ?? ''
                  return (
                    <span
                      key={id}
                      role="cell"
                      className={textCss.mono}
                      title={message}
                      style={{
                        overflow: 'hidden',
                        textOverflow: 'ellipsis',
                        whiteSpace: 'nowrap',
                        ...(message !== undefined && {
                          outline: '2px solid var(--oxblood)',
                          borderRadius: 3,
                          padding: '2px 4px',
                          fontWeight: 700,
                        }),
                      }}
                    >
                      {id === 'colour' && message === undefined ? (
                        <Swatch colour={text} width={16} />
                      ) : text === '' && message !== undefined ? (
                        '▲ empty'
                      ) : (
                        text
                      )}
                    </span>
                  )
                })}
              </div>
            )
          })}
        </div>
      </div>
    </section>
  )
}

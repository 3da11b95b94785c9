'use client'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useEffect, useMemo, useRef } from 'react'
import type { Wire } from '@/core/job/plan'
import { sideWords } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Swatch } from '@/ui/wire/Swatch'
import { amps, metres } from '@/words/figures'

const ROW_PX = 40
const columns = '46px 72px 78px 48px 48px 66px minmax(0,1fr) 58px'

/** The pinout, a row a wire; only the rows in sight are drawn. */
export function PinoutTable({ wires, selected, onSelect }: { readonly wires: readonly Wire[]; readonly selected: string | undefined; readonly onSelect: (wire: string) => void }) {
  const scroller = useRef<HTMLDivElement>(null)
  const places = useMemo(() => new Map(wires.map((wire, i) => [wire.id, i])), [wires])
  const at = selected === undefined ? -1 : (places.get(selected) ?? -1)
  const virtual = useVirtualizer({ count: wires.length, getScrollElement: () => scroller.current, estimateSize: () => ROW_PX, overscan: 6, initialRect: { width: 640, height: 260 } })
  useEffect(() => {
    if (at >= 0) virtual.scrollToIndex(at, { align: 'auto' })
  }, [at, virtual])
  const move = (by: number) => {
    const next = wires[Math.min(wires.length - 1, Math.max(0, at + by))]
    if (next) onSelect(next.id)
  }
  useKeys([
    { key: 'j', words: 'Next wire', run: () => move(1) },
    { key: 'k', words: 'Previous wire', run: () => move(-1) },
    { key: 'ArrowDown', words: '', run: () => move(1) },
    { key: 'ArrowUp', words: '', run: () => move(-1) },
  ])
  return (
    <div className="sheet" style={{ flex: '1 1 45%', minHeight: 170, display: 'flex', flexDirection: 'column', overflow: 'hidden' }} role="grid" aria-label="Pinout" aria-rowcount={wires.length + 1}>
      <div role="row" className="dim small" style={{ display: 'grid', gridTemplateColumns: columns, gap: 6, padding: '6px 14px', borderBottom: '1px solid var(--hairline)' }}>
        {['wire', 'type', 'colour', 'from', 'to', 'length', 'signal', 'load'].map((name) => (
          <span key={name} role="columnheader">
            {name}
          </span>
        ))}
      </div>
      <div ref={scroller} style={{ overflow: 'auto', flex: 1, minHeight: 0 }} role="rowgroup" tabIndex={0}>
        <div style={{ height: virtual.getTotalSize(), position: 'relative' }} role="presentation">
          {virtual.getVirtualItems().map((item) => {
            const wire = wires[item.index]
            if (!wire) return null
            return (
              <div key={wire.id} id={`w-${item.index}`} role="row" aria-rowindex={item.index + 2} aria-selected={wire.id === selected} className="queue-row" style={{ position: 'absolute', top: item.start, gridTemplateColumns: columns }} onClick={() => onSelect(wire.id)}>
                <b role="gridcell" className="mono">{wire.id}</b>
                <span role="gridcell" className="mono">{wire.type}</span>
                <span role="gridcell"><Swatch colour={wire.colour} width={18} /></span>
                <span role="gridcell" className="mono">{sideWords(wire, 'a')}</span>
                <span role="gridcell" className="mono">{sideWords(wire, 'b')}</span>
                <span role="gridcell" className="mono">{metres(wire.lengthMm)}</span>
                <span role="gridcell">{wire.signal}</span>
                <span role="gridcell" className="mono">{wire.currentA === undefined ? '' : amps(wire.currentA)}</span>
              </div>
            )
          })}
        </div>
      </div>
    </div>
  )
}

'use client'
import { useRouter } from 'next/navigation'
import { useDeferredValue, useState } from 'react'
import { list, plural } from '@/words/figures'
import { importCounts, saveCounts } from './actions'
import type { PartLine } from './shelfData'

const SHOWN = 200

/** What is on the shelf: counted, taken by jobs, free; what has to be bought again. A count corrects. */
export function StockPane({ parts }: { readonly parts: readonly PartLine[] }) {
  const router = useRouter()
  const [filter, setFilter] = useState('')
  const [message, setMessage] = useState<{ readonly good: boolean; readonly text: string }>()
  const [table, setTable] = useState('')
  const words = useDeferredValue(filter).toLowerCase().split(/\s+/).filter(Boolean)
  const isLow = (line: PartLine) =>
    line.stock !== undefined &&
    line.stock.reorderLevel > 0 &&
    line.stock.count - line.stock.reserved < line.stock.reorderLevel
  const found = parts.filter((line) =>
    words.every((word) =>
      word === 'is:low' ? isLow(line) : `${line.part} ${line.name} ${line.kind}`.toLowerCase().includes(word),
    ),
  )
  const save = async (line: PartLine, count: number, reorderLevel: number) => {
    const outcome = await saveCounts([{ part: line.part, count, reorderLevel }]).catch(
      () => ({ ok: false, message: 'The bench does not answer. Nothing was written.' }) as const,
    )
    setMessage(
      outcome.ok
        ? { good: true, text: `${line.part}: ${String(count)} counted.` }
        : { good: false, text: outcome.message },
    )
    router.refresh()
  }
  const low = parts.filter(isLow)
  return (
    <>
      <div className="page-head" style={{ marginBottom: 0 }}>
        <h2 className="page-title">Stock</h2>
        <label className="grid-filter">
          <span className="hidden">Filter the parts</span>
          <input
            value={filter}
            placeholder="filter: CM-SK, seal, is:low"
            onChange={(event) => setFilter(event.target.value)}
          />
        </label>
      </div>
      {low.length > 0 && (
        <p className="note attend" style={{ flex: 'none' }}>
          ◆ {plural(low.length, 'part')} under the reorder level:{' '}
          {list(
            low.map((line) => line.part),
            6,
          )}
          .
        </p>
      )}
      {message && (
        <p className={`note ${message.good ? '' : 'fault'}`} role="status" style={{ flex: 'none' }}>
          {message.good ? '✓' : '▲'} {message.text}
        </p>
      )}
      <section
        className="sheet"
        aria-label="Counts"
        tabIndex={0}
        style={{ overflow: 'auto', flex: '1 1 auto', minHeight: 240 }}
      >
        <table className="table level">
          <thead>
            <tr>
              <th scope="col">part</th>
              <th scope="col">what</th>
              <th scope="col">counted</th>
              <th scope="col">taken by jobs</th>
              <th scope="col">free</th>
              <th scope="col">reorder under</th>
            </tr>
          </thead>
          <tbody>
            {found.slice(0, SHOWN).map((line) => (
              <StockRow
                key={`${line.kind} ${line.part} ${line.stock?.countedAt ?? ''}`}
                line={line}
                low={isLow(line)}
                save={save}
              />
            ))}
          </tbody>
        </table>
        {found.length > SHOWN && (
          <p className="small dim" style={{ padding: 10 }}>
            {found.length - SHOWN} more: filter for them.
          </p>
        )}
      </section>
      <form
        className="field"
        style={{ flex: 'none' }}
        onSubmit={(event) => {
          event.preventDefault()
          void importCounts(table).then((outcome) => {
            setMessage(
              outcome.ok
                ? { good: true, text: `${plural(outcome.value, 'part')} counted.` }
                : { good: false, text: outcome.message },
            )
            if (outcome.ok) setTable('')
            router.refresh()
          })
        }}
      >
        <label>
          A whole count at once: paste a table with the columns part, count, reorder (wire in mm)
          <textarea style={{ minHeight: 70 }} value={table} onChange={(event) => setTable(event.target.value)} />
        </label>
        <button
          type="submit"
          className="act-button"
          style={{ width: 'auto', alignSelf: 'start' }}
          disabled={table.trim() === ''}
        >
          <span>Write the counts</span>
        </button>
      </form>
    </>
  )
}

function StockRow({
  line,
  low,
  save,
}: {
  readonly line: PartLine
  readonly low: boolean
  readonly save: (line: PartLine, count: number, reorderLevel: number) => Promise<void>
}) {
  const unit = line.unit === 'mm' ? 1000 : 1
  const show = (value: number | undefined) =>
    value === undefined ? '' : String(Math.round((value / unit) * 1000) / 1000)
  const [count, setCount] = useState(show(line.stock?.count))
  const [reorder, setReorder] = useState(show(line.stock?.reorderLevel))
  const read = (text: string) => Number(text.replace(',', '.'))
  const wrong = (text: string) => text.trim() !== '' && !(read(text) >= 0)
  const changed = count !== show(line.stock?.count) || reorder !== show(line.stock?.reorderLevel)
  const commit = () => {
    if (changed && count.trim() !== '' && !wrong(count) && !wrong(reorder))
      void save(line, read(count) * unit, (reorder.trim() === '' ? 0 : read(reorder)) * unit)
  }
  const field = (label: string, value: string, set: (text: string) => void) => (
    <input
      className="stock-input"
      aria-label={`${label} of ${line.part}`}
      inputMode="decimal"
      value={value}
      aria-invalid={wrong(value)}
      onChange={(event) => set(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
    />
  )
  return (
    <tr>
      <td className="figure">
        <b>{line.part}</b>
      </td>
      <td>
        {line.name}{' '}
        <span className="dim small">
          {line.kind}
          {line.unit === 'mm' && ', m'}
        </span>
      </td>
      <td>{field('Count', count, setCount)}</td>
      <td className="figure">{line.stock ? show(line.stock.reserved) : ''}</td>
      <td className="figure">
        {line.stock ? (
          <span className={low ? 'caution' : undefined}>
            {low && '◆ '}
            {show(line.stock.count - line.stock.reserved)}
          </span>
        ) : (
          <span className="dim">not counted</span>
        )}
      </td>
      <td>{field('Reorder level', reorder, setReorder)}</td>
    </tr>
  )
}

'use client'
import { HeadRow } from '@/ui/table/HeadRow'
import { stockPaneWords as texts } from '@/words/screens/shelf/stockPane'
import { Button, Table, TextInput, Textarea } from '@mantine/core'
import { useRouter } from 'next/navigation'
import { useDeferredValue, useState } from 'react'
import { list } from '@/words/figures'
import { importCounts, saveCounts } from './actions'
import type { PartLine } from './shelfData'
import { unanswered } from '@/words/unanswered'
import styles from './StockPane.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import rowsCss from '@/ui/table/rows.module.css'
import textCss from '@/ui/text/text.module.css'

const SHOWN = 100

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
      () => ({ ok: false, message: unanswered(texts.nothingWasWritten) }) as const,
    )
    setMessage(
      outcome.ok ? { good: true, text: texts.counted(line.part, count) } : { good: false, text: outcome.message },
    )
    router.refresh()
  }
  const low = parts.filter(isLow)
  return (
    <>
      <div className={clsx(paneCss.pageHead, styles.spaced)}>
        <h2 className={paneCss.pageTitle}>{texts.stock}</h2>
        <TextInput
          aria-label={texts.filterParts}
          size="sm"
          w={224}
          value={filter}
          placeholder={texts.filterCmSkSeal}
          onChange={(event) => setFilter(event.target.value)}
        />
      </div>
      {low.length > 0 && (
        <p className={clsx(noteCss.note, noteCss.attend, paneCss.fixed)}>
          {texts.underReorderLevel(
            low.length,
            list(
              low.map((line) => line.part),
              6,
            ),
          )}
        </p>
      )}
      {message && (
        <p className={clsx(noteCss.note, message.good ? undefined : noteCss.fault, paneCss.fixed)} role="status">
          {message.good ? '✓' : '▲'} {message.text}
        </p>
      )}
      <section className={clsx(paneCss.panel, styles.counts)} aria-label={texts.counts} tabIndex={0}>
        <Table className={rowsCss.level}>
          <HeadRow
            names={[texts.part, texts.what, texts.countedHead, texts.takenByJobs, texts.free, texts.reorderUnder]}
          />
          <Table.Tbody>
            {found.slice(0, SHOWN).map((line) => (
              <StockRow
                key={`${line.kind} ${line.part} ${line.stock?.countedAt ?? ''}`}
                line={line}
                low={isLow(line)}
                save={save}
              />
            ))}
          </Table.Tbody>
        </Table>
        {found.length > SHOWN && (
          <p className={clsx(textCss.small, textCss.dim, styles.moreFilterForThem)}>
            {texts.moreFilterForThem(found.length - SHOWN)}
          </p>
        )}
      </section>
      <form
        className={paneCss.fixed}
        onSubmit={(event) => {
          event.preventDefault()
          void importCounts(table).then((outcome) => {
            setMessage(
              outcome.ok
                ? { good: true, text: texts.countedParts(outcome.value) }
                : { good: false, text: outcome.message },
            )
            if (outcome.ok) setTable('')
            router.refresh()
          })
        }}
      >
        <Textarea label={texts.wholeCountAtOnce} value={table} onChange={(event) => setTable(event.target.value)} />
        <Button fullWidth={false} type="submit" disabled={table.trim() === ''} className={styles.writeCounts}>
          <span>{texts.writeCounts}</span>
        </Button>
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
    <TextInput
      aria-label={texts.ofWord(label, line.part)}
      inputMode="decimal"
      value={value}
      onChange={(event) => set(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      error={wrong(value)}
      size="sm"
      w={92}
    />
  )
  return (
    <Table.Tr>
      <Table.Td className={textCss.figure}>
        <b>{line.part}</b>
      </Table.Td>
      <Table.Td>
        {line.name}{' '}
        <span className={clsx(textCss.dim, textCss.small)}>
          {line.kind}
          {line.unit === 'mm' && ', m'}
        </span>
      </Table.Td>
      <Table.Td>{field(texts.count, count, setCount)}</Table.Td>
      <Table.Td className={textCss.figure}>{line.stock ? show(line.stock.reserved) : ''}</Table.Td>
      <Table.Td className={textCss.figure}>
        {line.stock ? (
          <span className={low ? textCss.caution : undefined}>
            {low && '◆ '}
            {show(line.stock.count - line.stock.reserved)}
          </span>
        ) : (
          <span className={textCss.dim}>{texts.notCounted}</span>
        )}
      </Table.Td>
      <Table.Td>{field(texts.reorderLevel, reorder, setReorder)}</Table.Td>
    </Table.Tr>
  )
}

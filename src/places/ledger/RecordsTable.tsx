import { HeadRow } from '@/ui/table/HeadRow'
import { recordsTableWords as words } from '@/words/screens/ledger/recordsTable'
import { Button, Checkbox, Kbd, Table } from '@mantine/core'
import clsx from 'clsx'
import { Link } from '@/ui/address/Link'
import { useMemo } from 'react'
import { useKeys } from '@/ui/keys/KeyProvider'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { recordFaultWords } from '@/words/records'
import type { RecordLine } from '@/data/repositories/ledgerBook'
import type { LedgerModel } from './ledgerModel'
import styles from './LedgerTables.module.css'
import { type CheckedRecord, useCheckRecords } from './useCheckRecords'

/** Every job's record: where it came from, and whether it is whole, looked at when somebody asks. */
export function RecordsTable({
  model: { records, copies },
  onCopies,
}: {
  readonly model: LedgerModel
  readonly onCopies: (count: boolean) => void
}) {
  const ids = useMemo(() => records.map((one) => one.id), [records])
  const { found, running, start, stop } = useCheckRecords(ids)
  useKeys([{ key: 'v', words: words.check, run: () => void start() }])
  const broken = [...found.values()].filter((one) => one?.whole === false).length
  const all = !running && found.size === records.length && records.length > 0
  return (
    <section className={paneCss.panel} aria-label={words.records}>
      <h2 className={clsx(textCss.cardTitle, styles.padded)}>{words.head(records.length)}</h2>
      <p className={clsx(textCss.dim, styles.ofRejectedTestPieces)}>{words.whatIsChecked}</p>
      <div className={styles.actions}>
        {running ? (
          <Button fullWidth={false} onClick={stop}>
            {words.stop} <span className={textCss.small}>{words.checking(found.size, records.length)}</span>
          </Button>
        ) : (
          <Button fullWidth={false} variant="filled" onClick={() => void start()} disabled={records.length === 0}>
            <span>{words.check}</span> <Kbd aria-hidden="true">V</Kbd>
          </Button>
        )}
        <Checkbox
          label={words.countCopies}
          checked={copies}
          onChange={(event) => onCopies(event.currentTarget.checked)}
        />
        <span role="status">
          {all && (
            <b className={broken > 0 ? textCss.fault : textCss.good}>
              {broken > 0 ? words.someNot(broken) : words.allWhole(records.length)}
            </b>
          )}
        </span>
      </div>
      <Table>
        <HeadRow names={[words.job, words.entries, words.state, words.record, words.signatures]} />
        <Table.Tbody>
          {records.map((one) => (
            <Row key={one.id} record={one} checked={found.get(one.id)} asked={found.has(one.id)} />
          ))}
        </Table.Tbody>
      </Table>
    </section>
  )
}

function Row({
  record: { id, title, entries, signed, provenance },
  checked,
  asked,
}: {
  readonly record: RecordLine
  readonly checked: CheckedRecord | undefined
  readonly asked: boolean
}) {
  const { fault, readIn, copyOf } = provenance
  const why = checked ? checked.why : fault && recordFaultWords(fault)
  return (
    <Table.Tr>
      <Table.Td>
        <Link href={`/jobs/${encodeURIComponent(id)}/journal`} className={textCss.plain}>
          {title}
        </Link>
        {[readIn && words.readIn(readIn.file), copyOf !== undefined && words.copyOf(copyOf)]
          .filter((said) => typeof said === 'string')
          .map((said) => (
            <span key={said} className={clsx(textCss.dim, textCss.small, textCss.block)}>
              {said}
            </span>
          ))}
      </Table.Td>
      <Table.Td className={textCss.figure}>{checked?.entries ?? entries}</Table.Td>
      <Table.Td>{signed ? words.signed : words.open}</Table.Td>
      <Table.Td>
        {why !== undefined && <span className={textCss.fault}>▲ {why}</span>}
        {checked?.whole === true && <span className={textCss.good}>{words.whole}</span>}
        {asked && !checked && <span className={textCss.fault}>{words.notAnswered}</span>}
      </Table.Td>
      <Table.Td>
        {checked?.signatures.map((one) => (
          <span key={`${one.by} ${String(one.covers)}`} className={textCss.block}>
            {words.cover(one.by, one.covers)}
            {!one.whole && <b className={textCss.fault}> {words.doesNotHold}</b>}
            {!one.home && <span className={textCss.dim}> {words.elsewhere}</span>}
          </span>
        ))}
      </Table.Td>
    </Table.Tr>
  )
}

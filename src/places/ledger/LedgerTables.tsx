import { HeadRow } from '@/ui/table/HeadRow'
import { ledgerTablesWords as words } from '@/words/screens/ledger/ledgerTables'
import { useClock } from '@/ui/frame/Clock'
import { Table } from '@mantine/core'
import type { DefectCode } from '@/core/craft/crimp/looks'
import { setupIdLabel } from '@/core/craft/setup/setup'
import { defectWords } from '@/words/crimp'
import { day, figure } from '@/words/figures'
import type { LedgerModel } from './ledgerModel'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import styles from './LedgerTables.module.css'

const percent = (part: number, of: number) => (of === 0 ? '–' : `${figure((part / of) * 100, 1)} %`)
const defectName = (id: string): string => (Object.hasOwn(defectWords, id) ? defectWords[id as DefectCode] : id)

/** Terminations that were right at the first try, by setup. */
export function YieldTable({ model: { list, total } }: { readonly model: LedgerModel }) {
  return (
    <section className={paneCss.panel} aria-label={words.firstTries}>
      <h2 className={clsx(textCss.cardTitle, styles.rightAtFirstTry)}>
        {words.rightAtFirstTry(percent(total.first, total.tried))}
      </h2>
      <p className={clsx(textCss.dim, styles.ofRejectedTestPieces)}>
        {words.ofRejectedTestPieces(total.first, total.tried, total.scrapped)}
      </p>
      <Table>
        <HeadRow names={[words.setup, words.contact, words.tried, words.firstTry, words.rejected, words.share]} />
        <Table.Tbody>
          {list
            .filter((one) => one.yield.tried > 0)
            .map((one) => (
              <Table.Tr key={one.id}>
                <Table.Td className={textCss.figure}>{setupIdLabel(one.setup)}</Table.Td>
                <Table.Td>{one.contactNames}</Table.Td>
                <Table.Td className={textCss.figure}>{one.yield.tried}</Table.Td>
                <Table.Td className={textCss.figure}>{one.yield.first}</Table.Td>
                <Table.Td className={textCss.figure}>{one.yield.scrapped}</Table.Td>
                <Table.Td className={textCss.figure}>
                  <b>{percent(one.yield.first, one.yield.tried)}</b>
                </Table.Td>
              </Table.Tr>
            ))}
        </Table.Tbody>
      </Table>
    </section>
  )
}

/** Why tries were rejected, the commonest first, with what they come to together. */
export function ScrapTable({ model: { scrap } }: { readonly model: LedgerModel }) {
  const most = scrap[0]?.count ?? 1
  return (
    <section className={paneCss.panel} aria-label={words.scrapByCause}>
      <h2 className={clsx(textCss.cardTitle, styles.padded)}>
        {scrap.length === 0 ? words.nothingWasRejected : words.mostOften(defectName(scrap[0]?.defect ?? ''))}
      </h2>
      <Table>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{words.whatWasSeen}</Table.Th>
            <Table.Th scope="col">{words.times}</Table.Th>
            <Table.Th scope="col" className={styles.share}>
              {words.share}
            </Table.Th>
            <Table.Th scope="col">{words.together}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {scrap.map((one) => (
            <Table.Tr key={one.defect}>
              <Table.Td>{defectName(one.defect)}</Table.Td>
              <Table.Td className={textCss.figure}>{one.count}</Table.Td>
              <Table.Td>
                <span className={styles.paretoBar} style={{ width: `${String((one.count / most) * 100)}%` }} />
              </Table.Td>
              <Table.Td className={textCss.figure}>{figure(one.cumulative * 100, 0)} %</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  )
}

/** What each tool has closed since it was verified. */
export function ToolTable({ model: { tools } }: { readonly model: LedgerModel }) {
  const clock = useClock()
  return (
    <section className={paneCss.panel} aria-label={words.contactsByTool}>
      <h2 className={clsx(textCss.cardTitle, styles.contactsSinceVerification)}>{words.contactsSinceVerification}</h2>
      <Table>
        <HeadRow names={[words.tool, words.name, words.sinceVerified, words.inAll, words.verified, words.due]} />
        <Table.Tbody>
          {tools.map((tool) => (
            <Table.Tr key={tool.tool}>
              <Table.Td className={textCss.figure}>
                <b>{tool.tool}</b>
              </Table.Td>
              <Table.Td>{tool.name}</Table.Td>
              <Table.Td className={clsx(textCss.figure, styles.large)}>{tool.since}</Table.Td>
              <Table.Td className={textCss.figure}>{tool.all}</Table.Td>
              <Table.Td>
                {tool.gaugedAt !== undefined
                  ? words.gaugedAtBench(clock.date(tool.gaugedAt))
                  : tool.verification
                    ? day(tool.verification.doneOn)
                    : 'never'}
              </Table.Td>
              <Table.Td>{tool.verification ? day(tool.verification.dueOn) : words.noDate}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  )
}

import { useClock } from '@/ui/frame/Clock'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import styles from './LedgerTables.module.css'
import { Table } from '@mantine/core'
import type { DefectCode } from '@/core/craft/crimp/looks'
import { setupIdLabel } from '@/core/craft/setup/setup'
import { defectWords } from '@/words/crimp'
import { day, figure, plural } from '@/words/figures'
import type { LedgerModel } from './ledgerModel'

const percent = (part: number, of: number) => (of === 0 ? '–' : `${figure((part / of) * 100, 1)} %`)
const defectName = (id: string): string => (Object.hasOwn(defectWords, id) ? defectWords[id as DefectCode] : id)

/** Terminations that were right at the first try, by setup. */
export function YieldTable({ model: { list, total } }: { readonly model: LedgerModel }) {
  return (
    <section className={paneCss.sheet} aria-label="First tries">
      <h2 className={textCss.cardTitle} style={{ padding: '14px 18px 4px' }}>
        {percent(total.first, total.tried)} right at the first try
      </h2>
      <p className={textCss.dim} style={{ padding: '0 18px 8px' }}>
        {total.first} of {plural(total.tried, 'termination')}; {plural(total.scrapped, 'try', 'tries')} rejected. Test
        pieces do not count.
      </p>
      <Table>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">setup</Table.Th>
            <Table.Th scope="col">contact</Table.Th>
            <Table.Th scope="col">tried</Table.Th>
            <Table.Th scope="col">first try</Table.Th>
            <Table.Th scope="col">rejected</Table.Th>
            <Table.Th scope="col">share</Table.Th>
          </Table.Tr>
        </Table.Thead>
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
    <section className={paneCss.sheet} aria-label="Scrap by cause">
      <h2 className={textCss.cardTitle} style={{ padding: '14px 18px 8px' }}>
        {scrap.length === 0 ? 'Nothing was rejected' : `Most often: ${defectName(scrap[0]?.defect ?? '')}`}
      </h2>
      <Table>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">what was seen</Table.Th>
            <Table.Th scope="col">times</Table.Th>
            <Table.Th scope="col" style={{ width: '45%' }}>
              share
            </Table.Th>
            <Table.Th scope="col">together</Table.Th>
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
    <section className={paneCss.sheet} aria-label="Contacts by tool">
      <h2 className={textCss.cardTitle} style={{ padding: '14px 18px 8px' }}>
        Contacts since verification
      </h2>
      <Table>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">tool</Table.Th>
            <Table.Th scope="col">name</Table.Th>
            <Table.Th scope="col">since verified</Table.Th>
            <Table.Th scope="col">in all</Table.Th>
            <Table.Th scope="col">verified</Table.Th>
            <Table.Th scope="col">due</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {tools.map((tool) => (
            <Table.Tr key={tool.tool}>
              <Table.Td className={textCss.figure}>
                <b>{tool.tool}</b>
              </Table.Td>
              <Table.Td>{tool.name}</Table.Td>
              <Table.Td className={textCss.figure} style={{ fontSize: 22 }}>
                {tool.since}
              </Table.Td>
              <Table.Td className={textCss.figure}>{tool.all}</Table.Td>
              <Table.Td>
                {tool.gaugedAt !== undefined
                  ? `gauged at the bench, ${clock.date(tool.gaugedAt)}`
                  : tool.verification
                    ? day(tool.verification.doneOn)
                    : 'never'}
              </Table.Td>
              <Table.Td>{tool.verification ? day(tool.verification.dueOn) : 'no date'}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  )
}

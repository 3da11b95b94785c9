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
    <section className="sheet" aria-label="First tries">
      <h2 className="card-title" style={{ padding: '14px 18px 4px' }}>
        {percent(total.first, total.tried)} right at the first try
      </h2>
      <p className="dim" style={{ padding: '0 18px 8px' }}>
        {total.first} of {plural(total.tried, 'termination')}; {plural(total.scrapped, 'try', 'tries')} rejected. Test
        pieces do not count.
      </p>
      <table className="table">
        <thead>
          <tr>
            <th scope="col">setup</th>
            <th scope="col">contact</th>
            <th scope="col">tried</th>
            <th scope="col">first try</th>
            <th scope="col">rejected</th>
            <th scope="col">share</th>
          </tr>
        </thead>
        <tbody>
          {list
            .filter((one) => one.yield.tried > 0)
            .map((one) => (
              <tr key={one.id}>
                <td className="figure">{setupIdLabel(one.setup)}</td>
                <td>{one.contactNames}</td>
                <td className="figure">{one.yield.tried}</td>
                <td className="figure">{one.yield.first}</td>
                <td className="figure">{one.yield.scrapped}</td>
                <td className="figure">
                  <b>{percent(one.yield.first, one.yield.tried)}</b>
                </td>
              </tr>
            ))}
        </tbody>
      </table>
    </section>
  )
}

/** Why tries were rejected, the commonest first, with what they come to together. */
export function ScrapTable({ model: { scrap } }: { readonly model: LedgerModel }) {
  const most = scrap[0]?.count ?? 1
  return (
    <section className="sheet" aria-label="Scrap by cause">
      <h2 className="card-title" style={{ padding: '14px 18px 8px' }}>
        {scrap.length === 0 ? 'Nothing was rejected' : `Most often: ${defectName(scrap[0]?.defect ?? '')}`}
      </h2>
      <table className="table">
        <thead>
          <tr>
            <th scope="col">what was seen</th>
            <th scope="col">times</th>
            <th scope="col" style={{ width: '45%' }}>
              share
            </th>
            <th scope="col">together</th>
          </tr>
        </thead>
        <tbody>
          {scrap.map((one) => (
            <tr key={one.defect}>
              <td>{defectName(one.defect)}</td>
              <td className="figure">{one.count}</td>
              <td>
                <span className="pareto-bar" style={{ width: `${String((one.count / most) * 100)}%` }} />
              </td>
              <td className="figure">{figure(one.cumulative * 100, 0)} %</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

/** What each tool has closed since it was verified. */
export function ToolTable({ model: { tools } }: { readonly model: LedgerModel }) {
  return (
    <section className="sheet" aria-label="Contacts by tool">
      <h2 className="card-title" style={{ padding: '14px 18px 8px' }}>
        Contacts since verification
      </h2>
      <table className="table">
        <thead>
          <tr>
            <th scope="col">tool</th>
            <th scope="col">name</th>
            <th scope="col">since verified</th>
            <th scope="col">in all</th>
            <th scope="col">verified</th>
            <th scope="col">due</th>
          </tr>
        </thead>
        <tbody>
          {tools.map((tool) => (
            <tr key={tool.tool}>
              <td className="figure">
                <b>{tool.tool}</b>
              </td>
              <td>{tool.name}</td>
              <td className="figure" style={{ fontSize: 22 }}>
                {tool.since}
              </td>
              <td className="figure">{tool.all}</td>
              <td>
                {tool.gaugedAt !== undefined
                  ? `gauged at the bench, ${day(tool.gaugedAt)}`
                  : tool.verification
                    ? day(tool.verification.doneOn)
                    : 'never'}
              </td>
              <td>{tool.verification ? day(tool.verification.dueOn) : 'no date'}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

'use client'
import Link from 'next/link'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { day, plural } from '@/words/figures'
import { toolClassWords } from '@/words/tools'
import type { CribTool } from './cribModel'
import { InstrumentsPane } from './InstrumentsPane'

/** The tools of the bench with what they were verified for, and the instruments that are linked to it. */
export function CribPlace({ tools, today }: { readonly tools: readonly CribTool[]; readonly today: string }) {
  const overdue = tools.filter((tool) => tool.dueOn !== undefined && tool.dueOn < today)
  return (
    <PlaceFrame
      place="crib"
      title="Crib"
      sub={plural(tools.length, 'tool')}
      find={tools.map((tool) => ({ id: tool.id, kind: 'tool', words: tool.name, href: '/crib' }))}
    >
      <div className="station" style={{ gridTemplateColumns: 'minmax(0,1fr) 420px' }}>
        <div className="work">
          <section className="sheet sheet-fill" aria-label="Tools">
            <h2 className="card-title" style={{ padding: '14px 18px 8px' }}>
              {overdue.length === 0 ? 'Nothing is overdue' : `Overdue: ${overdue.map((tool) => tool.id).join(', ')}`}
            </h2>
            <div className="sheet-body" tabIndex={0} role="region" aria-label="Tools with their dates">
              <table className="table">
                <thead>
                  <tr>
                    <th scope="col">tool</th>
                    <th scope="col">name</th>
                    <th scope="col">class</th>
                    <th scope="col">contacts since</th>
                    <th scope="col">verified</th>
                    <th scope="col">due</th>
                  </tr>
                </thead>
                <tbody>
                  {tools.map((tool) => {
                    const late = tool.dueOn !== undefined && tool.dueOn < today
                    return (
                      <tr key={tool.id}>
                        <td className="figure">
                          <b>{tool.id}</b>
                        </td>
                        <td>{tool.name}</td>
                        <td className="dim">{toolClassWords[tool.class]}</td>
                        <td className="figure">
                          {tool.since === undefined ? (
                            ''
                          ) : (
                            <Link className="plain" href="/ledger?show=tools" prefetch={false}>
                              {tool.since}
                            </Link>
                          )}
                        </td>
                        <td>
                          {tool.gaugedAt !== undefined ? (
                            `gauged ${day(tool.gaugedAt)}`
                          ) : tool.doneOn === undefined ? (
                            <span className="dim">none</span>
                          ) : (
                            day(tool.doneOn)
                          )}
                        </td>
                        <td className={late ? 'fault' : undefined}>
                          {tool.dueOn === undefined ? '' : `${late ? '▲ ' : ''}${day(tool.dueOn)}`}
                        </td>
                      </tr>
                    )
                  })}
                </tbody>
              </table>
            </div>
          </section>
        </div>
        <InstrumentsPane />
      </div>
    </PlaceFrame>
  )
}

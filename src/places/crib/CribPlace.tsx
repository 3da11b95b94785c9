'use client'
import { HeadRow } from '@/ui/table/HeadRow'
import styles from './CribPlace.module.css'
import { cribPlaceWords as words } from '@/words/screens/crib/cribPlace'
import { useClock } from '@/ui/frame/Clock'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Button, Kbd, Table } from '@mantine/core'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import type { Tool } from '@/core/parts/catalogue/types'
import { useKeys } from '@/ui/keys/KeyProvider'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { day, plural } from '@/words/figures'
import { toolClassWords } from '@/words/tools'
import type { CribTool } from './cribModel'
import { InstrumentsPane } from './InstrumentsPane'
import { ToolForm } from './ToolForm'

/** The tools of the bench with what they were verified for, and the instruments that are linked to it. */
export function CribPlace({
  tools,
  today,
  form,
}: {
  readonly tools: readonly CribTool[]
  readonly today: string
  /** a tool that is entered or changed */
  readonly form: { readonly tool: Tool | undefined; readonly taken: readonly string[] } | undefined
}) {
  const router = useRouter()
  useKeys(form ? [] : [{ key: 'n', words: words.newTool, run: () => router.push('/crib?show=new') }])
  const clock = useClock()
  const overdue = tools.filter((tool) => tool.dueOn !== undefined && tool.dueOn < today)
  return (
    <PlaceFrame
      place="crib"
      title={words.crib}
      sub={plural(tools.length, 'tool')}
      find={tools.map((tool) => ({
        id: tool.id,
        kind: 'tool',
        words: tool.name,
        href: `/crib?tool=${encodeURIComponent(tool.id)}`,
      }))}
    >
      <div className={clsx(paneCss.station, styles.columns)}>
        <div className={paneCss.work}>
          {form ? (
            <section className={clsx(paneCss.panel, paneCss.panelFill)}>
              <ToolForm key={form.tool?.id} {...form} />
            </section>
          ) : (
            <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.tools}>
              <div className={clsx(paneCss.pageHead, styles.padded)}>
                <h2 className={textCss.cardTitle}>
                  {overdue.length === 0
                    ? words.nothingIsOverdue
                    : words.overdue(overdue.map((tool) => tool.id).join(', '))}
                </h2>
                <Button fullWidth={false} component={Link} href="/crib?show=new">
                  <span>{words.newTool}</span> <Kbd aria-hidden="true">N</Kbd>
                </Button>
              </div>
              <div className={paneCss.panelBody} tabIndex={0} role="region" aria-label={words.toolsWithTheirDates}>
                <Table>
                  <HeadRow
                    names={[words.tool, words.name, words.classWord, words.contactsSince, words.verified, words.due]}
                  />
                  <Table.Tbody>
                    {tools.map((tool) => {
                      const late = tool.dueOn !== undefined && tool.dueOn < today
                      return (
                        <Table.Tr key={tool.id}>
                          <Table.Td className={textCss.figure}>
                            <Link
                              className={textCss.plain}
                              href={`/crib?tool=${encodeURIComponent(tool.id)}`}
                              prefetch={false}
                            >
                              <b>{tool.id}</b>
                            </Link>
                          </Table.Td>
                          <Table.Td>{tool.name}</Table.Td>
                          <Table.Td className={textCss.dim}>{toolClassWords[tool.class]}</Table.Td>
                          <Table.Td className={textCss.figure}>
                            {tool.since === undefined ? (
                              ''
                            ) : (
                              <Link className={textCss.plain} href="/ledger?show=tools" prefetch={false}>
                                {tool.since}
                              </Link>
                            )}
                          </Table.Td>
                          <Table.Td>
                            {tool.gaugedAt !== undefined ? (
                              `gauged ${clock.date(tool.gaugedAt)}`
                            ) : tool.doneOn === undefined ? (
                              <span className={textCss.dim}>{words.none}</span>
                            ) : (
                              day(tool.doneOn)
                            )}
                          </Table.Td>
                          <Table.Td className={late ? textCss.fault : undefined}>
                            {tool.dueOn === undefined ? '' : `${late ? '▲ ' : ''}${day(tool.dueOn)}`}
                          </Table.Td>
                        </Table.Tr>
                      )
                    })}
                  </Table.Tbody>
                </Table>
              </div>
            </section>
          )}
        </div>
        <InstrumentsPane />
      </div>
    </PlaceFrame>
  )
}

'use client'
import { Button, Kbd, Table } from '@mantine/core'
import { useEffect, useState } from 'react'
import type { BuyList, ToolWay } from '@/core/work/kit/buyList'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { figure, list, mm2, plural } from '@/words/figures'
import { askKitWorker } from '@/workers/kitClient'
import type { KitTools } from './kitData'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import { SHELF_UNANSWERED } from '@/words/unanswered'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'

const wayWords: Readonly<Record<ToolWay, string>> = {
  professional: 'professional',
  bench: 'bench tool',
  borrowed: 'borrowed',
}
const ways = Object.keys(wayWords) as readonly ToolWay[]

const readKitTools = withFields<KitTools>('classes', 'families')

/** What the crib cannot crimp, class by class, with every way to get it crimped; and the cheapest tools that together do it all. */
export function BuyTools({ close }: { readonly close: () => void }) {
  const { id, state } = useJob()
  const { value: tools, failed } = useFetched(`/jobs/${encodeURIComponent(id)}/kit/tools`, readKitTools, {
    version: state.seq,
  })
  const [best, setBest] = useState<BuyList>()
  useEffect(() => {
    if (!tools) return undefined
    const worker = askKitWorker(
      { kind: 'tools', classes: tools.classes },
      (reply) => reply.kind === 'tools' && setBest(reply.list),
    )
    return () => worker.stop()
  }, [tools])
  useKeys([{ key: 'Escape', words: 'Back to the terminations', run: close }])
  const wanted = new Set(best?.tools.map((tool) => tool.tool))
  return (
    <>
      <div className={paneCss.work} tabIndex={0} role="region" aria-label="Tools to buy or borrow">
        {failed && <p className={clsx(noteCss.note, noteCss.fault)}>▲ {SHELF_UNANSWERED}</p>}
        {tools?.classes.length === 0 && (
          <p className={noteCss.note}>✓ The crib crimps everything of this job that has a contact at all.</p>
        )}
        {tools && tools.classes.length > 0 && (
          <section className={paneCss.sheet}>
            <Table>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th scope="col">what the crib cannot crimp</Table.Th>
                  {ways.map((way) => (
                    <Table.Th key={way} scope="col">
                      {wayWords[way]}
                    </Table.Th>
                  ))}
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {tools.classes.map((one) => (
                  <Table.Tr key={one.id}>
                    <Table.Td>
                      <b>{tools.families[one.about.family] ?? one.about.family}</b>, {mm2(one.about.areaMm2)},{' '}
                      {plural(one.sides.length, 'termination')}
                      <span className={clsx(textCss.small, textCss.dim)} style={{ display: 'block' }}>
                        {list(
                          one.sides.map((side) => `${side.wire}${side.side}`),
                          6,
                        )}{' '}
                        · {list([...one.about.contacts], 3)}
                      </span>
                    </Table.Td>
                    {ways.map((way) => (
                      <Table.Td key={way}>
                        {one.offers
                          .filter((offer) => offer.way === way)
                          .map((offer) => (
                            <span
                              key={offer.tool}
                              style={{ display: 'block' }}
                              className={wanted.has(offer.tool) ? textCss.good : undefined}
                            >
                              {wanted.has(offer.tool) && '✓ '}
                              <b className={textCss.mono}>{offer.tool}</b>{' '}
                              {offer.price === undefined ? 'price not known' : figure(offer.price, 2)}
                              {offer.estimate && <span className={textCss.caution}> ◆ estimate</span>}
                            </span>
                          ))}
                        {one.offers.every((offer) => offer.way !== way) && <span className={textCss.dim}>–</span>}
                      </Table.Td>
                    ))}
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          </section>
        )}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label="Cheapest tools">
        <h2 className={textCss.cardTitle}>
          {best
            ? best.tools.length === 0
              ? 'Nothing to buy'
              : `Cheapest: ${figure(best.price, 2)}`
            : 'Working it out…'}
        </h2>
        {best?.tools.map((tool) => (
          <div key={tool.tool} className={noteCss.note} style={{ border: '1px solid var(--hairline)' }}>
            <b className={textCss.mono}>{tool.tool}</b> {tool.name}
            <span className={clsx(textCss.small, textCss.dim)} style={{ display: 'block' }}>
              {wayWords[tool.way]}, {figure(tool.price ?? 0, 2)}
            </span>
          </div>
        ))}
        {best && best.tools.length > 0 && (
          <p className={clsx(textCss.small, textCss.dim)}>
            {best.proven
              ? 'Proven: no cheaper tools crimp all of it.'
              : `Not proven: at least ${figure(best.bound, 2)}.`}
          </p>
        )}
        {best && best.left.length > 0 && (
          <p className={clsx(noteCss.note, noteCss.attend)}>
            ◆ No tool with a price for {plural(best.left.length, 'class', 'classes')}: see the table.
          </p>
        )}
        <Button onClick={close}>
          <span>Back to the terminations</span> <Kbd aria-hidden="true">Esc</Kbd>
        </Button>
        <p className={paneCss.sources}>
          Under the job’s house rules: a class of tool that they rule out is not offered.
        </p>
      </aside>
    </>
  )
}

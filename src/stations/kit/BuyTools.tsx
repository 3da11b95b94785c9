'use client'
import styles from './BuyTools.module.css'
import { buyToolsWords as words } from '@/words/screens/kit/buyTools'
import { Button, Kbd, Table } from '@mantine/core'
import { useEffect, useState } from 'react'
import type { BuyList, ToolWay } from '@/core/work/kit/buyList'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { list, mm2, money, plural } from '@/words/figures'
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
  bench: words.benchTool,
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
  useKeys([{ key: 'Escape', words: words.backToTerminations, run: close }])
  const wanted = new Set(best?.tools.map((tool) => tool.tool))
  return (
    <>
      <div className={paneCss.work} tabIndex={0} role="region" aria-label={words.toolsToBuyOr}>
        {failed && <p className={clsx(noteCss.note, noteCss.fault)}>▲ {SHELF_UNANSWERED}</p>}
        {tools?.classes.length === 0 && <p className={noteCss.note}>{words.cribCrimpsEverythingOf}</p>}
        {tools && tools.classes.length > 0 && (
          <section className={paneCss.panel}>
            <Table>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th scope="col">{words.whatCribCannotCrimp}</Table.Th>
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
                      <span className={clsx(textCss.small, textCss.dim, textCss.block)}>
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
                              className={clsx(wanted.has(offer.tool) ? textCss.good : undefined, textCss.block)}
                            >
                              {wanted.has(offer.tool) && '✓ '}
                              <b className={textCss.mono}>{offer.tool}</b>{' '}
                              {offer.price === undefined ? words.priceNotKnown : money(offer.price)}
                              {offer.estimate && <span className={textCss.caution}> {words.estimate}</span>}
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
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.cheapestTools}>
        <h2 className={textCss.cardTitle}>
          {best ? (best.tools.length === 0 ? words.nothingToBuy : words.cheapest(best.price)) : words.workingItOut}
        </h2>
        {best?.tools.map((tool) => (
          <div key={tool.tool} className={clsx(noteCss.note, styles.framed)}>
            <b className={textCss.mono}>{tool.tool}</b> {tool.name}
            <span className={clsx(textCss.small, textCss.dim, textCss.block)}>
              {wayWords[tool.way]}, {money(tool.price ?? 0)}
            </span>
          </div>
        ))}
        {best && best.tools.length > 0 && (
          <p className={clsx(textCss.small, textCss.dim)}>
            {best.proven ? words.provenNoCheaperTools : words.notProvenAtLeast(best.bound)}
          </p>
        )}
        {best && best.left.length > 0 && (
          <p className={clsx(noteCss.note, noteCss.attend)}>{words.noToolWithPrice(best.left.length)}</p>
        )}
        <Button onClick={close}>
          <span>{words.backToTerminations}</span> <Kbd aria-hidden="true">Esc</Kbd>
        </Button>
        <p className={paneCss.sources}>{words.underJobsHouseRules}</p>
      </aside>
    </>
  )
}

import { contradictingHeight } from '@/core/parts/catalogue/cardFaults'
import { areaRangeSaid, range } from '@/words/figures'
import type { FamilyPage } from './shelfData'
import { HeadRow } from '@/ui/table/HeadRow'
import { familyViewWords as words } from '@/words/screens/shelf/familyView'
import { Table } from '@mantine/core'
import clsx from 'clsx'
import { Both } from '@/ui/text/Both'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** By which die, positioner and selector the contacts of a family are crimped, and where that stands. */
export function FamilySettings({ page: { family, placards } }: { readonly page: FamilyPage }) {
  const contactIds = new Set(family.contacts.map((contact) => contact.id))
  return (
    <section className={clsx(paneCss.panel, paneCss.fixed)} aria-label={words.settings}>
      <Table>
        <HeadRow
          names={[
            words.settingFor,
            words.wireMm,
            words.tool,
            words.diePositionerSelectorNest,
            words.strip,
            words.height,
            words.whereItStands,
          ]}
        />
        <Table.Tbody>
          {placards.flatMap((placard) =>
            placard.rows
              .filter((row) => contactIds.has(row.contact))
              .map((row, i) => (
                <Table.Tr key={`${placard.id} ${String(i)}`}>
                  <Table.Td className={textCss.figure}>
                    <b>{row.contact}</b>
                  </Table.Td>
                  <Table.Td className={textCss.figure}>
                    <Both said={areaRangeSaid(row.conductor.minMm2, row.conductor.maxMm2)} />
                  </Table.Td>
                  <Table.Td className={textCss.figure}>{placard.tool}</Table.Td>
                  <Table.Td className={textCss.figure}>
                    {[
                      row.die,
                      row.positioner,
                      row.turret !== undefined && `turret ${String(row.turret)}`,
                      row.selector,
                      row.nest,
                    ]
                      .filter((one) => one !== undefined && one !== false)
                      .join(' · ')}
                  </Table.Td>
                  <Table.Td className={textCss.figure}>
                    {row.strip ? range(row.strip.minMm, row.strip.maxMm) : '–'}
                  </Table.Td>
                  <Table.Td className={textCss.figure}>
                    {row.height ? range(row.height.minMm, row.height.maxMm) : '–'}
                  </Table.Td>
                  <Table.Td className={clsx(textCss.small, textCss.dim)}>
                    {[placard.source.document, row.source].filter(Boolean).join(', ')}
                    {placard.source.basis !== 'sheet' && <b className={textCss.caution}> ◆ {placard.source.basis}</b>}
                    <CardFault other={contradictingHeight(placard, row)} />
                  </Table.Td>
                </Table.Tr>
              )),
          )}
        </Table.Tbody>
      </Table>
    </section>
  )
}

/** A card that gives one setting two heights, with nothing to adjust between them. */
function CardFault({ other }: { readonly other: ReturnType<typeof contradictingHeight> }) {
  return other && <b className={textCss.fault}> ▲ {words.twoHeights(other.minMm, other.maxMm)}</b>
}

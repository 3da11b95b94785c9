import type { FamilyInput } from '@/core/parts/catalogue/types'
import { range } from '@/words/figures'
import { HeadRow } from '@/ui/table/HeadRow'
import { familyViewWords as words } from '@/words/screens/shelf/familyView'
import { Table } from '@mantine/core'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** Wire seals: which insulation they close round, and which bore they fill. */
export function FamilySeals({ seals }: { readonly seals: FamilyInput['seals'] }) {
  return (
    <section className={clsx(paneCss.panel, paneCss.fixed)}>
      <Table>
        <HeadRow names={[words.wireSeal, words.what, words.insulationMm, words.boreMm]} />
        <Table.Tbody>
          {seals.map((seal) => (
            <Table.Tr key={seal.id}>
              <Table.Td className={textCss.figure}>
                <b>{seal.id}</b>
              </Table.Td>
              <Table.Td>{seal.name}</Table.Td>
              <Table.Td className={textCss.figure}>{range(seal.insulation.minMm, seal.insulation.maxMm)}</Table.Td>
              <Table.Td className={textCss.figure}>{seal.boreMm}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  )
}

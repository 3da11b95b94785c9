import type { FamilyInput } from '@/core/parts/catalogue/types'
import { mm, range } from '@/words/figures'
import { smallPartWords } from '@/words/parts'
import { OffSheet } from './OffSheet'
import styles from './FamilyParts.module.css'
import { HeadRow } from '@/ui/table/HeadRow'
import { familyViewWords as words } from '@/words/screens/shelf/familyView'
import { Table } from '@mantine/core'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** Contact sizes of a family, and what else belongs to it: plugs, locks, interface seals. */
export function FamilyParts({ family }: { readonly family: FamilyInput }) {
  return (
    <div className={styles.columns}>
      <section className={paneCss.panel}>
        <Table>
          <HeadRow names={[words.contactSize, words.bore, words.matWindow, words.retention, words.plug]} />
          <Table.Tbody>
            {family.sizes.map((size) => (
              <Table.Tr key={size.id}>
                <Table.Td>
                  <b className={textCss.mono}>{size.id}</b> {size.name}
                </Table.Td>
                <Table.Td className={textCss.figure}>
                  {size.boreMm === undefined ? <OffSheet /> : mm(size.boreMm)}
                </Table.Td>
                <Table.Td className={textCss.figure}>
                  {size.matWindow ? range(size.matWindow.minMm, size.matWindow.maxMm) : '–'}
                </Table.Td>
                <Table.Td className={textCss.figure}>
                  {size.retentionN === undefined ? <OffSheet /> : `${String(size.retentionN)} N`}
                </Table.Td>
                <Table.Td className={textCss.figure}>{size.plug ?? '–'}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </section>
      <section className={clsx(paneCss.panel, styles.smallParts)} aria-label={words.smallPartsTitle} tabIndex={0}>
        <Table>
          <HeadRow names={[words.smallPart, words.what, words.kind]} />
          <Table.Tbody>
            {family.parts.map((part) => (
              <Table.Tr key={part.id}>
                <Table.Td className={textCss.figure}>
                  <b>{part.id}</b>
                </Table.Td>
                <Table.Td>{part.name}</Table.Td>
                <Table.Td className={textCss.dim}>{smallPartWords[part.kind]}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </section>
    </div>
  )
}

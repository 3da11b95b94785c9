import { Table } from '@mantine/core'
import clsx from 'clsx'
import { HeadRow } from '@/ui/table/HeadRow'
import type { ItemChange } from '@/core/parts/catalogue/comparePackages'
import { Differences } from '@/ui/list/Differences'
import { importPaneWords as words } from '@/words/screens/shelf/importPane'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import styles from './PackageChanges.module.css'

const kindWords: Readonly<Record<ItemChange['kind'], string>> = {
  family: 'family',
  'wire-type': words.wireType,
  cable: 'cable',
  tool: 'tool',
  placard: 'placard',
  pack: 'pack',
  rules: words.houseRules,
}
const SHOWN = 300

/** What a package adds and changes, part by part, before anything is written. */
export function PackageChanges({ changes }: { readonly changes: readonly ItemChange[] }) {
  return (
    <section className={clsx(paneCss.panel, styles.whatWouldChange)} aria-label={words.whatWouldChange} tabIndex={0}>
      <Table>
        <HeadRow names={[words.what, words.part, words.name, words.change]} />
        <Table.Tbody>
          {changes
            .filter((one) => one.change !== 'same')
            .slice(0, SHOWN)
            .map((one) => (
              <Table.Tr key={`${one.kind} ${one.id}`}>
                <Table.Td>{kindWords[one.kind]}</Table.Td>
                <Table.Td className={textCss.figure}>
                  <b>{one.id}</b>
                </Table.Td>
                <Table.Td>{one.name}</Table.Td>
                <Table.Td>
                  <b className={one.change === 'added' ? textCss.good : textCss.caution}>
                    {one.change === 'added' ? '+ added' : '◆ changed'}
                  </b>
                  <Differences shown={one.differences} more={one.moreDifferences} />
                </Table.Td>
              </Table.Tr>
            ))}
        </Table.Tbody>
      </Table>
    </section>
  )
}

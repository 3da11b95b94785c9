import { Table } from '@mantine/core'
import paneCss from '@/ui/pane/pane.module.css'
import { HeadRow } from '@/ui/table/HeadRow'
import textCss from '@/ui/text/text.module.css'
import { gapTableWords as words } from '@/words/screens/crib/cribPlace'
import { toolClassWords } from '@/words/tools'
import type { GapModel } from './cribModel'

/** Contacts of the shelf that nothing here crimps, or not for all of their wires, and what would. */
export const GapTable = ({ gaps }: { readonly gaps: readonly GapModel[] }) => (
  <div className={paneCss.panelBody} tabIndex={0} role="region" aria-label={words.contacts}>
    <Table>
      <HeadRow names={[words.contact, words.name, words.family, words.wire, words.by]} />
      <Table.Tbody>
        {gaps.map((gap) => (
          <Table.Tr key={gap.id}>
            <Table.Td className={textCss.figure}>
              <b>{gap.id}</b>
            </Table.Td>
            <Table.Td>{gap.name}</Table.Td>
            <Table.Td className={textCss.dim}>{gap.family}</Table.Td>
            <Table.Td className={textCss.figure}>{words.wires(gap.gaps)}</Table.Td>
            <Table.Td>
              {gap.elsewhere.length > 0
                ? words.couldBeHad(gap.elsewhere)
                : words.rowWanted(gap.classes.map((one) => toolClassWords[one]))}
            </Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  </div>
)

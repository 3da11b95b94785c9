import { type FamilyInput, isSleeve } from '@/core/parts/catalogue/types'
import { bandsOfBin } from '@/core/parts/identify/bands'
import { areaRangeSaid, range } from '@/words/figures'
import { constructionWords } from '@/words/families'
import { Bands } from './Bands'
import { OffSheet } from './OffSheet'
import { HeadRow } from '@/ui/table/HeadRow'
import { familyViewWords as words } from '@/words/screens/shelf/familyView'
import { Table } from '@mantine/core'
import clsx from 'clsx'
import { Both } from '@/ui/text/Both'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** The contacts of a family: what they take, what they carry, how they are told apart. */
export function FamilyContacts({ contacts }: { readonly contacts: FamilyInput['contacts'] }) {
  return (
    <section className={clsx(paneCss.panel, paneCss.fixed)} aria-label={words.contacts}>
      <Table>
        <HeadRow
          names={[
            words.contact,
            words.what,
            words.made,
            words.size,
            words.wireMm,
            words.insulation,
            words.plating,
            words.carries,
            words.bands,
          ]}
        />
        <Table.Tbody>
          {contacts.map((contact) => (
            <Table.Tr key={contact.id}>
              <Table.Td className={textCss.figure}>
                <b>{contact.id}</b>
              </Table.Td>
              <Table.Td>
                {contact.name}
                {contact.aliases.length > 0 && (
                  <span className={clsx(textCss.mono, textCss.dim, textCss.small)}> {contact.aliases.join(' ')}</span>
                )}
              </Table.Td>
              <Table.Td>{isSleeve(contact) ? contact.shape : constructionWords[contact.construction]}</Table.Td>
              <Table.Td className={textCss.figure}>{isSleeve(contact) ? '–' : contact.size}</Table.Td>
              <Table.Td className={textCss.figure}>
                <Both said={areaRangeSaid(contact.conductor.minMm2, contact.conductor.maxMm2)} />
              </Table.Td>
              <Table.Td className={textCss.figure}>
                {contact.insulation ? range(contact.insulation.minMm, contact.insulation.maxMm) : '–'}
              </Table.Td>
              <Table.Td>{contact.plating}</Table.Td>
              <Table.Td className={textCss.figure}>
                {contact.ratedA === undefined ? <OffSheet /> : `${String(contact.ratedA)} A`}
              </Table.Td>
              <Table.Td>
                {!isSleeve(contact) && contact.bin !== undefined ? <Bands bands={bandsOfBin(contact.bin)} /> : ''}
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  )
}

import { Table } from '@mantine/core'
import { isSleeve } from '@/core/parts/catalogue/types'
import { useJob } from '@/ui/job/JobProvider'
import { kitStationWords as words } from '@/words/screens/kit/kitStation'
import { areaRangeSaid, forceSaid, heightSaid, stripSaid } from '@/words/figures'
import { Both } from '@/ui/text/Both'
import { pullBasisWords } from '@/words/pullTables'
import type { KitSet } from './kitOptions'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'

/** The figures of a set: what it takes, strip, height, pull. */
export function SetFigures({ set }: { readonly set: KitSet }) {
  const { state } = useJob()
  const contact = state.facts.contacts[set.set.contact]
  return (
    <Table>
      <Table.Tbody>
        <Table.Tr>
          <Table.Td>{words.conductor}</Table.Td>
          <Table.Td className={clsx(textCss.figure, textCss.good)}>
            ✓{' '}
            {contact ? (
              <Both said={areaRangeSaid(contact.conductor.minMm2, contact.conductor.maxMm2)} />
            ) : (
              set.set.contact
            )}
          </Table.Td>
        </Table.Tr>
        <Table.Tr>
          <Table.Td>{words.strip}</Table.Td>
          <Table.Td className={textCss.figure}>
            <Both said={stripSaid(set.set.strip)} />
          </Table.Td>
        </Table.Tr>
        {set.set.height && (
          <Table.Tr>
            <Table.Td>{words.heightEstimated(set.set.height.estimate)}</Table.Td>
            <Table.Td className={textCss.figure}>
              <Both said={heightSaid(set.set.height)} />
            </Table.Td>
          </Table.Tr>
        )}
        {contact && isSleeve(contact) && contact.studMm !== undefined && (
          <Table.Tr>
            <Table.Td>{words.studOf(contact.shape)}</Table.Td>
            <Table.Td className={textCss.figure}>{words.stud(contact.studMm, contact.torqueNm)}</Table.Td>
          </Table.Tr>
        )}
        {contact && isSleeve(contact) && contact.sleeveMark !== undefined && (
          <Table.Tr>
            <Table.Td>{words.sleeve}</Table.Td>
            <Table.Td className={textCss.figure}>{contact.sleeveMark}</Table.Td>
          </Table.Tr>
        )}
        <Table.Tr>
          <Table.Td>{words.pull}</Table.Td>
          <Table.Td className={textCss.figure}>
            {set.set.pull ? (
              <>
                ≥ <Both said={forceSaid(set.set.pull.forceN)} />
              </>
            ) : (
              words.notInTable
            )}
          </Table.Td>
        </Table.Tr>
      </Table.Tbody>
    </Table>
  )
}

/** What is to be heeded with a set, and where its figures come from. */
export function SetNotes({ set }: { readonly set: KitSet | undefined }) {
  return (
    <>
      {set &&
        [...set.notes, ...set.unchecked].map((note) => (
          <p key={note} className={clsx(noteCss.note, noteCss.caution)}>
            ◆ {note}
          </p>
        ))}
      <div className={paneCss.sources}>
        {set && <span>{words.setting(set.set.source)}</span>}
        {set && <span>{words.stripSheetsOwnLength(set.set.stripFrom === 'sheet')}</span>}
        {set?.set.pull && <span>{words.pullFrom(pullBasisWords(set.set.pull))}</span>}
        <span>{words.makersSheetAlwaysWins}</span>
      </div>
    </>
  )
}

'use client'
import { Button, Table } from '@mantine/core'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { HeadRow } from '@/ui/table/HeadRow'
import { textFileWords as words } from '@/words/screens/textFile'
import styles from './EncodingQuestion.module.css'

/** A file that is no UTF-8: two of its lines both ways, and somebody who knows the words decides. */
export function EncodingQuestion({
  name,
  lines,
  answer,
}: {
  readonly name: string
  readonly lines: readonly { readonly utf8: string; readonly windows1252: string }[]
  readonly answer: (take: boolean) => void
}) {
  return (
    <section className={clsx(noteCss.note, noteCss.attend, styles.question)} aria-label={words.howWritten}>
      <p>
        <b>{words.howWritten}</b> {words.why(name)}
      </p>
      <Table>
        <HeadRow names={[words.asWindows, words.asUtf8]} />
        <Table.Tbody>
          {lines.map((line, i) => (
            <Table.Tr key={i}>
              <Table.Td className={textCss.mono}>{line.windows1252}</Table.Td>
              <Table.Td className={clsx(textCss.mono, textCss.dim)}>{line.utf8}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <div className={styles.answers}>
        <Button fullWidth={false} variant="filled" onClick={() => answer(true)}>
          {words.takeWindows}
        </Button>
        <Button fullWidth={false} onClick={() => answer(false)}>
          {words.doNotRead}
        </Button>
      </div>
    </section>
  )
}

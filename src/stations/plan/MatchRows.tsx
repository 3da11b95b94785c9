import { matchRowsWords as words } from '@/words/screens/plan/matchRows'
import { Button, NativeSelect, Table } from '@mantine/core'
import { useMemo, useState } from 'react'
import type { Wire } from '@/core/record/plan/plan'
import { matchWires } from '@/core/work/rework/matchWires'
import { list } from '@/words/figures'
import { matchedWords } from '@/words/rework'
import styles from './MatchRows.module.css'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** Which wire of the harness that is there each wire of a wanted pinout is: by signal, by number, and where both are wrong by hand. */
export function MatchRows({
  wanted,
  present,
  put,
  back,
}: {
  readonly wanted: readonly { readonly id: string; readonly signal?: string }[]
  readonly present: readonly Wire[]
  /** ids in the order of `wanted`; those of new wires are new */ readonly put: (ids: readonly string[]) => void
  readonly back: () => void
}) {
  const [byHand, setByHand] = useState<ReadonlyMap<string, string | null>>(new Map())
  const matched = useMemo(() => matchWires(present, wanted, byHand), [present, wanted, byHand])
  const fresh = [...matched.by.values()].filter((by) => by === 'new').length
  return (
    <>
      <p>
        <b>{words.foundAgain(wanted.length - fresh)}</b>
        {words.newWord(fresh)}
        {matched.gone.length > 0 && (
          <>
            ; <span className={textCss.caution}>{words.nobodyWantsTakenOut(list(matched.gone, 8))}</span>
          </>
        )}
        .
      </p>
      <div role="region" aria-label={words.wiresMatched} tabIndex={0} className={styles.wiresMatched}>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{words.wanted}</Table.Th>
              <Table.Th>{words.signal}</Table.Th>
              <Table.Th>{words.isWire}</Table.Th>
              <Table.Th>{words.foundBy}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {wanted.map((one, i) => {
              const id = matched.wires[i]?.id ?? one.id
              const by = matched.by.get(id) ?? 'new'
              return (
                <Table.Tr key={one.id}>
                  <Table.Td className={textCss.figure}>
                    <b>{one.id}</b>
                  </Table.Td>
                  <Table.Td>{one.signal}</Table.Td>
                  <Table.Td>
                    <NativeSelect
                      aria-label={words.wireThatIs(one.id)}
                      value={by === 'new' ? '' : id}
                      onChange={(event) =>
                        setByHand(new Map(byHand).set(one.id, event.target.value === '' ? null : event.target.value))
                      }
                      className={textCss.mono}
                    >
                      <option value="">{words.newOne}</option>
                      {present.map((wire) => (
                        <option key={wire.id} value={wire.id}>
                          {wire.id}
                          {wire.signal !== undefined && `, ${wire.signal}`}
                        </option>
                      ))}
                    </NativeSelect>
                  </Table.Td>
                  <Table.Td className={by === 'new' ? textCss.caution : undefined}>
                    {by === 'new' ? '◆ ' : '✓ '}
                    {matchedWords[by]}
                  </Table.Td>
                </Table.Tr>
              )
            })}
          </Table.Tbody>
        </Table>
      </div>
      <div className={paneCss.two}>
        <Button variant="filled" onClick={() => put(matched.wires.map((wire) => wire.id))}>
          <span>{words.putItIntoGrid}</span>
        </Button>
        <Button onClick={back}>
          <span>{words.backToColumns}</span>
        </Button>
      </div>
    </>
  )
}

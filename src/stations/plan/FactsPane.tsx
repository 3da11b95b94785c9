'use client'
import { HeadRow } from '@/ui/table/HeadRow'
import { factsPaneWords as words } from '@/words/screens/plan/factsPane'
import { useAction } from '@/ui/action/useAction'
import { Button, Kbd, Table } from '@mantine/core'
import { useEffect, useState } from 'react'
import type { OlderFact } from '@/core/record/plan/factsAge'
import { useJob } from '@/ui/job/JobProvider'
import { Differences } from '@/ui/list/Differences'
import { useKeys } from '@/ui/keys/KeyProvider'
import { compareFacts, takeFacts } from './actions'
import styles from './FactsPane.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

const SHOWN = 12

/** What the shelf says otherwise today than when the job was planned. The job keeps its own figures until somebody takes the shelf's. */
export function FactsPane({ close }: { readonly close: () => void }) {
  const { id, state } = useJob()
  const { busy, write } = useAction()
  const [older, setOlder] = useState<readonly OlderFact[]>()
  useEffect(() => {
    let late = false
    void compareFacts({ jobId: id }).then(
      (outcome) => !late && outcome.ok && setOlder(outcome.value),
      () => undefined,
    )
    return () => {
      late = true
    }
  }, [id, state.seq])
  const take = async () => {
    const good = words.jobRestsOnShelfs
    if (await write(takeFacts, good)) close()
  }
  useKeys([{ key: 'Escape', words: words.backToPinout, run: close }])
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.factsOlderThanShelf}>
      <div className={paneCss.panelHead}>
        <h2 className={textCss.cardTitle}>{older ? words.olderThanShelf(older.length) : words.comparing}</h2>
        <span className={paneCss.caption}>
          <Button variant="subtle" onClick={close}>
            {words.back} <Kbd>Esc</Kbd>
          </Button>
        </span>
      </div>
      <div className={paneCss.panelBody}>
        <Table>
          <HeadRow names={[words.what, words.part, words.thisJobShelf]} />
          <Table.Tbody>
            {older?.map((one) => (
              <Table.Tr key={`${one.kind} ${one.id}`}>
                <Table.Td>{one.kind.replace('-', ' ')}</Table.Td>
                <Table.Td className={textCss.figure}>
                  <b>{one.id}</b>
                </Table.Td>
                <Table.Td>
                  {one.change === 'gone' && <span className={textCss.caution}>{words.notOnShelfAny}</span>}
                  <Differences shown={one.differences.slice(0, SHOWN)} more={one.differences.length - SHOWN} />
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </div>
      <div className={styles.padded}>
        <Button
          variant="filled"
          disabled={busy || !older || older.every((one) => one.change === 'gone')}
          onClick={() => void take()}
        >
          <span>{words.takeShelfsFigures}</span>
        </Button>
        <p className={clsx(textCss.small, textCss.dim, styles.setsAreChosenAgain)}>{words.setsAreChosenAgain}</p>
      </div>
    </section>
  )
}

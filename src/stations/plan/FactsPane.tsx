'use client'
import { useAction } from '@/ui/action/useAction'
import { Button, Kbd, Table } from '@mantine/core'
import { useEffect, useState } from 'react'
import type { OlderFact } from '@/core/record/plan/factsAge'
import { useJob } from '@/ui/job/JobProvider'
import { Differences } from '@/ui/list/Differences'
import { useKeys } from '@/ui/keys/KeyProvider'
import { plural } from '@/words/figures'
import { compareFacts, takeFacts } from './actions'
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
    const good = 'The job rests on the shelf’s figures now. What was done before keeps its record.'
    if (await write(takeFacts, good)) close()
  }
  useKeys([{ key: 'Escape', words: 'Back to the pinout', run: close }])
  return (
    <section className={clsx(paneCss.sheet, paneCss.sheetFill)} aria-label="Facts older than the shelf">
      <div className={paneCss.sheetHead}>
        <h2 className={textCss.cardTitle}>
          {older ? `${plural(older.length, 'fact')} older than the shelf` : 'Comparing…'}
        </h2>
        <span className={paneCss.caption}>
          <Button variant="subtle" onClick={close}>
            Back <Kbd>Esc</Kbd>
          </Button>
        </span>
      </div>
      <div className={paneCss.sheetBody}>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">what</Table.Th>
              <Table.Th scope="col">id</Table.Th>
              <Table.Th scope="col">this job → the shelf</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {older?.map((one) => (
              <Table.Tr key={`${one.kind} ${one.id}`}>
                <Table.Td>{one.kind.replace('-', ' ')}</Table.Td>
                <Table.Td className={textCss.figure}>
                  <b>{one.id}</b>
                </Table.Td>
                <Table.Td>
                  {one.change === 'gone' && (
                    <span className={textCss.caution}>◆ not on the shelf any more: the job keeps its copy</span>
                  )}
                  <Differences shown={one.differences.slice(0, SHOWN)} more={one.differences.length - SHOWN} />
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </div>
      <div style={{ padding: 12 }}>
        <Button
          variant="filled"
          disabled={busy || !older || older.every((one) => one.change === 'gone')}
          onClick={() => void take()}
        >
          <span>Take the shelf’s figures</span>
        </Button>
        <p className={clsx(textCss.small, textCss.dim)} style={{ marginTop: 6 }}>
          Sets are chosen again where no work rests on them and no hand has chosen. What is done stays as it was
          recorded.
        </p>
      </div>
    </section>
  )
}

'use client'
import { matedPaneWords as words } from '@/words/screens/plan/matedPane'
import { Anchor, Button, Kbd, NativeSelect, Table } from '@mantine/core'
import { useMemo, useState } from 'react'
import { matedPair } from '@/core/record/plan/matedPair'
import type { PlanChange } from '@/core/record/plan/plan'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Swatch } from '@/ui/wire/Swatch'
import { oddWords, pairFaultWords } from '@/words/mated'
import { AdapterForm } from './AdapterForm'
import styles from './MatedPane.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import rowsCss from '@/ui/table/rows.module.css'

/** Two ends that mate: do their halves go together, and does each cavity meet what is meant? Colour to colour, cavity by cavity. */
export function MatedPane({
  close,
  apply,
  pick,
}: {
  readonly close: () => void
  readonly apply: (change: PlanChange) => void
  readonly pick: (wire: string) => void
}) {
  const { state } = useJob()
  const { plan, facts } = state
  const mated = plan.ends.find((end) => end.mate !== undefined)
  const [a, setA] = useState(mated?.id ?? plan.ends[0]?.id ?? '')
  const [b, setB] = useState(mated?.mate ?? plan.ends[1]?.id ?? '')
  const pair = useMemo(() => (a !== b ? matedPair(plan, facts, a, b) : undefined), [plan, facts, a, b])
  const odd = pair?.cavities.filter((one) => one.odd) ?? []
  useKeys([{ key: 'Escape', words: words.backToPinout, run: close }])
  const end = plan.ends.find((one) => one.id === a)
  const select = (value: string, set: (end: string) => void, label: string) => (
    <NativeSelect label={label} value={value} onChange={(event) => set(event.target.value)}>
      {plan.ends.map((one) => (
        <option key={one.id}>{one.id}</option>
      ))}
    </NativeSelect>
  )
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.matedPair}>
      <div className={paneCss.panelHead}>
        <h2 className={textCss.cardTitle}>{words.checkMatedPair}</h2>
        <span className={paneCss.caption}>
          <Button variant="subtle" onClick={close}>
            {words.back} <Kbd>Esc</Kbd>
          </Button>
        </span>
      </div>
      <div className={clsx(paneCss.panelBody, styles.stack)}>
        <div className={clsx(paneCss.fieldRow, paneCss.fixed)}>
          {select(a, setA, 'End')}
          {select(b, setB, words.matesWith)}
        </div>
        {a === b && <p className={clsx(noteCss.note, noteCss.attend)}>{words.twoDifferentEndsAre}</p>}
        {pair?.faults.map((fault) => (
          <p key={fault.kind} className={clsx(noteCss.note, noteCss.fault)}>
            ▲ {pairFaultWords(fault)}
          </p>
        ))}
        {pair && pair.cavities.length > 0 && (
          <>
            <p>
              {odd.length === 0 ? (
                <b className={textCss.good}>{words.everyCavityMeetsWhat}</b>
              ) : (
                <b className={textCss.caution}>{words.toLookAt(odd.length)}</b>
              )}
            </p>
            <Table className={rowsCss.level}>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th>{words.cavity}</Table.Th>
                  <Table.Th>{a}</Table.Th>
                  <Table.Th>{b}</Table.Th>
                  <Table.Th>{words.meets}</Table.Th>
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {pair.cavities
                  .filter((one) => one.a ?? one.b)
                  .map((one) => (
                    <Table.Tr key={one.cavity}>
                      <Table.Td className={textCss.figure}>
                        <b>{one.cavity}</b>
                      </Table.Td>
                      {[one.a, one.b].map((wire, i) => (
                        <Table.Td key={i}>
                          {wire ? (
                            <Anchor component="button" type="button" onClick={() => pick(wire.id)}>
                              <span className={textCss.mono}>{wire.id}</span> <Swatch colour={wire.colour} width={20} />{' '}
                              {wire.signal}
                            </Anchor>
                          ) : (
                            <span className={textCss.dim}>–</span>
                          )}
                        </Table.Td>
                      ))}
                      <Table.Td>
                        {one.odd ? (
                          <span className={textCss.caution}>◆ {oddWords[one.odd]}</span>
                        ) : (
                          <span className={textCss.good}>✓</span>
                        )}
                      </Table.Td>
                    </Table.Tr>
                  ))}
              </Table.Tbody>
            </Table>
            {odd.length > 0 && <AdapterForm key={`${a}-${b}`} a={a} b={b} />}
            {end && end.mate !== b && (
              <Button onClick={() => apply({ putEnds: [{ ...end, mate: b }] })}>
                <span>{words.keepMatesWith(a, b)}</span>
              </Button>
            )}
          </>
        )}
      </div>
    </section>
  )
}

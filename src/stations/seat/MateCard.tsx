import { mateCardWords as words } from '@/words/screens/seat/mateCard'
import { Button, Kbd, Table } from '@mantine/core'
import { useMemo, useState } from 'react'
import type { Housing } from '@/core/parts/catalogue/types'
import { matedPair } from '@/core/record/plan/matedPair'
import { planIndex } from '@/core/record/plan/plan'
import { endState } from '@/core/record/state/state'
import { housingAt } from '@/core/record/standing/benchEnds'
import { type CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import { endPiece } from '@/ui/job/endPiece'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Swatch } from '@/ui/wire/Swatch'
import { oddWords, pairFaultWords } from '@/words/mated'
import { Parting } from './Parting'
import { type TaskOf, useWrite } from './useWrite'
import { endKey } from '@/core/record/plan/keys'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'

/** Two ends of the job go together: by their keys, their seal, and colour to colour through the pair. */
export function MateCard({
  task,
  housing,
  done,
}: {
  readonly task: TaskOf<'mate'>
  readonly housing: Housing
  readonly done: () => void
}) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const { unit, end } = task
  const other = task.with
  const [parts, setParts] = useState(false)
  // a pair is never parted by the rhythm of the pedal
  useKeys(task.done && !parts ? [{ key: 'q', words: words.partThemHow(end, other), run: () => setParts(true) }] : [])
  const pair = useMemo(() => matedPair(state.plan, state.facts, end, other), [state.plan, state.facts, end, other])
  const odd = pair.cavities.filter((one) => one.odd !== undefined && one.odd !== 'one-side-only')
  const alone = pair.cavities.filter((one) => one.odd === 'one-side-only')
  const keying = planIndex(state.plan).ends.get(end)?.keying
  const seal = housing.interfaceSeal ?? housingAt(state, unit, other)?.interfaceSeal
  const open = [end, other].filter((one) => !endState(state, endKey(unit, one)).lookedOver)
  const lines: CheckLine[] = [
    {
      id: 'keys',
      words:
        keying === undefined ? (
          <>{words.halvesAlignedByThey(housing.mark.kind)}</>
        ) : (
          <>
            {words.keying} <b className={textCss.mono}>{keying}</b> {words.onBothTheyGo}
          </>
        ),
      seen: words.theyGoTogether,
    },
    ...(seal === undefined
      ? []
      : [
          {
            id: 'seal',
            words: (
              <>
                {words.interfaceSeal} <b className={textCss.mono}>{seal}</b> {words.inItsPlace}
              </>
            ),
            seen: words.itIsThere,
          },
        ]),
    { id: 'click', words: words.bothClicked, hint: words.pullLightly, seen: words.theyClicked },
    {
      id: 'colours',
      words: words.colourToColourCavity(pair.cavities.filter((one) => one.a && one.b).length),
      hint: odd.length === 0 ? undefined : words.thoseBelowAreAs,
      seen: odd.length === 0 ? words.eachMeetsItsOwn : words.asItIsMeant,
    },
  ]
  const checks = useChecks(`${unit}/${end} with ${other}`, lines, endPiece(state, unit, end))
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, task.done ? textCss.good : undefined)}>
        {task.done ? words.goesWith(end, other) : words.putAndTogether(end, other)}
      </h2>
      {pair.faults.map((fault) => (
        <p key={fault.kind} className={clsx(noteCss.note, noteCss.fault)}>
          ▲ {pairFaultWords(fault)}
        </p>
      ))}
      {open.length > 0 && (
        <p className={clsx(noteCss.note, noteCss.attend)}>{words.firstLookOverFrom(open.join(' and '))}</p>
      )}
      {task.done ? (
        parts ? (
          <Parting task={task} seal={seal !== undefined} />
        ) : (
          <Button onClick={() => setParts(true)}>
            <span>{words.partThemHow(end, other)}</span> <Kbd aria-hidden="true">Q</Kbd>
          </Button>
        )
      ) : (
        <CheckList
          lines={lines}
          checks={checks}
          main={words.pairIsChecked}
          busy={busy}
          enabled={open.length === 0 && pair.faults.length === 0}
          onMain={() => write({ kind: 'pair-mated', unit, a: end, b: other, checked: lines.map((line) => line.id) })}
        />
      )}
      <Table>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>{words.cavity}</Table.Th>
            <Table.Th>{end}</Table.Th>
            <Table.Th>{other}</Table.Th>
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
                <Table.Td>
                  {one.a ? <Swatch colour={one.a.colour} width={22} /> : <span className={textCss.dim}>–</span>}
                </Table.Td>
                <Table.Td>
                  {one.b ? <Swatch colour={one.b.colour} width={22} /> : <span className={textCss.dim}>–</span>}
                  {one.odd && <span className={clsx(textCss.caution, textCss.small)}> ◆ {oddWords[one.odd]}</span>}
                </Table.Td>
              </Table.Tr>
            ))}
        </Table.Tbody>
      </Table>
      {alone.length > 0 && (
        <p className={clsx(textCss.small, textCss.dim)}>
          {words.meetsNothingOnOther(alone.length, alone.length === 1)}
        </p>
      )}
    </>
  )
}

'use client'

import { HeadRow } from '@/ui/table/HeadRow'
import { wholeJobWords as words } from '@/words/screens/kit/wholeJob'
import { useAction } from '@/ui/action/useAction'
import { Button, Kbd, Table } from '@mantine/core'
import { useEffect, useRef, useState } from 'react'
import { GoalResult, KitGoal } from '@/core/work/kit/wholeJob'
import { setupId, setupIdLabel } from '@/core/craft/setup/setup'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { figure, list } from '@/words/figures'
import { KitReply, askKitWorker } from '@/workers/kitClient'
import { chooseMany } from './actions'
import { KitProblems } from './kitData'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import { setKey } from '@/core/record/plan/keys'
import { SHELF_UNANSWERED } from '@/words/unanswered'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import readoutCss from '@/ui/readout/readout.module.css'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'

const goalWords: Readonly<Record<KitGoal, string>> = {
  setups: words.setups,
  parts: words.partNumbers,
  price: words.partsPrice,
}
const goalFigure = (goal: KitGoal, value: number) => figure(value, goal === 'price' ? 2 : 0)

const readKitProblems = withFields<KitProblems>('problem', 'names')

/** The sets of the whole job at once: fewest setups, then fewest part numbers, then least price; what was chosen by hand stays. */
export function WholeJob({ close }: { readonly close: () => void }) {
  const { id, state } = useJob()
  const { busy, write } = useAction()
  const { value: problems, failed } = useFetched(`/jobs/${encodeURIComponent(id)}/kit/problem`, readKitProblems, {
    version: state.seq,
  })
  const [reply, setReply] = useState<KitReply>()
  const worker = useRef<{ readonly stop: () => void }>(undefined)
  useEffect(() => () => worker.current?.stop(), [])
  useEffect(() => setReply(undefined), [problems])
  const running = reply?.kind === 'progress'
  // asked for before the groups are there: it begins when they are
  const [wanted, setWanted] = useState(false)
  const start = () => {
    if (running) return
    setWanted(!problems)
    if (!problems) return
    setReply({ kind: 'progress', goal: 'setups', best: Infinity, bound: -Infinity, seconds: 0 })
    worker.current = askKitWorker(
      { kind: 'whole-job', problem: problems.problem, ...(problems.free && { free: problems.free }) },
      setReply,
    )
  }
  useEffect(() => {
    if (wanted && problems) start()
  })
  const stop = () => {
    setWanted(false)
    worker.current?.stop()
    setReply(undefined)
  }
  const chosen = reply?.kind === 'choice' && problems ? reply.choice : undefined
  const changes =
    chosen && problems
      ? problems.problem.groups.flatMap((group, g) => {
          const option = group.options[chosen.options[g] ?? 0]
          if (!option || group.fixed) return []
          return group.sides
            .filter(({ wire, side }) => {
              const now = state.sets.get(setKey(wire, side))
              return (
                now?.contact !== option.set.contact ||
                now.seal !== option.set.seal ||
                setupId(now.setup) !== option.setup
              )
            })
            .map((side) => ({
              ...side,
              contact: option.set.contact,
              ...(option.set.seal !== undefined && { seal: option.set.seal }),
              setup: option.setup,
            }))
        })
      : []
  const apply = async () => {
    if (changes.length === 0) return
    await write((asking) => chooseMany({ ...asking, choices: changes }), words.chosenFor(changes.length))
  }
  useKeys([
    {
      key: 'Escape',
      words: running ? words.stopWorkingItOut : words.backToTerminations,
      run: () => (running ? stop() : close()),
    },
    {
      key: ' ',
      words: chosen ? words.useThisChoice : words.workWholeJobOut,
      run: () => (chosen ? void apply() : start()),
    },
  ])
  const now = new Set([...state.sets.values()].map((set) => setupId(set.setup)))
  return (
    <>
      <div className={paneCss.work} tabIndex={0} role="region" aria-label={words.wholeJob}>
        <dl className={readoutCss.readouts}>
          <Figure label={words.setupsNow} value={String(now.size)} />
          {(['setups', 'parts', 'price'] as const).map((goal) => (
            <GoalReadout
              key={goal}
              goal={goal}
              result={chosen?.goals.find((one) => one.goal === goal)}
              running={running && reply.goal === goal ? reply : undefined}
            />
          ))}
        </dl>
        {failed && <p className={clsx(noteCss.note, noteCss.fault)}>▲ {SHELF_UNANSWERED}</p>}
        {reply?.kind === 'failed' && (
          <p className={clsx(noteCss.note, noteCss.fault)}>{words.itCouldNotBe(reply.why)}</p>
        )}
        {problems && (
          <section className={clsx(paneCss.sheet, paneCss.sheetFill)}>
            <div className={paneCss.sheetHead}>
              <span>
                {words.ofLikeTerminations(problems.problem.groups.length)}
                {problems.problem.blocked.length > 0 && (
                  <b className={textCss.fault}>
                    {' '}
                    {words.nothingFits(
                      list(
                        problems.problem.blocked.map((one) => `${one.wire}${one.side}`),
                        5,
                      ),
                    )}
                  </b>
                )}
              </span>
            </div>
            <div className={paneCss.sheetBody}>
              <Table>
                <HeadRow names={[words.terminations, words.ways, words.chosen, words.setup]} />
                <Table.Tbody>
                  {problems.problem.groups.map((group, g) => {
                    const first = group.sides[0]
                    const current = first && state.sets.get(setKey(first.wire, first.side))
                    const option = chosen
                      ? group.options[chosen.options[g] ?? 0]
                      : group.options.find(
                          (one) =>
                            one.set.contact === current?.contact &&
                            one.set.seal === current.seal &&
                            one.setup === setupId(current.setup),
                        )
                    return (
                      <Table.Tr key={group.id}>
                        <Table.Td>
                          <b className={textCss.mono}>{group.sides.length}×</b>{' '}
                          <span className={clsx(textCss.small, textCss.dim)}>
                            {list(
                              group.sides.map((one) => `${one.wire}${one.side}`),
                              4,
                            )}
                          </span>
                        </Table.Td>
                        <Table.Td className={textCss.figure}>
                          {group.fixed === 'by-hand'
                            ? words.byHand
                            : group.fixed === 'begun'
                              ? words.begun
                              : group.options.length}
                        </Table.Td>
                        <Table.Td
                          className={textCss.figure}
                          title={option?.parts.map((part) => problems.names[part] ?? part).join(', ')}
                        >
                          {option ? option.parts.join(' + ') : '–'}
                        </Table.Td>
                        <Table.Td className={textCss.figure}>
                          {option ? setupIdLabel(option.setup) : words.noneYet}
                        </Table.Td>
                      </Table.Tr>
                    )
                  })}
                </Table.Tbody>
              </Table>
            </div>
          </section>
        )}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.wholeJobsChoice}>
        <h2 className={textCss.cardTitle}>
          {chosen
            ? changes.length === 0
              ? words.nothingCouldBeBetter
              : words.wouldChange(changes.length)
            : running
              ? words.workingItOut
              : words.chooseForWholeJob}
        </h2>
        <p>{words.fewestSetupChangesFirst}</p>
        {running && (
          <p className={textCss.mono} role="status">
            {goalWords[reply.goal]}: {Number.isFinite(reply.best) ? goalFigure(reply.goal, reply.best) : '…'}
            {Number.isFinite(reply.bound) && words.atLeast(goalFigure(reply.goal, Math.max(0, reply.bound)))}{' '}
            {words.seconds(reply.seconds)}
          </p>
        )}
        {!chosen && !running && (
          <Button variant="filled" disabled={!problems} onClick={start}>
            <span>{words.workItOut}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        )}
        {running && (
          <Button onClick={stop}>
            <span>{words.stop}</span> <Kbd aria-hidden="true">Esc</Kbd>
          </Button>
        )}
        {chosen && (
          <Button variant="filled" disabled={changes.length === 0 || busy} onClick={() => void apply()}>
            <span>{words.useThisChoice}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        )}
        {reply?.kind === 'choice' && reply.byHandCosts && (
          <p className={clsx(noteCss.note, noteCss.attend)}>
            <b>{words.byHandCosts}</b>{' '}
            {words.andInPartsMore(reply.byHandCosts.setups, reply.byHandCosts.parts, reply.byHandCosts.price)}
          </p>
        )}
        {chosen && chosen.unpriced > 0 && (
          <p className={clsx(textCss.small, textCss.dim)}>{words.withPartsThatHave(chosen.unpriced)}</p>
        )}
        <Button onClick={close}>
          <span>{words.backToTerminations}</span> <Kbd aria-hidden="true">Esc</Kbd>
        </Button>
        <p className={paneCss.sources}>{words.estimatePlainToolFold}</p>
      </aside>
    </>
  )
}

function Figure({ label, value, also }: { readonly label: string; readonly value: string; readonly also?: string }) {
  return (
    <div className={readoutCss.readout}>
      <dt>{label}</dt>
      <dd className={readoutCss.value}>{value}</dd>
      <dd className={readoutCss.also}>{also ?? '\u00a0'}</dd>
    </div>
  )
}

function GoalReadout({
  goal,
  result,
  running,
}: {
  readonly goal: KitGoal
  readonly result: GoalResult | undefined
  readonly running: Extract<KitReply, { kind: 'progress' }> | undefined
}) {
  if (running)
    return (
      <Figure
        label={goalWords[goal]}
        value={Number.isFinite(running.best) ? goalFigure(goal, running.best) : '…'}
        also={words.goalRuns}
      />
    )
  if (!result) return <Figure label={goalWords[goal]} value="–" />
  const gap = result.value === 0 ? 0 : (100 * (result.value - result.bound)) / result.value
  return (
    <Figure
      label={goalWords[goal]}
      value={goalFigure(goal, result.value)}
      also={result.proven ? words.provenBest : words.atLeastGap(goalFigure(goal, result.bound), gap)}
    />
  )
}

'use client'
import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { looks as lookTable } from '@/core/craft/crimp/looks'
import type { Suspect } from '@/core/record/state/records'
import { termState } from '@/core/record/state/state'
import type { QueueItem } from '@/core/views/queue'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useClock } from '@/ui/frame/Clock'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { suspectCardWords as words } from '@/words/screens/crimp/suspectCard'
import { looksOf } from '@/core/record/standing/looksOf'
import { lookLines } from './lookLines'

/** A crimp that was made with a tool in which a cause was found since: looked at again, pulled, or made anew. */
export function SuspectCard({
  item,
  suspect,
  report,
  done,
}: {
  readonly item: QueueItem
  readonly suspect: Suspect
  readonly report: () => void
  readonly done: () => void
}) {
  const clock = useClock()
  const { state, append } = useJob()
  const busy = useBusy()
  const { key } = item.termination
  const { seat } = termState(state, key)
  const wanted = looksOf(state, item.set).filter((look) => lookTable[look].when === 'after')
  const lines = seat ? [] : lookLines(wanted, state.facts.contacts[item.set.contact])
  const checks = useChecks(`${key} suspect ${suspect.at}`, lines, '')
  const lookedAt = () =>
    append({
      kind: 'suspect-cleared',
      term: key,
      how: 'looked-at',
      looks: wanted.map((look) => ({ look, seen: true })),
    })
  const pulled = () => append({ kind: 'suspect-cleared', term: key, how: 'pulled-by-hand' })
  const write = (work: () => Promise<boolean>) => void work().then((written) => written && done())
  useKeys([
    { key: 'h', words: words.pulledKey, run: () => !busy && write(pulled) },
    ...(seat ? [] : [{ key: 'x', words: words.fault, run: report }]),
  ])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.caution)}>◆ {words.inQuestion}</h2>
      <p className={clsx(noteCss.note, noteCss.caution)}>
        {words.why(suspect, clock.dayTime(suspect.at))}
        {seat && words.stands(seat.end, seat.cavity)}
      </p>
      {seat ? (
        <Button variant="filled" disabled={busy} onClick={() => write(pulled)}>
          <span>{words.pulled}</span> <Kbd aria-hidden="true">H</Kbd>
        </Button>
      ) : (
        <>
          <CheckList lines={lines} checks={checks} main={words.good} busy={busy} onMain={() => write(lookedAt)} />
          <Button disabled={busy} onClick={() => write(pulled)}>
            <span>{words.pulled}</span> <Kbd aria-hidden="true">H</Kbd>
          </Button>
          <Button onClick={report}>
            <span>{words.fault}</span> <Kbd aria-hidden="true">X</Kbd>
          </Button>
        </>
      )}
    </>
  )
}

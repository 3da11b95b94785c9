import { type RefObject, useCallback, useEffect, useState } from 'react'
import type { KeptEntry, NewEntry } from '@/core/record/journal/entry'
import type { Folded } from '@/core/record/journal/folded'
import type { JobState } from '@/core/record/state/state'
import { entryWords } from '@/words/entries'
import { jobProviderWords as words } from '@/words/screens/job/jobProvider'
import { authorWords } from '@/words/records'
import { DISK_FULL } from '@/words/unanswered'
import { useOperator } from '../frame/Operator'
import { openSink, sendWaiting } from '../outbox/sendWaiting'
import { type Waiting, askAgain, dropWaiting, putWaiting, waitingOf } from '../outbox/waiting'
import type { Notice } from './JobProvider'
import type { AppendAnswer } from './journalClient'

const aboutOf = (state: JobState, entry: KeptEntry) => state.recent.find((line) => line.seq === entry.seq)?.about ?? ''

/** What a press says, without the ids that make it one press. */
const saidBy = (entries: readonly NewEntry[]) => JSON.stringify(entries.map(({ id: _id, ...said }) => said))

/**
 * Writes entries: into the browser first, then to the bench, one append in flight and the rest in order. What the bench does not
 * take waits there; pressing the same again sends what waits, and writes nothing twice.
 */
export function useSend(
  id: string,
  folded: RefObject<Folded>,
  take: (entries: readonly KeptEntry[]) => Promise<void>,
  tell: (notice: Notice | undefined) => void,
  catchUp: () => Promise<void>,
): { readonly send: (entries: readonly NewEntry[]) => Promise<boolean>; readonly busy: boolean } {
  const [pending, setPending] = useState(0)
  const told = useTold(id, folded, tell)
  useEffect(
    () =>
      openSink(id, async (entries) => {
        await take(entries)
        // the bench has answered: what was said while it did not is not so any more
        tell(undefined)
      }),
    [id, take, tell],
  )

  const send = useCallback(
    async (entries: readonly NewEntry[]): Promise<boolean> => {
      const [first] = entries
      if (!first) return true
      const said = saidBy(entries)
      const known = waitingOf(id).find((one) => one.asked === undefined && saidBy(one.entries) === said)
      const one: Waiting = known ?? { id: first.id, jobId: id, seen: folded.current.state.seq, entries }
      if (!known) putWaiting(one)
      setPending((count) => count + 1)
      try {
        const { fresh, last } = await sendWaiting(id, one.id)
        // it may have gone with what was sent a moment before, here or from another tab
        const gone = !fresh && !waitingOf(id).some((other) => other.id === one.id)
        if (gone) await catchUp()
        return told(
          one,
          fresh ?? (gone ? { kind: 'written', entries: [] } : last?.kind === 'unreachable' ? last : undefined),
        )
      } finally {
        setPending((count) => count - 1)
      }
    },
    [id, folded, told, catchUp],
  )
  return { send, busy: pending > 0 }
}

/** Says what came of a press. It gives true when it is written. */
function useTold(
  id: string,
  folded: RefObject<Folded>,
  tell: (notice: Notice | undefined) => void,
): (one: Waiting, answer: AppendAnswer | undefined) => boolean {
  const { people } = useOperator()
  const nameOf = useCallback(
    (by: string) => authorWords(by, people.find((person) => person.id === by)?.name, true),
    [people],
  )
  return useCallback(
    (one: Waiting, answer: AppendAnswer | undefined): boolean => {
      const again = () => {
        askAgain(one.id, folded.current.state.seq)
        // what comes of it otherwise stands with what waits
        void sendWaiting(id).then(({ last }) => last?.kind === 'written' && tell(undefined))
      }
      switch (answer?.kind) {
        case 'written':
          tell(undefined)
          return true
        case 'conflict':
          tell({
            tone: 'attend',
            text: words.somebodyElseChangedSame,
            lines: answer.entries.map(
              (entry) => `${nameOf(entry.by)}: ${entryWords[entry.kind]} ${aboutOf(folded.current.state, entry)}`,
            ),
            retry: again,
            drop: () => {
              dropWaiting(one.id)
              tell(undefined)
            },
          })
          return false
        case 'refused':
          tell({ tone: 'fault', text: answer.message })
          return false
        case 'unreachable':
          tell({ tone: 'fault', text: answer.full ? DISK_FULL : words.notWrittenYetBench, retry: again })
          return false
        case undefined:
          // one before it has to be decided about first
          tell({ tone: 'attend', text: words.oneBeforeIt })
          return false
      }
    },
    [id, folded, nameOf, tell],
  )
}

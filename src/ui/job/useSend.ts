import { type RefObject, useCallback, useEffect, useRef, useState } from 'react'
import type { KeptEntry, NewEntry } from '@/core/record/journal/entry'
import type { Folded } from '@/core/record/journal/folded'
import type { JobState } from '@/core/record/state/state'
import { entryWords } from '@/words/entries'
import { jobProviderWords as words } from '@/words/screens/job/jobProvider'
import { useOperator } from '../frame/Operator'
import type { Notice } from './JobProvider'
import { appendToJournal } from './journalClient'

const aboutOf = (state: JobState, entry: KeptEntry) => state.recent.find((line) => line.seq === entry.seq)?.about ?? ''

/** Sends entries to the bench, one append in flight and the rest in order, and tells what came of it. */
export function useSend(
  id: string,
  folded: RefObject<Folded>,
  take: (entries: readonly KeptEntry[]) => Promise<void>,
  tell: (notice: Notice | undefined) => void,
): { readonly send: (entries: readonly NewEntry[]) => Promise<boolean>; readonly busy: boolean } {
  const { people } = useOperator()
  const [pending, setPending] = useState(0)
  const turn = useRef<Promise<unknown>>(Promise.resolve())
  const nameOf = useCallback((by: string) => people.find((person) => person.id === by)?.name ?? by, [people])
  const latest = useRef<(entries: readonly NewEntry[]) => Promise<boolean>>(undefined)
  const send = useCallback(
    (entries: readonly NewEntry[]): Promise<boolean> => {
      const work = async (): Promise<boolean> => {
        const answer = await appendToJournal(id, folded.current.state.seq, entries)
        const again = () => void latest.current?.(entries)
        switch (answer.kind) {
          case 'written':
            await take(answer.entries)
            tell(undefined)
            return true
          case 'conflict':
            await take(answer.entries)
            tell({
              tone: 'attend',
              text: words.somebodyElseChangedSame,
              lines: answer.entries.map(
                (entry) => `${nameOf(entry.by)}: ${entryWords[entry.kind]} ${aboutOf(folded.current.state, entry)}`,
              ),
              retry: again,
            })
            return false
          case 'refused':
            tell({ tone: 'fault', text: answer.message })
            return false
          case 'unreachable':
            tell({
              tone: 'fault',
              text: words.notWrittenYetBench,
              retry: again,
            })
            return false
        }
      }
      setPending((count) => count + 1)
      // one append in flight, more wait in order
      const mine = turn.current.then(work, work).finally(() => setPending((count) => count - 1))
      turn.current = mine
      return mine
    },
    [id, folded, nameOf, take, tell],
  )
  useEffect(() => {
    latest.current = send
  }, [send])
  return { send, busy: pending > 0 }
}

'use client'

import { jobProviderWords as words } from '@/words/screens/job/jobProvider'
import { useRouter } from 'next/navigation'
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useRef, useState } from 'react'
import type { KeptEntry, NewEntry } from '@/core/record/journal/entry'
import { type Folded, foldEntry, foldFrom, seqOf } from '@/core/record/journal/fold'
import { type PackedState, unpackState } from '@/core/record/state/packedState'
import type { JobState } from '@/core/record/state/state'
import { entryWords } from '@/words/entries'
import { firstState } from './firstState'
import { useClock } from '../frame/Clock'
import { useOperator } from '../frame/Operator'
import { type Said, appendToJournal, entryId, newerEntries } from './journalClient'
import { refusalOf } from '@/core/work/left/refusalOf'
import type { LogLine } from '@/core/record/state/records'
import { WHO_IS_HERE } from '@/words/unanswered'

export interface Notice {
  readonly tone: 'good' | 'attend' | 'fault'
  readonly text: string
  readonly lines?: readonly string[]
  readonly retry?: () => void
}

interface Job {
  readonly id: string
  readonly state: JobState
  readonly busy: boolean
  readonly notice: Notice | undefined
  readonly tell: (notice: Notice | undefined) => void
  /** writes entries in order; true when they are written */
  readonly append: (...said: Said[]) => Promise<boolean>
  /** the last entry of this operator that can be taken back */
  readonly lastOwn: LogLine | undefined
  readonly takeBack: (line?: LogLine) => Promise<void>
  /** fetches what others have written */
  readonly catchUp: () => Promise<void>
  /** folds entries that an action has written */
  readonly take: (entries: readonly KeptEntry[]) => void
}

const Context = createContext<Job | undefined>(undefined)

export function useJob(): Job {
  const job = useContext(Context)
  if (!job) throw new Error('useJob outside of a job')
  return job
}

/** The state as views take it: a new object for each version, so that what is computed from it is computed again. */
const viewOf = (folded: Folded): JobState => ({ ...folded.state, recent: [...folded.state.recent] })

const POLL_MS = 15_000

/** A job at this bench: folded here as on the server, which has the last word on every entry. */
export function JobProvider({
  id,
  initial,
  children,
}: {
  readonly id: string
  readonly initial: PackedState
  readonly children: ReactNode
}) {
  const router = useRouter()
  const { operator, people } = useOperator()
  const clock = useClock()
  const [first] = useState(() => firstState(initial))
  const folded = useRef<Folded>(first)
  const [state, setState] = useState(() => viewOf(first))
  const [pending, setPending] = useState(0)
  const [notice, tell] = useState<Notice>()
  const turn = useRef<Promise<unknown>>(Promise.resolve())

  const taken = useRef(initial)
  // the server has sent a newer state: go on from there
  useEffect(() => {
    if (taken.current === initial) return
    taken.current = initial
    const sent = unpackState(initial)
    if (sent.seq <= folded.current.state.seq) return
    folded.current = foldFrom(sent)
    setState(viewOf(folded.current))
  }, [initial])

  const take = useCallback(
    (entries: readonly KeptEntry[]) => {
      for (const entry of entries) {
        if (entry.seq <= folded.current.state.seq) continue
        const unknown = entry.kind === 'taken-back' && seqOf(folded.current, entry.undoes) === undefined
        if (entry.seq !== folded.current.state.seq + 1 || unknown) {
          // older than what is known here: the server folds it and sends the state
          router.refresh()
          return
        }
        foldEntry(folded.current, entry)
      }
      setState(viewOf(folded.current))
    },
    [router],
  )

  const catchUp = useCallback(async () => {
    const newer = await newerEntries(id, folded.current.state.seq)
    if (newer) take(newer.entries)
  }, [id, take])

  useEffect(() => {
    const look = () => document.visibilityState === 'visible' && void catchUp()
    const timer = setInterval(look, POLL_MS)
    window.addEventListener('focus', look)
    return () => {
      clearInterval(timer)
      window.removeEventListener('focus', look)
    }
  }, [catchUp])

  const nameOf = useCallback((by: string) => people.find((person) => person.id === by)?.name ?? by, [people])

  const latest = useRef<(entries: readonly NewEntry[]) => Promise<boolean>>(undefined)
  const send = useCallback(
    (entries: readonly NewEntry[]): Promise<boolean> => {
      const work = async (): Promise<boolean> => {
        const answer = await appendToJournal(id, folded.current.state.seq, entries)
        const again = () => void latest.current?.(entries)
        switch (answer.kind) {
          case 'written':
            take(answer.entries)
            tell(undefined)
            return true
          case 'conflict':
            take(answer.entries)
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
    [id, nameOf, take],
  )
  useEffect(() => {
    latest.current = send
  }, [send])

  const append = useCallback(
    async (...said: Said[]): Promise<boolean> => {
      if (!operator) {
        tell({ tone: 'attend', text: WHO_IS_HERE })
        return false
      }
      const entries = said.map((one) => ({ ...one, id: entryId(), by: operator.id }))
      const [first] = entries
      if (first && said.length === 1) {
        const at = new Date().toISOString()
        const refusal = refusalOf(
          folded.current,
          { ...first, seq: folded.current.state.seq + 1, at, by: operator.id },
          { at, by: operator.id, dayOf: clock.dayOf },
        )
        // a taking back may be about an entry that only the server knows
        if (refusal && first.kind !== 'taken-back') {
          // the words of what is refused are fetched when something is
          tell({ tone: 'fault', text: (await import('@/words/refusals')).refusalWords(refusal) })
          return false
        }
      }
      return send(entries)
    },
    [operator, clock, send],
  )

  const lastOwn = useMemo(
    () =>
      state.recent.findLast(
        (line) =>
          line.by === operator?.id &&
          !line.undone &&
          line.kind !== 'taken-back' &&
          line.kind !== 'signed' &&
          line.kind !== 'reopened' &&
          line.seq > 1,
      ),
    [state, operator],
  )

  const takeBack = useCallback(
    async (line = lastOwn) => {
      if (!line) {
        tell({ tone: 'attend', text: words.thereIsNothingOf })
        return
      }
      if (await append({ kind: 'taken-back', undoes: line.id }))
        tell({
          tone: 'good',
          text: words.takenBackBothStand(entryWords[line.kind], line.about),
        })
    },
    [append, lastOwn],
  )

  const job = useMemo<Job>(
    () => ({ id, state, busy: pending > 0, notice, tell, append, lastOwn, takeBack, catchUp, take }),
    [id, state, pending, notice, append, lastOwn, takeBack, catchUp, take],
  )
  return <Context value={job}>{children}</Context>
}

const aboutOf = (state: JobState, entry: KeptEntry) => state.recent.find((line) => line.seq === entry.seq)?.about ?? ''

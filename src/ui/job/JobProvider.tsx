'use client'

import { jobProviderWords as words } from '@/words/screens/job/jobProvider'
import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from 'react'
import type { KeptEntry } from '@/core/record/journal/entry'
import { type Provenance, isOurs } from '@/core/record/journal/recordFault'
import type { PackedState } from '@/core/record/state/packedState'
import type { JobState } from '@/core/record/state/state'
import { recordFaultWords } from '@/words/records'
import { entryWords } from '@/words/entries'
import { useClock } from '../frame/Clock'
import { loadFolding } from './loadFolding'
import { useFolded } from './useFolded'
import { useSend } from './useSend'
import { useOperator } from '../frame/Operator'
import { type Said, entryId } from './journalClient'
import type { LogLine } from '@/core/record/state/records'
import { WHO_IS_HERE } from '@/words/unanswered'

export interface Notice {
  readonly tone: 'good' | 'attend' | 'fault'
  readonly text: string
  readonly lines?: readonly string[]
  readonly retry?: () => void
  /** what waits is given up */
  readonly drop?: () => void
}

interface Job {
  readonly id: string
  readonly state: JobState
  /** whether its record is whole, and where it came from */
  readonly provenance: Provenance
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
  readonly take: (entries: readonly KeptEntry[]) => Promise<void>
}

const Context = createContext<Job | undefined>(undefined)
const Busy = createContext(false)

export function useJob(): Job {
  const job = useContext(Context)
  if (!job) throw new Error('useJob outside of a job')
  return job
}

/** Is something being written? Asked apart from the job: only what can be pressed is drawn again for it. */
export const useBusy = (): boolean => useContext(Busy)

/** A job at this bench: folded here as on the server, which has the last word on every entry. */
export function JobProvider({
  id,
  initial,
  provenance,
  children,
}: {
  readonly id: string
  readonly initial: PackedState
  readonly provenance: Provenance
  readonly children: ReactNode
}) {
  const { operator } = useOperator()
  const clock = useClock()
  const [notice, tell] = useState<Notice>()
  const { folded, state, take, catchUp } = useFolded(id, initial, provenance.fault === undefined)
  const { send, busy } = useSend(id, folded, take, tell, catchUp)

  const append = useCallback(
    async (...said: Said[]): Promise<boolean> => {
      if (!operator) {
        tell({ tone: 'attend', text: WHO_IS_HERE })
        return false
      }
      if (provenance.fault) {
        tell({ tone: 'fault', text: words.notWritten(recordFaultWords(provenance.fault)) })
        return false
      }
      const entries = said.map((one) => ({ ...one, id: entryId(), by: operator.id }))
      const [first] = entries
      // what cannot be fetched here is judged by the server alone
      const folding = await loadFolding().catch(() => undefined)
      if (folding && first && said.length === 1) {
        const at = new Date().toISOString()
        const refusal = folding.refusalOf(
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
    [operator, provenance, clock, folded, send],
  )

  const lastOwn = useMemo(
    () =>
      state.recent.findLast(
        (line) =>
          line.by === operator?.id &&
          // somebody elsewhere may have the same id
          isOurs(line.seq, provenance.readIn) &&
          !line.undone &&
          line.kind !== 'taken-back' &&
          line.kind !== 'signed' &&
          line.kind !== 'reopened' &&
          line.seq > 1,
      ),
    [state, operator, provenance],
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
    () => ({ id, state, provenance, notice, tell, append, lastOwn, takeBack, catchUp, take }),
    [id, state, provenance, notice, append, lastOwn, takeBack, catchUp, take],
  )
  return (
    <Context value={job}>
      <Busy value={busy}>{children}</Busy>
    </Context>
  )
}

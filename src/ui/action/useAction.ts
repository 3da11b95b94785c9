import { useCallback } from 'react'
import type { Outcome } from '@/core/base/outcome'
import type { KeptEntry } from '@/core/record/journal/entry'
import { WHO_IS_HERE } from '@/words/unanswered'
import { useOperator } from '../frame/Operator'
import { useJob } from '../job/JobProvider'
import { useCall } from './useCall'

/** What an action is told besides its own figures: the job, what this screen has seen of it, who is at the bench. */
export interface Asking {
  readonly jobId: string
  readonly seen: number
  readonly by: string
}

/** What was written, for the screen to fold. */
export type Written = readonly KeptEntry[]

/**
 * An action that writes into the job: who is at the bench, one at a time, the entries that came back folded, and a notice that
 * says what came of it.
 */
export function useAction(): {
  readonly busy: boolean
  /** @returns true when it was written */
  readonly write: (work: (asking: Asking) => Promise<Outcome<Written>>, good?: string, so?: string) => Promise<boolean>
  /** the same for what writes no entries: its outcome is the caller's to tell */
  readonly ask: <T>(work: (asking: Asking) => Promise<Outcome<T>>, so?: string) => Promise<Outcome<T> | undefined>
} {
  const { id, state, tell, take, catchUp } = useJob()
  const { operator } = useOperator()
  const { busy, call } = useCall()
  const { seq } = state
  const ask = useCallback(
    async <T>(work: (asking: Asking) => Promise<Outcome<T>>, so?: string): Promise<Outcome<T> | undefined> => {
      if (!operator) return { ok: false, message: WHO_IS_HERE }
      return call(() => work({ jobId: id, seen: seq, by: operator.id }), so)
    },
    [call, id, operator, seq],
  )
  const write = useCallback(
    async (work: (asking: Asking) => Promise<Outcome<Written>>, good?: string, so?: string): Promise<boolean> => {
      const outcome = await ask(work, so)
      if (!outcome) return false
      if (!outcome.ok) {
        tell({ tone: operator ? 'fault' : 'attend', text: outcome.message })
        // it may have been refused because somebody else was first
        if (operator) await catchUp()
        return false
      }
      await take(outcome.value)
      tell(good === undefined ? undefined : { tone: 'good', text: good })
      return true
    },
    [ask, catchUp, operator, take, tell],
  )
  return { busy, write, ask }
}

import type { KeptEntry } from '@/core/record/journal/entry'
import { type AppendAnswer, appendToJournal } from '../job/journalClient'
import { dropWaiting, markWaiting, passOwn, waiting, waitingOf } from './waiting'

/** A screen of a job takes what was written into its state. */
export type Sink = (entries: readonly KeptEntry[]) => Promise<void>
const sinks = new Map<string, Sink>()

/** The screen of a job that is open in this page. @returns how to let it go */
export function openSink(jobId: string, sink: Sink): () => void {
  sinks.set(jobId, sink)
  return () => {
    if (sinks.get(jobId) === sink) sinks.delete(jobId)
  }
}

const turns = new Map<string, Promise<unknown>>()

/** One sender for a job at a time, in this page and in all tabs of this browser. */
function alone<T>(jobId: string, work: () => Promise<T>): Promise<T> {
  const before = turns.get(jobId) ?? Promise.resolve()
  const locked = (): Promise<T> =>
    // over plain HTTP on another address a page has no locks
    'locks' in navigator ? navigator.locks.request<Promise<T>>(`urn-outbox ${jobId}`, work) : work()
  const mine = before.then(locked, locked)
  turns.set(jobId, mine)
  return mine
}

/**
 * Sends what waits of a job, oldest first, until all is written, the bench does not answer, or one has to be asked about.
 * @param fresh one that somebody is looking at right now: refused, it is theirs to correct on the card, and does not wait
 * @returns what came of the fresh one, and of the last that was sent
 */
export function sendWaiting(
  jobId: string,
  fresh?: string,
): Promise<{ readonly fresh?: AppendAnswer; readonly last?: AppendAnswer }> {
  return alone(jobId, async () => {
    let last: AppendAnswer | undefined
    let mine: AppendAnswer | undefined
    for (;;) {
      const one = waitingOf(jobId)[0]
      if (!one || one.asked) break
      last = await appendToJournal(jobId, one.seen, one.entries)
      if (one.id === fresh) mine = last
      if (last.kind === 'unreachable') {
        markWaiting(one.id, { tried: last.full ? 'no-room' : 'no-answer' })
        break
      }
      if (last.kind === 'written') {
        dropWaiting(one.id)
        const [first] = last.entries
        const end = last.entries.at(-1)
        if (first && end) passOwn(jobId, first.seq, end.seq)
        await sinks.get(jobId)?.(last.entries)
        continue
      }
      if (last.kind === 'conflict') {
        markWaiting(one.id, { asked: { why: 'conflict', message: last.message, others: last.entries } })
        await sinks.get(jobId)?.(last.entries)
        break
      }
      if (one.id === fresh) dropWaiting(one.id)
      else markWaiting(one.id, { asked: { why: 'refused', message: last.message } })
      break
    }
    return { ...(mine && { fresh: mine }), ...(last && { last }) }
  })
}

/** Sends what waits of all jobs. */
export const sendAll = async (): Promise<void> => {
  for (const jobId of new Set(waiting().map((one) => one.jobId))) await sendWaiting(jobId)
}

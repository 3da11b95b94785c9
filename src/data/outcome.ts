import type { Outcome } from '@/core/base/outcome'
import type { KeptEntry, NewEntry } from '@/core/record/journal/entry'
import { refusalWords } from '@/words/refusals'
import { bench } from './bench'
import { benchClock } from './benchClock'
import { appendEntries } from './repositories/jobs'

export const done = <T>(value: T): Outcome<T> => ({ ok: true, value })
export const refused = (message: string): { readonly ok: false; readonly message: string } => ({ ok: false, message })

/** Appends what an action has worked out to a job's journal, or says in a sentence why it cannot be. */
export async function writeEntries(
  jobId: string,
  seen: number,
  by: string,
  entries: readonly NewEntry[],
): Promise<Outcome<readonly KeptEntry[]>> {
  const { db, jobs } = await bench()
  const appended = await appendEntries(db, jobs, {
    jobId,
    seen,
    entries,
    by,
    now: new Date(),
    dayOf: (await benchClock()).dayOf,
  })
  if (appended.ok) return done(appended.value)
  switch (appended.fault.kind) {
    case 'refused':
      return refused(refusalWords(appended.fault.refusal))
    case 'conflict':
      return refused('Somebody else changed the same thing in between. Look again, then decide.')
    case 'ahead':
    case 'not-found':
      return refused('This job is not what this page shows: load it again.')
  }
}

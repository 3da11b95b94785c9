import type { Outcome } from '@/core/base/outcome'
import type { KeptEntry, NewEntry } from '@/core/record/journal/entry'
import { badTextSentence } from '@/words/badText'
import { authorUnknownWords, recordFaultWords, recordRemedy } from '@/words/records'
import { refusalWords } from '@/words/refusals'
import { badText } from '@/core/base/badText'
import { unknownAuthor } from './repositories/authors'
import { bench } from './bench'
import { benchClock } from './benchClock'
import { appendEntries } from '@/data/repositories/appendEntries'

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
  const bad = badText(entries)
  if (bad) return refused(badTextSentence(bad))
  const unknown = await unknownAuthor(db, [by])
  if (unknown !== undefined) return refused(authorUnknownWords(unknown))
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
    case 'broken':
      return refused(`${recordFaultWords(appended.fault.fault)} ${recordRemedy}`)
    case 'ahead':
    case 'id-taken':
    case 'not-found':
      return refused('This job is not what this page shows: load it again.')
  }
}

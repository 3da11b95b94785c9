import type { Outcome } from '@/core/base/outcome'
import type { KeptEntry, NewEntry } from '@/core/record/journal/entry'
import { badTextSentence } from '@/words/badText'
import { authorUnknownWords, recordFaultWords, recordRemedy } from '@/words/records'
import { refusalWords } from '@/words/refusals'
import { badText } from '@/core/base/badText'
import { unknownAuthor } from './repositories/authors'
import { DISK_FULL } from '@/words/unanswered'
import { bench } from './bench'
import { isDiskFull } from './daybook/diskRoom'
import { benchClock } from './benchClock'
import { appendEntries } from './repositories/appendEntries'
import { madeWithMounted } from './repositories/ledgerBook'

export const done = <T>(value: T): Outcome<T> => ({ ok: true, value })
export const refused = (message: string): { readonly ok: false; readonly message: string } => ({ ok: false, message })

/** Writes something; what there is no room for is refused with a sentence, and nothing of it is written. */
export async function withRoom<T>(work: () => Promise<Outcome<T>>): Promise<Outcome<T>> {
  try {
    return await work()
  } catch (error) {
    if (isDiskFull(error)) return refused(DISK_FULL)
    throw error
  }
}

/** Appends what an action has worked out to a job's journal, or says in a sentence why it cannot be. */
export const writeEntries = (
  jobId: string,
  seen: number,
  by: string,
  entries: readonly NewEntry[],
): Promise<Outcome<readonly KeptEntry[]>> => withRoom(() => append(jobId, seen, by, entries))

async function append(
  jobId: string,
  seen: number,
  by: string,
  entries: readonly NewEntry[],
): Promise<Outcome<readonly KeptEntry[]>> {
  const here = await bench()
  const { db, jobs } = here
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
    made: await madeWithMounted(here, entries),
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

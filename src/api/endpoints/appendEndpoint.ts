import { clockIn } from '@/data/benchClock'
import { z } from 'zod'
import { badInput, conflict, created, endpoint, noAnswer, notFound } from '@/api/endpoint'
import { entrySchema, keptEntrySchema } from '@/core/record/journal/schema'
import { refusalAnswer } from '../refusalAnswer'
import { unknownAuthor } from '@/data/repositories/authors'
import { authorUnknownWords, holdsWords, recordFaultWords, recordRemedy } from '@/words/records'
import { refusalWords } from '@/words/refusals'
import { madeWithMounted } from '@/data/repositories/ledgerBook'
import { withPin } from '@/data/repositories/pins'
import { appendEntries } from '@/data/repositories/appendEntries'

export const appendEndpoint = endpoint({
  method: 'POST',
  path: 'jobs/:id/journal',
  summary:
    'Appends entries, all or none. `seen` is the last sequence number you know; an entry whose id is there already is answered as it was',
  input: z.strictObject({ seen: z.number().int().min(0), entries: z.array(entrySchema).min(1).max(500) }),
  output: z.object({ entries: z.array(keptEntrySchema) }),
  succeeds: [201],
  fails: [404, 409, 422],
  handle: async ({ seen, entries }, { bench, params, now, by }) => {
    const unknown = await unknownAuthor(
      bench.db,
      entries.map((entry) => entry.by ?? by),
    )
    if (unknown !== undefined) {
      const at = entries.findIndex((entry) => (entry.by ?? by) === unknown)
      return badInput([{ path: ['entries', at, 'by'], message: authorUnknownWords(unknown) }])
    }
    // most appends sign nothing, and ask for nobody's PIN
    const signing = entries.filter((entry) => entry.kind === 'signed' || entry.kind === 'reopened')
    const pinned = signing.length > 0 ? await withPin(bench.db) : new Set<string>()
    const unsigned = signing.find((entry) => entry.pin === true || pinned.has(entry.by ?? by))
    if (unsigned)
      return noAnswer({
        code: 'pin-asked',
        entry: unsigned.id,
        message: 'whoever has a PIN signs and reopens at the bench, where it is asked for',
      })
    const appended = await appendEntries(bench.db, bench.jobs, {
      jobId: params.id ?? '',
      seen,
      entries,
      by,
      now,
      dayOf: (await clockIn(bench.db)).dayOf,
      made: await madeWithMounted(bench, entries),
    })
    if (appended.ok) return created({ entries: appended.value })
    const { fault } = appended
    switch (fault.kind) {
      case 'not-found':
        return notFound(`no job ${params.id ?? ''}`)
      case 'conflict':
        return conflict({
          entry: fault.entry,
          entries: fault.entries,
          last: fault.last,
          message: 'somebody else changed the same thing in between: look at the entries, then decide again',
        })
      case 'id-taken':
        return conflict({
          entry: fault.entry,
          entries: [fault.kept],
          message: `the id ${fault.entry} is taken by an entry that says something else: give this one an id of its own`,
        })
      case 'broken':
        return noAnswer({
          code: 'record-broken',
          seq: fault.fault.seq,
          why: fault.fault.kind,
          message: `${recordFaultWords(fault.fault)} ${holdsWords(fault.fault)} ${recordRemedy}`,
        })
      case 'ahead':
        return badInput([{ path: ['seen'], message: `the journal ends at ${fault.last}` }])
      case 'refused':
        return noAnswer({ ...refusalAnswer(fault.refusal), entry: fault.entry, message: refusalWords(fault.refusal) })
    }
  },
})

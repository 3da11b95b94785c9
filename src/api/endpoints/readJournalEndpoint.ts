import { z } from 'zod'
import { answer, endpoint, notFound } from '@/api/endpoint'
import { loadRecord } from '@/data/repositories/jobs'
import { keptEntrySchema } from '@/core/record/journal/schema'
import { lastSeqOf, readEntries } from '@/data/repositories/journalRows'

/** A query's number comes as text. */
const wholeNumber = z.coerce
  .number('must be a whole number from 0 on')
  .int('must be a whole number from 0 on')
  .min(0, 'must be a whole number from 0 on')
  .max(999_999_999)

export const readJournalEndpoint = endpoint({
  method: 'GET',
  path: 'jobs/:id/journal',
  summary: 'Entries after a sequence number: ?after=, ?limit= (500, at most 5000)',
  query: z.object({ after: wholeNumber.default(0), limit: wholeNumber.min(1, 'must be 1 or more').default(500) }),
  output: z.object({
    entries: z.array(keptEntrySchema),
    last: z.number(),
  }),
  fails: [404],
  handle: async (_input, { bench, params, query }) => {
    const id = params.id ?? ''
    const { after, limit } = query
    const loaded = await loadRecord(bench.db, bench.jobs, id)
    if (!loaded) return notFound(`no job ${id}`)
    const { folded, provenance } = loaded
    // of a record that is not whole all that is stored is given, to its last entry
    const last = (provenance.fault && (await lastSeqOf(bench.db, id))) ?? folded.state.seq
    return answer({ entries: after >= last ? [] : await readEntries(bench.db, id, after, Math.min(limit, 5000)), last })
  },
})

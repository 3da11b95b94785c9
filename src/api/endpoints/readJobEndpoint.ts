import { answer, endpoint, notFound } from '@/api/endpoint'
import { jobAnswerSchema, jobDocument } from '@/formats/jobDocument'
import { loadRecord } from '@/data/repositories/jobs'
import { readEntries } from '@/data/repositories/journalRows'

export const readJobEndpoint = endpoint({
  method: 'GET',
  path: 'jobs/:id',
  summary: 'A job as a document: plan, pinned facts, folded state, journal. POST jobs takes it as a new job',
  output: jobAnswerSchema,
  fails: [404],
  handle: async (_input, { bench, params }) => {
    const id = params.id ?? ''
    const loaded = await loadRecord(bench.db, bench.jobs, id)
    return loaded
      ? answer(jobDocument(id, loaded.folded.state, await readEntries(bench.db, id, 0), loaded.provenance))
      : notFound(`no job ${id}`)
  },
})

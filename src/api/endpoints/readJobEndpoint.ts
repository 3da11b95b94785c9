import { z } from 'zod'
import { answer, endpoint, noAnswer, notFound } from '@/api/endpoint'
import { jobFile } from '@/api/jobFile'
import { jobAnswerSchema } from '@/formats/jobDocument'

export const readJobEndpoint = endpoint({
  method: 'GET',
  path: 'jobs/:id',
  summary: 'A job as a document: plan, pinned facts, folded state, journal. POST jobs takes it as a new job',
  query: z.object({
    /** with the pictures that its journal names */
    photos: z.literal('1', 'must be 1').optional(),
  }),
  output: jobAnswerSchema,
  fails: [404, 422],
  handle: async (_input, { bench, params, query }) => {
    const id = params.id ?? ''
    const file = await jobFile(bench, id, query.photos === '1')
    if (!file) return notFound(`no job ${id}`)
    return file.ok ? answer(file.value) : noAnswer({ ...file.fault })
  },
})

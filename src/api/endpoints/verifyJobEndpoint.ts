import { z } from 'zod'
import { answer, endpoint, notFound } from '@/api/endpoint'
import { verifyJob } from '@/data/repositories/verifyJob'
import { recordFaultWords } from '@/words/records'

export const verifyJobEndpoint = endpoint({
  method: 'GET',
  path: 'jobs/:id/verify',
  summary: "Looks at every link of a job's record, at its end and at what its signatures cover",
  output: z.object({
    whole: z.boolean(),
    entries: z.number().int(),
    brokenAt: z.number().int().optional(),
    why: z.string().optional(),
    signatures: z.array(
      z.object({
        by: z.string(),
        covers: z.number().int(),
        whole: z.boolean(),
        /** given at this bench by somebody of it */
        home: z.boolean(),
      }),
    ),
  }),
  fails: [404],
  handle: async (_input, { bench, params }) => {
    const id = params.id ?? ''
    const verified = await verifyJob(bench.db, bench.jobs, id)
    if (!verified) return notFound(`no job ${id}`)
    const { whole, entries, fault, signatures } = verified
    return answer({
      whole,
      entries,
      ...(fault && { brokenAt: fault.seq, why: recordFaultWords(fault) }),
      signatures,
    })
  },
})

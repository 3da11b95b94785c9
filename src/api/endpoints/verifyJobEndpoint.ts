import { z } from 'zod'
import { answer, endpoint, notFound } from '@/api/endpoint'
import { readRecordCode } from '@/core/record/journal/recordCode'
import { verifyJob } from '@/data/repositories/verifyJob'
import { recordFaultWords } from '@/words/records'

export const verifyJobEndpoint = endpoint({
  method: 'GET',
  path: 'jobs/:id/verify',
  summary: "Looks at every link of a job's record, at its end and at what its signatures cover",
  query: z.object({
    code: z
      .string()
      .max(60)
      .refine((said) => readRecordCode(said) !== undefined, 'is no code of a sheet, like 118-3f9a2c41d07be512')
      .optional(),
  }),
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
        /** their PIN was given */
        pin: z.literal(true).optional(),
      }),
    ),
    /** of `code`, which stands on a printed sheet */
    sheet: z
      .object({
        /** the record up to that entry is what the sheet was made of */
        matches: z.boolean(),
        /** entries that were written since */
        since: z.number().int(),
        /** a signature that stands covers it */
        signed: z.boolean(),
      })
      .optional(),
  }),
  fails: [404],
  handle: async (_input, { bench, params, query }) => {
    const id = params.id ?? ''
    const code = query.code === undefined ? undefined : readRecordCode(query.code)
    const verified = await verifyJob(bench.db, bench.jobs, id, code)
    if (!verified) return notFound(`no job ${id}`)
    const { whole, entries, fault, signatures, sheet } = verified
    return answer({
      whole,
      entries,
      ...(fault && { brokenAt: fault.seq, why: recordFaultWords(fault) }),
      signatures,
      ...(sheet && { sheet }),
    })
  },
})

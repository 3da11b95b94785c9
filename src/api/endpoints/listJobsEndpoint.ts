import { z } from 'zod'
import { answer, endpoint } from '@/api/endpoint'
import { progressSchema } from '@/formats/jobDocument'
import { listJobs, loadJob } from '@/data/repositories/jobs'
import { progress } from '@/core/views/progress'
import { isClosed } from '@/core/record/state/state'

export const listJobsEndpoint = endpoint({
  method: 'GET',
  path: 'jobs',
  summary: 'Jobs, newest first; ?state=open or ?state=closed',
  query: z.object({ state: z.enum(['open', 'closed'], 'must be open or closed').optional() }),
  output: z.object({
    jobs: z.array(
      z.object({
        id: z.string(),
        title: z.string(),
        rev: z.string(),
        kind: z.string(),
        quantity: z.number(),
        state: z.enum(['open', 'closed']),
        progress: progressSchema,
      }),
    ),
  }),
  handle: async (_input, { bench, query: { state } }) => {
    const heads = await listJobs(bench.db, state === undefined ? undefined : state === 'closed')
    const jobs = await Promise.all(
      heads.map(async ({ id }) => {
        const folded = await loadJob(bench.db, bench.jobs, id)
        if (!folded) return []
        const { title, rev, kind, quantity } = folded.state.plan
        return [
          {
            id,
            title,
            rev,
            kind,
            quantity,
            state: isClosed(folded.state) ? ('closed' as const) : ('open' as const),
            progress: progress(folded.state),
          },
        ]
      }),
    )
    return answer({ jobs: jobs.flat() })
  },
})

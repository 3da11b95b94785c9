'use server'

import { z } from 'zod'
import type { Outcome } from '@/core/base/outcome'
import type { KeptEntry } from '@/core/record/journal/entry'
import { layoutSchema } from '@/core/record/plan/layoutSchema'
import { newIdMaker, planChangeEntries } from '@/core/work/kit/firstEntries'
import { bench } from '@/data/bench'
import { benchClock } from '@/data/benchClock'
import { refused, writeEntries } from '@/data/outcome'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { signWithPin } from '@/data/signWithPin'
import { loadJob } from '@/data/repositories/jobs'
import { plainIssues } from '@/words/plainIssues'
import { JOB_GONE } from '@/words/unanswered'

const newId = newIdMaker(Date.now, Math.random)
const key = z.string().min(1).max(60)
const signing = z.strictObject({
  jobId: key,
  seen: z.number().int(),
  by: key,
  id: key,
  pin: z.string().max(60).optional(),
  what: z.union([
    z.strictObject({ role: z.enum(['builder', 'second']), covers: z.number().int().min(0) }),
    z.strictObject({ why: z.string().trim().min(1).max(500) }),
  ]),
})

/** Signs the job, or reopens it; who has a PIN is asked for it. */
export async function signJob(given: z.infer<typeof signing>): Promise<Outcome<readonly KeptEntry[]>> {
  const { pin, ...rest } = signing.parse(given)
  return signWithPin({ ...rest, pin })
}

const input = z.strictObject({ jobId: key, seen: z.number().int(), by: key, layout: z.unknown() })

/** Puts a layout of the bundle into the plan. */
export async function saveLayout(given: z.infer<typeof input>): Promise<Outcome<readonly KeptEntry[]>> {
  const { jobId, seen, by, layout: said } = input.parse(given)
  const read = layoutSchema.safeParse(said)
  if (!read.success)
    return refused(
      plainIssues(read.error)
        .map((issue) => `${issue.path.join(' ')}: ${issue.message}`)
        .join('; '),
    )
  const { db, jobs, catalogue } = await bench()
  const [folded, shelf] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, catalogue)])
  if (!folded) return refused(JOB_GONE)
  return writeEntries(
    jobId,
    seen,
    by,
    planChangeEntries(shelf, folded.state, { layout: read.data }, (await benchClock()).dayOf(new Date()), newId),
  )
}

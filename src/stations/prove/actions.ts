'use server'

import { z } from 'zod'
import type { Outcome } from '@/core/base/outcome'
import type { KeptEntry } from '@/core/record/journal/entry'
import { newIdMaker, planChangeEntries } from '@/core/work/kit/firstEntries'
import { bench } from '@/data/bench'
import { benchClock } from '@/data/benchClock'
import { refused, writeEntries } from '@/data/outcome'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { loadJob } from '@/data/repositories/jobs'
import { JOB_GONE } from '@/words/unanswered'

const newId = newIdMaker(Date.now, Math.random)
const key = z.string().min(1).max(60)
const input = z.strictObject({
  jobId: key,
  seen: z.number().int(),
  by: key,
  keyings: z.array(z.strictObject({ end: key, keying: z.string().min(1).max(10) })).max(200),
})

/** Puts other keyings of the same housings into the plan. */
export async function setKeyings(given: z.infer<typeof input>): Promise<Outcome<readonly KeptEntry[]>> {
  const { jobId, seen, by, keyings } = input.parse(given)
  const { db, jobs, catalogue } = await bench()
  const [folded, shelf] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, catalogue)])
  if (!folded) return refused(JOB_GONE)
  const { state } = folded
  const to = new Map(keyings.map(({ end, keying }) => [end, keying]))
  const putEnds = state.plan.ends.flatMap((end) => {
    const keying = to.get(end.id)
    return keying === undefined ? [] : [{ ...end, keying }]
  })
  return writeEntries(
    jobId,
    seen,
    by,
    planChangeEntries(shelf, state, { putEnds }, (await benchClock()).dayOf(new Date()), newId),
  )
}

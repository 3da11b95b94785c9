'use server'

import { JOB_GONE } from '@/words/unanswered'
import { benchClock } from '@/data/benchClock'
import { z } from 'zod'
import { type OlderFact, olderFacts } from '@/core/record/plan/factsAge'
import { newIdMaker, planChangeEntries, takeFactsEntries } from '@/core/work/kit/firstEntries'
import { type ChangePreview, previewChange } from '@/core/views/previewChange'
import { planChangeSchema } from '@/core/record/plan/schema'
import { bench } from '@/data/bench'
import { done, refused, writeEntries } from '@/data/outcome'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { loadJob } from '@/data/repositories/jobs'
import { refusalWords } from '@/words/refusals'
import { type KeptEntry } from '@/core/record/journal/entry'
import { type Outcome } from '@/core/base/outcome'

const newId = newIdMaker(Date.now, Math.random)
const key = z.string().min(1).max(60)
/** what was answered of wires that are cut and change their colour or type */
const answered = z
  .strictObject({
    corrected: z.array(z.strictObject({ wire: key, why: z.string().trim().min(1).max(500) })).max(20_000),
    another: z.array(key).max(20_000),
  })
  .partial()
  .transform(({ corrected, another }) => ({ ...(corrected && { corrected }), ...(another && { another }) }))
  .default({})
const changeInput = z.strictObject({ jobId: key, change: planChangeSchema, answered })
const saveInput = changeInput.extend({ seen: z.number().int(), by: key, accept: z.array(key).max(20_000).default([]) })
async function jobAndShelf(jobId: string) {
  const { db, jobs, catalogue } = await bench()
  const [folded, shelf] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, catalogue)])
  return folded && { state: folded.state, shelf }
}

/** What a plan change would do to work done and to the kit. Nothing is written. */
export async function previewPlan(input: z.input<typeof changeInput>): Promise<Outcome<ChangePreview>> {
  const { jobId, change, answered } = changeInput.parse(input)
  const job = await jobAndShelf(jobId)
  if (!job) return refused(JOB_GONE)
  const preview = previewChange(job.shelf, job.state, change, (await benchClock()).dayOf(new Date()), answered)
  return preview.ok ? done(preview.value) : refused(refusalWords(preview.fault))
}

/** Applies a plan change, and chooses sets where it left none. `accept` names the wires whose work it may undo or move. */
export async function savePlan(input: z.input<typeof saveInput>): Promise<Outcome<readonly KeptEntry[]>> {
  const { jobId, change, seen, by, accept, answered } = saveInput.parse(input)
  const job = await jobAndShelf(jobId)
  if (!job) return refused(JOB_GONE)
  return writeEntries(
    jobId,
    seen,
    by,
    planChangeEntries(job.shelf, job.state, change, (await benchClock()).dayOf(new Date()), newId, accept, answered),
  )
}

const jobInput = z.strictObject({ jobId: key })

/** Where the facts that the job pinned differ from the shelf as it is. */
export async function compareFacts(input: z.infer<typeof jobInput>): Promise<Outcome<readonly OlderFact[]>> {
  const job = await jobAndShelf(jobInput.parse(input).jobId)
  return job ? done(olderFacts(job.state.facts, job.shelf)) : refused(JOB_GONE)
}

/** Takes the shelf's figures for everything that the job has pinned, and chooses again where nothing rests on the old ones. */
export async function takeFacts(input: {
  readonly jobId: string
  readonly seen: number
  readonly by: string
}): Promise<Outcome<readonly KeptEntry[]>> {
  const { jobId, seen, by } = jobInput.extend({ seen: z.number().int(), by: key }).parse(input)
  const job = await jobAndShelf(jobId)
  return job
    ? writeEntries(
        jobId,
        seen,
        by,
        takeFactsEntries(job.shelf, job.state, (await benchClock()).dayOf(new Date()), newId),
      )
    : refused(JOB_GONE)
}

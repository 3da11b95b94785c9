'use server'

import { JOB_GONE } from '@/words/unanswered'
import { reworkActionsWords as words } from '@/words/screens/plan/reworkActions'
import { benchClock } from '@/data/benchClock'
import { z } from 'zod'
import { firstEntries, newIdMaker } from '@/core/work/kit/firstEntries'
import { housingOf } from '@/core/record/plan/facts'
import { planIndex } from '@/core/record/plan/plan'
import { ADAPTER_LENGTH_MM, adapterPlan } from '@/core/work/rework/adapter'
import { type CavityMapping, mapCavities } from '@/core/work/rework/mapCavities'
import { bench } from '@/data/bench'
import { done, refused } from '@/data/outcome'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { loadJob } from '@/data/repositories/jobs'
import { list } from '@/words/figures'
import { unknownAuthor } from '@/data/repositories/authors'
import { createFaultWords } from '@/words/made'
import { authorUnknownWords } from '@/words/records'
import { adapterFaultWords } from '@/words/rework'
import { endKey } from '@/core/record/plan/keys'
import type { Outcome } from '@/core/base/outcome'
import { createJob } from '@/data/repositories/createJob'

const newId = newIdMaker(Date.now, Math.random)
const key = z.string().min(1).max(60)
const numbersInput = z.strictObject({ jobId: key, end: key, housing: key })
const adapterInput = z.strictObject({
  jobId: key,
  a: key,
  b: key,
  by: key,
  lengthMm: z.number().min(ADAPTER_LENGTH_MM.min).max(ADAPTER_LENGTH_MM.max),
})

/** The new cavities of an end's wires, by each way of numbering. */
export interface NewNumbers {
  /** cavities of the housing that is there and hold a wire, in the order of its face */
  readonly used: readonly string[]
  /** cavities of the other one, in the order of its face */
  readonly there: readonly string[]
  /** by way of numbering: cavity → new cavity; what has no counterpart is missing */
  readonly ways: Readonly<Record<CavityMapping, Readonly<Record<string, string>>>>
}

/** How an end's wires would be numbered in another housing. Nothing is written. */
export async function newNumbers(input: z.infer<typeof numbersInput>): Promise<Outcome<NewNumbers>> {
  const { jobId, end, housing } = numbersInput.parse(input)
  const { db, jobs, catalogue } = await bench()
  const [folded, shelf] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, catalogue)])
  const from = folded && housingOf(folded.state.facts, folded.state.plan, end)
  const to = shelf.housings.get(housing)
  if (!folded || !from || !to) return refused(words.shelfDoesNotHave)
  const filled = new Set((planIndex(folded.state.plan).byEnd.get(endKey(1, end)) ?? []).map((one) => one.at.cavity))
  const used = from.cavities.map((cavity) => cavity.id).filter((id) => filled.has(id))
  const by = (how: CavityMapping) => Object.fromEntries(mapCavities(from, to, used, how).map)
  return done({
    used,
    there: to.cavities.map((cavity) => cavity.id),
    ways: { 'same-id': by('same-id'), 'same-place': by('same-place'), 'in-order': by('in-order') },
  })
}

/** Makes a job of its own: the adapter between two ends that mate and are wired differently. */
export async function makeAdapter(
  input: z.infer<typeof adapterInput>,
): Promise<Outcome<{ readonly id: string; readonly left: string | undefined }>> {
  const { jobId, a, b, by, lengthMm } = adapterInput.parse(input)
  const { db, jobs, catalogue } = await bench()
  const [folded, shelf] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, catalogue)])
  if (!folded) return refused(JOB_GONE)
  const adapter = adapterPlan(shelf, folded.state.plan, folded.state.facts, a, b, lengthMm)
  if (!adapter.ok) return refused(adapterFaultWords(adapter.fault))
  const unknown = await unknownAuthor(db, [by])
  if (unknown !== undefined) return refused(authorUnknownWords(unknown))
  const now = new Date()
  const made = await createJob(db, jobs, {
    id: newId(),
    entries: firstEntries(shelf, adapter.value.plan, (await benchClock()).dayOf(now), newId),
    by,
    now,
  })
  if (!made.ok) return refused(createFaultWords(made.fault))
  const { left } = adapter.value
  return done({
    id: made.value.id,
    left:
      left.length === 0
        ? undefined
        : list(
            left.map((one) => `${one.end}.${one.cavity} ${one.signal}`),
            6,
          ),
  })
}

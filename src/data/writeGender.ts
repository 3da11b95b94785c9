import { z } from 'zod'
import type { Outcome } from '@/core/base/outcome'
import type { KeptEntry } from '@/core/record/journal/entry'
import { planIndex } from '@/core/record/plan/plan'
import { type newIdMaker, planChangeEntries } from '@/core/work/kit/firstEntries'
import { pinsOrSocketsWords as words } from '@/words/screens/job/pinsOrSockets'
import { bench } from './bench'
import { benchClock } from './benchClock'
import { refused, writeEntries } from './outcome'
import { loadCatalogue } from './repositories/catalogue'
import { loadJob } from './repositories/jobs'

const key = z.string().min(1).max(60)
const genderInput = z.strictObject({
  jobId: key,
  seen: z.number().int(),
  by: key,
  end: key,
  gender: z.enum(['pin', 'socket']),
})
export type GenderInput = z.infer<typeof genderInput>

/** Says whether an end takes pins or sockets, and chooses the sets of all its wires by it. */
export async function writeGender(
  input: GenderInput,
  newId: ReturnType<typeof newIdMaker>,
): Promise<Outcome<readonly KeptEntry[]>> {
  const { jobId, seen, by, end, gender } = genderInput.parse(input)
  const { db, jobs, catalogue: cache } = await bench()
  const [folded, catalogue] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, cache)])
  const before = folded && planIndex(folded.state.plan).ends.get(end)
  if (!before) return refused(words.thatEndIsNot)
  const today = (await benchClock()).dayOf(new Date())
  const change = { putEnds: [{ ...before, gender }] }
  return writeEntries(jobId, seen, by, planChangeEntries(catalogue, folded.state, change, today, newId))
}

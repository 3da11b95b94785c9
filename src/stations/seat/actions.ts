'use server'

import { seatActionsWords as words } from '@/words/screens/seat/seatActions'
import { benchClock } from '@/data/benchClock'
import { z } from 'zod'
import { newIdMaker, planChangeEntries } from '@/core/work/kit/firstEntries'
import { spliceIn } from '@/core/work/rework/spliceIn'
import { bench } from '@/data/bench'
import { type GenderInput, writeGender } from '@/data/writeGender'
import { refused, writeEntries } from '@/data/outcome'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { loadJob } from '@/data/repositories/jobs'
import type { KeptEntry } from '@/core/record/journal/entry'
import type { Outcome } from '@/core/base/outcome'

const newId = newIdMaker(Date.now, Math.random)
const key = z.string().min(1).max(60)
const input = z.strictObject({
  jobId: key,
  seen: z.number().int(),
  by: key,
  wire: key,
  side: z.enum(['a', 'b']),
  pieceMm: z.number().positive().max(10_000),
})

/** Changes the plan so that a piece of the same wire is spliced in where the one that is there has become too short. */
export async function spliceWire(given: z.infer<typeof input>): Promise<Outcome<readonly KeptEntry[]>> {
  const { jobId, seen, by, wire, side, pieceMm } = input.parse(given)
  const { db, jobs, catalogue } = await bench()
  const [folded, shelf] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, catalogue)])
  const change = folded && spliceIn(folded.state.plan, wire, side, pieceMm)
  if (!folded || !change) return refused(words.pieceMustBeShorter)
  return writeEntries(
    jobId,
    seen,
    by,
    planChangeEntries(shelf, folded.state, change, (await benchClock()).dayOf(new Date()), newId, [wire]),
  )
}

/** What came out of a harness that somebody else has made says what its end takes: the new ones are chosen by it. */
export async function sayWhatCameOut(given: GenderInput): Promise<Outcome<readonly KeptEntry[]>> {
  return writeGender(given, newId)
}

'use server'
import { z } from 'zod'
import { toChosenSet } from '@/core/fit/chooseSets'
import { answerAll, question } from '@/core/fit/question'
import { setFacts } from '@/core/job/facts'
import { planIndex } from '@/core/job/plan'
import { setupId } from '@/core/setup/setup'
import { bench } from '@/data/bench'
import { refused, writeEntries, type Outcome } from '@/data/outcome'
import { newIdMaker, planChangeEntries } from '@/core/job/firstEntries'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { loadJob } from '@/data/repositories/jobs'

const newId = newIdMaker(Date.now, Math.random)
const key = z.string().min(1).max(60)
const chooseInput = z.strictObject({ jobId: key, seen: z.number().int(), by: key, wire: key, side: z.enum(['a', 'b']), contact: key, seal: key.optional(), setup: z.string().min(1).max(300) })
const wireInput = z.strictObject({ jobId: key, seen: z.number().int(), by: key, wire: key, type: key.optional(), insulationMm: z.number().positive().max(50).optional() })

/** Chooses one of the workable sets of a termination, as the shelf has it now. */
export async function chooseSet(input: z.infer<typeof chooseInput>): Promise<Outcome> {
  const { jobId, seen, by, wire: wireId, side, contact, seal, setup } = chooseInput.parse(input)
  const { db, jobs, catalogue: cache } = await bench()
  const [folded, catalogue] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, cache)])
  const wire = folded && planIndex(folded.state.plan).wires.get(wireId)
  const asked = wire && question({ catalogue, plan: folded.state.plan, today: new Date().toISOString().slice(0, 10), sets: folded.state.sets }, wire, side)
  const found = asked && answerAll(catalogue, asked).sets.find((one) => one.contact.id === contact && one.seal?.id === seal)
  const chosen = found?.setups.find((one) => setupId(one.setup) === setup)
  if (!found || !chosen) return refused('The shelf has changed: that set works no more. Look again.')
  const set = { ...toChosenSet(found, chosen), byHand: true as const }
  return writeEntries(jobId, seen, by, [{ id: newId(), kind: 'sets-chosen', choices: [{ wire: wireId, side, set }], facts: setFacts(catalogue, [set]) }])
}

/** Changes a wire's type, or the insulation that was measured on it, and chooses its sets anew. */
export async function changeWire(input: z.infer<typeof wireInput>): Promise<Outcome> {
  const { jobId, seen, by, wire: wireId, type, insulationMm } = wireInput.parse(input)
  const { db, jobs, catalogue: cache } = await bench()
  const [folded, catalogue] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, cache)])
  const wire = folded && planIndex(folded.state.plan).wires.get(wireId)
  if (!wire) return refused('That wire is not in the plan any more.')
  const { insulationMm: _before, ...bare } = wire
  const change = { putWires: [{ ...bare, ...(type !== undefined && { type }), ...(insulationMm !== undefined && { insulationMm }) }] }
  return writeEntries(jobId, seen, by, planChangeEntries(catalogue, folded.state, change, new Date().toISOString().slice(0, 10), newId))
}

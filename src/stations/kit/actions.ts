'use server'

import { JOB_GONE } from '@/words/unanswered'
import { kitActionsWords as words } from '@/words/screens/kit/kitActions'
import { benchClock } from '@/data/benchClock'
import { z } from 'zod'
import { questionKey, toChosenSet } from '@/core/work/kit/chooseSets'
import { answerAll, question } from '@/core/work/kit/question'
import { noFacts, setFacts, type Facts } from '@/core/record/plan/facts'
import { kitList, kitTotal } from '@/core/work/kit/kitList'
import { planIndex } from '@/core/record/plan/plan'
import { isClosed } from '@/core/record/state/state'
import { setupId } from '@/core/craft/setup/setup'
import { bench } from '@/data/bench'
import { type GenderInput, writeGender } from '@/data/writeGender'
import { done, refused, withRoom, writeEntries } from '@/data/outcome'
import { newIdMaker, planChangeEntries } from '@/core/work/kit/firstEntries'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { loadJob } from '@/data/repositories/jobs'
import { returnParts, takeParts } from '@/data/repositories/stock'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import type { KeptEntry } from '@/core/record/journal/entry'
import type { Outcome } from '@/core/base/outcome'

const newId = newIdMaker(Date.now, Math.random)
const key = z.string().min(1).max(60)
const chooseInput = z.strictObject({
  jobId: key,
  seen: z.number().int(),
  by: key,
  wire: key,
  side: z.enum(['a', 'b']),
  contact: key,
  seal: key.optional(),
  setup: z.string().min(1).max(300),
})
const wireInput = z.strictObject({
  jobId: key,
  seen: z.number().int(),
  by: key,
  wire: key,
  type: key.optional(),
  insulationMm: z.number().positive().max(50).optional(),
})

/** Chooses one of the workable sets of a termination, as the shelf has it now. */
export async function chooseSet(input: z.infer<typeof chooseInput>): Promise<Outcome<readonly KeptEntry[]>> {
  const { jobId, seen, by, wire: wireId, side, contact, seal, setup } = chooseInput.parse(input)
  const { db, jobs, catalogue: cache } = await bench()
  const [folded, catalogue] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, cache)])
  const wire = folded && planIndex(folded.state.plan).wires.get(wireId)
  const asked =
    wire &&
    question(
      { catalogue, plan: folded.state.plan, today: (await benchClock()).dayOf(new Date()), sets: folded.state.sets },
      wire,
      side,
    )
  const found =
    asked && answerAll(catalogue, asked).sets.find((one) => one.contact.id === contact && one.seal?.id === seal)
  const chosen = found?.setups.find((one) => setupId(one.setup) === setup)
  if (!found || !chosen) return refused(words.shelfHasChangedThat)
  const set = { ...toChosenSet(found, chosen), byHand: true as const }
  return writeEntries(jobId, seen, by, [
    { id: newId(), kind: 'sets-chosen', choices: [{ wire: wireId, side, set }], facts: setFacts(catalogue, [set]) },
  ])
}

const cameInput = z.strictObject({ jobId: key, seen: z.number().int(), by: key, end: key, contact: key })

/** Says which contact the crimps of an end came with. */
export async function nameCame(input: z.infer<typeof cameInput>): Promise<Outcome<readonly KeptEntry[]>> {
  const { jobId, seen, by, end, contact } = cameInput.parse(input)
  const { db, catalogue: cache } = await bench()
  const kind = (await loadCatalogue(db, cache)).contacts.get(contact)
  if (!kind) return refused(words.shelfHasChangedThat)
  const facts = { ...noFacts, contacts: { [contact]: kind } as Facts['contacts'] }
  return writeEntries(jobId, seen, by, [{ id: newId(), kind: 'came-with', end, contact, facts }])
}

/** Changes a wire's type, or the insulation that was measured on it, and chooses its sets anew. */
export async function changeWire(input: z.infer<typeof wireInput>): Promise<Outcome<readonly KeptEntry[]>> {
  const { jobId, seen, by, wire: wireId, type, insulationMm } = wireInput.parse(input)
  const { db, jobs, catalogue: cache } = await bench()
  const [folded, catalogue] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, cache)])
  const wire = folded && planIndex(folded.state.plan).wires.get(wireId)
  if (!wire) return refused(words.thatWireIsNot)
  const { insulationMm: _before, ...bare } = wire
  const change = {
    putWires: [{ ...bare, ...(type !== undefined && { type }), ...(insulationMm !== undefined && { insulationMm }) }],
  }
  return writeEntries(
    jobId,
    seen,
    by,
    planChangeEntries(catalogue, folded.state, change, (await benchClock()).dayOf(new Date()), newId),
  )
}

/** Says whether an end takes pins or sockets, and chooses the sets of all its wires by it. */
export async function giveGender(input: GenderInput): Promise<Outcome<readonly KeptEntry[]>> {
  return writeGender(input, newId)
}

const manyInput = z.strictObject({
  jobId: key,
  seen: z.number().int(),
  by: key,
  choices: z
    .array(
      z.strictObject({
        wire: key,
        side: z.enum(['a', 'b']),
        contact: key,
        seal: key.optional(),
        setup: z.string().min(1).max(300),
      }),
    )
    .min(1)
    .max(40_000),
})

/** Chooses sets for many terminations at once, each checked against the shelf as it is now; like ones are worked out once. */
export async function chooseMany(input: z.infer<typeof manyInput>): Promise<Outcome<readonly KeptEntry[]>> {
  const { jobId, seen, by, choices } = manyInput.parse(input)
  const { db, jobs, catalogue: cache } = await bench()
  const [folded, catalogue] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, cache)])
  if (!folded) return refused(JOB_GONE)
  const { plan, sets } = folded.state
  const { wires } = planIndex(plan)
  const answers = new Map<string, ReturnType<typeof answerAll>>()
  const written: { wire: string; side: 'a' | 'b'; set: ChosenSet }[] = []
  for (const choice of choices) {
    const wire = wires.get(choice.wire)
    const asked =
      wire && question({ catalogue, plan, today: (await benchClock()).dayOf(new Date()), sets }, wire, choice.side)
    if (!asked) return refused(words.thereIsNoSuch(choice.wire, choice.side))
    const like = questionKey(asked)
    const answer = answers.get(like) ?? answerAll(catalogue, asked)
    answers.set(like, answer)
    const found = answer.sets.find((one) => one.contact.id === choice.contact && one.seal?.id === choice.seal)
    const setup = found?.setups.find((one) => setupId(one.setup) === choice.setup)
    if (!found || !setup) return refused(words.shelfHasChangedSet(choice.wire, choice.side))
    written.push({ wire: choice.wire, side: choice.side, set: toChosenSet(found, setup) })
  }
  return writeEntries(jobId, seen, by, [
    {
      id: newId(),
      kind: 'sets-chosen',
      choices: written,
      facts: setFacts(
        catalogue,
        written.map((one) => one.set),
      ),
    },
  ])
}

const takeInput = z.strictObject({ jobId: key })

/** Reserves the whole kit on the shelf, up to what is free. */
export async function takeKit(
  input: z.infer<typeof takeInput>,
): Promise<Outcome<readonly { readonly part: string; readonly missing: number }[]>> {
  const { jobId } = takeInput.parse(input)
  const { db, jobs } = await bench()
  const folded = await loadJob(db, jobs, jobId)
  if (!folded) return refused(JOB_GONE)
  if (isClosed(folded.state)) return refused(words.jobIsSignedIt)
  const wanted = kitList(folded.state).map((line) => ({ part: line.part, count: kitTotal(line) }))
  return withRoom(async () => done(await takeParts(db, jobId, wanted)))
}

/** Gives back what the job has reserved. */
export async function returnKit(input: z.infer<typeof takeInput>): Promise<Outcome> {
  const { jobId } = takeInput.parse(input)
  const { db } = await bench()
  return withRoom(async () => {
    await returnParts(db, jobId)
    return done(undefined)
  })
}

'use server'
import { z } from 'zod'
import type { Outcome } from '@/core/base/outcome'
import { emptyPackage } from '@/core/parts/catalogue/packageLists'
import type { Placard, Tool } from '@/core/parts/catalogue/types'
import { dueAgain, proofOf, verified } from '@/core/parts/catalogue/verifyTool'
import { bench } from '@/data/bench'
import { benchClock } from '@/data/benchClock'
import { canonicalText } from '@/formats/chain/canonicalText'
import { done, refused, withRoom } from '@/data/outcome'
import { importCatalogue, loadCatalogue, readItem } from '@/data/repositories/catalogue'
import { listPeople } from '@/data/repositories/people'
import { parseCatalogue } from '@/formats/catalogueFile'
import { fileFaultWords } from '@/threads/checkPackage'
import { catalogueFaultWords } from '@/words/catalogue'
import { toolFormWords as words } from '@/words/screens/crib/toolForm'

/** A tool with its cards. */
export interface ToolWithCards {
  readonly tool: Tool
  readonly placards: readonly Placard[]
}

async function put({ tool, placards }: ToolWithCards): Promise<Outcome<string>> {
  const read = parseCatalogue({ ...emptyPackage, tools: [tool], placards })
  if (!read.ok) return refused(read.fault.slice(0, 3).map(fileFaultWords).join('; '))
  const { db } = await bench()
  return withRoom(async () => {
    // its cards are meant whole: a row that was taken out is gone
    const written = await importCatalogue(db, read.value, new Date(), (_stored, input) => input)
    return written.ok ? done(tool.id) : refused(written.fault.slice(0, 3).map(catalogueFaultWords).join(' '))
  })
}

/**
 * Puts a tool in the crib, or changes one, with its cards. A new one must not take another's number.
 * @param before the tool as it was when it was opened: what somebody else has changed since is not written over
 */
export async function saveTool({
  before,
  ...now
}: ToolWithCards & { readonly before: ToolWithCards | undefined }): Promise<Outcome<string>> {
  const { db } = await bench()
  const stored = await readItem<Tool>(db, 'tool', now.tool.id)
  if (!before) return stored ? refused(words.there(now.tool.id)) : put(now)
  const cards = await Promise.all(before.placards.map(({ id }) => readItem<Placard>(db, 'placard', id)))
  const same = canonicalText({ tool: stored ?? null, placards: cards.map((card) => card ?? null) })
  return same === canonicalText({ tool: before.tool, placards: before.placards })
    ? put(now)
    : refused(words.changedMeanwhile)
}

const verifyInput = z.strictObject({
  id: z.string(),
  by: z.string(),
  seen: z.string().trim().max(120),
  dueOn: z.iso.date().optional(),
})

/** Writes that a tool was proved today, by the routine of its class. */
export async function verifyTool(said: z.input<typeof verifyInput>): Promise<Outcome<string>> {
  const { id, by, seen, dueOn } = verifyInput.parse(said)
  const { db, catalogue: cache } = await bench()
  const person = (await listPeople(db)).find((one) => one.id === by && !one.away)
  if (!person) return refused(words.whoVerifies)
  const { tools } = await loadCatalogue(db, cache)
  const tool = tools.get(id)
  const proof = tool && proofOf(tool, tools.values())
  if (!tool || !proof) return refused(words.noRoutine)
  const today = (await benchClock()).dayOf(new Date())
  const due = dueOn ?? dueAgain(tool, today)
  if (due < today) return refused(words.dueBefore)
  return put({
    tool: verified(tool, { doneOn: today, dueOn: due, by: person.name, how: proof.how, ...(seen !== '' && { seen }) }),
    placards: [],
  })
}

'use server'

import { prepActionsWords as words } from '@/words/screens/prep/prepActions'
import { z } from 'zod'
import { bench } from '@/data/bench'
import { done, refused, withRoom } from '@/data/outcome'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { type SpoolLine, countSpools, readSpools } from '@/data/repositories/spools'
import type { Outcome } from '@/core/base/outcome'

const id = z
  .string()
  .trim()
  .min(1)
  .max(40)
  .regex(/^[^\s,;:"'<>/~]+$/)

/** Spools and off-cuts of some wire types, the shortest first. */
export async function spoolsOf(wireTypes: readonly string[]): Promise<readonly SpoolLine[]> {
  const { db } = await bench()
  return readSpools(db, z.array(z.string().min(1).max(60)).max(500).parse(wireTypes))
}

/** Writes down what is on a spool, as it was measured; nought takes it off the shelf. */
export async function countSpool(input: SpoolLine): Promise<Outcome> {
  const { db, catalogue } = await bench()
  if (!id.safeParse(input.id).success) return refused(words.spoolsNameHasNo)
  const line = z
    .strictObject({ id, wireType: z.string().min(1).max(60), leftMm: z.number().min(0).max(100_000_000) })
    .parse(input)
  if (!(await loadCatalogue(db, catalogue)).wireTypes.has(line.wireType))
    return refused(words.thereIsNoWire(line.wireType))
  return withRoom(async () => {
    await countSpools(db, [line], new Date())
    return done(undefined)
  })
}

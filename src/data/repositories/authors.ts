import { eq } from 'drizzle-orm'
import type { Database } from '../database'
import { person } from '../schema'

/** Who writes when a program calls and names nobody. */
export const SCRIPT = 'api'

/** Who has been found to be of a bench: nobody ever stops having been, and each press asks. */
const known = new WeakMap<Database, Set<string>>()

/** The first of those who are named who is neither of this bench nor a script; undefined when all may write. */
export async function unknownAuthor(db: Database, named: Iterable<string>): Promise<string | undefined> {
  const here = known.get(db) ?? new Set([SCRIPT])
  known.set(db, here)
  for (const by of new Set(named)) {
    if (here.has(by)) continue
    // what is longer than any id is nobody's, and needs no database to say so
    const found = by.length > 0 && by.length <= 60 ? await db.select().from(person).where(eq(person.id, by)) : []
    if (found.length === 0) return by
    here.add(by)
  }
  return undefined
}

import { eq } from 'drizzle-orm'
import type { Database } from '../database'
import { person } from '../schema'

/** Who writes when a program calls and names nobody. */
export const SCRIPT = 'api'

/** The first of those who are named who is neither of this bench nor a script; undefined when all may write. */
export async function unknownAuthor(db: Database, named: Iterable<string>): Promise<string | undefined> {
  for (const by of new Set(named)) {
    if (by === SCRIPT) continue
    // what is longer than any id is nobody's, and needs no database to say so
    const known = by.length > 0 && by.length <= 60 ? await db.select().from(person).where(eq(person.id, by)) : []
    if (known.length === 0) return by
  }
  return undefined
}

import { asc, eq } from 'drizzle-orm'
import type { Database } from '../database'
import { person, personPin } from '../schema'

export interface Person {
  readonly id: string
  readonly name: string
  readonly role: string
  /** works here no more, and stays named in what they wrote */
  readonly away?: boolean
  /** they sign with a PIN */
  readonly hasPin?: boolean
}

export async function listPeople(db: Database): Promise<Person[]> {
  const rows = await db
    .select({ id: person.id, name: person.name, role: person.role, away: person.away, pin: personPin.person })
    .from(person)
    .leftJoin(personPin, eq(personPin.person, person.id))
    .orderBy(asc(person.name))
  return rows.map(({ pin, ...one }) => ({ ...one, ...(pin !== null && { hasPin: true }) }))
}

/** Adds people; one who is known is left as they are. */
export async function addPeople(db: Database, people: readonly Person[]): Promise<void> {
  if (people.length > 0)
    await db
      .insert(person)
      .values(people.map(({ id, name, role, away }) => ({ id, name, role, ...(away !== undefined && { away }) })))
      .onConflictDoNothing()
}

/** Changes what is said of somebody; under which id they write never changes. @returns false when nobody has the id */
export async function changePerson(
  db: Database,
  id: string,
  change: Partial<Pick<Person, 'name' | 'role' | 'away'>>,
): Promise<boolean> {
  const changed = await db.update(person).set(change).where(eq(person.id, id)).returning({ id: person.id })
  return changed.length > 0
}

import { asc } from 'drizzle-orm'
import type { Database } from '../database'
import { person } from '../schema'

export interface Person {
  readonly id: string
  readonly name: string
  readonly role: string
}

export const listPeople = (db: Database): Promise<Person[]> => db.select().from(person).orderBy(asc(person.name))

/** Adds people; one who is known is left as they are. */
export async function addPeople(db: Database, people: readonly Person[]): Promise<void> {
  if (people.length > 0)
    await db
      .insert(person)
      .values([...people])
      .onConflictDoNothing()
}

import { cookies } from 'next/headers'
import { bench } from '@/data/bench'
import { operatorCookie } from '@/core/base/operatorCookie'
import { world } from '@/data/world'
import { listPeople, type Person } from '@/data/repositories/people'

export async function operators(): Promise<readonly Person[]> {
  return listPeople((await bench()).db)
}

/** Who is at this bench, as it has picked; undefined before it has. */
export async function currentOperator(people: readonly Person[]): Promise<Person | undefined> {
  const id = (await cookies()).get(operatorCookie(world()))?.value
  return people.find((person) => person.id === id && !person.away)
}

'use server'
import { z } from 'zod'
import { badText } from '@/core/base/badText'
import type { Outcome } from '@/core/base/outcome'
import { personId } from '@/core/base/personId'
import { bench } from '@/data/bench'
import { done, refused, withRoom } from '@/data/outcome'
import { addPeople, listPeople } from '@/data/repositories/people'
import { badTextSentence } from '@/words/badText'
import { whoWorksHereWords as words } from '@/words/screens/today/whoWorksHere'
import { roles } from './roles'

const input = z.strictObject({ name: z.string().trim(), role: z.enum(roles) })

/** Somebody who works at this bench. @returns the id under which they write */
export async function addPerson(said: z.input<typeof input>): Promise<Outcome<string>> {
  const { name, role } = input.parse(said)
  const bad = badText(name)
  if (bad) return refused(badTextSentence({ ...bad, path: [words.name] }))
  if (name === '') return refused(words.sayName)
  if (name.length > 60) return refused(words.tooLong)
  const { db } = await bench()
  const people = await listPeople(db)
  if (people.some((one) => one.name.toLowerCase() === name.toLowerCase())) return refused(words.isHere(name))
  const id = personId(name, new Set(people.map((one) => one.id)))
  return withRoom(async () => {
    await addPeople(db, [{ id, name, role }])
    return done(id)
  })
}

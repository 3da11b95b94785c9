'use server'
import { z } from 'zod'
import { badText } from '@/core/base/badText'
import type { Outcome } from '@/core/base/outcome'
import { personId } from '@/core/base/personId'
import { bench } from '@/data/bench'
import { done, refused, withRoom } from '@/data/outcome'
import { practiceWorld } from '@/data/practiceWorld'
import { addPeople, changePerson, listPeople, type Person } from '@/data/repositories/people'
import { checkPin, setPin } from '@/data/repositories/pins'
import { pinFault } from '@/data/signWithPin'
import { pinWords } from '@/words/pins'
import { badTextSentence } from '@/words/badText'
import { whoWorksHereWords as words } from '@/words/screens/today/whoWorksHere'
import { roles } from './roles'

const input = z.strictObject({ name: z.string().trim(), role: z.enum(roles) })
const change = z.strictObject({ id: z.string(), ...input.partial().shape, away: z.boolean().optional() })

/** Somebody who works at this bench. @returns the id under which they write */
export async function addPerson(said: z.input<typeof input>): Promise<Outcome<string>> {
  const { name, role } = input.parse(said)
  const { db } = await bench()
  const people = await listPeople(db)
  const fault = nameFault(name, people)
  if (fault !== undefined) return refused(fault)
  const id = personId(name, new Set(people.map((one) => one.id)))
  return withRoom(async () => {
    await addPeople(db, [{ id, name, role }])
    return done(id)
  })
}

/** Why a name cannot be somebody's at this bench, in words; undefined when it can. */
function nameFault(name: string, others: readonly Person[]): string | undefined {
  const bad = badText(name)
  if (bad) return badTextSentence({ ...bad, path: [words.name] })
  if (name === '') return words.sayName
  if (name.length > 60) return words.tooLong
  const same = others.find((one) => one.name.toLowerCase() === name.toLowerCase())
  return same && (same.away ? words.isAway(same.name) : words.isHere(same.name))
}

/** Renames somebody, gives them another role, puts them away or brings them back. What they wrote stays theirs. */
export async function changePersonHere(said: z.input<typeof change>): Promise<Outcome<string>> {
  const { id, ...to } = change.parse(said)
  const { db } = await bench()
  if (to.name !== undefined) {
    const fault = nameFault(
      to.name,
      (await listPeople(db)).filter((one) => one.id !== id),
    )
    if (fault !== undefined) return refused(fault)
  }
  return withRoom(async () =>
    (await changePerson(db, id, {
      ...(to.name !== undefined && { name: to.name }),
      ...(to.role !== undefined && { role: to.role }),
      ...(to.away !== undefined && { away: to.away }),
    }))
      ? done(id)
      : refused(words.isGone),
  )
}

const pinInput = z.strictObject({
  id: z.string().max(60),
  /** the new one */
  pin: z.string().max(60),
  /** their own until now, or that of the lead who sets it anew */
  proof: z.string().max(60),
  lead: z.string().max(60).optional(),
})

/** Sets somebody's PIN: the first one freely, another one by the one before, or anew by a lead with a PIN of their own. */
export async function setPinHere(said: z.input<typeof pinInput>): Promise<Outcome<string>> {
  const { id, pin, proof, lead } = pinInput.parse(said)
  const { db } = await bench()
  const people = await listPeople(db)
  const has = people.find((one) => one.id === id)?.hasPin === true
  if (has && lead !== undefined) {
    const who = people.find((one) => one.id === lead)
    if (who?.role !== 'lead' || !who.hasPin || lead === id) return refused(pinWords({ kind: 'not-lead' }))
  }
  if (has) {
    const fault = await pinFault(await checkPin(db, lead ?? id, proof, new Date()))
    if (fault !== undefined) return refused(fault)
  }
  return withRoom(async () => ((await setPin(db, id, pin)) ? done(id) : refused(pinWords({ kind: 'unfit' }))))
}

/** Opens the practice workshop beside this bench. @returns the port that it listens on */
export const openPractice = async (): Promise<Outcome<number>> => practiceWorld()

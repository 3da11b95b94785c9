import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto'
import { and, eq, isNull, lte, or, sql } from 'drizzle-orm'
import type { Database } from '../database'
import { person, personPin } from '../schema'

/** Wrong ones in a row until no more is tried for a while. */
export const PIN_TRIES = 5
export const PIN_LOCK_MS = 15 * 60_000
/** Digits or letters: a pedal and a glove type them, and a guess takes long. */
export const PIN_SHAPE = /^\S{4,40}$/

/** scrypt, RFC 7914: about 60 ms and 32 MB a try. */
const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 1024 * 1024 }
const HASH_BYTES = 32

const slowHash = (pin: string, salt: Buffer): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    scrypt(pin.normalize('NFKC'), salt, HASH_BYTES, COST, (error, hash) => (error ? reject(error) : resolve(hash))),
  )

export type PinCheck =
  | { readonly kind: 'right' }
  /** nobody has set one */
  | { readonly kind: 'none' }
  | { readonly kind: 'wrong'; readonly triesLeft: number }
  | { readonly kind: 'locked'; readonly until: Date }

/** Who of the bench signs with a PIN. */
export async function withPin(db: Database): Promise<ReadonlySet<string>> {
  return new Set((await db.select({ person: personPin.person }).from(personPin)).map((row) => row.person))
}

/**
 * Is this their PIN? Each try is counted before it is hashed, and the fifth locks in the same statement: of any number that come
 * at once five are tried, whoever asks. The right one ends count and lock.
 */
export async function checkPin(db: Database, who: string, pin: string, now: Date): Promise<PinCheck> {
  const until = new Date(now.getTime() + PIN_LOCK_MS)
  // a lock that has run out begins a new count
  const count = sql`case when ${personPin.lockedUntil} is null then ${personPin.wrong} + 1 else 1 end`
  const [counted] = await db
    .update(personPin)
    .set({
      wrong: sql`${count}`,
      lockedUntil: sql`case when ${count} >= ${PIN_TRIES} then ${until.toISOString()}::timestamptz end`,
    })
    .where(and(eq(personPin.person, who), or(isNull(personPin.lockedUntil), lte(personPin.lockedUntil, now))))
    .returning()
  if (!counted) {
    const [row] = await db.select().from(personPin).where(eq(personPin.person, who))
    return row ? { kind: 'locked', until: row.lockedUntil ?? until } : { kind: 'none' }
  }
  const hash = await slowHash(pin, Buffer.from(counted.salt, 'hex'))
  if (timingSafeEqual(hash, Buffer.from(counted.hash, 'hex'))) {
    await db.update(personPin).set({ wrong: 0, lockedUntil: null }).where(eq(personPin.person, who))
    return { kind: 'right' }
  }
  return counted.wrong >= PIN_TRIES
    ? { kind: 'locked', until }
    : { kind: 'wrong', triesLeft: PIN_TRIES - counted.wrong }
}

/** Sets a PIN; undefined takes it away. @returns false where there is no such person, or it is none */
export async function setPin(db: Database, who: string, pin: string | undefined): Promise<boolean> {
  if (pin === undefined) {
    await db.delete(personPin).where(eq(personPin.person, who))
    return true
  }
  if (!PIN_SHAPE.test(pin)) return false
  const [known] = await db.select().from(person).where(eq(person.id, who))
  if (!known) return false
  const salt = randomBytes(16)
  const hash = await slowHash(pin, salt)
  const value = { salt: salt.toString('hex'), hash: hash.toString('hex'), wrong: 0, lockedUntil: null }
  await db
    .insert(personPin)
    .values({ person: who, ...value })
    .onConflictDoUpdate({ target: personPin.person, set: value })
  return true
}

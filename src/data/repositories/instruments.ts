import { eq } from 'drizzle-orm'
import { z } from 'zod'
import { type Address, addressSchema } from '@/core/base/instrument/addressSchema'
import { isInstrument, type InstrumentId } from '@/core/base/instrument/instruments'
import type { Database } from '../database'
import { meta } from '../schema'

const KEY = 'instruments'

export type Addresses = Partial<Record<InstrumentId, Address>>

const addressesSchema = z.record(z.string(), addressSchema)

/** Stand-ins that were started with the app, as `pull-tester=127.0.0.1:40001,micrometer=…`. */
export function standInAddresses(said: string | undefined): Addresses {
  const found: Addresses = {}
  for (const part of (said ?? '').split(',')) {
    const match = /^([a-z-]+)=(.+):(\d+)$/.exec(part.trim())
    if (match && isInstrument(match[1] ?? ''))
      found[match[1] as InstrumentId] = { host: match[2] ?? '', port: Number(match[3]) }
  }
  return found
}

const own = async (db: Database): Promise<Addresses> => {
  const [row] = await db.select().from(meta).where(eq(meta.key, KEY))
  const read = row ? addressesSchema.safeParse(JSON.parse(row.value)) : undefined
  return read?.success ? read.data : {}
}

/** Where each instrument is: as this bench has said, else the stand-in that came with the app. */
export const readAddresses = async (db: Database, standIns: Addresses): Promise<Addresses> => ({
  ...standIns,
  ...(await own(db)),
})

/** Says where an instrument is; undefined goes back to the stand-in. */
export async function setAddress(db: Database, id: InstrumentId, address: Address | undefined): Promise<void> {
  const { [id]: _before, ...others } = await own(db)
  const value = JSON.stringify(address ? { ...others, [id]: address } : others)
  await db.insert(meta).values({ key: KEY, value }).onConflictDoUpdate({ target: meta.key, set: { value } })
}

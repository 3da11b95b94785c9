import { accessSync, constants, cpSync, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { drizzle as drizzlePg } from 'drizzle-orm/node-postgres'
import { migrate as migratePg } from 'drizzle-orm/node-postgres/migrator'
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core'
import { drizzle as drizzlePglite } from 'drizzle-orm/pglite'
import { migrate as migratePglite } from 'drizzle-orm/pglite/migrator'
import { Pool } from 'pg'
import { folderFaultWords, folderFullWords, heldMessage, noAddressWords, serverFaultWords } from '@/words/start'
import { readDaybook } from './daybook/daybookFile'
import { type Room, diskRoom } from './daybook/diskRoom'
import { keptClient } from './daybook/keptClient'
import { openDaybook } from './daybook/openDaybook'
import { lockFolder } from './folderLock'
import * as schema from './schema'

export type Database = PgDatabase<PgQueryResultHKT, typeof schema>

export interface OpenDatabase {
  readonly db: Database
  readonly close: () => Promise<void>
}

const migrationsFolder = join(process.cwd(), 'drizzle')

/** Why the data cannot be opened, as a sentence for whoever starts the bench. */
export class CannotOpen extends Error {}

export interface OpenFolder extends OpenDatabase {
  /** what somebody should know of how it was opened */
  readonly remarks: readonly string[]
}

/** Opens PGlite on a folder, held by this process alone, with its daybook. Migrates. Throws CannotOpen with a clear sentence. */
export async function openFolder(folder: string, room: Room = diskRoom(folder)): Promise<OpenFolder> {
  makeFolder(folder)
  const lock = lockFolder(folder)
  if (!lock.ok) throw new CannotOpen(heldMessage(folder, lock.fault))
  try {
    if (!(await room())) throw new CannotOpen(folderFullWords(folder))
    const { client, remarks } = await openClient(folder)
    await migratePglite(drizzlePglite(client, { schema }), { migrationsFolder })
    const { id, book, remarks: more } = await openDaybook(folder, client)
    const db = drizzlePglite({ client: keptClient(client, id, book, room), schema })
    return {
      db,
      remarks: [...remarks, ...more],
      close: async () => {
        await client.close()
        await book.close()
        lock.value()
      },
    }
  } catch (error) {
    lock.value()
    throw error
  }
}

function makeFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true })
    accessSync(folder, constants.W_OK | constants.X_OK)
  } catch (error) {
    throw new CannotOpen(folderFaultWords(folder, (error as NodeJS.ErrnoException).code))
  }
}

/** The embedded database; where its files cannot be read any more and the daybook holds all of it, a new one to be filled from that. */
async function openClient(folder: string): Promise<{ readonly client: PGlite; readonly remarks: readonly string[] }> {
  const files = join(folder, 'pg')
  try {
    copyTemplate(files)
    return { client: await PGlite.create(files), remarks: [] }
  } catch (error) {
    if (readDaybook(folder)?.head.fromEmpty !== true) throw error
    const aside = `${files}-damaged-${Date.now()}`
    renameSync(files, aside)
    copyTemplate(files)
    return {
      client: await PGlite.create(files),
      remarks: [
        `The database's files could not be read. They lie at ${aside}; all of it is made anew from the daybook.`,
      ],
    }
  }
}

/** New files begin as a copy of the migrated database that the build has made: five seconds less than from nothing. */
function copyTemplate(files: string): void {
  const template = process.env.URN_BENCH_TEMPLATE
  if (template === undefined || existsSync(files) || !existsSync(template)) return
  // whoever is killed while it copies leaves no half of a database
  const half = `${files}-copying`
  rmSync(half, { recursive: true, force: true })
  cpSync(template, half, { recursive: true })
  renameSync(half, files)
}

/** Makes a migrated, empty database in a folder, to begin others from. */
export async function writeTemplate(files: string): Promise<void> {
  rmSync(files, { recursive: true, force: true })
  const { close } = await openFiles(files)
  await close()
}

/** Opens PGlite on its files alone, with no lock and no daybook. Migrates. */
export async function openFiles(files: string): Promise<OpenDatabase> {
  const client = await PGlite.create(files)
  const db = drizzlePglite(client, { schema })
  await migratePglite(db, { migrationsFolder })
  return { db, close: () => client.close() }
}

/** Who makes the tables of a database, or fills it for the first time: one process at a time. */
const FIRST_START = 41000

/** Opens a PostgreSQL server by its URL. Migrates. Throws CannotOpen with a clear sentence when it does not answer. */
export async function openServer(url: string): Promise<OpenDatabase> {
  if (!URL.canParse(url) || !/^postgres(?:ql)?:\/\//.test(url)) throw new CannotOpen(noAddressWords)
  const pool = new Pool({ connectionString: url, max: 8, connectionTimeoutMillis: 10_000 })
  // a connection that breaks while it is idle is taken out of the pool: the next request makes another
  pool.on('error', () => undefined)
  const db = drizzlePg(pool, { schema })
  try {
    await alone(pool, () => migratePg(db, { migrationsFolder }))
  } catch (error) {
    await pool.end()
    throw new CannotOpen(serverFaultWords(url, error))
  }
  return { db, close: () => pool.end() }
}

/** Does something while no other process does the same on this server's database. */
async function alone(pool: Pool, work: () => Promise<void>): Promise<void> {
  const client = await pool.connect()
  try {
    await client.query('select pg_advisory_lock($1)', [FIRST_START])
    await work()
  } finally {
    // the lock ends with its connection
    client.release(true)
  }
}

import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { drizzle as drizzlePg } from 'drizzle-orm/node-postgres'
import { migrate as migratePg } from 'drizzle-orm/node-postgres/migrator'
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core'
import { drizzle as drizzlePglite } from 'drizzle-orm/pglite'
import { migrate as migratePglite } from 'drizzle-orm/pglite/migrator'
import { Pool } from 'pg'
import { heldMessage, lockFolder } from './folderLock'
import * as schema from './schema'

export type Database = PgDatabase<PgQueryResultHKT, typeof schema>

export interface OpenDatabase {
  readonly db: Database
  readonly close: () => Promise<void>
}

const migrationsFolder = join(process.cwd(), 'drizzle')

export class FolderInUse extends Error {}

/** Opens PGlite on a folder, held by this process alone. Migrates. Throws FolderInUse with a clear sentence. */
export async function openFolder(folder: string): Promise<OpenDatabase> {
  mkdirSync(folder, { recursive: true })
  const lock = lockFolder(folder)
  if (!lock.ok) throw new FolderInUse(heldMessage(folder, lock.fault))
  try {
    const client = await PGlite.create(join(folder, 'pg'), template(folder))
    const db = drizzlePglite(client, { schema })
    await migratePglite(db, { migrationsFolder })
    return {
      db,
      close: async () => {
        await client.close()
        lock.value()
      },
    }
  } catch (error) {
    lock.value()
    throw error
  }
}

/** A new folder begins as a copy of the migrated database that the build has made: five seconds less than from nothing. */
function template(folder: string): { readonly loadDataDir?: Blob } {
  const file = process.env.URN_BENCH_TEMPLATE
  return file === undefined || existsSync(join(folder, 'pg')) || !existsSync(file)
    ? {}
    : { loadDataDir: new Blob([readFileSync(file)]) }
}

/** Writes a migrated, empty database to a file, to begin others from. */
export async function writeTemplate(file: string): Promise<void> {
  const { client, close } = await openMemory()
  writeFileSync(file, new Uint8Array(await (await client.dumpDataDir('none')).arrayBuffer()))
  await close()
}

/** Opens PGlite in memory, from a dump where one is given. */
export async function openMemory(dump?: Blob): Promise<OpenDatabase & { readonly client: PGlite }> {
  const client = await PGlite.create(dump ? { loadDataDir: dump } : {})
  const db = drizzlePglite(client, { schema })
  if (!dump) await migratePglite(db, { migrationsFolder })
  return { db, client, close: () => client.close() }
}

/** Opens a PostgreSQL server by its URL. Migrates. */
export async function openServer(url: string): Promise<OpenDatabase> {
  const pool = new Pool({ connectionString: url, max: 8 })
  const db = drizzlePg(pool, { schema })
  await migratePg(db, { migrationsFolder })
  return { db, close: () => pool.end() }
}

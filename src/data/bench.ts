import { join } from 'node:path'
import { type OpenDatabase, openFolder, openServer } from './database'
import { sayIn } from '@/words/benchUnits'
import type { CatalogueCache } from './repositories/catalogue'
import { readSays } from './repositories/says'
import { newJobCache, type JobCache } from '@/data/repositories/jobCache'

/** What the server keeps for as long as it runs: the database and what is folded in memory. */
export interface Bench extends OpenDatabase {
  readonly jobs: JobCache
  readonly catalogue: CatalogueCache
}

// Next gives route handlers, pages, actions and instrumentation each their own copy of a module: only globalThis is shared.
const shared = globalThis as typeof globalThis & { urnBench?: Promise<Bench> }

export const dataFolder = (): string => process.env.URN_BENCH_DATA ?? join(process.cwd(), 'data', 'bench')

async function open(): Promise<Bench> {
  const url = process.env.DATABASE_URL
  const database = url === undefined || url === '' ? await openOwnFolder() : await openServer(url)
  // whoever is answered first is answered in the units of this bench
  sayIn(await readSays(database.db))
  return { ...database, jobs: newJobCache(), catalogue: {} }
}

async function openOwnFolder(): Promise<OpenDatabase> {
  const { remarks, ...database } = await openFolder(dataFolder())
  for (const remark of remarks) console.log(remark)
  return database
}

/** The bench's data, opened once for the whole process. */
export const bench = (): Promise<Bench> => (shared.urnBench ??= open())

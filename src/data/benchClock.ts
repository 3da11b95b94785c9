import { type BenchClock, clockOf } from '@/words/clock'
import { bench } from './bench'
import type { Database } from './database'
import { readZone } from './repositories/zone'

/** The clock of the bench that a database is of, as its setting is now. */
export const clockIn = async (db: Database): Promise<BenchClock> => clockOf(await readZone(db))

/** The clock of this bench. */
export const benchClock = async (): Promise<BenchClock> => clockIn((await bench()).db)

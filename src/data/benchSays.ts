import { type BenchSays, sayIn } from '@/words/benchUnits'
import { bench } from './bench'
import { readSays } from './repositories/says'

/** What this bench says first, as its setting is now; the words of this process are said so from here on. */
export async function benchSays(): Promise<BenchSays> {
  const says = await readSays((await bench()).db)
  sayIn(says)
  return says
}

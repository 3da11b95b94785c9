import { type BenchUnits, sayIn } from '@/words/benchUnits'
import { bench } from './bench'
import { readUnits } from './repositories/units'

/** The units of this bench, as its setting is now; the words of this process are said in them from here on. */
export async function readBenchUnits(): Promise<BenchUnits> {
  const units = await readUnits((await bench()).db)
  sayIn(units)
  return units
}

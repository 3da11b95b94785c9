import { cannotStartWords } from '@/words/start'
import { bench, dataFolder } from './bench'
import { CannotOpen } from './database'
import { loadDemoIfEmpty } from './loadDemo'
import { report } from './log'

/** Opens the bench, loads the demo world into an empty one when it is asked for, and leaves with a sentence when it cannot. */
export async function openAtStart(): Promise<void> {
  const began = Date.now()
  try {
    const { db, jobs, close } = await bench()
    if (process.env.URN_BENCH_DEMO === '1') await loadDemoIfEmpty(db, jobs)
    console.log(`Data: ${process.env.DATABASE_URL ? 'PostgreSQL' : dataFolder()}, opened in ${Date.now() - began} ms`)
    const leave = () => void close().finally(() => process.exit(0))
    process.once('SIGTERM', leave)
    process.once('SIGINT', leave)
    // whoever started it is gone: nobody would stop it any more
    if (process.env.URN_BENCH_RUN !== undefined) process.stdin.once('end', leave).resume()
  } catch (error) {
    console.error(error instanceof CannotOpen ? error.message : cannotStartWords(report(error)))
    process.exit(1)
  }
}

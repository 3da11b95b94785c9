import { bench, dataFolder, FolderInUse } from './bench'
import { loadDemo } from './loadDemo'
import { listJobs } from './repositories/jobs'

/** Opens the bench, loads the demo world into an empty one when it is asked for, and leaves when the folder is taken. */
export async function openAtStart(): Promise<void> {
  const began = Date.now()
  try {
    const { db, jobs, close } = await bench()
    if (process.env.URN_BENCH_DEMO === '1' && (await listJobs(db)).length === 0) await loadDemo(db, jobs)
    console.log(`Data: ${process.env.DATABASE_URL ? 'PostgreSQL' : dataFolder()}, opened in ${Date.now() - began} ms`)
    const leave = () => void close().finally(() => process.exit(0))
    process.once('SIGTERM', leave)
    process.once('SIGINT', leave)
  } catch (error) {
    console.error(error instanceof FolderInUse ? error.message : error)
    process.exit(1)
  }
}

import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { dataFolder } from '../src/data/bench'
import { CannotOpen, openFolder, openServer, type OpenDatabase } from '../src/data/database'
import { newJobCache } from '../src/data/repositories/jobCache'
import { listJobs } from '../src/data/repositories/jobs'
import { verifyJob } from '../src/data/repositories/verifyJob'
import { holdsWords, recordFaultWords, recordWholeWords } from '../src/words/records'

/**
 * Looks at every record of a data folder, or of the database that DATABASE_URL names: each link from the first entry on, the end,
 * the count, what the signatures cover. Leaves with 1 when one is not whole, or none can be looked at.
 */
async function check({ db, close }: OpenDatabase): Promise<number> {
  let broken = 0
  const cache = newJobCache()
  const heads = await listJobs(db)
  for (const { id } of heads) {
    const verified = await verifyJob(db, cache, id)
    if (!verified) continue
    const { fault, entries, signatures } = verified
    console.log(
      `${fault ? '✗' : '✓'} ${id}: ${fault ? `${recordFaultWords(fault)} ${holdsWords(fault)}` : recordWholeWords(entries)}`,
    )
    for (const one of signatures)
      console.log(
        `    signed by ${one.by}, entries 1 to ${one.covers}${one.whole ? '' : ': DOES NOT HOLD'}${one.home ? '' : ', given elsewhere'}`,
      )
    if (fault) broken++
  }
  console.log(`${heads.length} records, ${broken} not whole`)
  await close()
  return broken
}

try {
  const url = process.env.DATABASE_URL ?? ''
  // looking must not make what it looks for
  if (url === '' && !existsSync(join(dataFolder(), 'pg'))) throw new CannotOpen(`There is no data in ${dataFolder()}.`)
  process.exitCode = (await check(url === '' ? await openFolder(dataFolder()) : await openServer(url))) > 0 ? 1 : 0
} catch (error) {
  if (!(error instanceof CannotOpen)) throw error
  console.error(`${error.message} A bench that runs checks its records itself: Ledger, Records.`)
  process.exitCode = 1
}

import { openFolder } from './database'
import { brokenLink } from './entryHash'
import { loadJob } from './repositories/jobs'
import { newJobCache } from '@/data/repositories/jobCache'
import { appendEntries } from '@/data/repositories/appendEntries'
import { createJob } from '@/data/repositories/createJob'
import { readEntries } from '@/data/repositories/journalRows'

/**
 * A writer that is meant to be killed. It opens the folder, says what it finds, then appends notes without end and says
 * each number once it is acknowledged.
 */
const folder = process.argv[2] ?? ''
const { db } = await openFolder(folder)
const cache = newJobCache()
if (!(await loadJob(db, cache, 'kill')))
  await createJob(db, cache, { id: 'kill', entries: [], by: 'test', now: new Date() })
const found = await readEntries(db, 'kill', 0)
console.log(`found ${found.length} ${brokenLink(found) ?? 'whole'}`)
for (let seen = found.length; ; seen++) {
  const appended = await appendEntries(db, cache, {
    jobId: 'kill',
    seen,
    entries: [{ id: `note-${String(seen).padStart(6, '0')}`, kind: 'noted', text: `entry ${seen + 1}` }],
    by: 'test',
    now: new Date(),
  })
  if (!appended.ok) throw new Error(JSON.stringify(appended.fault))
  console.log(`acked ${seen + 1}`)
}

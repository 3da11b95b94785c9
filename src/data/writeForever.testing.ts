import sharp from 'sharp'
import { wireTypeSchema } from '@/core/parts/catalogue/schema/wire'
import { type OpenDatabase, openFolder } from './database'
import { loadDemoIfEmpty } from './loadDemo'
import { appendEntries } from './repositories/appendEntries'
import { importCatalogue, readCatalogueInput } from './repositories/catalogue'
import { createJob } from './repositories/createJob'
import { newJobCache } from './repositories/jobCache'
import { listJobs, loadJob } from './repositories/jobs'
import { addPeople, listPeople } from './repositories/people'
import { keepPhoto } from './repositories/photos'
import { verifyJob } from './repositories/verifyJob'
import { photo } from './schema'

/**
 * A writer that is meant to be killed. It opens the folder, says what it finds, then writes entries, people, photos and
 * packages in turn without end, and says how many of each there are once they are acknowledged. With `demo` it loads the demo
 * world instead.
 */
const [folder = '', mode] = process.argv.slice(2)
const opened = await openFolder(folder)
const { db } = opened
const cache = newJobCache()
const now = new Date()

/** What the folder holds. */
async function found({ db: from }: OpenDatabase) {
  const verified = await verifyJob(from, cache, 'kill')
  return {
    chain: verified?.fault === undefined ? 'whole' : JSON.stringify(verified.fault),
    entries: verified?.entries ?? 0,
    people: (await listPeople(from)).length,
    photos: await from.$count(photo),
    wireTypes: (await readCatalogueInput(from)).wireTypes.length,
    jobs: (await listJobs(from)).length,
  }
}

const counts = await found(opened)
console.log(`found ${JSON.stringify(counts)}`)
if (mode === 'demo') {
  console.log('loading')
  await loadDemoIfEmpty(db, cache)
  console.log(`acked ${JSON.stringify(await found(opened))}`)
  await opened.close()
} else {
  if (!(await loadJob(db, cache, 'kill'))) await createJob(db, cache, { id: 'kill', entries: [], by: 'test', now })
  for (;;) {
    const n = counts.entries + 1
    const appended = await appendEntries(db, cache, {
      jobId: 'kill',
      seen: counts.entries,
      entries: [{ id: `note-${String(n).padStart(6, '0')}`, kind: 'noted', text: `entry ${n}` }],
      by: 'test',
      now: new Date(),
    })
    if (!appended.ok) throw new Error(JSON.stringify(appended.fault))
    counts.entries = n
    const turn = n % 4
    if (turn === 0) {
      await addPeople(db, [{ id: `person-${n}`, name: `Person ${n}`, role: 'operator' }])
      counts.people++
    }
    if (turn === 1) {
      const background = { r: n % 251, g: (n >> 8) % 251, b: 9 }
      const picture = await sharp({ create: { width: 8, height: 8, channels: 3, background } })
        .png()
        .toBuffer()
      const kept = await keepPhoto(db, new Uint8Array(picture), new Date())
      if (!kept.ok) throw new Error(JSON.stringify(kept.fault))
      counts.photos = await db.$count(photo)
    }
    if (turn === 2) {
      const shelf = await readCatalogueInput(db)
      const wire = wireTypeSchema.parse({
        id: `KW-${n}`,
        name: `Wire ${n}`,
        designation: { areaMm2: 0.5 },
        strands: 19,
        strandMm: 0.18,
        insulationMm: 1.6,
        insulation: 'rubber',
        source: { document: 'Rack list' },
      })
      const imported = await importCatalogue(db, { ...shelf, wireTypes: [wire] }, new Date())
      if (!imported.ok) throw new Error(JSON.stringify(imported.fault))
      counts.wireTypes++
    }
    console.log(`acked ${JSON.stringify(counts)}`)
  }
}

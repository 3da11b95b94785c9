import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { parse } from 'yaml'
import { z } from 'zod'
import { emptyPlan } from '@/core/job/plan'
import { joinCatalogues, readCatalogueFile } from '@/formats/catalogueFile'
import { jobDocumentSchema, readJournal } from '@/formats/jobDocument'
import { readStockTable } from '@/formats/stockTable'
import { readPinout } from '@/formats/pinout/readPinout'
import type { Database } from './database'
import { firstEntries, newIdMaker } from '@/core/job/firstEntries'
import { importCatalogue, loadCatalogue } from './repositories/catalogue'
import { createJob, type JobCache } from './repositories/jobs'
import { addPeople } from './repositories/people'
import { countStock } from './repositories/stock'

const peopleSchema = z.object({
  format: z.literal('urn-bench/people'),
  version: z.literal(1),
  people: z.array(z.object({ id: z.string().min(1), name: z.string().min(1), role: z.string() })),
})

/** Loads the demo world from its open-format files, by the same code that reads a user's. */
export async function loadDemo(db: Database, jobs: JobCache, folder = join(process.cwd(), 'demo')): Promise<void> {
  await addPeople(db, peopleSchema.parse(parse(readFileSync(join(folder, 'people.yaml'), 'utf8'))).people)
  const packages = readdirSync(join(folder, 'catalogue')).sort().map((file) => {
    const read = readCatalogueFile(readFileSync(join(folder, 'catalogue', file), 'utf8'))
    if (!read.ok) throw new Error(`demo catalogue ${file}: ${JSON.stringify(read.fault[0])}`)
    return read.value
  })
  const imported = await importCatalogue(db, joinCatalogues(packages), new Date())
  if (!imported.ok) throw new Error(`demo catalogue: ${JSON.stringify(imported.fault[0])}`)
  const catalogue = await loadCatalogue(db, {})
  const counts = readStockTable(readFileSync(join(folder, 'stock.csv'), 'utf8'), (part) => catalogue.names.get(part.toLowerCase())?.id === part)
  if (counts.faults.length > 0) throw new Error(`demo stock: ${JSON.stringify(counts.faults[0])}`)
  await countStock(db, counts.lines, new Date('2026-11-20T08:00:00Z'))

  const lead = readPinout(readFileSync(join(folder, 'jobs', 'beacon-lead.csv'), 'utf8'), catalogue)
  if (!lead.plan) throw new Error('demo pinout beacon-lead.csv cannot be read')
  const plan = { ...emptyPlan, title: 'Beacon lead', ends: [...lead.plan.ends], wires: [...lead.plan.wires] }
  const begun = new Date('2026-11-24T15:20:00Z')
  await createJob(db, jobs, { id: 'beacon-lead', entries: firstEntries(catalogue, plan, '2026-11-24', newIdMaker(Date.now, Math.random)), by: 'ansa', now: begun })

  const loom = jobDocumentSchema.parse(JSON.parse(readFileSync(join(folder, 'jobs', 'deck-loom.json'), 'utf8')))
  const { entries, issues } = readJournal(loom.journal ?? [])
  if (issues.length > 0) throw new Error(`demo job deck-loom.json: ${JSON.stringify(issues[0])}`)
  const made = await createJob(db, jobs, { id: 'deck-loom', entries: entries.map((one) => one.entry), stamps: entries.map(({ stamp }) => ({ at: stamp.at, by: stamp.by })), by: 'ansa', now: new Date('2026-11-25T07:00:00Z') })
  if (!made.ok) throw new Error(`demo job deck-loom.json: entry ${made.fault.index}: ${JSON.stringify(made.fault.refusal)}`)
}

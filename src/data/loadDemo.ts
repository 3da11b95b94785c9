import { hiddenFaultSchema } from '@/core/craft/practice/hiddenFaultSchema'
import { writeHidden } from './repositories/practice'
import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { z } from 'zod'
import { emptyPlan } from '@/core/record/plan/plan'
import { readCatalogueFile } from '@/formats/catalogueFile'
import { joinPackages } from '@/core/parts/catalogue/joinPackages'
import { jobDocumentSchema, readJournal } from '@/formats/jobDocument'
import { readStockTable } from '@/formats/stockTable'
import { readYaml } from '@/formats/yaml'
import { readPinout } from '@/formats/pinout/readPinout'
import type { Database } from './database'
import { firstEntries, newIdMaker } from '@/core/work/kit/firstEntries'
import { reworkEntries } from '@/core/work/rework/reworkEntries'
import { importCatalogue, loadCatalogue } from './repositories/catalogue'
import { addPeople } from './repositories/people'
import { countSpools } from './repositories/spools'
import { countStock } from './repositories/stock'
import type { Catalogue } from '@/core/parts/catalogue/catalogue'
import type { NewEntry } from '@/core/record/journal/entry'
import Papa from 'papaparse'
import type { JobCache } from '@/data/repositories/jobCache'
import { createJob } from '@/data/repositories/createJob'
import { sql } from 'drizzle-orm'
import { listJobs } from './repositories/jobs'

const peopleSchema = z.object({
  format: z.literal('urn-bench/people'),
  version: z.literal(1),
  people: z.array(z.object({ id: z.string().min(1), name: z.string().min(1), role: z.string() })),
})

/** What lies hidden on the stand-in of a job. */
const practiceSchema = z.array(z.strictObject({ job: z.string(), faults: z.array(hiddenFaultSchema) }))

/** Jobs that are planned and not begun. */
const plannedSchema = z.array(
  z.strictObject({
    id: z.string(),
    pinout: z.string(),
    title: z.string(),
    rev: z.string().default('A'),
    rules: z.string().default('sheet-strict'),
    ambientC: z.number().default(20),
    supplyV: z.number().optional(),
    keyings: z.record(z.string(), z.string()).default({}),
    by: z.string(),
    at: z.iso.datetime(),
    kind: z.enum(['build', 're-pin', 'repair']).default('build'),
    /** the harness is there: what its wires have to spare, the pinout that is wanted, what somebody found wrong with it */
    found: z
      .strictObject({
        slackMm: z.number().optional(),
        wanted: z.string().optional(),
        wantedRev: z.string().optional(),
        faults: z
          .array(
            z.strictObject({
              term: z.string(),
              end: z.string(),
              cavity: z.string(),
              fault: z.enum(['stands-low', 'stands-proud']),
              cause: z.string(),
            }),
          )
          .default([]),
      })
      .optional(),
  }),
)

/** Jobs that were worked on, each a file with its journal, and when the bench got it. */
const workedOn = [
  ['float-leads', '2026-11-09T07:00:00Z'],
  ['winch-feed', '2026-11-20T07:30:00Z'],
  ['deck-loom', '2026-11-25T07:00:00Z'],
] as const

/** A folder of the demo's files. */
interface DemoFolder {
  readonly text: (...path: readonly string[]) => string
  readonly yaml: (...path: readonly string[]) => unknown
  readonly list: (folder: string) => readonly string[]
}

function demoFolder(folder: string): DemoFolder {
  const text = (...path: readonly string[]) => readFileSync(join(folder, ...path), 'utf8')
  return {
    text,
    yaml: (...path) => {
      const read = readYaml(text(...path))
      if (!read.ok) throw new Error(`demo ${path.join('/')}: ${read.fault}`)
      return read.value
    },
    list: (name) => readdirSync(join(folder, name)).sort(),
  }
}

/** When the demo's shelf was counted. */
const COUNTED = new Date('2026-11-20T08:00:00Z')

/** Puts the demo's packages on the shelf, and counts stock and spools. */
async function loadShelf(db: Database, { text, list }: DemoFolder): Promise<Catalogue> {
  const packages = list('catalogue').map((file) => {
    const read = readCatalogueFile(text('catalogue', file))
    if (!read.ok) throw new Error(`demo catalogue ${file}: ${JSON.stringify(read.fault[0])}`)
    return read.value
  })
  const imported = await importCatalogue(db, joinPackages(packages), new Date())
  if (!imported.ok) throw new Error(`demo catalogue: ${JSON.stringify(imported.fault[0])}`)
  const catalogue = await loadCatalogue(db, {})
  const counts = readStockTable(text('stock.csv'), (part) => catalogue.names.get(part.toLowerCase())?.id === part)
  if (counts.faults.length > 0) throw new Error(`demo stock: ${JSON.stringify(counts.faults[0])}`)
  await countStock(db, counts.lines, COUNTED)
  const spools = Papa.parse<string[]>(text('spools.csv').trim())
    .data.slice(1)
    .map(([id = '', wireType = '', left = '']) => ({ id, wireType, leftMm: Number(left) }))
  const unknown = spools.find((spool) => !catalogue.wireTypes.has(spool.wireType) || !(spool.leftMm > 0))
  if (unknown) throw new Error(`demo spools: ${JSON.stringify(unknown)}`)
  await countSpools(db, spools, COUNTED)
  return catalogue
}

/** The first entries of a job of the demo: planned new, or taken over as it was found. */
function plannedEntries(
  catalogue: Catalogue,
  { text }: DemoFolder,
  { pinout, at, keyings, found, id: _id, by: _by, ...meta }: z.infer<typeof plannedSchema>[number],
  newId: () => string,
): readonly NewEntry[] {
  const planned = (file: string) => {
    const read = readPinout(text('jobs', file), catalogue)
    if (!read.plan) throw new Error(`demo pinout ${file}: ${JSON.stringify(read.cellFaults[0] ?? read.tableFaults[0])}`)
    return read.plan
  }
  const present = planned(pinout)
  const ends = present.ends.map((end) => ({
    ...end,
    ...(keyings[end.id] !== undefined && { keying: keyings[end.id] }),
  }))
  const plan = { ...emptyPlan, ...meta, ends, wires: [...present.wires] }
  const today = at.slice(0, 10)
  if (!found) return firstEntries(catalogue, plan, today, newId)
  const wanted = found.wanted === undefined ? undefined : planned(found.wanted)
  return [
    ...reworkEntries(
      catalogue,
      plan,
      {
        slackMm: found.slackMm,
        wanted: wanted && { rev: found.wantedRev ?? meta.rev, ends: [...wanted.ends], wires: [...wanted.wires] },
      },
      today,
      newId,
    ),
    ...found.faults.map((fault) => ({ id: newId(), kind: 'seat-faulted' as const, ...fault })),
  ]
}

/**
 * Loads the demo world from its open-format files, by the same code that reads a user's: all of it, or nothing when it is cut
 * short.
 */
export async function loadDemo(db: Database, jobs: JobCache, folder = join(process.cwd(), 'demo')): Promise<void> {
  const files = demoFolder(folder)
  try {
    await db.transaction((tx) => loadWorld(tx, jobs, files))
  } catch (error) {
    // what memory holds of it did not land
    jobs.folded.clear()
    throw error
  }
}

/** Loads the demo world into a bench without jobs; where another process does, it waits for that. */
export const loadDemoIfEmpty = (db: Database, jobs: JobCache): Promise<void> =>
  db.transaction(async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(41004)`)
    if ((await listJobs(tx)).length === 0) await loadDemo(tx, jobs)
  })

async function loadWorld(db: Database, jobs: JobCache, files: DemoFolder): Promise<void> {
  await addPeople(db, peopleSchema.parse(files.yaml('people.yaml')).people)
  const catalogue = await loadShelf(db, files)
  const newId = newIdMaker(Date.now, Math.random)
  for (const planned of plannedSchema.parse(files.yaml('jobs', 'jobs.yaml'))) {
    const { id, by, at } = planned
    const entries = plannedEntries(catalogue, files, planned, newId)
    const made = await createJob(db, jobs, { id, entries, by, now: new Date(at) })
    if (!made.ok) throw new Error(`demo job ${id}: ${JSON.stringify(made.fault)}`)
  }
  for (const [id, at] of workedOn) {
    const document = jobDocumentSchema.parse(JSON.parse(files.text('jobs', `${id}.json`)))
    const { entries, issues } = await readJournal(document.journal ?? [])
    if (issues.length > 0) throw new Error(`demo job ${id}.json: ${JSON.stringify(issues[0])}`)
    const made = await createJob(db, jobs, {
      id,
      entries: entries.map((one) => one.entry),
      stamps: entries.map(({ stamp }) => ({ at: stamp.at, by: stamp.by })),
      by: 'ansa',
      now: new Date(at),
    })
    if (!made.ok) throw new Error(`demo job ${id}.json: ${JSON.stringify(made.fault)}`)
  }
  for (const { job, faults } of practiceSchema.parse(files.yaml('jobs', 'practice.yaml')))
    await writeHidden(db, job, faults)
}

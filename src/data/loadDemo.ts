import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import Papa from 'papaparse'
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
import { createJob, type JobCache } from './repositories/jobs'
import { addPeople } from './repositories/people'
import { countSpools } from './repositories/spools'
import { countStock } from './repositories/stock'

const peopleSchema = z.object({
  format: z.literal('urn-bench/people'),
  version: z.literal(1),
  people: z.array(z.object({ id: z.string().min(1), name: z.string().min(1), role: z.string() })),
})

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
  ['deck-loom', '2026-11-25T07:00:00Z'],
] as const

/** Loads the demo world from its open-format files, by the same code that reads a user's. */
export async function loadDemo(db: Database, jobs: JobCache, folder = join(process.cwd(), 'demo')): Promise<void> {
  const yaml = (file: string): unknown => {
    const read = readYaml(readFileSync(join(folder, file), 'utf8'))
    if (!read.ok) throw new Error(`demo ${file}: ${read.fault}`)
    return read.value
  }
  await addPeople(db, peopleSchema.parse(yaml('people.yaml')).people)
  const packages = readdirSync(join(folder, 'catalogue'))
    .sort()
    .map((file) => {
      const read = readCatalogueFile(readFileSync(join(folder, 'catalogue', file), 'utf8'))
      if (!read.ok) throw new Error(`demo catalogue ${file}: ${JSON.stringify(read.fault[0])}`)
      return read.value
    })
  const imported = await importCatalogue(db, joinPackages(packages), new Date())
  if (!imported.ok) throw new Error(`demo catalogue: ${JSON.stringify(imported.fault[0])}`)
  const catalogue = await loadCatalogue(db, {})
  const counts = readStockTable(
    readFileSync(join(folder, 'stock.csv'), 'utf8'),
    (part) => catalogue.names.get(part.toLowerCase())?.id === part,
  )
  if (counts.faults.length > 0) throw new Error(`demo stock: ${JSON.stringify(counts.faults[0])}`)
  await countStock(db, counts.lines, new Date('2026-11-20T08:00:00Z'))

  const spools = Papa.parse<string[]>(readFileSync(join(folder, 'spools.csv'), 'utf8').trim())
    .data.slice(1)
    .map(([id = '', wireType = '', left = '']) => ({ id, wireType, leftMm: Number(left) }))
  const unknown = spools.find((spool) => !catalogue.wireTypes.has(spool.wireType) || !(spool.leftMm > 0))
  if (unknown) throw new Error(`demo spools: ${JSON.stringify(unknown)}`)
  await countSpools(db, spools, new Date('2026-11-20T08:00:00Z'))

  const newId = newIdMaker(Date.now, Math.random)
  const planned = (file: string) => {
    const read = readPinout(readFileSync(join(folder, 'jobs', file), 'utf8'), catalogue)
    if (!read.plan) throw new Error(`demo pinout ${file}: ${JSON.stringify(read.cellFaults[0] ?? read.tableFaults[0])}`)
    return read.plan
  }
  for (const { id, pinout, at, by, keyings, found, ...meta } of plannedSchema.parse(yaml('jobs/jobs.yaml'))) {
    const present = planned(pinout)
    const ends = present.ends.map((end) => ({
      ...end,
      ...(keyings[end.id] !== undefined && { keying: keyings[end.id] }),
    }))
    const plan = { ...emptyPlan, ...meta, ends, wires: [...present.wires] }
    const today = at.slice(0, 10)
    const wanted =
      found?.wanted === undefined ? undefined : { ...planned(found.wanted), rev: found.wantedRev ?? meta.rev }
    const entries = found
      ? [
          ...reworkEntries(
            catalogue,
            plan,
            {
              slackMm: found.slackMm,
              wanted: wanted && { rev: wanted.rev, ends: [...wanted.ends], wires: [...wanted.wires] },
            },
            today,
            newId,
          ),
          ...found.faults.map((fault) => ({ id: newId(), kind: 'seat-faulted' as const, ...fault })),
        ]
      : firstEntries(catalogue, plan, today, newId)
    const made = await createJob(db, jobs, { id, entries, by, now: new Date(at) })
    if (!made.ok) throw new Error(`demo job ${id}: ${JSON.stringify(made.fault)}`)
  }

  for (const [id, at] of workedOn) {
    const document = jobDocumentSchema.parse(JSON.parse(readFileSync(join(folder, 'jobs', `${id}.json`), 'utf8')))
    const { entries, issues } = readJournal(document.journal ?? [])
    if (issues.length > 0) throw new Error(`demo job ${id}.json: ${JSON.stringify(issues[0])}`)
    const made = await createJob(db, jobs, {
      id,
      entries: entries.map((one) => one.entry),
      stamps: entries.map(({ stamp }) => ({ at: stamp.at, by: stamp.by })),
      by: 'ansa',
      now: new Date(at),
    })
    if (!made.ok)
      throw new Error(`demo job ${id}.json: entry ${String(made.fault.index)}: ${JSON.stringify(made.fault.refusal)}`)
  }
}

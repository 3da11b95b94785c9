import { z } from 'zod'
import { catalogueSchema } from '@/core/parts/catalogue/schema'
import { progress } from '@/core/views/progress'
import { emptyPlan, type Plan } from '@/core/record/plan/plan'
import { entrySchema } from '@/core/record/journal/schema'
import type { NewEntry } from '@/core/record/journal/entry'
import { isClosed } from '@/core/record/state/state'
import { brokenLink } from '@/data/entryHash'
import { firstEntries, newIdMaker } from '@/core/work/kit/firstEntries'
import { reworkEntries } from '@/core/work/rework/reworkEntries'
import { importCatalogue, loadCatalogue, readCatalogueInput } from '@/data/repositories/catalogue'
import { appendEntries, createJob, listJobs, loadJob, readEntries } from '@/data/repositories/jobs'
import { jobDocument, jobDocumentSchema, readJournal } from '@/formats/jobDocument'
import { cellProblemWords, columnWords, tableFaultWords } from '@/formats/pinout/pinoutWords'
import { readPinout } from '@/formats/pinout/readPinout'
import { catalogueFaultWords } from '@/words/catalogue'
import { planFaultWords } from '@/words/plan'
import { refusalWords } from '@/words/refusals'
import {
  answer,
  badInput,
  conflict,
  created,
  endpoint,
  IMPORT_LIMIT,
  noAnswer,
  notFound,
  type Answer,
  type ApiContext,
} from '../endpoint'

const newId = newIdMaker(Date.now, Math.random)

const countSchema = z.object({ done: z.number(), total: z.number() })
const progressSchema = z.object({
  plan: countSchema,
  kit: countSchema,
  prep: countSchema,
  crimp: countSchema,
  seat: countSchema,
  prove: countSchema,
  close: countSchema,
})

export const listJobsEndpoint = endpoint({
  method: 'GET',
  path: 'jobs',
  summary: 'Jobs, newest first; ?state=open or ?state=closed',
  output: z.object({
    jobs: z.array(
      z.object({
        id: z.string(),
        title: z.string(),
        rev: z.string(),
        kind: z.string(),
        quantity: z.number(),
        state: z.enum(['open', 'closed']),
        progress: progressSchema,
      }),
    ),
  }),
  handle: async (_input, { bench, query }) => {
    const state = query.get('state')
    if (state !== null && state !== 'open' && state !== 'closed')
      return badInput([{ path: ['state'], message: 'must be open or closed' }])
    const heads = await listJobs(bench.db, state === null ? undefined : state === 'closed')
    const jobs = await Promise.all(
      heads.map(async ({ id }) => {
        const folded = await loadJob(bench.db, bench.jobs, id)
        if (!folded) return []
        const { title, rev, kind, quantity } = folded.state.plan
        return [
          {
            id,
            title,
            rev,
            kind,
            quantity,
            state: isClosed(folded.state) ? 'closed' : 'open',
            progress: progress(folded.state),
          },
        ]
      }),
    )
    return answer({ jobs: jobs.flat() })
  },
})

export const makeJobEndpoint = endpoint({
  method: 'POST',
  path: 'jobs',
  summary: 'A new job from a job document, or from a pinout as text/csv with ?title= and ?ends=A:housing,B:housing',
  input: jobDocumentSchema,
  output: z.object({ id: z.string() }),
  limitBytes: IMPORT_LIMIT,
  accepts: ['text/csv'],
  handle: (document, context) =>
    context.contentType === 'text/csv' ? jobFromCsv(context) : jobFromDocument(document, context),
})

/** A re-pin or repair begins with a harness that is there; `slackMm` is what each of its wires has to spare. */
const foundSchema = z.object({
  kind: z.enum(['build', 're-pin', 'repair'], 'must be build, re-pin or repair').default('build'),
  slackMm: z.coerce
    .number('must be a length in mm')
    .min(0, 'must not be below 0')
    .max(10_000, 'must be at most 10 m')
    .optional(),
})

async function jobFromCsv({ bench, query, text, now, by }: ApiContext): Promise<Answer> {
  const picks = Object.fromEntries(
    (query.get('ends') ?? '')
      .split(',')
      .filter(Boolean)
      .map((pair) => [pair.slice(0, pair.indexOf(':')).trim(), pair.slice(pair.indexOf(':') + 1).trim()]),
  )
  const catalogue = await loadCatalogue(bench.db, bench.catalogue)
  const reading = readPinout(text, catalogue, picks)
  if (!reading.plan) {
    return badInput([
      ...reading.tableFaults.map((fault) => ({
        path: 'row' in fault ? ['row', fault.row] : [],
        message: tableFaultWords(fault),
      })),
      ...reading.cellFaults.map((fault) => ({
        path: ['row', fault.row, columnWords(fault.column)],
        message: cellProblemWords(fault.problem, fault.found),
      })),
    ])
  }
  const how = foundSchema.safeParse(Object.fromEntries(query))
  if (!how.success)
    return badInput(how.error.issues.map((issue) => ({ path: issue.path.map(String), message: issue.message })))
  const { kind, slackMm } = how.data
  const plan: Plan = {
    ...emptyPlan,
    title: titleOf(query),
    kind,
    ends: [...reading.plan.ends],
    wires: [...reading.plan.wires],
  }
  const today = now.toISOString().slice(0, 10)
  return make(
    context(bench, now, by),
    kind === 'build'
      ? firstEntries(catalogue, plan, today, newId)
      : reworkEntries(catalogue, plan, { slackMm }, today, newId),
  )
}

const titleOf = (query: URLSearchParams) => {
  const title = query.get('title')?.trim().slice(0, 120) ?? ''
  return title === '' ? 'New job' : title
}

const context = (bench: ApiContext['bench'], now: Date, by: string) => ({ bench, now, by })

async function jobFromDocument(
  document: z.infer<typeof jobDocumentSchema>,
  { bench, now, by }: ApiContext,
): Promise<Answer> {
  if (document.journal && document.journal.length > 0) {
    const { entries, issues } = readJournal(document.journal)
    if (issues.length > 0) return badInput(issues.slice(0, 50))
    const kept = entries.map(({ entry, stamp }) => ({ ...entry, ...stamp }))
    const broken = brokenLink(kept)
    if (broken !== undefined)
      return badInput([
        {
          path: ['journal', kept.findIndex((entry) => entry.seq === broken)],
          message: `entry ${broken} does not follow from the one before it: the record was changed, or entries are missing`,
        },
      ])
    return make(
      context(bench, now, by),
      entries.map(({ entry }) => entry),
      entries.map(({ stamp }) => ({ at: stamp.at, by: stamp.by })),
    )
  }
  const catalogue = await loadCatalogue(bench.db, bench.catalogue)
  const entries = firstEntries(catalogue, document.plan, now.toISOString().slice(0, 10), newId)
  const [first, ...rest] = entries
  const withFacts =
    first?.kind === 'plan-changed' && document.facts ? [{ ...first, facts: document.facts }, ...rest] : entries
  return make(context(bench, now, by), withFacts)
}

async function make(
  { bench, now, by }: Pick<ApiContext, 'bench' | 'now' | 'by'>,
  entries: readonly NewEntry[],
  stamps?: readonly { at: string; by: string }[],
): Promise<Answer> {
  const made = await createJob(bench.db, bench.jobs, { id: newId(), entries, by, now, ...(stamps && { stamps }) })
  if (made.ok) return created({ id: made.value.id })
  const { refusal, index } = made.fault
  const message = refusal.code === 'plan-fault' ? planFaultWords(refusal.fault, refusal.detail) : refusalWords(refusal)
  return badInput([{ path: stamps ? ['journal', index] : ['plan'], message }])
}

export const readJobEndpoint = endpoint({
  method: 'GET',
  path: 'jobs/:id',
  summary: 'A job as a document: plan, pinned facts, folded state, journal. POST jobs takes it as a new job',
  output: jobDocumentSchema,
  handle: async (_input, { bench, params }) => {
    const id = params.id ?? ''
    const folded = await loadJob(bench.db, bench.jobs, id)
    return folded ? answer(jobDocument(id, folded.state, await readEntries(bench.db, id, 0))) : notFound(`no job ${id}`)
  },
})

export const readJournalEndpoint = endpoint({
  method: 'GET',
  path: 'jobs/:id/journal',
  summary: 'Entries after a sequence number: ?after=, ?limit= (500, at most 5000)',
  output: z.object({
    entries: z.array(z.looseObject({ seq: z.number(), kind: z.string(), hash: z.string() })),
    last: z.number(),
  }),
  handle: async (_input, { bench, params, query }) => {
    const id = params.id ?? ''
    const after = wholeNumber(query.get('after'), 0)
    const limit = wholeNumber(query.get('limit'), 500)
    if (after === undefined || limit === undefined || limit < 1)
      return badInput([
        { path: [after === undefined ? 'after' : 'limit'], message: 'must be a whole number from 0 on' },
      ])
    const folded = await loadJob(bench.db, bench.jobs, id)
    if (!folded) return notFound(`no job ${id}`)
    const last = folded.state.seq
    return answer({ entries: after >= last ? [] : await readEntries(bench.db, id, after, Math.min(limit, 5000)), last })
  },
})

const wholeNumber = (text: string | null, otherwise: number): number | undefined =>
  text === null ? otherwise : /^\d{1,9}$/.test(text) ? Number(text) : undefined

export const appendEndpoint = endpoint({
  method: 'POST',
  path: 'jobs/:id/journal',
  summary:
    'Appends entries, all or none. `seen` is the last sequence number you know; an entry whose id is there already is answered as it was',
  input: z.strictObject({ seen: z.number().int().min(0), entries: z.array(entrySchema).min(1).max(500) }),
  output: z.object({ entries: z.array(z.looseObject({ seq: z.number(), kind: z.string(), hash: z.string() })) }),
  handle: async ({ seen, entries }, { bench, params, now, by }) => {
    const appended = await appendEntries(bench.db, bench.jobs, { jobId: params.id ?? '', seen, entries, by, now })
    if (appended.ok) return created({ entries: appended.value })
    const { fault } = appended
    switch (fault.code) {
      case 'not-found':
        return notFound(`no job ${params.id ?? ''}`)
      case 'conflict':
        return conflict({
          entry: fault.entry,
          entries: fault.entries,
          last: fault.last,
          message: 'somebody else changed the same thing in between: look at the entries, then decide again',
        })
      case 'ahead':
        return badInput([{ path: ['seen'], message: `the journal ends at ${fault.last}` }])
      case 'refused':
        return noAnswer({ ...fault.refusal, entry: fault.entry, message: refusalWords(fault.refusal) })
    }
  },
})

export const readCatalogueEndpoint = endpoint({
  method: 'GET',
  path: 'catalogue',
  summary: 'The whole shelf and crib as a catalogue package',
  output: catalogueSchema,
  handle: async (_input, { bench }) => answer(await readCatalogueInput(bench.db)),
})

export const importCatalogueEndpoint = endpoint({
  method: 'POST',
  path: 'catalogue',
  summary: 'Lays a catalogue package over the shelf: items are added or replaced by id, nothing is removed',
  input: catalogueSchema,
  output: z.object({ added: z.array(z.string()), changed: z.array(z.string()), same: z.number() }),
  limitBytes: IMPORT_LIMIT,
  handle: async (input, { bench, now }) => {
    const imported = await importCatalogue(bench.db, input, now)
    return imported.ok
      ? answer(imported.value)
      : badInput(imported.fault.slice(0, 50).map((fault) => ({ path: [], message: catalogueFaultWords(fault) })))
  },
})

export const previewPinoutEndpoint = endpoint({
  method: 'POST',
  path: 'pinout/preview',
  summary: 'A pinout in CSV as it will be read, with every fault; nothing is written',
  input: z.strictObject({ csv: z.string(), ends: z.record(z.string(), z.string()).default({}) }),
  output: z.object({
    rows: z.array(z.object({ row: z.number(), cells: z.record(z.string(), z.string()), read: z.boolean() })),
    ends: z.array(z.object({ id: z.string(), housing: z.string().optional(), from: z.string(), wires: z.number() })),
    faults: z.array(
      z.object({
        row: z.number().optional(),
        column: z.string().optional(),
        found: z.string().optional(),
        message: z.string(),
      }),
    ),
    ignored: z.array(z.string()),
    valid: z.boolean(),
  }),
  handle: async ({ csv, ends }, { bench }) => {
    const reading = readPinout(csv, await loadCatalogue(bench.db, bench.catalogue), ends)
    return answer({
      rows: reading.rows.map(({ row, cells, wire }) => ({ row, cells, read: wire !== undefined })),
      ends: reading.ends,
      faults: [
        ...reading.tableFaults.map((fault) => ({
          ...('row' in fault && { row: fault.row }),
          message: tableFaultWords(fault),
        })),
        ...reading.cellFaults.map((fault) => ({
          row: fault.row,
          column: columnWords(fault.column),
          found: fault.found,
          message: cellProblemWords(fault.problem, fault.found),
        })),
      ],
      ignored: reading.ignored,
      valid: reading.plan !== undefined,
    })
  },
})

import { clockIn } from '@/data/benchClock'
import { z } from 'zod'
import { jobDocumentSchema, readJournal } from '@/formats/jobDocument'
import { type Answered, type ApiContext, type Failed, IMPORT_LIMIT, badInput, created, endpoint } from '@/api/endpoint'
import type { Refusal } from '@/core/record/journal/entryKind'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { createJob, type RecordStamp } from '@/data/repositories/jobs'
import { readPinout } from '@/formats/pinout/readPinout'
import { reworkEntries } from '@/core/work/rework/reworkEntries'
import { firstEntries, newIdMaker } from '@/core/work/kit/firstEntries'
import type { NewEntry } from '@/core/record/journal/entry'
import { type Plan, emptyPlan } from '@/core/record/plan/plan'
import { refusalWords } from '@/words/refusals'
import { cellProblemWords, columnWords, tableFaultWords } from '@/words/pinout'
import { brokenLink } from '@/data/entryHash'
import { planFaultWords } from '@/words/plan'

const newId = newIdMaker(Date.now, Math.random)

/** A re-pin or repair begins with a harness that is there; `slackMm` is what each of its wires has to spare. */
const csvQuery = z.object({
  title: z.string().optional(),
  /** `A:housing,B:housing` */
  ends: z.string().optional(),
  kind: z.enum(['build', 're-pin', 'repair'], 'must be build, re-pin or repair').default('build'),
  slackMm: z.coerce
    .number('must be a length in mm')
    .min(0, 'must not be below 0')
    .max(10_000, 'must be at most 10 m')
    .optional(),
})
type Context = ApiContext<z.infer<typeof csvQuery>>

/** Where a record that was read in holds an entry that would not be admitted today. */
const remarkSchema = z.object({ seq: z.number().int(), code: z.string(), message: z.string() })

type Made =
  Answered<{ readonly id: string; readonly remarks?: readonly z.infer<typeof remarkSchema>[] }, 201> | Failed<400>

export const makeJobEndpoint = endpoint({
  method: 'POST',
  path: 'jobs',
  summary: 'A new job from a job document, or from a pinout as text/csv with ?title= and ?ends=A:housing,B:housing',
  input: jobDocumentSchema,
  query: csvQuery,
  output: z.object({ id: z.string(), remarks: z.array(remarkSchema).optional() }),
  succeeds: 201,
  limitBytes: IMPORT_LIMIT,
  accepts: ['text/csv'],
  handle: (document, context) =>
    context.contentType === 'text/csv' ? jobFromCsv(context) : jobFromDocument(document, context),
})

async function jobFromCsv({ bench, query, text, now, by }: Context): Promise<Made> {
  const picks = Object.fromEntries(
    (query.ends ?? '')
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
  const { kind, slackMm } = query
  const plan: Plan = {
    ...emptyPlan,
    title: titleOf(query.title),
    kind,
    ends: [...reading.plan.ends],
    wires: [...reading.plan.wires],
  }
  const today = (await clockIn(bench.db)).dayOf(now)
  return make(
    context(bench, now, by),
    kind === 'build'
      ? firstEntries(catalogue, plan, today, newId)
      : reworkEntries(catalogue, plan, { slackMm }, today, newId),
  )
}

const titleOf = (said = '') => {
  const title = said.trim().slice(0, 120)
  return title === '' ? 'New job' : title
}

const context = (bench: ApiContext['bench'], now: Date, by: string) => ({ bench, now, by })

async function jobFromDocument(
  document: z.infer<typeof jobDocumentSchema>,
  { bench, now, by }: Context,
): Promise<Made> {
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
      entries.map(({ stamp: { at, by: author, ...chain } }) => ({ at, by: author, chain })),
    )
  }
  const catalogue = await loadCatalogue(bench.db, bench.catalogue)
  const entries = firstEntries(catalogue, document.plan, (await clockIn(bench.db)).dayOf(now), newId)
  const [first, ...rest] = entries
  const withFacts =
    first?.kind === 'plan-changed' && document.facts ? [{ ...first, facts: document.facts }, ...rest] : entries
  return make(context(bench, now, by), withFacts)
}

async function make(
  { bench, now, by }: Pick<ApiContext, 'bench' | 'now' | 'by'>,
  entries: readonly NewEntry[],
  stamps?: readonly RecordStamp[],
): Promise<Made> {
  const { dayOf } = await clockIn(bench.db)
  const made = await createJob(bench.db, bench.jobs, {
    id: newId(),
    entries,
    by,
    now,
    dayOf,
    ...(stamps && { stamps }),
  })
  if (made.ok) {
    const { id, remarks } = made.value
    const said = remarks.map(({ seq, refusal }) => ({ seq, code: refusal.kind, message: messageOf(refusal) }))
    return created({ id, ...(said.length > 0 && { remarks: said }) })
  }
  const { refusal, index } = made.fault
  const message = messageOf(refusal)
  return badInput([{ path: stamps ? ['journal', index] : ['plan'], message }])
}

const messageOf = (refusal: Refusal): string =>
  refusal.kind === 'plan-fault' ? planFaultWords(refusal.fault, refusal.detail) : refusalWords(refusal)

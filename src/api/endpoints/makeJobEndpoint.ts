import { clockIn } from '@/data/benchClock'
import { z } from 'zod'
import { type JobDocument, type JournalIssue, jobDocumentSchema } from '@/formats/jobDocument'
import { readRecord } from '@/formats/readRecord'
import {
  type Answered,
  type ApiContext,
  type Failed,
  IMPORT_LIMIT,
  answer,
  badInput,
  conflict,
  created,
  endpoint,
} from '@/api/endpoint'
import { cutText } from '@/core/base/cutText'
import { unknownAuthor } from '@/data/repositories/authors'
import { authorUnknownWords, forkedWords } from '@/words/records'
import type { Refusal } from '@/core/record/journal/entryKind'
import { loadCatalogue, readCatalogueInput } from '@/data/repositories/catalogue'
import { JOB_INLINE, type JobHead, entriesOfPiece, headOfPieces } from '@/threads/jobPieces'
import { compute, readyCompute } from '@/threads/compute'
import { PINOUT_INLINE, type PinoutOrder, pinoutJob } from '@/threads/pinoutJob'
import { firstEntries, newIdMaker } from '@/core/work/kit/firstEntries'
import type { Breath } from '@/core/base/breath'
import type { KeptEntry } from '@/core/record/journal/entry'
import { refusalWords } from '@/words/refusals'
import { planFaultWords } from '@/words/plan'
import { newBreath } from '@/data/breath'
import { type NewJob, createJob } from '@/data/repositories/createJob'
import { NewRecord } from '@/data/repositories/newRecord'
import { photosNamed, readSentPhotos } from '@/data/repositories/recordPhotos'
import { sentPhotoFaultWords } from '@/words/photos'

const newId = newIdMaker(Date.now, Math.random)
const CSV = 'text/csv'

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
  /** a record is read in as a copy beside the job that it is, or that begins alike */
  copy: z.literal('1', 'must be 1').optional(),
  /** the name of the file that a record comes from */
  file: z.string().max(200).optional(),
})
type Context = ApiContext<z.infer<typeof csvQuery>>

/** Where a record that was read in holds an entry that would not be admitted today. */
const remarkSchema = z.object({ seq: z.number().int(), code: z.string(), message: z.string() })

type Made =
  | Answered<{ readonly id: string; readonly remarks?: readonly z.infer<typeof remarkSchema>[] }, 201>
  | Answered<{ readonly id: string; readonly already: boolean }, 200>
  | Failed<400>
  | Failed<409>

export const makeJobEndpoint = endpoint({
  method: 'POST',
  path: 'jobs',
  summary: 'A new job from a job document, or from a pinout as text/csv with ?title= and ?ends=A:housing,B:housing',
  input: jobDocumentSchema,
  query: csvQuery,
  output: z.object({
    id: z.string(),
    /** the record is here: this is the job that it is, and nothing was written */
    already: z.boolean().optional(),
    remarks: z.array(remarkSchema).optional(),
  }),
  succeeds: [201, 200],
  fails: [409, 422],
  limitBytes: IMPORT_LIMIT,
  accepts: [CSV],
  large: { above: (contentType) => (contentType === CSV ? PINOUT_INLINE : JOB_INLINE), ready: readyCompute },
  handle: async (document, context) => {
    const unknown = await unknownAuthor(context.bench.db, [context.by])
    if (unknown !== undefined) return badInput([{ path: ['by'], message: authorUnknownWords(unknown) }])
    if (context.contentType === CSV) return jobFromCsv(context)
    return context.bytes ? jobFromBytes(context.bytes, context) : jobFromDocument(document, context)
  },
})

async function jobFromCsv(context: Context): Promise<Made> {
  const { bench, query, text, bytes, now } = context
  const order: Omit<PinoutOrder, 'csv'> = {
    picks: Object.fromEntries(
      (query.ends ?? '')
        .split(',')
        .filter(Boolean)
        .map((pair) => [pair.slice(0, pair.indexOf(':')).trim(), pair.slice(pair.indexOf(':') + 1).trim()]),
    ),
    kind: query.kind,
    slackMm: query.slackMm,
    title: titleOf(query.title),
    today: (await clockIn(bench.db)).dayOf(now),
  }
  const entries = bytes
    ? await compute('pinout-job', { csv: bytes, order, shelf: await readCatalogueInput(bench.db) })
    : pinoutJob({ ...order, csv: text }, await loadCatalogue(bench.db, bench.catalogue), newId)
  return entries.ok ? make(context, { entries: entries.value }) : badInput(entries.fault)
}

const titleOf = (said = '') => {
  const title = cutText(said.trim(), 120)
  return title === '' ? 'New job' : title
}

async function jobFromDocument({ journal = [], ...head }: JobDocument, context: Context): Promise<Made> {
  if (journal.length === 0) return jobFromPlan(head, context)
  // a long record is read in slices: others have their turn between them
  const breath = newBreath()
  const record = await newRecord(context, breath)
  const issues = await readRecord(journal, (entries) => record.take(entries), breath)
  return issues.length > 0 ? unfit(issues) : readIn(head, record, context)
}

/** A large document is read beside the requests, and its record folded here as it comes. */
async function jobFromBytes(bytes: Uint8Array, context: Context): Promise<Made> {
  const record = await newRecord(context, newBreath())
  let folded = Promise.resolve()
  const read = await compute('job-pieces', bytes, (piece) => {
    folded = folded.then(() => record.take(entriesOfPiece(piece)))
    // it is waited for below, and may have failed before
    folded.catch(() => undefined)
  })
  await folded
  if (!read.ok) return unfit(read.issues)
  const head = headOfPieces(read)
  return record.kept.length === 0 && !record.refused ? jobFromPlan(head, context) : readIn(head, record, context)
}

const unfit = (issues: readonly JournalIssue[]): Made => badInput(issues.slice(0, 50))

const newRecord = async ({ bench }: Context, breath: Breath): Promise<NewRecord> =>
  new NewRecord('elsewhere', breath, (await clockIn(bench.db)).dayOf)

async function jobFromPlan({ plan, facts }: JobHead, context: Context): Promise<Made> {
  const { bench, now } = context
  const catalogue = await loadCatalogue(bench.db, bench.catalogue)
  const entries = firstEntries(catalogue, plan, (await clockIn(bench.db)).dayOf(now), newId)
  const [first, ...rest] = entries
  const withFacts = first?.kind === 'plan-changed' && facts ? [{ ...first, facts }, ...rest] : entries
  return make(context, { entries: withFacts })
}

/** A record that was made elsewhere, or here, and was found whole: what the file says of it is held against it. */
async function readIn({ state, photos: sent = {} }: JobHead, record: NewRecord, context: Context): Promise<Made> {
  if (record.refused) return make(context, { record })
  const said = statedAgainst(state, record.kept)
  if (said) return badInput([said])
  const photos = await readSentPhotos(sent, photosNamed(record.kept))
  if (!photos.ok)
    return badInput([{ path: ['photos', photos.fault.id], message: sentPhotoFaultWords(photos.fault.fault) }])
  const { copy, file } = context.query
  return make(context, { photos: photos.value, record, readIn: { file, copy: copy === '1' } })
}

/** What a file says of where its record stands must be so: the number of its last entry, and whether it is signed. */
function statedAgainst(
  state: JobDocument['state'],
  kept: readonly Pick<KeptEntry, 'seq' | 'kind'>[],
): { readonly path: readonly string[]; readonly message: string } | undefined {
  const last = kept.at(-1)?.seq ?? 0
  if (state?.seq !== undefined && state.seq !== last)
    return {
      path: ['state', 'seq'],
      message: `the file says that its record ends at entry ${state.seq}, its journal at ${last}: it was changed, or entries are missing`,
    }
  const ends = kept.findLast(({ kind }) => kind === 'signed' || kind === 'reopened')
  const closed = ends?.kind === 'signed'
  if (state?.closed !== undefined && state.closed !== closed)
    return {
      path: ['state', 'closed'],
      message: `the file says that it is ${state.closed ? '' : 'not '}signed, its journal that it is${closed ? '' : ' not'}`,
    }
  return undefined
}

async function make(
  { bench, now, by, key }: Context,
  job: Pick<NewJob, 'entries' | 'record' | 'readIn' | 'photos'>,
): Promise<Made> {
  const { dayOf } = await clockIn(bench.db)
  const made = await createJob(bench.db, bench.jobs, { id: newId(), by, now, dayOf, key, ...job })
  if (made.ok) {
    const { id, already, remarks } = made.value
    if (already) return answer({ id, already })
    const said = remarks.map(({ seq, refusal }) => ({ seq, code: refusal.kind, message: messageOf(refusal) }))
    return created({ id, ...(said.length > 0 && { remarks: said }) })
  }
  const { fault } = made
  if (fault.kind === 'forked')
    return conflict({ job: fault.job, seq: fault.seq, message: forkedWords(fault.job, fault.seq) })
  return badInput([{ path: job.record ? ['journal', fault.index] : ['plan'], message: messageOf(fault.refusal) }])
}

const messageOf = (refusal: Refusal): string =>
  refusal.kind === 'plan-fault' ? planFaultWords(refusal.fault, refusal.detail) : refusalWords(refusal)

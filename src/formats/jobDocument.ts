import { z } from 'zod'
import { type Breath, noBreath } from '@/core/base/breath'
import { plainIssues } from '@/words/plainIssues'
import type { Provenance } from '@/core/record/journal/recordFault'
import { recordFaultWords } from '@/words/records'
import { setupPartIds } from '@/core/craft/crimp/setupPart'
import { factsSchema } from '@/core/parts/catalogue/schema'
import { planSchema } from '@/core/record/plan/schema'
import { progress } from '@/core/views/progress'
import { nextStep } from '@/core/views/steps'
import { entrySchema, keptEntrySchema, stampSchema } from '@/core/record/journal/schema'
import type { KeptEntry, NewEntry } from '@/core/record/journal/entry'
import { type JobState, isClosed } from '@/core/record/state/state'
import type { DeepReadonly } from '@/core/base/deepReadonly'
import { planIndex } from '@/core/record/plan/plan'
import { redoneIds } from '@/core/craft/faults/damage'
import { chosenSetSchema } from '@/core/craft/setup/schema'

/** No record is longer. */
const JOURNAL_MOST = 200_000

/**
 * A job as a file. With a journal, the journal is the job: plan and facts beside it are what it adds up to.
 * Without one, plan and facts make a new job.
 */
export const jobDocumentSchema = z.object({
  format: z.literal('urn-bench/job'),
  version: z.literal(1),
  id: z.string().optional(),
  plan: planSchema,
  facts: factsSchema.optional(),
  state: z.looseObject({ seq: z.number().int().optional(), closed: z.boolean().optional() }).optional(),
  journal: z
    .array(z.looseObject({ kind: z.string() }))
    .max(JOURNAL_MOST)
    .optional(),
  /** pictures that the journal names: WebP as base64 by the SHA-256 of its bytes */
  photos: z.record(z.string(), z.string()).optional(),
})

export type JobDocument = z.infer<typeof jobDocumentSchema>

/** Is it what `jobDocumentSchema` takes for a journal? Asked by hand: the schema copies each of many thousand entries. */
export const isJournal = (value: unknown): value is NonNullable<JobDocument['journal']> =>
  Array.isArray(value) && value.length <= JOURNAL_MOST && value.every(isEntryLike)

const isEntryLike = (one: unknown): boolean =>
  typeof one === 'object' && one !== null && !Array.isArray(one) && 'kind' in one && typeof one.kind === 'string'

export interface StampedEntry {
  readonly entry: NewEntry
  readonly stamp: z.infer<typeof stampSchema>
}

export interface JournalIssue {
  readonly path: readonly (string | number)[]
  readonly message: string
}

/**
 * Splits the entries of a document into what was said and its stamps, checking both.
 * @param breath lets others have their turn: a record of many thousand entries takes a second
 * @param from where in the document's journal the first of these stands
 */
export async function readJournal(
  journal: readonly Record<string, unknown>[],
  breath: Breath = noBreath,
  from = 0,
): Promise<{
  readonly entries: readonly StampedEntry[]
  readonly issues: readonly JournalIssue[]
}> {
  const entries: StampedEntry[] = []
  const issues: JournalIssue[] = []
  for (const [index, raw] of journal.entries()) {
    await breath()
    const { seq, at, by, prev, hash, ...said } = raw
    const stamp = stampSchema.safeParse({ seq, at, by, prev, hash })
    const entry = entrySchema.safeParse(said)
    for (const error of [stamp.error, entry.error]) {
      for (const { path, message } of error ? plainIssues(error) : [])
        issues.push({ path: ['journal', from + index, ...path], message })
    }
    if (stamp.success && entry.success) entries.push({ entry: entry.data, stamp: stamp.data })
  }
  return { entries, issues }
}

const countSchema = z.object({ done: z.number().int(), total: z.number().int() })
/** How far a job is, station by station. */
export const progressSchema = z.object({
  plan: countSchema,
  kit: countSchema,
  prep: countSchema,
  crimp: countSchema,
  seat: countSchema,
  prove: countSchema,
  close: countSchema,
})

const done = { at: z.string() }
/** pulled to see whether it holds */
const heldSchema = z.object({
  ...done,
  by: z.string(),
  held: z.boolean(),
  forceN: z.number().optional(),
  askedN: z.number().optional(),
})
const terminationSchema = z.object({
  /** `unit/wire/side` */
  key: z.string(),
  end: z.string().optional(),
  cavity: z.string().optional(),
  /** where it goes into no cavity */
  kind: z.enum(['terminal', 'splice']).optional(),
  part: z.string().optional(),
  splice: z.string().optional(),
  stripped: z
    .object({
      ...done,
      stripMm: z.number(),
      lengthFrom: z.enum(['measured', 'stop']).optional(),
      threaded: z.array(z.string()),
      strandsLost: z.number(),
      practices: z.array(z.string()).optional(),
      together: z.number().optional(),
    })
    .optional(),
  crimp: z
    .object({
      ...done,
      by: z.string(),
      setup: z.string(),
      contact: z.string().optional(),
      heightMm: z.number().optional(),
      practices: z.array(z.string()).optional(),
      /** its looks were answered at once; left out, one by one */
      together: z.literal(true).optional(),
      handPull: heldSchema.optional(),
    })
    .optional(),
  heights: z.array(z.object({ ...done, setup: z.string(), heightMm: z.number() })).optional(),
  seat: z
    .object({
      ...done,
      by: z.string(),
      end: z.string(),
      cavity: z.string(),
      home: z.boolean(),
      tug: z.enum(['by-hand', 'gauge']).optional(),
      tugN: z.number().optional(),
      tugAskedN: z.number().optional(),
      /** what helped it in */
      helps: z.array(z.string()).optional(),
      retention: heldSchema.optional(),
    })
    .optional(),
  scrapped: z.number().optional(),
  cameLost: z.number().optional(),
  redone: z.number().optional(),
  usedMm: z.number().optional(),
  extractions: z.number().optional(),
  damaged: z.object({ what: z.enum(redoneIds), lostMm: z.number() }).optional(),
  /** how it lay before it was cut off */
  layBefore: z.string().optional(),
  suspect: z
    .object({
      ...done,
      by: z.string(),
      cause: z.string(),
      part: z.enum(setupPartIds),
      tool: z.string(),
      foundIn: z.string().optional(),
    })
    .optional(),
  outOf: z.string().optional(),
  set: chosenSetSchema.nullable(),
})

/** The folded state of a job in plain figures: what another program wants to know without folding. */
const stateSummarySchema = z.object({
  seq: z.number().int(),
  closed: z.boolean(),
  progress: progressSchema,
  next: z.string(),
  terminations: z.array(terminationSchema),
})
type StateSummary = z.infer<typeof stateSummarySchema>

/** A job as it is given out: what `jobDocumentSchema` takes, and what the journal adds up to. */
export const jobAnswerSchema = z.object({
  format: z.literal('urn-bench/job'),
  version: z.literal(1),
  id: z.string(),
  title: z.string(),
  rev: z.string(),
  kind: z.string(),
  quantity: z.number().int(),
  plan: planSchema,
  facts: factsSchema,
  state: stateSummarySchema,
  journal: z.array(keptEntrySchema),
  /** where the record is not whole: state and plan are those of the entries that hold */
  brokenAt: z.number().int().optional(),
  why: z.string().optional(),
  /** where it was made elsewhere */
  readIn: z
    .object({ by: z.string(), at: z.string(), file: z.string().optional(), entries: z.number().int() })
    .optional(),
  copyOf: z.string().optional(),
  /** where they are asked for */
  photos: z.record(z.string(), z.string()).optional(),
})

/** A job as it is given out. */
export type JobAnswer = DeepReadonly<z.input<typeof jobAnswerSchema>>

export function stateSummary(state: JobState): DeepReadonly<StateSummary> {
  return {
    seq: state.seq,
    closed: isClosed(state),
    progress: progress(state),
    next: nextStep(state).kind,
    terminations: planIndex(state.plan).terminations.map((termination) => {
      const { at } = termination
      return {
        key: termination.key,
        ...(at.kind === 'cavity' ? { end: at.end, cavity: at.cavity } : at),
        ...state.terms.get(termination.key),
        set: state.sets.get(`${termination.wire.id}/${termination.side}`) ?? null,
      }
    }),
  }
}

export const jobDocument = (
  id: string,
  state: JobState,
  journal: readonly KeptEntry[],
  { fault, readIn, copyOf }: Provenance = {},
  photos?: Readonly<Record<string, string>>,
): JobAnswer => ({
  format: 'urn-bench/job',
  version: 1,
  id,
  title: state.plan.title,
  rev: state.plan.rev,
  kind: state.plan.kind,
  quantity: state.plan.quantity,
  plan: state.plan,
  facts: state.facts,
  state: stateSummary(state),
  journal,
  ...(fault && { brokenAt: fault.seq, why: recordFaultWords(fault) }),
  ...(readIn && { readIn }),
  ...(copyOf !== undefined && { copyOf }),
  ...(photos && { photos }),
})

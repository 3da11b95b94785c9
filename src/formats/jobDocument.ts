import { z } from 'zod'
import { factsSchema } from '@/core/parts/catalogue/schema'
import { planSchema } from '@/core/record/plan/schema'
import { type Progress, progress } from '@/core/views/progress'
import { nextStep } from '@/core/views/steps'
import { entrySchema } from '@/core/record/journal/schema'
import type { KeptEntry, NewEntry } from '@/core/record/journal/entry'
import { type JobState, isClosed } from '@/core/record/state/state'
import { planIndex } from '@/core/record/plan/plan'

/** Stamps of an entry in a document: who wrote it when, and its place in the chain. */
const stampSchema = z.object({
  seq: z.number().int().min(1),
  at: z.iso.datetime(),
  by: z.string().min(1).max(60),
  prev: z.string().length(64),
  hash: z.string().length(64),
})

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
  state: z.looseObject({}).optional(),
  journal: z
    .array(z.looseObject({ kind: z.string() }))
    .max(200_000)
    .optional(),
})

export interface StampedEntry {
  readonly entry: NewEntry
  readonly stamp: z.infer<typeof stampSchema>
}

export interface JournalIssue {
  readonly path: readonly (string | number)[]
  readonly message: string
}

/** Splits the entries of a document into what was said and its stamps, checking both. */
export function readJournal(journal: readonly Record<string, unknown>[]): {
  readonly entries: readonly StampedEntry[]
  readonly issues: readonly JournalIssue[]
} {
  const entries: StampedEntry[] = []
  const issues: JournalIssue[] = []
  journal.forEach((raw, index) => {
    const { seq, at, by, prev, hash, ...said } = raw
    const stamp = stampSchema.safeParse({ seq, at, by, prev, hash })
    const entry = entrySchema.safeParse(said)
    for (const error of [stamp.error, entry.error]) {
      for (const issue of error?.issues ?? [])
        issues.push({
          path: ['journal', index, ...issue.path.map((part) => (typeof part === 'number' ? part : String(part)))],
          message: issue.message,
        })
    }
    if (stamp.success && entry.success) entries.push({ entry: entry.data, stamp: stamp.data })
  })
  return { entries, issues }
}

/** The folded state of a job in plain figures: what another program wants to know without folding. */
export interface StateSummary {
  readonly seq: number
  readonly closed: boolean
  readonly progress: Progress
  readonly next: string
  readonly terminations: readonly Record<string, unknown>[]
}

export function stateSummary(state: JobState): StateSummary {
  return {
    seq: state.seq,
    closed: isClosed(state),
    progress: progress(state),
    next: nextStep(state).code,
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

export const jobDocument = (id: string, state: JobState, journal: readonly KeptEntry[]): Record<string, unknown> => ({
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
})

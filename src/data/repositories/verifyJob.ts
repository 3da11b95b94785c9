import { eq } from 'drizzle-orm'
import { inTurn } from '@/core/base/inTurn'
import type { KeptEntry } from '@/core/record/journal/entry'
import { type Provenance, type RecordFault, holdsUpTo, isOurs } from '@/core/record/journal/recordFault'
import type { Database } from '../database'
import { job, person } from '../schema'
import { type JobCache, foldRecord } from './jobCache'
import { provenanceOf } from './jobs'
import { readEntries } from './journalRows'

/** A signature of a record: what it covers, whether that holds, and whether it was given at this bench by somebody of it. */
export interface VerifiedSignature {
  readonly by: string
  readonly covers: number
  readonly whole: boolean
  readonly home: boolean
  /** their PIN was given */
  readonly pin?: true
}

export interface Verified {
  readonly whole: boolean
  /** that are stored */
  readonly entries: number
  readonly fault?: RecordFault
  readonly signatures: readonly VerifiedSignature[]
  readonly provenance: Provenance
  /** of a printed sheet, where one was asked about */
  readonly sheet?: VerifiedSheet
}

/** Is the record still as a printed sheet says? */
export interface VerifiedSheet {
  /** the record up to that entry is what the sheet was made of */
  readonly matches: boolean
  /** entries that were written since */
  readonly since: number
  /** a signature that stands covers what the sheet was made of */
  readonly signed: boolean
}

/**
 * Reads a record from its first entry on and looks at every link, its end, its number and what its signatures cover.
 * Undefined when there is no such job. Memory forgets the job when it thought otherwise.
 */
export function verifyJob(
  db: Database,
  cache: JobCache,
  jobId: string,
  code?: { readonly seq: number; readonly letters: string },
): Promise<Verified | undefined> {
  return inTurn(cache.turns, jobId, async () => {
    const [head] = await db.select().from(job).where(eq(job.id, jobId))
    if (!head) return undefined
    const entries = await readEntries(db, jobId, 0)
    const fault = foldRecord(entries, head).broken?.fault
    const known = cache.folded.get(jobId)
    if (known && JSON.stringify(known.broken?.fault) !== JSON.stringify(fault)) {
      cache.folded.delete(jobId)
      cache.surprises++
    }
    const people = new Set((await db.select({ id: person.id }).from(person)).map((one) => one.id))
    const provenance = { ...provenanceOf(head), ...(fault && { fault }) }
    return {
      whole: fault === undefined,
      entries: entries.length,
      ...(fault && { fault }),
      signatures: signaturesOf(entries, provenance, people),
      provenance,
      ...(code && { sheet: sheetOf(entries, fault, code) }),
    }
  })
}

function sheetOf(
  entries: readonly KeptEntry[],
  fault: RecordFault | undefined,
  { seq, letters }: { readonly seq: number; readonly letters: string },
): VerifiedSheet {
  const entry = entries[seq - 1]
  const holds = fault ? holdsUpTo(fault) : entries.length
  const matches = entry !== undefined && entry.hash.startsWith(letters) && seq <= holds
  const reopened = entries.findLast(({ kind }) => kind === 'reopened')?.seq ?? 0
  return {
    matches,
    since: Math.max(0, entries.length - seq),
    // the signature itself stands behind what it covers
    signed: entries.some((one) => one.kind === 'signed' && one.seq > reopened && one.covers >= seq - 1),
  }
}

/** A signature holds when it stands right behind what it says that it covers, and all of that hangs together. */
function signaturesOf(
  entries: readonly KeptEntry[],
  { fault, readIn }: Provenance,
  people: ReadonlySet<string>,
): readonly VerifiedSignature[] {
  const holds = fault ? holdsUpTo(fault) : entries.length
  return entries.flatMap((entry) => {
    if (entry.kind !== 'signed') return []
    const { by, covers, seq, pin } = entry
    return [
      {
        by,
        covers,
        whole: covers < seq && seq <= holds,
        home: isOurs(seq, readIn) && people.has(by),
        // what a record says of elsewhere was not seen here
        ...(pin && isOurs(seq, readIn) && { pin }),
      },
    ]
  })
}

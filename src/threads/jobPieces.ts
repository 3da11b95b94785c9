import type { Breath } from '@/core/base/breath'
import { type JobDocument, type JournalIssue, jobDocumentSchema } from '@/formats/jobDocument'
import { jsonOfBytes } from '@/formats/readBytes'
import { plainIssues } from '@/words/plainIssues'

/** A document of more bytes is read beside the requests. */
export const JOB_INLINE = 500_000
/** Entries of a piece: it is read in a moment. */
const ENTRIES = 400
const ISSUES_SHOWN = 100

/** A job document that was read and found sound, in texts of which each is small; or what is wrong with it. */
export type JobPieces =
  | {
      readonly ok: true
      readonly head: string
      readonly journal: readonly string[]
      readonly photos?: JobDocument['photos']
    }
  | { readonly ok: false; readonly issues: readonly JournalIssue[] }

const refused = (issues: readonly JournalIssue[]): JobPieces => ({ ok: false, issues })

/** Reads and checks a large job document where it holds up nobody, and cuts it up for where it would. */
export function jobPieces(bytes: Uint8Array): JobPieces {
  const read = jsonOfBytes(bytes)
  if (!read.ok) return refused(read.issues)
  const checked = jobDocumentSchema.safeParse(read.value)
  if (!checked.success) return refused(plainIssues(checked.error).slice(0, ISSUES_SHOWN))
  const { journal = [], photos, ...head } = checked.data
  const pieces: string[] = []
  for (let from = 0; from < journal.length; from += ENTRIES)
    pieces.push(JSON.stringify(journal.slice(from, from + ENTRIES)))
  return { ok: true, head: JSON.stringify(head), journal: pieces, ...(photos && { photos }) }
}

/** Puts a document together again, others having their turn between its pieces. */
export async function joinPieces(
  { head, journal, photos }: JobPieces & { readonly ok: true },
  breath: Breath,
): Promise<JobDocument> {
  const entries: NonNullable<JobDocument['journal']> = []
  for (const piece of journal) {
    await breath()
    // what was checked a moment ago
    entries.push(...(JSON.parse(piece) as typeof entries))
  }
  return {
    ...(JSON.parse(head) as Omit<JobDocument, 'journal' | 'photos'>),
    ...(entries.length > 0 && { journal: entries }),
    ...(photos && { photos }),
  }
}

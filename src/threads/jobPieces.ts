import type { KeptEntry } from '@/core/record/journal/entry'
import { isJournal, type JobDocument, type JournalIssue, jobDocumentSchema } from '@/formats/jobDocument'
import { jsonOfBytes } from '@/formats/readBytes'
import { readRecord } from '@/formats/readRecord'
import { plainIssues } from '@/words/plainIssues'

/** A document of more bytes is read beside the requests. */
export const JOB_INLINE = 500_000
const ISSUES_SHOWN = 100

/** What a job document says besides its journal. */
export type JobHead = Omit<JobDocument, 'journal'>

/** A job document that was read and found sound, but for its journal, which was told piece by piece; or what is wrong with it. */
export type JobPieces =
  | { readonly ok: true; readonly head: string; readonly photos?: JobDocument['photos'] }
  | { readonly ok: false; readonly issues: readonly JournalIssue[] }

const refused = (issues: readonly JournalIssue[]): JobPieces => ({ ok: false, issues: issues.slice(0, ISSUES_SHOWN) })

/**
 * Reads and checks a large job document where it holds up nobody.
 * @param tell is given each piece of its journal as soon as that is found sound, as a text that is read in a moment
 */
export async function jobPieces(bytes: Uint8Array, tell: (piece: string) => void): Promise<JobPieces> {
  const read = jsonOfBytes(bytes)
  if (!read.ok) return refused(read.issues)
  const { journal, besides } = apart(read.value)
  const checked = jobDocumentSchema.safeParse(besides)
  if (!checked.success) return refused(plainIssues(checked.error))
  const { photos, ...head } = checked.data
  const issues = await readRecord(journal, (entries) => tell(JSON.stringify(entries)))
  if (issues.length > 0) return refused(issues)
  return { ok: true, head: JSON.stringify(head), ...(photos && { photos }) }
}

/** A document without its journal. One that is none stays where it is: what is wrong with it is in the schema's words. */
function apart(value: unknown): { readonly journal: NonNullable<JobDocument['journal']>; readonly besides: unknown } {
  if (typeof value !== 'object' || value === null || !('journal' in value) || !isJournal(value.journal))
    return { journal: [], besides: value }
  const { journal, ...besides } = value
  return { journal, besides }
}

/** The entries of a piece, which were checked a moment ago. */
export const entriesOfPiece = (piece: string): readonly KeptEntry[] => JSON.parse(piece) as readonly KeptEntry[]

/** The head of a document of which all has been told. */
export const headOfPieces = ({ head, photos }: JobPieces & { readonly ok: true }): JobHead => ({
  ...(JSON.parse(head) as JobHead),
  ...(photos && { photos }),
})

/**
 * What is wrong with a stored record, found by looking at its chain. `seq` is where: the entry itself, or the number at which
 * one is missing.
 */
export type RecordFault =
  /** it does not follow from the one before it: one of the two was changed, and nobody can say which */
  | { readonly kind: 'changed'; readonly seq: number }
  /** there is no entry of this number, and there are later ones */
  | { readonly kind: 'missing'; readonly seq: number }
  /** the record ends before the number that its head knows */
  | { readonly kind: 'shortened'; readonly seq: number; readonly last: number }
  /** there are entries behind the one that its head calls the last */
  | { readonly kind: 'lengthened'; readonly seq: number }
  /** the last entry has another hash than the head says */
  | { readonly kind: 'end-changed'; readonly seq: number }
  /** the head says that the job is signed, or not; its entries say otherwise */
  | { readonly kind: 'signature-lost'; readonly seq: number }
  | { readonly kind: 'signature-unknown'; readonly seq: number }
  /** the chain holds, and this program cannot read the entry */
  | { readonly kind: 'unreadable'; readonly seq: number }

/** Where a job that was read in came from. */
export interface ReadIn {
  /** who read it in, when */
  readonly by: string
  readonly at: string
  /** the file's name, where it had one */
  readonly file?: string | undefined
  /** so many of its entries were written elsewhere */
  readonly entries: number
}

/** What is to be known of a record besides what it says: whether it is whole, and whether it was made here. */
export interface Provenance {
  /** the first that was found; undefined when the chain is whole */
  readonly fault?: RecordFault | undefined
  readonly readIn?: ReadIn | undefined
  /** the job of which this is a copy */
  readonly copyOf?: string | undefined
}

/** How many entries at the beginning hold, whatever comes after them. */
export function holdsUpTo({ kind, seq }: RecordFault): number {
  if (kind === 'signature-lost' || kind === 'signature-unknown') return seq
  return Math.max(0, kind === 'changed' ? seq - 2 : seq - 1)
}

/** Was an entry written at this bench? What was read in was written elsewhere. */
export const isOurs = (seq: number, readIn: ReadIn | undefined): boolean => readIn === undefined || seq > readIn.entries

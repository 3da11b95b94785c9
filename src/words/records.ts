import { type Provenance, type ReadIn, type RecordFault, holdsUpTo } from '@/core/record/journal/recordFault'
import { plural } from './figures'

/** What is wrong with a stored record. */
export function recordFaultWords(fault: RecordFault): string {
  const { seq } = fault
  switch (fault.kind) {
    case 'changed':
      return seq === 1
        ? 'Entry 1 is not what was written: it was changed afterwards.'
        : `Entry ${seq} does not follow from entry ${seq - 1}: one of the two was changed after it was written.`
    case 'missing':
      return `Entry ${seq} is missing, and later ones are there: it was removed after it was written.`
    case 'shortened':
      return seq === fault.last
        ? `The last entry, ${seq}, is missing: the record was cut short.`
        : `Entries ${seq} to ${fault.last} are missing: the record was cut short.`
    case 'lengthened':
      return `Entry ${seq} was put behind the end of the record, not written by this bench.`
    case 'end-changed':
      return `Entry ${seq}, the last, is not the one that was written last.`
    case 'signature-lost':
      return 'The job was signed, and its signature is not in the record any more.'
    case 'signature-unknown':
      return 'The record holds a signature of which the job knows nothing.'
    case 'unreadable':
      return `Entry ${seq} hangs together with the others, and this version of the bench cannot read it.`
  }
}

/** What is wrong with the chain of a record that is to be read in. */
export const chainBrokenWords = (seq: number): string =>
  `entry ${seq} does not follow from the one before it: the record was changed, or entries are missing`

/** Which entries still hold. */
export function holdsWords(fault: RecordFault): string {
  const upTo = holdsUpTo(fault)
  if (upTo === 0) return 'No entry of it holds.'
  return upTo === 1 ? 'Entry 1 holds.' : `Entries 1 to ${upTo} hold, and only those are shown.`
}

/** What can be done about it. */
export const recordRemedy =
  'Nothing more is written to it and it cannot be signed. Export it as it is, and put a copy of the data folder back, or do the work anew in a new job.'

/** A record that is whole. */
export const recordWholeWords = (entries: number): string =>
  `The record is whole: ${entries === 1 ? '1 entry follows from the first' : `all ${entries} entries follow from the first`}.`

/** In a table's cell: what is to be known of a record, or nothing. */
export const recordMark = ({ fault, readIn }: Provenance): string =>
  [
    fault && `not whole from entry ${fault.seq}`,
    readIn && `read in${readIn.file === undefined ? '' : ` from ${readIn.file}`}, not checked here`,
  ]
    .filter(Boolean)
    .join('; ')

/** Where a record came from. */
export const readInWords = ({ file, entries }: ReadIn, name: string, day: string): string =>
  `Read in by ${name} on ${day}${file === undefined ? '' : ` from ${file}`}: ${plural(entries, 'entry', 'entries')} written elsewhere, signatures not checked here.`

export const copyWords = (job: string): string => `A copy of ${job}: it counts nowhere in the Ledger.`

/** A job that is here begins alike. */
export const forkedWords = (job: string, seq: number): string =>
  `Job ${job} is here, begins alike and goes on otherwise from entry ${seq} on. It stays as it is; ask for a copy to read this one in beside it.`

/** An author as people read it: a person of this bench by name; never somebody else's as one of ours. */
export function authorWords(by: string, name: string | undefined, ours: boolean): string {
  if (ours && name !== undefined) return name
  return ours && by === 'api' ? 'a script' : `${by} (not of this bench)`
}

/** Authors are people of the bench, or a script. */
export const authorUnknownWords = (by: string): string =>
  by.trim() === ''
    ? 'Nobody is named: say who works here, or leave it out.'
    : `“${by.slice(0, 40)}” is nobody of this bench: name somebody who works here, or leave it out.`

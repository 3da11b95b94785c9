import type { z } from 'zod'
import type { entrySchema } from './schema'

/** What somebody wants to append. */
export type NewEntry = z.infer<typeof entrySchema>
export type EntryKindId = NewEntry['kind']

/** What the server adds. */
export interface EntryStamp {
  readonly seq: number
  /** ISO 8601, UTC */
  readonly at: string
  readonly by: string
}

/** An entry as the fold reads it. */
export type Entry = NewEntry & EntryStamp
export type EntryOf<Kind extends EntryKindId> = Extract<Entry, { kind: Kind }>

/** An entry as it is kept: with the hash of the one before, and its own. */
export type KeptEntry = Entry & { readonly prev: string; readonly hash: string }

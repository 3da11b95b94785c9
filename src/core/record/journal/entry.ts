import type { z } from 'zod'
import type { entryShapes } from './entryShapes'

type Shapes = typeof entryShapes
export type EntryKindId = keyof Shapes

/** What the client says besides: its own id, and who is at the bench. */
type Head<Kind extends EntryKindId> = { id: string; kind: Kind; by?: string | undefined }

/** What somebody wants to append. */
export type NewEntry = {
  [Kind in EntryKindId]: Head<Kind> & z.infer<z.ZodObject<ReturnType<Shapes[Kind]>, z.core.$strict>>
}[EntryKindId]

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

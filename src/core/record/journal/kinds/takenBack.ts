import type { EntryFields } from '../entryFields'

/** What an append of this kind says. The taking back is about another entry: what it does is the fold's own. */
export const takenBackShape = ({ text, z }: EntryFields) => ({
  undoes: z.string().min(1).max(60),
  why: text.optional(),
})

import { entryWords } from '@/words/entries'
import { list } from '@/words/figures'
import { aboutEntry } from '../job/aboutEntry'
import type { Waiting } from './waiting'

/** One press in words: `crimped W14a`. */
export const waitingLine = ({ entries }: Waiting): string =>
  list(
    entries.map((entry) => `${aboutEntry(entry)} ${entryWords[entry.kind]}`.trim()),
    3,
  )

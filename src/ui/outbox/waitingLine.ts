import type { NewEntry } from '@/core/record/journal/entry'
import { entryWords } from '@/words/entries'
import { list } from '@/words/figures'
import { aboutEntry } from '../job/aboutEntry'
import type { Waiting } from './waiting'

/** An entry in words, without the job's state: `W14a crimped`. */
export const entryLine = (entry: NewEntry): string => `${aboutEntry(entry)} ${entryWords[entry.kind]}`.trim()

/** One press in words. */
export const waitingLine = ({ entries }: Waiting): string => list(entries.map(entryLine), 3)

import type { NewEntry } from '@/core/record/journal/entry'
import { termLabel } from '@/core/record/plan/keys'

/** What an entry is about, as far as it says so itself: no state is asked. */
export function aboutEntry(entry: NewEntry): string {
  if ('term' in entry && entry.term !== undefined) return termLabel(entry.term)
  if ('wire' in entry) return entry.wire
  if ('end' in entry) return entry.end
  return entry.kind === 'noted' ? entry.text : ''
}

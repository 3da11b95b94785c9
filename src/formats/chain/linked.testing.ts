import type { Entry, KeptEntry } from '@/core/record/journal/entry'
import { NO_HASH, entryHash } from './entryHash'

/** Entries in a chain of their own, numbered from 1, as the repository keeps them. */
export function linked(entries: readonly Entry[]): readonly KeptEntry[] {
  let prev = NO_HASH
  return entries.map((one, i) => {
    const { prev: _prev, hash: _hash, ...bare } = { ...one, seq: i + 1 } as KeptEntry
    const hash = entryHash(bare, prev)
    const kept = { ...bare, prev, hash }
    prev = hash
    return kept
  })
}

/** A record of notes. */
export const linkedNotes = (texts: readonly string[]): readonly KeptEntry[] =>
  linked(
    texts.map((text, i) => ({
      id: `note-${String(i + 1).padStart(4, '0')}`,
      kind: 'noted',
      text,
      seq: i + 1,
      at: '2026-11-25T09:00:00.000Z',
      by: 'ansa',
    })),
  )

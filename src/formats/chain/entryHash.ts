import { hash } from 'node:crypto'
import type { Entry } from '@/core/record/journal/entry'
import { canonicalText } from './canonicalText'

/** What the first entry of a journal follows. */
export const NO_HASH = '0'.repeat(64)

/** SHA-256 over the canonical JSON (RFC 8785) of an entry with the hash of the one before it. */
export function entryHash(entry: Entry, prev: string): string {
  const { hash: _hash, prev: _prev, ...bare } = entry as Entry & { hash?: string; prev?: string }
  return hash('sha256', canonicalText({ ...bare, prev }), 'hex')
}

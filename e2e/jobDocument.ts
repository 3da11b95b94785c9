import type { Entry } from '../src/core/record/journal/entry'
import { foldAll } from '../src/core/record/journal/fold'
import { entryHash, NO_HASH } from '../src/formats/chain/entryHash'

/** A job as a bench takes it in, from its entries: its plan, its facts, and its journal as a chain. */
export function jobDocument(title: string, entries: readonly Entry[]): object {
  const { plan, facts } = foldAll(entries).state
  let prev = NO_HASH
  const journal = entries.map((entry) => {
    const hash = entryHash(entry, prev)
    const kept = { ...entry, prev, hash }
    prev = hash
    return kept
  })
  return { format: 'urn-bench/job', version: 1, title, rev: 'A', kind: 'build', quantity: 1, plan, facts, journal }
}

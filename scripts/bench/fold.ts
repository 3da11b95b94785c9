import { foldAll, foldEntry } from '../../src/core/record/journal/fold'
import type { Entry, KeptEntry } from '../../src/core/record/journal/entry'
import { hash } from 'node:crypto'
import { canonicalText } from '../../src/formats/chain/canonicalText'
import { checkChain } from '../../src/formats/chain/checkChain'
import { NO_HASH, entryHash } from '../../src/formats/chain/entryHash'
import { largeJournal } from './largeJob'
import { line, timed } from './measure'

const entries = largeJournal(1000, 20_000) as readonly Entry[]
const text = JSON.stringify(entries)
const parse = timed(9, () => JSON.parse(text) as unknown)
line(
  `fold ${entries.length} entries`,
  timed(9, () => foldAll(entries)),
  'JSON.parse of the same',
  parse,
)
const folded = foldAll(entries)
let seq = folded.state.seq
const notes = 2000
line(
  'next entry on a folded state',
  timed(3, () => {
    for (let i = 0; i < notes; i++)
      foldEntry(folded, {
        id: `next-${++seq}`,
        kind: 'noted',
        text: 'x',
        seq,
        at: '2026-11-25T09:00:00.000Z',
        by: 'teodor',
      })
  }) / notes,
)

let prev = NO_HASH
const kept = entries.map((entry): KeptEntry => {
  const link = { ...entry, prev, hash: entryHash(entry, prev) }
  prev = link.hash
  return link
})
const bare = timed(5, () => {
  for (const entry of entries) hash('sha256', canonicalText(entry), 'hex')
})
line(
  `verify the chain of ${kept.length} entries`,
  timed(5, () => {
    const fault = checkChain(kept, { lastSeq: kept.length, lastHash: prev })
    if (fault) throw new Error(JSON.stringify(fault))
  }),
  'canonicalise and hash them bare',
  bare,
)

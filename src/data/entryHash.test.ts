import { createHash } from 'node:crypto'
import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { Entry, KeptEntry } from '@/core/record/journal/entry'
import { brokenLink, entryHash, NO_HASH } from './entryHash'

const note = (seq: number, text: string): Entry => ({
  id: `note-${String(seq).padStart(4, '0')}`,
  kind: 'noted',
  text,
  seq,
  at: '2026-11-25T09:00:00.000Z',
  by: 'ansa',
})

/** Entries chained as the repository keeps them. */
function chain(texts: readonly string[]): KeptEntry[] {
  let prev = NO_HASH
  return texts.map((text, i) => {
    const entry = note(i + 1, text)
    const kept = { ...entry, prev, hash: entryHash(entry, prev) }
    prev = kept.hash
    return kept
  })
}

test('the hash is SHA-256 of the keys in order, with the hash before', () => {
  const canonical = `{"at":"2026-11-25T09:00:00.000Z","by":"ansa","id":"note-0001","kind":"noted","prev":"${NO_HASH}","seq":1,"text":"é"}`
  expect(entryHash(note(1, 'é'), NO_HASH)).toBe(createHash('sha256').update(canonical).digest('hex'))
})

test('the order of keys does not matter, what they say does', () => {
  const entry = note(1, 'x')
  const turned = Object.fromEntries(Object.entries(entry).reverse()) as unknown as Entry
  expect(entryHash(turned, NO_HASH)).toBe(entryHash(entry, NO_HASH))
  expect(entryHash({ ...entry, by: 'imke' }, NO_HASH)).not.toBe(entryHash(entry, NO_HASH))
})

test('any change, removal or exchange in a chain is found at its place', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.string({ minLength: 1 }), { minLength: 3, maxLength: 8 }),
      fc.nat(),
      (texts, pick) => {
        const entries = chain(texts)
        const at = pick % (entries.length - 1)
        expect(brokenLink(entries)).toBeUndefined()
        expect(
          brokenLink(
            entries.map((entry, i) =>
              i === at && entry.kind === 'noted' ? { ...entry, text: `${entry.text}!` } : entry,
            ),
          ),
        ).toBe(at + 1)
        expect(brokenLink(entries.filter((_, i) => i !== at))).toBe(at + 2)
      },
    ),
  )
})

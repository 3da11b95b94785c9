import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { KeptEntry } from '@/core/record/journal/entry'
import { checkChain, checkLooseChain } from './checkChain'
import { NO_HASH } from './entryHash'
import { linkedNotes } from './linked.testing'

const headOf = (entries: readonly KeptEntry[]) => ({
  lastSeq: entries.length,
  lastHash: entries.at(-1)?.hash ?? NO_HASH,
})
const changed = (entries: readonly KeptEntry[], at: number) =>
  entries.map((entry, i) => (i === at && entry.kind === 'noted' ? { ...entry, text: `${entry.text}!` } : entry))

test('any change, removal, shortening, lengthening or exchange is found at its place', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.uniqueArray(fc.string({ minLength: 1 }), { minLength: 3, maxLength: 8 }),
      fc.nat(),
      async (texts, pick) => {
        const entries = linkedNotes(texts)
        const head = headOf(entries)
        const at = pick % (entries.length - 1)
        expect(checkChain(entries, head)).toBeUndefined()
        expect(await checkLooseChain(entries)).toBeUndefined()
        expect(checkChain(changed(entries, at), head)).toEqual({ kind: 'changed', seq: at + 1 })
        expect(await checkLooseChain(changed(entries, at))).toEqual({ kind: 'changed', seq: at + 1 })
        expect(
          checkChain(
            entries.filter((_, i) => i !== at),
            head,
          ),
        ).toEqual({ kind: 'missing', seq: at + 1 })
        expect(checkChain(entries.slice(0, -1), head)).toEqual({
          kind: 'shortened',
          seq: entries.length,
          last: entries.length,
        })
        expect(checkChain(entries, headOf(entries.slice(0, -1)))).toEqual({ kind: 'lengthened', seq: entries.length })
        expect(checkChain(entries, { ...head, lastHash: NO_HASH })).toEqual({
          kind: 'end-changed',
          seq: entries.length,
        })
      },
    ),
  )
})

test('a long chain is looked at in slices that follow from each other, and others have their turn', async () => {
  const entries = linkedNotes(Array.from({ length: 1000 }, (_, i) => `entry ${i}`))
  let breaths = 0
  const breath = () => {
    breaths++
    return Promise.resolve()
  }
  expect(await checkLooseChain(entries, breath)).toBeUndefined()
  // before each slice, so that none is longer than a moment
  expect(breaths).toBe(1000 / 25)
  expect(await checkLooseChain(changed(entries, 801))).toEqual({ kind: 'changed', seq: 802 })
  expect(await checkLooseChain(entries.toSpliced(400, 1))).toEqual({ kind: 'missing', seq: 401 })
})

import { createHash } from 'node:crypto'
import { expect, test } from 'vitest'
import type { Entry } from '@/core/record/journal/entry'
import { entryHash, NO_HASH } from './entryHash'

const note = (seq: number, text: string): Entry => ({
  id: `note-${String(seq).padStart(4, '0')}`,
  kind: 'noted',
  text,
  seq,
  at: '2026-11-25T09:00:00.000Z',
  by: 'ansa',
})

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

import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { dropDraft, emptyDraft, keepDraft, keptDraft, type NewJobDraft } from './newJobDraft'

/** A browser's store, as far as a draft needs one. */
function store(full = false) {
  const kept = new Map<string, string>()
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => {
      if (full) throw new Error('the store is full')
      kept.set(key, value)
    },
    removeItem: (key: string) => kept.delete(key),
  }
}
beforeEach(() => vi.stubGlobal('localStorage', store()))
afterEach(() => vi.unstubAllGlobals())

const typed: NewJobDraft = { title: 'Loom', csv: 'wire\nW1', ends: { A: 'CM-3P' }, kind: 'repair', slack: '12 mm' }

test('what was typed outlives a reload, until the job is made', () => {
  expect(keptDraft()).toBeUndefined()
  keepDraft(typed)
  expect(keptDraft()).toEqual(typed)
  dropDraft()
  expect(keptDraft()).toBeUndefined()
})

test.each([
  ['no JSON', '{', undefined],
  ['nothing', 'null', undefined],
  ['a text', '"x"', undefined],
  ['an older draft without its kind', '{"title":"Loom","csv":"wire"}', { ...emptyDraft, title: 'Loom', csv: 'wire' }],
  [
    'fields of other kinds',
    '{"title":1,"csv":[],"ends":{"A":"CM-3P","B":2},"kind":"burn","slack":null}',
    { ...emptyDraft, ends: { A: 'CM-3P' } },
  ],
])('a store that holds %s is read as far as it can be', (_what, text, draft) => {
  localStorage.setItem('urn-new-job', text)
  expect(keptDraft()).toEqual(draft)
})

test('a full store loses no key that is struck: only a reload forgets', () => {
  vi.stubGlobal('localStorage', store(true))
  expect(() => keepDraft(typed)).not.toThrow()
  expect(keptDraft()).toBeUndefined()
})

import fc from 'fast-check'
import { expect, test } from 'vitest'
import { cutText } from './cutText'

test.each([
  ['plain', 'abcdef', 3, 'abc'],
  ['whole already', 'abc', 3, 'abc'],
  ['a pair is not halved', 'ab💩', 3, 'ab'],
  ['a family stays together', 'a👨‍👩‍👧b', 4, 'a'],
  ['an accent stays on its letter', 'ae\u0301', 2, 'a'],
])('%s', (_name, text, atMost, expected) => {
  expect(cutText(text, atMost)).toBe(expected)
})

test('it is a beginning, no longer than asked, and well formed', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), fc.nat(40), (text, atMost) => {
      const cut = cutText(text, atMost)
      expect(text.startsWith(cut)).toBe(true)
      expect(cut.length).toBeLessThanOrEqual(Math.max(atMost, text.length <= atMost ? text.length : 0))
      expect(cut).not.toMatch(/\p{Surrogate}/u)
    }),
  )
})

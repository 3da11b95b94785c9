import fc from 'fast-check'
import { expect, test } from 'vitest'
import { badText } from '@/core/base/badText'
import { jsonOfBytes, textOfBytes } from './readBytes'

const bytes = (text: string) => new TextEncoder().encode(text)

test('text is read as it is, JSON as it says', () => {
  expect(textOfBytes(bytes('wire,µΩ\nW1,2'))).toEqual({ ok: true, text: 'wire,µΩ\nW1,2' })
  expect(jsonOfBytes(bytes('{"a":["µ"]}'))).toEqual({ ok: true, value: { a: ['µ'] } })
})

test.each<[string, Uint8Array, (string | number)[], RegExp]>([
  ['a control character in the third line', bytes('a\nb\nc\u0000'), ['line', 3], /control character/],
  ['no UTF-8', new Uint8Array([0x61, 0xe4, 0x62]), [], /not UTF-8/],
])('a text with %s is refused with its place', (_what, body, path, message) => {
  expect(textOfBytes(body)).toEqual({
    ok: false,
    issues: [{ path, message: expect.stringMatching(message) as string }],
  })
})

test.each<[string, string, (string | number)[], RegExp]>([
  ['a control character inside', '{"a":[1,"b\\u0001"]}', ['a', 1], /control character/],
  ['a reserved name', '{"a":{"__proto__":1}}', ['a', '__proto__'], /keep for themselves/],
  ['a few levels too many', '['.repeat(80) + ']'.repeat(80), [0, 0, 0], /nested deeper/],
  ['a million levels', '['.repeat(1_000_000), [], /nested deeper/],
  ['no JSON', '{', [], /not JSON/],
])('JSON with %s is refused with its place', (_what, text, path, message) => {
  expect(jsonOfBytes(bytes(text))).toEqual({
    ok: false,
    issues: [{ path, message: expect.stringMatching(message) as string }],
  })
})

test('a JSON value is refused for a text exactly where looking at each of its texts finds one', () => {
  const odd = fc.constantFrom(
    '\u0000',
    '\b',
    '\f',
    '\u007f',
    '\ud83d',
    '\ud83d\udca9',
    '__proto__',
    '\\ud83d',
    '"',
    '\t',
    'µ',
  )
  const text = fc.array(fc.oneof(odd, fc.string({ maxLength: 3 })), { maxLength: 4 }).map((parts) => parts.join(''))
  const value = fc.letrec((tie) => ({
    any: fc.oneof(
      { maxDepth: 4 },
      text,
      fc.integer(),
      fc.array(tie('any'), { maxLength: 3 }),
      fc.dictionary(text, tie('any'), { maxKeys: 3 }),
    ),
  })).any
  fc.assert(
    fc.property(value, (one) => {
      const json = JSON.stringify(one)
      const bad = badText(JSON.parse(json))
      expect(jsonOfBytes(bytes(json)).ok).toBe(bad === undefined)
    }),
    { numRuns: 300 },
  )
})

import fc from 'fast-check'
import { expect, test } from 'vitest'
import { badText } from './badText'

test.each([
  ['NUL', { title: 'a\u0000b' }, { kind: 'control', path: ['title'], at: 2 }],
  [
    'escape',
    { wires: [{ signal: 'x' }, { signal: '\u001b[31m' }] },
    { kind: 'control', path: ['wires', 1, 'signal'], at: 1 },
  ],
  ['delete', 'abc\u007f', { kind: 'control', path: [], at: 4 }],
  ['half a pair', { title: 'ok \ud83d' }, { kind: 'half-character', path: ['title'], at: 4 }],
  ['the other half', { title: '\udca9' }, { kind: 'half-character', path: ['title'], at: 1 }],
  ['in a key', { 'a\u0001': 1 }, { kind: 'control', path: ['a\u0001'], at: 2 }],
  [
    'a prototype as key',
    JSON.parse('{"facts":{"__proto__":{}}}'),
    { kind: 'reserved-name', path: ['facts', '__proto__'] },
  ],
])('%s is found, with its place', (_name, value, expected) => {
  expect(badText(value)).toEqual(expected)
})

test('whole pairs, accents, tabs and ends of lines are text; an id may be called as it likes', () => {
  expect(badText({ ends: [{ id: '__proto__' }, { id: 'constructor' }], constructor: 1 })).toBeUndefined()
  expect(badText({ title: 'Über 💩\tµ Ω\r\n', id: 'W1', n: [1, null, true] })).toBeUndefined()
})

test('what is nested without end is refused, not followed', () => {
  const deep = JSON.parse('['.repeat(5000) + ']'.repeat(5000)) as unknown
  expect(badText(deep)?.kind).toBe('too-deep')
})

test('whatever holds together as UTF-8 without control characters passes', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), (text) => {
      const fit = !/[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/.test(text)
      expect(badText({ text }) === undefined).toBe(fit && !/\p{Surrogate}/u.test(text))
    }),
  )
})

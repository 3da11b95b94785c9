import fc from 'fast-check'
import { expect, test } from 'vitest'
import { parseJson } from './parseJson'

test('whatever JSON says is read as JSON reads it', () => {
  fc.assert(
    fc.property(fc.jsonValue({ maxDepth: 20 }), (value) => {
      const text = JSON.stringify(value)
      expect(parseJson(text)).toEqual({
        ok: true,
        value: JSON.parse(text) as unknown,
        depth: expect.any(Number) as number,
      })
    }),
    { numRuns: 300 },
  )
})

test.each<[string, string, 'not-json' | 'too-deep']>([
  ['lists in lists', '['.repeat(400_000) + ']'.repeat(400_000), 'too-deep'],
  ['objects in objects, never closed', '{"a":'.repeat(400_000), 'too-deep'],
  ['a half', '{"a"', 'not-json'],
  ['nothing', '', 'not-json'],
])('%s: refused as it is', (_what, text, why) => {
  expect(parseJson(text)).toEqual({ ok: false, why })
})

test.each([
  ['1', 0],
  ['[1,[2],[3,{"a":[]}]]', 4],
  ['["[[[\\"[[", {"[[": "\\\\"}, "\\\\\\"[["]', 2],
])('%s has %i brackets open at once', (text, depth) => {
  expect(parseJson(text)).toEqual({ ok: true, value: JSON.parse(text) as unknown, depth })
})

test.each(['['.repeat(1000), `a\\"${'['.repeat(1000)}`, `\\\\`])('brackets in a text %# nest nothing', (inside) => {
  const text = `["${inside}"]`
  expect(parseJson(text)).toEqual({ ok: true, value: JSON.parse(text) as unknown, depth: expect.any(Number) as number })
})

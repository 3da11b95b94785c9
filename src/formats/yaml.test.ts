import fc from 'fast-check'
import { expect, test } from 'vitest'
import { readYaml, writeYaml } from './yaml'

const value = (text: string) => {
  const read = readYaml(text)
  if (!read.ok) throw new Error(read.fault)
  return read.value
}

test.each<[string, string, unknown]>([
  ['JSON', '{"a": [1, 2.5, "x"], "b": null}', { a: [1, 2.5, 'x'], b: null }],
  ['flow YAML, which begins like JSON', '{a: [1, two], b: no}', { a: [1, 'two'], b: 'no' }],
  ['a date, which stays a text', 'dueOn: 2026-11-03', { dueOn: '2026-11-03' }],
  ['a part number that looks like a number', 'id: "0123"', { id: '0123' }],
  [
    'merge keys',
    'base: &b { size: R10, plating: gold }\npin: { <<: *b, gender: pin }',
    { base: { size: 'R10', plating: 'gold' }, pin: { size: 'R10', plating: 'gold', gender: 'pin' } },
  ],
  ['a shared block', 'a: &s [1]\nb: *s', { a: [1], b: [1] }],
])('%s is read', (_what, text, expected) => {
  expect(value(text)).toEqual(expected)
})

test.each<[string, string, RegExp]>([
  ['a key twice', 'a: 1\na: 2', /duplicated/],
  ['a list that does not end', 'a: [1, 2', /\(1:|\(2:/],
  ['a tab for indentation', 'a:\n\tb: 1', /tab/i],
  ['a nest without end', '['.repeat(5000), /./],
  ['an unknown tag', 'a: !!js/function "x"', /tag/i],
  ['two documents', 'a: 1\n---\nb: 2', /single document/],
  ['more aliases than anybody writes', `a: &x 1\nb: [${'*x,'.repeat(501)}]`, /alias/i],
  ['an alias of itself', 'a: &x\n  b: *x', /alias/i],
])('%s is refused with its reason', (_what, text, words) => {
  const read = readYaml(text)
  expect(read.ok).toBe(false)
  expect(!read.ok && read.fault).toMatch(words)
})

test('what is written is read again as the same, nothing by reference', () => {
  const shared = { documents: ['sheet'] }
  expect(writeYaml({ a: shared, b: shared })).not.toMatch(/[&*]/)
  fc.assert(
    fc.property(
      fc
        .jsonValue({ maxDepth: 4 })
        .filter((one) => typeof one === 'object' && one !== null && !JSON.stringify(one).includes('__proto__')),
      (document) => {
        expect(value(writeYaml(document))).toEqual(document)
      },
    ),
    { numRuns: 200 },
  )
})

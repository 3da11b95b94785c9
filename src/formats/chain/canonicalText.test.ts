import canonicalize from 'canonicalize'
import fc from 'fast-check'
import { expect, test } from 'vitest'
import { canonicalText } from './canonicalText'

test('keys stand in the order of their code units, also where they are numbers, at any depth', () => {
  expect(canonicalText({ b: 1, a: { '9': 1, '10': 2, c: [{ z: 1, y: 2 }] } })).toBe(
    '{"a":{"10":2,"9":1,"c":[{"y":2,"z":1}]},"b":1}',
  )
})

test('figures and texts are written as RFC 8785 wants them', () => {
  // the examples of RFC 8785, 3.2.2 and appendix B
  expect(canonicalText({ numbers: [333333333.33333329, 1e30, 4.5, 2e-3, 1e-27, -0] })).toBe(
    '{"numbers":[333333333.3333333,1e+30,4.5,0.002,1e-27,0]}',
  )
  expect(canonicalText({ string: '\u20ac$\u000f\nA\'B"\\\\"/' })).toBe('{"string":"€$\\u000f\\nA\'B\\"\\\\\\\\\\"/"}')
})

test('half a surrogate is refused, whole ones are written', () => {
  expect(() => canonicalText({ text: 'a\ud800b' })).toThrow()
  expect(canonicalText({ text: '😀' })).toBe('{"text":"😀"}')
})

test('it writes what the reference writes, for any JSON', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      expect(canonicalText(value)).toBe(canonicalize(value))
    }),
    { numRuns: 2000 },
  )
})

import { expect, test } from 'vitest'
import { refusalAnswer } from './refusalAnswer'

test('outside, a refusal has a code and keeps its figures', () => {
  expect(refusalAnswer({ kind: 'already', what: 'seated' })).toEqual({ code: 'already', what: 'seated' })
  expect(refusalAnswer({ kind: 'implausible', figure: 'height', value: 145, min: 0.7, max: 3 })).toEqual({
    code: 'implausible',
    figure: 'height',
    value: 145,
    min: 0.7,
    max: 3,
  })
})

test('an entry that stays says of which kind it is', () => {
  expect(refusalAnswer({ kind: 'not-this-one', of: 'signed' })).toEqual({ code: 'not-this-one', kind: 'signed' })
})

test('a strip outside of its window says which limit it passes', () => {
  const verdict = { kind: 'short', byMm: 0.4, limit: 'hole-empty' } as const
  expect(refusalAnswer({ kind: 'strip-outside', verdict, minMm: 4, maxMm: 5 })).toEqual({
    code: 'strip-outside',
    verdict: { kind: 'short', byMm: 0.4, code: 'hole-empty' },
    minMm: 4,
    maxMm: 5,
  })
})

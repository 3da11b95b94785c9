import { expect, test } from 'vitest'
import { cellError } from './cellError'

test.each([
  ['#REF!', { kind: 'error', said: '#REF!' }],
  [' #N/A ', { kind: 'error', said: '#N/A' }],
  ['#DIV/0!', { kind: 'error', said: '#DIV/0!' }],
  ['#name?', { kind: 'error', said: '#name?' }],
  ['Err:502', { kind: 'error', said: 'Err:502' }],
  ['=A1*2', { kind: 'formula' }],
  ["='other sheet'!B3", { kind: 'formula' }],
  ['#18', undefined],
  ['= ', undefined],
  ['', undefined],
  ['620', undefined],
  ['a=b', undefined],
])('%j', (text, expected) => {
  expect(cellError(text)).toEqual(expected)
})

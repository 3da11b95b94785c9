import { expect, test } from 'vitest'
import { numbered, readNames } from './importedRows'

test('rows are known by name where each has a name of its own; an empty signal is none', () => {
  expect(
    readNames([
      { id: ' W1 ', signal: 'lamp' },
      { id: 'W2', signal: ' ' },
    ]),
  ).toEqual([{ id: 'W1', signal: 'lamp' }, { id: 'W2' }])
  expect(readNames([{ id: 'W1' }, {}])).toBeUndefined()
  expect(readNames([{ id: 'W1' }, { id: ' W1' }])).toBeUndefined()
})

test('rows without an id are counted on; those with one keep it', () => {
  expect(numbered([{}, { id: 'X' }, { id: '', signal: 'lamp' }], 'W07')).toEqual([
    { id: 'W07' },
    { id: 'X' },
    { id: 'W08', signal: 'lamp' },
  ])
})

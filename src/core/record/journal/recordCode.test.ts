import { expect, test } from 'vitest'
import { readRecordCode, recordCode } from './recordCode'

const hash = '3f9a2c41d07be512'.padEnd(64, '0')

test('a code is read as it was printed, in capitals and with spaces too', () => {
  const code = recordCode(118, hash)
  expect(code).toBe('118-3f9a2c41d07be512')
  expect(readRecordCode(` ${code.toUpperCase()} `)).toEqual({ seq: 118, letters: '3f9a2c41d07be512' })
})

test.each(['', '118', '118-3f9a', 'x-3f9a2c41d07be512', '118-3f9a2c41d07be51g'])('“%s” is no code', (said) => {
  expect(readRecordCode(said)).toBeUndefined()
})

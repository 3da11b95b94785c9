import { expect, test } from 'vitest'
import { faultPinout, straightThrough } from './faultPinout'

const a = { id: 'SW-2P', name: 'Slipware 2 plug', cavities: ['1', '2'] }
const b = { id: 'CM-3P', name: 'Celadon M-3 plug', cavities: ['1', '2', '3'] }

test('what is known of a harness that is brought becomes its pinout, cavity to cavity', () => {
  expect(straightThrough(a, b)).toBe('1 1\n2 2')
  expect(faultPinout(a, b, '1 3 RD\n\n2 1', 'TW-0.5', 400)).toEqual({
    ok: true,
    value: [
      'wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length',
      'W1,TW-0.5,RD,A,1,SW-2P,B,3,CM-3P,400 mm',
      'W2,TW-0.5,,A,2,SW-2P,B,1,CM-3P,400 mm',
    ].join('\n'),
  })
})

test('a far end that nobody can name stays open; a cavity that is not there is said with its line', () => {
  expect(straightThrough(a, undefined)).toBe('1\n2')
  expect(faultPinout(a, undefined, '2 BU', 'TW-0.5', 400)).toMatchObject({
    value: expect.stringContaining('W1,TW-0.5,BU,A,2,SW-2P,,,,400 mm') as string,
  })
  expect(faultPinout(a, b, '1 1\n9 2', 'TW-0.5', 400)).toEqual({ ok: false, fault: { line: 2, said: '9 2' } })
})

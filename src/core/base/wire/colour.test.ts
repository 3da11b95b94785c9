import { expect, test } from 'vitest'
import { formatColour, parseColour } from './colour'

test.each([
  ['rd', 'RD'],
  ['WH/BU', 'WH/BU'],
  [' wh / bu ', 'WH/BU'],
  ['GNYE', 'GNYE'],
  ['GN/YE', 'GNYE'],
  ['red', 'RD'],
  ['Yellow', 'YE'],
  ['blue/white', 'BU/WH'],
  ['blue - white', 'BU/WH'],
  ['blue white', 'BU/WH'],
  ['WH/blue', 'WH/BU'],
  ['grey', 'GY'],
  ['gray', 'GY'],
  ['purple/PK', 'VT/PK'],
  ['green/yellow', 'GNYE'],
  ['yellow-green', 'GNYE'],
  ['YE/GN', 'YE/GN'],
])('%s is read as %s', (text, written) => {
  const colour = parseColour(text)
  expect(colour && formatColour(colour)).toBe(written)
})

test.each(['', 'blu', 'RD/', '/RD', 'XX', 'RD/BU/GN', 'red blue green', 'constructor', '__proto__', 'light'])(
  '"%s" is no colour',
  (text) => {
    expect(parseColour(text)).toBeUndefined()
  },
)

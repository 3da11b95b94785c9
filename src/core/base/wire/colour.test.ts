import { expect, test } from 'vitest'
import { formatColour, parseColour } from './colour'

test.each([
  ['rd', 'RD'],
  ['WH/BU', 'WH/BU'],
  [' wh / bu ', 'WH/BU'],
  ['GNYE', 'GNYE'],
  ['GN/YE', 'GNYE'],
])('%s is read as %s', (text, written) => {
  const colour = parseColour(text)
  expect(colour && formatColour(colour)).toBe(written)
})

test.each(['', 'blue', 'RD/', 'XX', 'RD/BU/GN'])('"%s" is no colour in IEC letters', (text) => {
  expect(parseColour(text)).toBeUndefined()
})

import fc from 'fast-check'
import Papa from 'papaparse'
import { expect, test } from 'vitest'
import { toCsv } from './csv'

test('a formula becomes text, a number stays one', () => {
  expect(toCsv([['=SUM(A1)', '@x', '+1+1', '-2.5', -2.5, '-A1']])).toBe("'=SUM(A1),'@x,'+1+1,-2.5,-2.5,'-A1\r\n")
})

test('whatever stands in a cell comes back, a formula with its apostrophe', () => {
  fc.assert(
    fc.property(
      fc.array(fc.array(fc.string(), { minLength: 2, maxLength: 4 }), { minLength: 1, maxLength: 5 }),
      (rows) => {
        const back = Papa.parse<string[]>(toCsv(rows).slice(0, -2), { delimiter: ',', newline: '\r\n' }).data
        expect(back.map((row) => row.map((cell) => cell.replace(/^'(?=[=+\-@\t\r])/, '')))).toEqual(
          rows.map((row) => row.map((cell) => cell.replace(/^'(?=[=+\-@\t\r])/, ''))),
        )
      },
    ),
  )
})

import { expect, test } from 'vitest'
import { readSeparator } from './separator'

test.each([
  ['comma', 'wire,type\nW1,x', ',', 0],
  ['semicolon', 'wire;type\nW1;x', ';', 0],
  ['tab', 'wire\ttype\nW1\tx', '\t', 0],
  ['bar', 'wire|type|length\nW1|x|1,5', '|', 0],
  ['one column', 'wire\nW1', ',', 0],
  ['what stands in quotes does not count', '"a;b;c",type\n1,2', ',', 0],
  ['a line that names it', 'sep=;\nwire,a;type\n', ';', 1],
  ['a line that names it, in quotes', '"sep=|"\r\nwire|type', '|', 1],
  ['a mark before it', '\uFEFFsep=\t\nwire\ttype', '\t', 1],
  ['a column that is called so', 'sep=x;type\n1;2', ';', 0],
])('%s', (_name, text, separator, skipped) => {
  expect(readSeparator(text)).toMatchObject({ separator, skipped })
  expect(readSeparator(text).body).not.toMatch(/^(?:\uFEFF|"?sep=[,;|\t])/)
})

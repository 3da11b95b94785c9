import { expect, test } from 'vitest'
import { headingsOf, renameHeadings } from './headings'

test.each<[string, readonly string[]]>([
  ['wire,type\nW1,X', ['wire', 'type']],
  ['Ader;"Netz; Ort";Farbe\r\n1;2;3', ['Ader', 'Netz; Ort', 'Farbe']],
  ['sep=;\nA;B\n1;2', ['A', 'B']],
  ['', []],
])('%j has its headings', (text, cells) => {
  expect(headingsOf(text)).toEqual(cells)
})

test('headings are called otherwise, rows and line ends stay as they were', () => {
  const names: Record<string, string> = { Ader: 'wire', 'Netz; Ort': 'signal' }
  expect(renameHeadings('Ader;"Netz; Ort";Farbe\r\n1;"2;";3\r\n', (heading) => names[heading])).toBe(
    'wire;signal;Farbe\r\n1;"2;";3\r\n',
  )
  expect(renameHeadings('sep=|\nAder|B\n1|2', (heading) => names[heading])).toBe('sep=|\nwire|B\n1|2')
  expect(renameHeadings('', () => 'x')).toBe('')
})

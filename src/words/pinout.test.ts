import { expect, test } from 'vitest'
import { matchHeadings, pinoutColumns, type ColumnId } from '../core/record/grid/pinoutColumns'
import { cellProblemWords, columnWords, tableFaultWords } from './pinout'
import type { CellProblem, TableFault } from '../core/record/grid/pinoutTypes'

test.each<[readonly string[], Partial<Record<ColumnId, number>>]>([
  [['wire', 'type', 'colour'], { wire: 0, type: 1, colour: 2 }],
  [['Wire ID', 'Cable type', 'Color'], { wire: 0, type: 1, colour: 2 }],
  [['LENGTH_MM', 'from-pin', ' To  Connector '], { length: 0, fromCavity: 1, toEnd: 2 }],
  [['Length (mm)', 'Current [A]', 'net'], { length: 0, current: 1, signal: 2 }],
])('headings %j are known', (headings, at) => {
  expect(matchHeadings(headings).at).toEqual(at)
})

test('what is missing, unknown or doubled is said', () => {
  const { missing, unknown, twice } = matchHeadings(['wire', 'Shelf mark', '', 'colour', 'color'])
  expect(missing).toEqual(['type', 'fromEnd', 'fromCavity', 'toEnd', 'toCavity', 'length'])
  expect(unknown).toEqual(['Shelf mark'])
  expect(twice).toEqual(['color'])
})

test('no two columns share a name', () => {
  const names = Object.values(pinoutColumns).flatMap((column) => [column.heading, ...column.alias])
  expect(new Set(names).size).toBe(names.length)
})

test.each<[TableFault, RegExp]>([
  [{ kind: 'empty' }, /Drop a CSV file here, or paste/],
  [{ kind: 'not-text' }, /Save the pinout as CSV/],
  [{ kind: 'too-large', limit: 10_000_000 }, /larger than 10 MB, as no pinout is/],
  [{ kind: 'too-many-rows', rows: 100_000, limit: 5000 }, /100000 rows are too many for one harness: at most 5000/],
  [
    { kind: 'columns-missing', missing: ['wire', 'fromEnd'], unknown: ['pin'] },
    /Missing: “wire”, “from end”\. Not known: pin\./,
  ],
  [{ kind: 'columns-twice', headings: ['color'] }, /Column color stands twice/],
  [{ kind: 'ragged', row: 7, cells: 4, expected: 10 }, /Row 7 has 4 cells, the heading has 10/],
  [{ kind: 'quote-open', row: 3 }, /Row 3 opens a quote that is not closed/],
  [{ kind: 'no-rows' }, /Add one row a wire/],
])('%j helps', (fault, words) => {
  expect(tableFaultWords(fault)).toMatch(words)
})

test.each<[CellProblem, string, RegExp]>([
  [{ kind: 'missing' }, '', /fill it in/],
  [{ kind: 'bad-id' }, 'W 1', /“W 1”: an id has up to 40 letters and digits/],
  [{ kind: 'wire-twice', firstRow: 2 }, 'W1', /“W1” stands in row 2 already/],
  [{ kind: 'unknown-type', known: ['TW-0.5'] }, 'XX', /“XX” is no wire type on the shelf; there are TW-0\.5/],
  [{ kind: 'several-types', known: ['TW-1.5', 'RW-1.5'] }, '1.5 mm2', /could be TW-1\.5, RW-1\.5: name the one/],
  [{ kind: 'bad-colour' }, 'blueish', /“blueish” is no colour: letters like RD/],
  [{ kind: 'unknown-housing', known: ['CM-3P'] }, 'ZZ', /“ZZ” is no housing on the shelf; there are CM-3P/],
  [
    { kind: 'housing-differs', end: 'A', first: 'CM-3P', firstRow: 2 },
    'SW-2P',
    /end A is CM-3P by row 2; one end has one housing/,
  ],
  [{ kind: 'no-housing', end: 'A' }, 'A', /end A has no housing yet: pick it/],
  [
    { kind: 'unknown-cavity', housing: 'CM-3P', known: ['1', '2', '3'] },
    '9',
    /“9” is no cavity of CM-3P; it has 1, 2, 3/,
  ],
  [{ kind: 'cavity-taken', byWire: 'W1', firstRow: 2 }, '1', /taken by W1 in row 2/],
  [{ kind: 'half-a-side' }, '', /give end and cavity, a terminal or a splice alone, or leave both empty/],
  [{ kind: 'open-both-sides' }, '', /both sides are open/],
  [
    { kind: 'quantity', dimension: 'length', fault: { kind: 'unknown-unit', unit: 'lbf', known: ['mm'] } },
    '5 lbf',
    /“lbf” is no unit of length\. Like 1200 mm/,
  ],
  [
    { kind: 'quantity', dimension: 'current', fault: { kind: 'not-a-number', text: 'lots' } },
    'lots',
    /“lots” is no figure\. Like 4\.5 A/,
  ],
  [{ kind: 'too-long', limit: 60 }, 'x', /over the limit of 60/],
])('%j says what is there and what would be right', (problem, found, words) => {
  expect(cellProblemWords(problem, found)).toMatch(words)
})

test('a column is called by its heading', () => {
  expect(columnWords('fromCavity')).toBe('from cavity')
})

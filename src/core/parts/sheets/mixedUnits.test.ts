import { expect, test } from 'vitest'
import { bareAmongUnits } from './mixedUnits'
import { column, mm } from './sheetCells'

const columns = [column('widthMm', 'width', mm), column('fromMm2', 'wire', { kind: 'figure', dimension: 'area' })]
const bare = (...widths: readonly string[]) =>
  bareAmongUnits(
    columns,
    widths.map((widthMm) => ({ widthMm })),
  ).map(({ row, problem }) => [row, problem.unit])

test.each<[string, string[], unknown[]]>([
  ['millimetres, said or not', ['0.9', '1.6 mm', '2'], []],
  ['inches throughout', ['.05 in', '.08in', '0.1"'], []],
  ['one without a mark among inches', ['.05 in', '0.08', '.1 in'], [[1, 'in']]],
  [
    'each that may be inches',
    ['.08', '.05"', '0.1'],
    [
      [0, '"'],
      [2, '"'],
    ],
  ],
  ['what would be far too wide in inches is in millimetres', ['0.9', '.05"', '1.6'], []],
  ['what says millimetres leaves no doubt, nor does nought', ['.05 in', '1.6 mm', '0'], []],
  ['what is empty or no figure is not asked for a unit', ['.05 in', '', '–', 'not on the sheet'], []],
])('%s', (_what, widths, found) => {
  expect(bare(...widths)).toEqual(found)
})

test('a bare 16 among gauges may be a gauge', () => {
  const rows = [{ fromMm2: '20 AWG' }, { fromMm2: '16' }, { fromMm2: '0.5 mm²' }, { fromMm2: '0.75' }]
  expect(bareAmongUnits(columns, rows)).toEqual([
    { row: 1, column: 'fromMm2', problem: { kind: 'bare-among-units', unit: 'AWG' } },
  ])
})

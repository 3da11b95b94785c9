import { expect, test } from 'vitest'
import { keepOutLines, readKeepOuts, readStretches, stretchLines } from './layoutText'

const segments = [
  { id: 'A', from: 'A', to: 'P', lengthMm: 775, toleranceMm: 10 },
  { id: 'B', from: 'B', to: 'P', lengthMm: 50 },
]

test('stretches and places without ties are read as they are written', () => {
  const layout = {
    segments,
    keepOuts: [{ segment: 'A', fromMm: 0, toMm: 70, what: 'grommet' as const }],
    held: 'ties' as const,
    firstMm: 40,
    pitchMm: 110,
    laidShare: 0.12,
  }
  expect(readStretches(stretchLines(layout))).toEqual({ ok: true, value: segments })
  expect(readKeepOuts(keepOutLines(layout))).toEqual({ ok: true, value: layout.keepOuts })
})

test('a block from a spreadsheet is read too, with inches where somebody says so', () => {
  expect(readStretches('A\tA\tP\t775\t±10\n\nB\tB\tP\t2 in')).toMatchObject({
    ok: true,
    value: [{ toleranceMm: 10 }, { lengthMm: 50.8 }],
  })
})

test.each([
  ['A; A; P', 'columns', 1],
  ['A; A; P; long', 'length', 1],
  ['A; A; P; 50\nB; B; P; 50 ±x', 'tolerance', 2],
])('%s says which line is wrong', (text, kind, line) => {
  expect(readStretches(text)).toMatchObject({ ok: false, fault: { kind, line } })
})

test('a place that ends before it begins is none', () => {
  expect(readKeepOuts('A; 70 to 20')).toMatchObject({ ok: false, fault: { kind: 'range', line: 1 } })
})

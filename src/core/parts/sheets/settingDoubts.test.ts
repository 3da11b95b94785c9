import { expect, test } from 'vitest'
import { settingDoubts } from './settingDoubts'
import type { ToolRow } from './readFamily'

const row = (tool: string, more: Partial<ToolRow['row']> = {}): ToolRow => ({
  tool,
  row: { contact: 'C', conductor: { minMm2: 0.3, maxMm2: 0.5 }, ...more },
})
const frame = { id: 'PF-1', dies: [{ id: 'D1', conductorFormMm: 2, spacingMm: 0.4 }], nestMarks: ['20', '18'] }

test('a die that the tool has not, a nest without that print, and a tool that is not there are noticed', () => {
  expect(
    settingDoubts(
      [
        row('PF-1', { die: 'D1' }),
        row('PF-1', { die: 'D9', nest: '16' }),
        row('PF-1', { die: 'D9' }),
        row('NEW'),
        row('NEW'),
        row(''),
      ],
      [frame],
    ),
  ).toEqual([
    { kind: 'no-die', tool: 'PF-1', named: 'D9', known: ['D1'] },
    { kind: 'no-nest', tool: 'PF-1', named: '16', known: ['20', '18'] },
    { kind: 'no-tool', tool: 'NEW', rows: 2 },
  ])
})

test('a tool whose parts nobody has listed says nothing of a positioner', () => {
  expect(settingDoubts([row('PF-1', { positioner: 'QP-5' })], [frame])).toEqual([])
})

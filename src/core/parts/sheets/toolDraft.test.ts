import { expect, test } from 'vitest'
import { demoShelfInput } from '../catalogue/demoShelf.testing'
import { toolSchema } from '../catalogue/schema/tool'
import { toolClasses } from '../catalogue/toolClasses'
import { draftOfTool, fieldsOf, readTool, type ToolDraft } from './toolDraft'

const none = new Set<string>()
const draft = (of: ToolDraft['class'], cells: ToolDraft['cells'], dies: ToolDraft['dies'] = []): ToolDraft => ({
  class: of,
  cells: { id: 'HT-1', name: 'hand tool', document: 'sheet 7', ...cells },
  dies,
})

test.each(demoShelfInput().tools.map((tool) => [tool.id, tool] as const))(
  '%s is the same when it is opened and saved as it is',
  (_id, tool) => {
    const { tool: read, faults, dieFaults } = readTool(draftOfTool(tool), none, tool)
    expect({ faults, dieFaults }).toEqual({ faults: {}, dieFaults: [] })
    expect(toolSchema.parse(read)).toEqual({ ...tool, held: tool.held === 'crib' ? undefined : tool.held })
  },
)

test.each(Object.keys(toolClasses) as ToolDraft['class'][])('%s is asked for its number, name and source', (of) => {
  const { tool, faults } = readTool({ class: of, cells: {}, dies: [] }, none)
  expect(tool).toBeUndefined()
  for (const field of ['id', 'name', 'document'] as const) expect(faults[field]).toEqual({ kind: 'missing' })
  expect(Object.keys(faults).every((field) => fieldsOf(of).some((one) => one === field))).toBe(true)
})

test('widths take units and decimal commas; one that stands twice or is none is named at its field', () => {
  expect(readTool(draft('nest-ratchet', { nests: '1.9 2.3' }), none).tool?.nestsMm).toEqual([1.9, 2.3])
  expect(readTool(draft('stripper', { notches: '0.8mm 0.05in' }), none).tool?.notchesMm).toEqual([0.8, 1.27])
  expect(readTool(draft('stripper', { notches: '0.8 1.0 0.8' }), none).faults.notches).toEqual({ kind: 'twice' })
  expect(readTool(draft('stripper', { notches: '0.8 red' }), none).faults.notches).toMatchObject({ kind: 'quantity' })
})

test('a die that stands twice, and one without its form, are named in their row', () => {
  const { tool, dieFaults } = readTool(
    draft('parallel-die', {}, [
      { id: 'D1', conductorFormMm: '2.4', spacingMm: '0.6' },
      { id: 'D1', conductorFormMm: '2.9', spacingMm: '0' },
      { id: 'D2', conductorFormMm: '', spacingMm: '0.6' },
    ]),
    none,
  )
  expect(tool).toBeUndefined()
  expect(dieFaults).toEqual([
    { row: 1, column: 'id', problem: { kind: 'twice' } },
    { row: 2, column: 'conductorFormMm', problem: { kind: 'missing' } },
  ])
})

test.each<[string, ToolDraft['cells'], object]>([
  ['half of it', { doneOn: '2026-05-02' }, { dueOn: { kind: 'missing' }, by: { kind: 'missing' } }],
  ['a day that is none', { doneOn: '2026-13-02', dueOn: '2027-05-02', by: 'lab' }, { doneOn: { kind: 'no-day' } }],
  ['due before done', { doneOn: '2026-05-02', dueOn: '2025-05-02', by: 'lab' }, { dueOn: { kind: 'due-before-done' } }],
  ['all of it', { doneOn: '2026-05-02', dueOn: '2027-05-02', by: 'lab' }, {}],
  ['none of it', {}, {}],
])('a verification with %s', (_what, cells, faults) => {
  expect(readTool(draft('plain-pliers', cells), none).faults).toEqual(faults)
})

test('a number that is taken is refused for a new tool', () => {
  expect(readTool(draft('gauge', {}), new Set(['HT-1'])).faults.id).toEqual({ kind: 'twice' })
})

test('a release tool for contact sizes has a tip; a hook that only lifts a cover has none', () => {
  expect(readTool(draft('release', { sizes: 'R10' }), none).faults).toEqual({ tip: { kind: 'missing' } })
  expect(readTool(draft('release', {}), none).tool).toMatchObject({ class: 'release' })
  expect(readTool(draft('release', { tip: 'tube', sizes: 'R10 R16' }), none).tool?.release).toEqual({
    tip: 'tube',
    sizes: ['R10', 'R16'],
  })
})

import { groupBy } from '../../base/collections'
import type { Tool } from '../catalogue/types'
import type { ToolRow } from './readFamily'

/** What a row of settings names and its tool has not: it may be a slip, or a part that the crib has not entered yet. */
export type SettingDoubt =
  | { readonly kind: 'no-tool'; readonly tool: string; readonly rows: number }
  | {
      readonly kind: 'no-die' | 'no-positioner' | 'no-nest'
      readonly tool: string
      readonly named: string
      readonly known: readonly string[]
    }

type Known = Pick<Tool, 'id' | 'dies' | 'positioners' | 'nestMarks'>

/** Rows that wait for their tool, and dies, positioners and nests that their tool does not have. */
export function settingDoubts(rows: readonly ToolRow[], tools: readonly Known[]): readonly SettingDoubt[] {
  const byId = new Map(tools.map((tool) => [tool.id, tool]))
  return [...groupBy(rows, ({ tool }) => tool)].flatMap(([id, ofTool]): readonly SettingDoubt[] => {
    if (id === '') return []
    const tool = byId.get(id)
    if (!tool) return [{ kind: 'no-tool', tool: id, rows: ofTool.length }]
    const look = (
      kind: 'no-die' | 'no-positioner' | 'no-nest',
      known: readonly string[],
      named: (row: ToolRow['row']) => string | undefined,
    ) =>
      // a tool whose parts nobody has listed says nothing of a stranger
      known.length === 0
        ? []
        : [...new Set(ofTool.flatMap(({ row }) => named(row) ?? []))].flatMap((one): readonly SettingDoubt[] =>
            known.includes(one) ? [] : [{ kind, tool: id, named: one, known }],
          )
    return [
      ...look(
        'no-die',
        (tool.dies ?? []).map((die) => die.id),
        (row) => row.die,
      ),
      ...look('no-positioner', tool.positioners ?? [], (row) => row.positioner),
      ...look('no-nest', tool.nestMarks ?? [], (row) => row.nest),
    ]
  })
}

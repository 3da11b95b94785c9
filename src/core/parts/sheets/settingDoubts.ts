import { groupBy } from '../../base/collections'
import type { Tool } from '../catalogue/types'
import type { ToolRow } from './readFamily'
import { isStranger, partsOfTool, type ToolPart } from './toolParts'

/** What a row of settings names and its tool has not: it may be a slip, or a part that the crib has not entered yet. */
export type SettingDoubt =
  | { readonly kind: 'no-tool'; readonly tool: string; readonly rows: number }
  | {
      readonly kind: 'no-die' | 'no-positioner' | 'no-nest'
      readonly tool: string
      readonly named: string
      readonly known: readonly string[]
    }

type Known = Pick<Tool, 'id' | 'dies' | 'positioners' | 'nestsMm' | 'nestMarks'>

const doubtOf = {
  die: 'no-die',
  positioner: 'no-positioner',
  nest: 'no-nest',
} as const satisfies Record<ToolPart, SettingDoubt['kind']>
const parts = Object.keys(doubtOf) as readonly ToolPart[]

/** Rows that wait for their tool, and dies, positioners and nests that their tool does not have. */
export function settingDoubts(rows: readonly ToolRow[], tools: readonly Known[]): readonly SettingDoubt[] {
  const byId = new Map(tools.map((tool) => [tool.id, tool]))
  return [...groupBy(rows, ({ tool }) => tool)].flatMap(([id, ofTool]): readonly SettingDoubt[] => {
    if (id === '') return []
    const tool = byId.get(id)
    if (!tool) return [{ kind: 'no-tool', tool: id, rows: ofTool.length }]
    const has = partsOfTool(tool)
    return parts.flatMap((part) =>
      [...new Set(ofTool.flatMap(({ row }) => row[part] ?? []))].flatMap((named) =>
        isStranger(named, has[part]) ? [{ kind: doubtOf[part], tool: id, named, known: has[part] }] : [],
      ),
    )
  })
}

import type { Tool } from '@/core/parts/catalogue/types'
import type { ToolDraft } from '@/core/parts/sheets/toolDraft'
import type { Opening, ToolHeadProps } from '@/ui/tool/ToolHead'

const openingsOf = (mm: readonly number[] = [], marks: readonly string[] = []): readonly Opening[] =>
  mm.map((one, i) => ({ mm: one, mark: marks[i] ?? one.toFixed(1) }))

/** What is drawn of a tool while it is entered: as far as it can be read, set as a row of its card says. */
export const headOf = (tool: Tool | undefined, draft: ToolDraft, row: number): ToolHeadProps => ({
  of: draft.class,
  selector: tool?.selector,
  dies: (tool?.dies ?? []).map(({ id, conductorFormMm, spacingMm }) => ({ id, formMm: conductorFormMm, spacingMm })),
  openings: tool?.nestsMm ? openingsOf(tool.nestsMm, tool.nestMarks) : openingsOf(tool?.notchesMm, tool?.notchMarks),
  row: draft.sheets.card[row] ?? {},
})

import { openingsOf } from '@/core/parts/catalogue/openings'
import { readSheetCell, readSheetRow } from '@/core/parts/sheets/sheet'
import { type ToolDraft, toolFields } from '@/core/parts/sheets/toolDraft'
import { columnsOf, type ToolSheet } from '@/core/parts/sheets/toolSheets'
import type { ToolHeadProps } from '@/ui/tool/ToolHead'

const text = (value: unknown) => (typeof value === 'string' ? value : undefined)

/**
 * What is drawn of a tool while it is entered: as far as each field and row can be read, whatever is still wrong elsewhere, and set
 * as a row of its card says.
 */
export function headOf(draft: ToolDraft, row: number): ToolHeadProps {
  const rows = (sheet: ToolSheet) =>
    draft.sheets[sheet].map((said) => readSheetRow(columnsOf(sheet, draft.class), said).values)
  const [min, max] = (['selectorMin', 'selectorMax'] as const).map(
    (id) => readSheetCell(draft.cells[id] ?? '', toolFields[id]).value,
  )
  const open = rows(draft.class === 'stripper' ? 'notches' : 'nests').filter(({ mm }) => typeof mm === 'number')
  return {
    of: draft.class,
    selector: typeof min === 'number' && typeof max === 'number' && min <= max ? { min, max } : undefined,
    dies: rows('dies').flatMap(({ id, conductorFormMm, spacingMm }) =>
      typeof id === 'string' && typeof conductorFormMm === 'number' && typeof spacingMm === 'number'
        ? [{ id, formMm: conductorFormMm, spacingMm }]
        : [],
    ),
    openings: openingsOf(
      open.map(({ mm }) => Number(mm)),
      open.map(({ mark }) => text(mark)),
    ),
    row: draft.sheets.card[row] ?? {},
  }
}

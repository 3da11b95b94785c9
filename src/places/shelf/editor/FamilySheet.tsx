import { type SheetName, sheetTables } from '@/core/parts/sheets/familyDraft'
import { SheetGrid } from '@/ui/sheet/SheetGrid'
import { sheetTitles } from '@/words/sheets'
import type { EditorHand } from './editorHand'
import styles from './FamilyEditor.module.css'

/** What a column of ids of the family may say: sizes, contacts, plugs, tools that are there. */
export const offeredIds =
  ({ draft, tools }: EditorHand, sheet: SheetName) =>
  (column: string): readonly string[] => {
    const ids = (of: SheetName) => draft.sheets[of].flatMap((row) => (row.id ?? '').trim() || [])
    if (column === 'size') return ids('sizes')
    if (column === 'contact') return [...ids('contacts'), ...ids('terminals')]
    if (column === 'plug') return ids('parts')
    if (column === 'tool' || column === 'sheetTool') return tools.map((tool) => tool.id)
    if (column === 'die' && sheet === 'placard')
      return [...new Set(tools.flatMap((tool) => (tool.dies ?? []).map((die) => die.id)))]
    return []
  }

/** One of the family's sheets, to type and to paste into. */
export function FamilySheet({
  hand,
  sheet,
  fills = false,
  onRow,
}: {
  readonly hand: EditorHand
  readonly sheet: SheetName
  /** it is what the step is about */ readonly fills?: boolean
  readonly onRow?: ((row: number) => void) | undefined
}) {
  const { draft, set, problemAt } = hand
  return (
    <div className={styles.sheet} data-fills={fills}>
      <SheetGrid
        label={sheetTitles[sheet]}
        columns={sheetTables[sheet]}
        rows={draft.sheets[sheet]}
        problemAt={problemAt(sheet)}
        onChange={(rows) => set({ sheets: { ...draft.sheets, [sheet]: rows } })}
        onRow={onRow}
        offered={offeredIds(hand, sheet)}
      />
    </div>
  )
}

import type { FamilyDraft, SheetName } from '@/core/parts/sheets/familyDraft'
import type { FamilyReading } from '@/core/parts/sheets/readFamily'
import type { SheetProblem } from '@/core/parts/sheets/sheet'
import type { EditorTool } from '../shelfData'

/** A family in the hand: what every step of the path works with. */
export interface EditorHand {
  readonly draft: FamilyDraft
  readonly set: (change: Partial<FamilyDraft>) => void
  readonly reading: FamilyReading
  /** it was to be saved: what is missing is said, also where nothing was typed yet */
  readonly asked: boolean
  readonly tools: readonly EditorTool[]
  readonly problemAt: (sheet: SheetName) => (row: number, column: string) => SheetProblem | undefined
}

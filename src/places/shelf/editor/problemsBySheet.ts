import type { SheetName } from '@/core/parts/sheets/familyDraft'
import type { FamilyReading } from '@/core/parts/sheets/readFamily'
import type { SheetProblem } from '@/core/parts/sheets/sheet'

/** What is wrong with the cells of a family's sheets. Each sheet's answer stays the same as long as the faults do. */
export function problemsBySheet(
  faults: FamilyReading['faults'],
): (sheet: SheetName) => (row: number, column: string) => SheetProblem | undefined {
  const problems = new Map<string, SheetProblem>()
  for (const fault of faults)
    if (fault.at === 'sheet') problems.set(`${fault.sheet} ${String(fault.row)} ${fault.column}`, fault.problem)
  const answers = new Map<SheetName, (row: number, column: string) => SheetProblem | undefined>()
  return (sheet) => {
    const known = answers.get(sheet)
    if (known) return known
    const answer = (row: number, column: string) => problems.get(`${sheet} ${String(row)} ${column}`)
    answers.set(sheet, answer)
    return answer
  }
}

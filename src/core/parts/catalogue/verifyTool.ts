import { daysAfter } from '../../base/benchDay'
import { type ProofId, toolClasses } from './toolClasses'
import type { Tool } from './types'

/** Half a year, where nothing says how often. */
const USUAL_DAYS = 182
const DAY_MS = 86_400_000

/** When a tool that is verified on a day is due again: after as long as the last time, or half a year. */
export function dueAgain({ verification }: Pick<Tool, 'verification'>, today: string): string {
  const days = verification
    ? Math.round((Date.parse(verification.dueOn) - Date.parse(verification.doneOn)) / DAY_MS)
    : USUAL_DAYS
  return daysAfter(today, days > 0 ? days : USUAL_DAYS)
}

/** What proves a tool here: the routine of its class, and for go and no-go the gauge that belongs to it. */
export interface ToolProof {
  readonly how: ProofId
  /** the gauge, and the selector at which it is used; undefined where the crib has none for it */
  readonly gauge?: { readonly id: string; readonly name: string; readonly selector?: number }
}

/** How a tool is proved at this bench; undefined where its class has no such routine. */
export function proofOf(tool: Tool, tools: Iterable<Tool>): ToolProof | undefined {
  const how = toolClasses[tool.class].provedBy
  if (how === undefined) return undefined
  const gauge = [...tools].find(({ gauges }) => gauges?.tool === tool.id)
  return {
    how,
    ...(gauge && {
      gauge: {
        id: gauge.id,
        name: gauge.name,
        ...(gauge.gauges?.selector !== undefined && { selector: gauge.gauges.selector }),
      },
    }),
  }
}

/** The tool with a new verification; the one before goes into its history. */
export const verified = (tool: Tool, now: NonNullable<Tool['verification']>): Tool => ({
  ...tool,
  verification: now,
  ...(tool.verification && { history: [...(tool.history ?? []), tool.verification] }),
})

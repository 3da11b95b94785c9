import type { UncrimpedClass } from '@/core/work/kit/buyList'
import type { KitProblem } from '@/core/work/kit/kitProblem'
import type { SupplyLine } from '@/core/work/kit/supply'

/** What Kit's panes fetch beside the page. */
export interface KitSupply {
  readonly lines: readonly SupplyLine[]
}
export interface KitProblems {
  readonly problem: KitProblem
  /** without what was chosen by hand; only where something was */
  readonly free?: KitProblem
  readonly names: Readonly<Record<string, string>>
}
export interface KitTools {
  readonly classes: readonly UncrimpedClass[]
  readonly families: Readonly<Record<string, string>>
}

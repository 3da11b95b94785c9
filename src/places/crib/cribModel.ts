import type { ToolClass } from '@/core/parts/catalogue/toolClasses'

export interface CribTool {
  readonly id: string
  readonly name: string
  readonly class: ToolClass
  readonly doneOn: string | undefined
  readonly dueOn: string | undefined
  /** contacts closed since then; undefined for what closes none */
  readonly since: number | undefined
  readonly gaugedAt: string | undefined
}

import type { ToolClass } from '@/core/parts/catalogue/toolClasses'
import type { Tool } from '@/core/parts/catalogue/types'

export interface CribTool {
  readonly id: string
  readonly name: string
  readonly class: ToolClass
  /** in the crib, or where else it could be had */
  readonly held: NonNullable<Tool['held']>
  readonly doneOn: string | undefined
  readonly dueOn: string | undefined
  /** contacts closed since then; undefined for what closes none */
  readonly since: number | undefined
  readonly gaugedAt: string | undefined
}

import type { ProofId, ToolClass } from '@/core/parts/catalogue/toolClasses'
import type { Construction, Tool } from '@/core/parts/catalogue/types'
import type { ToolProof } from '@/core/parts/catalogue/verifyTool'
import type { ToolDue } from '@/core/craft/setup/setup'

export interface CribTool {
  readonly id: string
  readonly name: string
  readonly class: ToolClass
  /** the bench's own mark, and where it lies */
  readonly ownMark: string | undefined
  readonly liesIn: string | undefined
  /** in the crib, or where else it could be had */
  readonly held: NonNullable<Tool['held']>
  readonly price: number | undefined
  readonly doneOn: string | undefined
  readonly due: ToolDue
  /** contacts closed since then; undefined for what closes none */
  readonly since: number | undefined
  readonly gaugedAt: string | undefined
  /** contacts of the shelf that it has a setting for; undefined for what crimps none */
  readonly crimps: number | undefined
}

/** A tool is proved at this bench. */
export interface VerifyModel {
  readonly how: ProofId
  readonly gauge: ToolProof['gauge']
  readonly last: Tool['verification']
  /** before that, newest first */
  readonly history: NonNullable<Tool['history']>
  readonly today: string
  readonly dueAgain: string
  readonly due: ToolDue
}

export interface ReachModel {
  readonly crimps: readonly {
    readonly id: string
    readonly name: string
    readonly minMm2: number
    readonly maxMm2: number
  }[]
  readonly noRow: readonly { readonly id: string; readonly name: string; readonly by: readonly string[] }[]
  readonly never: readonly Construction[]
}

/** A contact that nothing of the crib crimps, or not over its whole range. */
export interface GapModel {
  readonly id: string
  readonly name: string
  readonly family: string
  readonly gaps: readonly { readonly minMm2: number; readonly maxMm2: number }[]
  readonly elsewhere: readonly string[]
  readonly classes: readonly ToolClass[]
}

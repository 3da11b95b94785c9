import type { Cable, FamilyInput, Pack, Placard, Tool, WireType } from '@/core/parts/catalogue/types'
import type { Waiting } from '@/core/parts/catalogue/waiting'
import type { StockLine } from '@/data/repositories/stock'

/** What a tool of the crib can be set to, as far as a row of settings names it. */
export type EditorTool = Pick<Tool, 'id' | 'name' | 'dies' | 'positioners' | 'nestsMm' | 'nestMarks'>

export interface FamilyHead {
  readonly id: string
  readonly name: string
  readonly housings: number
  readonly contacts: number
}

/** A part as it is counted: what it is called, and how many there are. */
export interface PartLine {
  readonly part: string
  readonly name: string
  readonly kind: string
  readonly unit: 'pcs' | 'mm'
  readonly stock?: Omit<StockLine, 'part'>
}

/** A family with the placard rows of its contacts. */
export interface FamilyPage {
  readonly family: FamilyInput
  readonly placards: readonly Placard[]
  /** what of it waits for a tool or a mate that is not there yet */
  readonly waiting: readonly Waiting[]
}

/** What the Shelf shows: one of its pages. */
export type ShelfPage =
  | { readonly show: 'family'; readonly page: FamilyPage }
  | { readonly show: 'edit'; readonly page: FamilyPage; readonly duplicate: boolean }
  | { readonly show: 'new' }
  | {
      readonly show: 'wires'
      readonly wireTypes: readonly WireType[]
      readonly cables: readonly Cable[]
      readonly packs: readonly Pack[]
    }
  | { readonly show: 'stock'; readonly parts: readonly PartLine[] }
  | { readonly show: 'identify' }
  | { readonly show: 'import' }

export interface ShelfModel {
  readonly families: readonly FamilyHead[]
  /** what a family that is edited may name of the crib; empty on other pages */
  readonly tools: readonly EditorTool[]
  /** parts under their reorder level */
  readonly low: number
  readonly page: ShelfPage
}

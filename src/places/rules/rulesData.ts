import type { HouseRules } from '@/core/parts/rules/houseRules'

export interface RulesModel {
  readonly schools: readonly (HouseRules & { readonly shipped: boolean })[]
  /** open jobs and the school that each follows */
  readonly jobs: readonly { readonly id: string; readonly title: string; readonly rules: string }[]
}

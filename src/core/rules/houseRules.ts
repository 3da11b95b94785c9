import type { PullTableId } from '../crimp/pullTables'
import type { Range } from '../strip/stripWindow'

/** Three ways of a school: never, allowed and written down, allowed. */
export type Allowance = 'forbidden' | 'recorded' | 'allowed'

/** A workmanship profile. Every figure that schools differ about stands here, never inline. */
export interface HouseRules {
  readonly id: RulesId
  /** gap between a closed barrel's mouth and the insulation */
  readonly gap: { readonly school: 'band'; readonly band: Range } | { readonly school: 'half-insulation'; readonly minMm: number } | { readonly school: 'touching'; readonly maxMm: number }
  /** conductor that shows beyond an open barrel's wings */
  readonly brush: Range
  /** strands that may be nicked or cut */
  readonly strandAllowance: number
  /** test pieces after a setup change */
  readonly firstPieces: number
  readonly pullTable: PullTableId
  /** frames whose depth rests on the hand: no positioner, no locator */
  readonly uncalibratedTools: Allowance
  /** settings that stand on no sheet */
  readonly estimates: Allowance
  readonly overdueTools: 'block' | 'warn'
  /** the light tug as a share of the cavity's retention force */
  readonly tugShare: number
  readonly secondSignature: boolean
  /** largest voltage drop, percent of the supply */
  readonly dropLimitPercent: number
}

export type RulesId = 'sheet-strict' | 'field-repair' | 'hobby-bench'

export const houseRules: Readonly<Record<RulesId, HouseRules>> = {
  'sheet-strict': {
    id: 'sheet-strict', gap: { school: 'band', band: { minMm: 0.3, maxMm: 1 } }, brush: { minMm: 0.2, maxMm: 1 }, strandAllowance: 0, firstPieces: 1,
    pullTable: 'iec-60352-2', uncalibratedTools: 'forbidden', estimates: 'forbidden', overdueTools: 'block', tugShare: 0.25, secondSignature: false, dropLimitPercent: 3,
  },
  'field-repair': {
    id: 'field-repair', gap: { school: 'half-insulation', minMm: 0.2 }, brush: { minMm: 0.2, maxMm: 1 }, strandAllowance: 0, firstPieces: 1,
    pullTable: 'iec-60352-2', uncalibratedTools: 'recorded', estimates: 'recorded', overdueTools: 'warn', tugShare: 0.25, secondSignature: false, dropLimitPercent: 3,
  },
  'hobby-bench': {
    id: 'hobby-bench', gap: { school: 'touching', maxMm: 0.5 }, brush: { minMm: 0.2, maxMm: 1 }, strandAllowance: 1, firstPieces: 1,
    pullTable: 'ul-486a', uncalibratedTools: 'allowed', estimates: 'allowed', overdueTools: 'warn', tugShare: 0.25, secondSignature: false, dropLimitPercent: 5,
  },
}

/** The gap that a school allows on a given insulation, mm. */
export function gapRange(rules: HouseRules, insulationMm: number): Range {
  switch (rules.gap.school) {
    case 'band': return rules.gap.band
    case 'half-insulation': return { minMm: rules.gap.minMm, maxMm: Math.max(rules.gap.minMm, insulationMm / 2) }
    case 'touching': return { minMm: 0, maxMm: rules.gap.maxMm }
  }
}

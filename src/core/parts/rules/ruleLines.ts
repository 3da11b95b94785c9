import type { HouseRules } from './houseRules'

export type RuleId = Exclude<keyof HouseRules, 'id' | 'name' | 'about'>

/** How a rule is set, so that a screen can offer it and a table compare it. */
export type RuleShape =
  | { readonly kind: 'allowance' }
  | { readonly kind: 'yes-no' }
  | {
      readonly kind: 'figure'
      readonly unit: '' | 'percent' | 's' | 'share' | 'pieces' | 'strands' | 'mm'
      readonly min: number
      readonly max: number
      readonly whole: boolean
    }
  | { readonly kind: 'choice'; readonly of: readonly string[] }
  | { readonly kind: 'range' }
  | { readonly kind: 'gap' }
  | { readonly kind: 'tool-classes' }
  | { readonly kind: 'derating' }

export type RuleGroup = 'strip' | 'tools' | 'crimp' | 'seat' | 'prove' | 'load' | 'kit'

export interface RuleLine {
  readonly id: RuleId
  readonly group: RuleGroup
  readonly shape: RuleShape
}

const whole = (unit: Extract<RuleShape, { kind: 'figure' }>['unit'], max: number): RuleShape => ({
  kind: 'figure',
  unit,
  min: 0,
  max,
  whole: true,
})
const allowance: RuleShape = { kind: 'allowance' }

/** Every rule that schools differ about, in the order in which the work meets them. Why they differ stands with the words. */
export const ruleLines: readonly RuleLine[] = [
  { id: 'gap', group: 'strip', shape: { kind: 'gap' } },
  { id: 'brush', group: 'strip', shape: { kind: 'range' } },
  { id: 'stripCounts', group: 'strip', shape: { kind: 'choice', of: ['sheet', 'house-rules'] } },
  { id: 'strandAllowance', group: 'strip', shape: whole('strands', 20) },
  { id: 'redoTries', group: 'strip', shape: whole('', 10) },
  { id: 'wireLabels', group: 'strip', shape: { kind: 'yes-no' } },
  { id: 'sideCutterStrip', group: 'strip', shape: allowance },
  { id: 'foldBack', group: 'strip', shape: allowance },
  { id: 'lubricant', group: 'strip', shape: { kind: 'choice', of: ['none', 'approved'] } },
  { id: 'forbiddenToolClasses', group: 'tools', shape: { kind: 'tool-classes' } },
  { id: 'uncalibratedTools', group: 'tools', shape: allowance },
  { id: 'estimates', group: 'tools', shape: allowance },
  { id: 'overdueTools', group: 'tools', shape: { kind: 'choice', of: ['block', 'warn'] } },
  { id: 'gaugeEachShift', group: 'tools', shape: { kind: 'yes-no' } },
  { id: 'firstPieces', group: 'crimp', shape: whole('pieces', 10) },
  { id: 'releasePull', group: 'crimp', shape: { kind: 'choice', of: ['figure', 'by-hand'] } },
  { id: 'releaseHeight', group: 'crimp', shape: { kind: 'choice', of: ['measured', 'not-asked'] } },
  { id: 'pullTable', group: 'crimp', shape: { kind: 'choice', of: ['iec-60352-2', 'ul-486a', 'as7928'] } },
  { id: 'pullEvery', group: 'crimp', shape: whole('pieces', 1000) },
  { id: 'heightEvery', group: 'crimp', shape: whole('pieces', 1000) },
  { id: 'trendPoints', group: 'crimp', shape: { kind: 'figure', unit: '', min: 3, max: 20, whole: true } },
  { id: 'shiftAsksAgain', group: 'crimp', shape: { kind: 'yes-no' } },
  { id: 'singlyFirst', group: 'crimp', shape: whole('pieces', 1000) },
  { id: 'singlyEvery', group: 'crimp', shape: whole('pieces', 1000) },
  { id: 'matingPin', group: 'crimp', shape: { kind: 'choice', of: ['not-asked', 'sockets'] } },
  { id: 'secondStroke', group: 'crimp', shape: allowance },
  { id: 'solder', group: 'crimp', shape: allowance },
  { id: 'easingWings', group: 'crimp', shape: allowance },
  { id: 'straightening', group: 'crimp', shape: allowance },
  { id: 'brushTrimming', group: 'crimp', shape: allowance },
  { id: 'finishingSqueeze', group: 'crimp', shape: allowance },
  { id: 'contactReuses', group: 'seat', shape: whole('', 20) },
  { id: 'sealReuses', group: 'seat', shape: whole('', 20) },
  {
    id: 'equalWithinMm',
    group: 'seat',
    shape: { kind: 'figure', unit: 'mm', min: 0, max: 100, whole: false },
  },
  { id: 'improvisedRelease', group: 'seat', shape: allowance },
  { id: 'handTightening', group: 'seat', shape: allowance },
  { id: 'coverOrder', group: 'seat', shape: { kind: 'choice', of: ['front-first', 'gate-first'] } },
  { id: 'tugShare', group: 'seat', shape: { kind: 'figure', unit: 'share', min: 0.05, max: 0.8, whole: false } },
  { id: 'isolation', group: 'prove', shape: { kind: 'choice', of: ['not-asked', 'likely', 'all-pairs'] } },
  { id: 'throughPairs', group: 'prove', shape: { kind: 'choice', of: ['not-asked', 'each-circuit'] } },
  { id: 'netResistance', group: 'prove', shape: { kind: 'choice', of: ['not-asked', 'each-net'] } },
  { id: 'retentionTest', group: 'prove', shape: { kind: 'yes-no' } },
  { id: 'retentionWhen', group: 'prove', shape: { kind: 'choice', of: ['at-prove', 'after-click'] } },
  { id: 'handPull', group: 'prove', shape: { kind: 'choice', of: ['not-asked', 'each', 'each-crimp'] } },
  { id: 'wiggleS', group: 'prove', shape: whole('s', 600) },
  { id: 'secondSignature', group: 'prove', shape: { kind: 'yes-no' } },
  {
    id: 'dropLimitPercent',
    group: 'load',
    shape: { kind: 'figure', unit: 'percent', min: 0.1, max: 50, whole: false },
  },
  { id: 'bundleDerating', group: 'load', shape: { kind: 'derating' } },
  { id: 'sparePercent', group: 'kit', shape: { kind: 'figure', unit: 'percent', min: 0, max: 100, whole: false } },
  { id: 'spareLeast', group: 'kit', shape: whole('pieces', 100) },
]

const alike = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)

/** The rules in which two schools differ. */
export const ruleDifferences = (a: HouseRules, b: HouseRules): readonly RuleLine[] =>
  ruleLines.filter(({ id }) => !alike(a[id], b[id]))

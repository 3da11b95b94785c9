import type { z } from 'zod'
import type { houseRulesSchema } from './schema'
import type { Range } from '../../base/range'

/** A school as it was written down: rules that came later may be missing from an older copy. */
export type WrittenRules = Readonly<z.infer<typeof houseRulesSchema>>
export type HouseRules = { readonly [Rule in keyof WrittenRules]-?: Exclude<WrittenRules[Rule], undefined> }

/** What an older copy means by leaving a rule out: the work as it was before there was such a rule. */
const before = {
  redoTries: 0,
  trendPoints: 6,
  shiftAsksAgain: false,
  retentionWhen: 'at-prove',
  equalWithinMm: 0,
  handTightening: 'recorded',
  singlyFirst: 0,
  singlyEvery: 1,
  matingPin: 'not-asked',
  gaugeEachShift: false,
  wireLabels: true,
  releasePull: 'figure',
  releaseHeight: 'measured',
  stripCounts: 'sheet',
  isolation: 'not-asked',
  throughPairs: 'not-asked',
  netResistance: 'not-asked',
  handPull: 'not-asked',
} as const

const completed = new WeakMap<WrittenRules, HouseRules>()
/** A school with every rule in it. */
export function completeRules(written: WrittenRules): HouseRules {
  const known = completed.get(written)
  if (known) return known
  const rules: HouseRules = {
    ...written,
    redoTries: written.redoTries ?? before.redoTries,
    trendPoints: written.trendPoints ?? before.trendPoints,
    shiftAsksAgain: written.shiftAsksAgain ?? before.shiftAsksAgain,
    retentionWhen: written.retentionWhen ?? before.retentionWhen,
    equalWithinMm: written.equalWithinMm ?? before.equalWithinMm,
    handTightening: written.handTightening ?? before.handTightening,
    singlyFirst: written.singlyFirst ?? before.singlyFirst,
    singlyEvery: written.singlyEvery ?? before.singlyEvery,
    matingPin: written.matingPin ?? before.matingPin,
    gaugeEachShift: written.gaugeEachShift ?? before.gaugeEachShift,
    wireLabels: written.wireLabels ?? before.wireLabels,
    releasePull: written.releasePull ?? before.releasePull,
    releaseHeight: written.releaseHeight ?? before.releaseHeight,
    stripCounts: written.stripCounts ?? before.stripCounts,
    isolation: written.isolation ?? before.isolation,
    throughPairs: written.throughPairs ?? before.throughPairs,
    netResistance: written.netResistance ?? before.netResistance,
    handPull: written.handPull ?? before.handPull,
  }
  completed.set(written, rules)
  return rules
}

/** Current-carrying conductors in one bundle: the adjustment factors that wiring codes share (NEC table 310.15(C)(1)). A shop may change them. */
const bundleDerating = [
  { upTo: 3, factor: 1 },
  { upTo: 6, factor: 0.8 },
  { upTo: 9, factor: 0.7 },
  { upTo: 20, factor: 0.5 },
  { upTo: 30, factor: 0.45 },
  { upTo: 40, factor: 0.4 },
  { upTo: 10_000, factor: 0.35 },
]

const sheetStrict: HouseRules = {
  id: 'sheet-strict',
  name: 'sheet strict',
  about: 'every figure from a sheet, calibrated frames only, no strand lost',
  gap: { school: 'band', band: { minMm: 0.3, maxMm: 1 } },
  stripCounts: 'sheet',
  brush: { minMm: 0.2, maxMm: 1 },
  strandAllowance: 0,
  redoTries: 1,
  sideCutterStrip: 'forbidden',
  foldBack: 'forbidden',
  lubricant: 'none',
  forbiddenToolClasses: ['notch-pliers', 'plain-pliers'],
  uncalibratedTools: 'forbidden',
  estimates: 'forbidden',
  overdueTools: 'block',
  firstPieces: 1,
  releasePull: 'figure',
  releaseHeight: 'measured',
  pullTable: 'iec-60352-2',
  pullEvery: 0,
  heightEvery: 0,
  trendPoints: 6,
  shiftAsksAgain: false,
  singlyFirst: 5,
  singlyEvery: 10,
  matingPin: 'not-asked',
  gaugeEachShift: false,
  wireLabels: true,
  secondStroke: 'forbidden',
  solder: 'forbidden',
  easingWings: 'forbidden',
  straightening: 'forbidden',
  brushTrimming: 'forbidden',
  finishingSqueeze: 'forbidden',
  contactReuses: 3,
  sealReuses: 0,
  equalWithinMm: 3,
  improvisedRelease: 'forbidden',
  handTightening: 'forbidden',
  coverOrder: 'gate-first',
  tugShare: 0.25,
  isolation: 'likely',
  throughPairs: 'each-circuit',
  netResistance: 'not-asked',
  retentionTest: true,
  retentionWhen: 'at-prove',
  handPull: 'not-asked',
  wiggleS: 30,
  secondSignature: false,
  dropLimitPercent: 3,
  bundleDerating,
  sparePercent: 5,
  spareLeast: 1,
}

const fieldRepair: HouseRules = {
  ...sheetStrict,
  id: 'field-repair',
  name: 'field repair',
  about: 'plain tools and estimates allowed and written down',
  gap: { school: 'half-insulation', minMm: 0.2 },
  redoTries: 2,
  sideCutterStrip: 'recorded',
  foldBack: 'recorded',
  lubricant: 'approved',
  forbiddenToolClasses: ['plain-pliers'],
  uncalibratedTools: 'recorded',
  estimates: 'recorded',
  overdueTools: 'warn',
  releasePull: 'by-hand',
  secondStroke: 'recorded',
  solder: 'recorded',
  easingWings: 'recorded',
  straightening: 'recorded',
  brushTrimming: 'recorded',
  finishingSqueeze: 'recorded',
  sealReuses: 1,
  improvisedRelease: 'recorded',
  handTightening: 'recorded',
  coverOrder: 'front-first',
  retentionTest: false,
  wiggleS: 20,
  sparePercent: 10,
  spareLeast: 2,
}

const hobbyBench: HouseRules = {
  ...fieldRepair,
  id: 'hobby-bench',
  name: 'hobby bench',
  about: 'what works, written down or not',
  gap: { school: 'touching', maxMm: 0.5 },
  strandAllowance: 1,
  redoTries: 1,
  sideCutterStrip: 'allowed',
  forbiddenToolClasses: [],
  uncalibratedTools: 'allowed',
  estimates: 'allowed',
  releaseHeight: 'not-asked',
  pullTable: 'ul-486a',
  secondStroke: 'allowed',
  easingWings: 'allowed',
  straightening: 'allowed',
  brushTrimming: 'allowed',
  finishingSqueeze: 'allowed',
  contactReuses: 5,
  improvisedRelease: 'allowed',
  isolation: 'not-asked',
  throughPairs: 'not-asked',
  wiggleS: 0,
  dropLimitPercent: 5,
  sparePercent: 10,
}

/** The schools that ship with the bench, by id. A bench adds its own beside them. */
export const houseRules = {
  'sheet-strict': sheetStrict,
  'field-repair': fieldRepair,
  'hobby-bench': hobbyBench,
} as const satisfies Readonly<Record<string, HouseRules>>

export type ShippedRulesId = keyof typeof houseRules
export const isShipped = (id: string): id is ShippedRulesId => Object.hasOwn(houseRules, id)
/** The strictest school: what a job follows when its own rules are not to be found. */
export const strictest: HouseRules = sheetStrict

/** The gap that a school allows on a given insulation, mm. */
export function gapRange(rules: HouseRules, insulationMm: number): Range {
  switch (rules.gap.school) {
    case 'band':
      return rules.gap.band
    case 'half-insulation':
      return { minMm: rules.gap.minMm, maxMm: Math.max(rules.gap.minMm, insulationMm / 2) }
    case 'touching':
      return { minMm: 0, maxMm: rules.gap.maxMm }
  }
}

/** What a wire keeps of its rating beside so many loaded ones (itself included); 1 when alone or not bundled. */
export function bundleFactor(rules: HouseRules, loadedWires: number): number {
  const rows = [...rules.bundleDerating].sort((a, b) => a.upTo - b.upTo)
  return (rows.find((row) => loadedWires <= row.upTo) ?? rows[rows.length - 1])?.factor ?? 1
}

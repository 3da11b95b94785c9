import type { Construction } from '../../parts/catalogue/types'
import type { HouseRules } from '../../parts/rules/houseRules'
import type { RuleId } from '../../parts/rules/ruleLines'
import type { DefectCode } from './looks'
import { constructions } from '../../parts/catalogue/constructions'
import type { PracticeId } from '../../parts/catalogue/practiceIds'

/** Things that some benches do and others forbid. Whether a job may is a house rule; that it was done is recorded. */
export type Allowance = 'forbidden' | 'recorded' | 'allowed'

export interface Practice {
  readonly id: PracticeId
  readonly at: 'prep' | 'crimp'
  /** the house rule that says */
  readonly rule: RuleId
  readonly allowance: (rules: HouseRules) => Allowance
  /** defects that it can put right on the same contact, looked at again afterwards */
  readonly saves: readonly DefectCode[]
}

export const practices: Readonly<Record<PracticeId, Practice>> = {
  'side-cutters': {
    id: 'side-cutters',
    at: 'prep',
    rule: 'sideCutterStrip',
    allowance: (rules) => rules.sideCutterStrip,
    saves: [],
  },
  'fold-back': { id: 'fold-back', at: 'prep', rule: 'foldBack', allowance: (rules) => rules.foldBack, saves: [] },
  lubricant: {
    id: 'lubricant',
    at: 'prep',
    rule: 'lubricant',
    allowance: (rules) => (rules.lubricant === 'approved' ? 'recorded' : 'forbidden'),
    saves: [],
  },
  'easing-wings': {
    id: 'easing-wings',
    at: 'crimp',
    rule: 'easingWings',
    allowance: (rules) => rules.easingWings,
    saves: [],
  },
  'second-stroke': {
    id: 'second-stroke',
    at: 'crimp',
    rule: 'secondStroke',
    allowance: (rules) => rules.secondStroke,
    saves: ['wings-open', 'under-crimped', 'insulation-loose'],
  },
  'finishing-squeeze': {
    id: 'finishing-squeeze',
    at: 'crimp',
    rule: 'finishingSqueeze',
    allowance: (rules) => rules.finishingSqueeze,
    saves: ['wings-open'],
  },
  straightening: {
    id: 'straightening',
    at: 'crimp',
    rule: 'straightening',
    allowance: (rules) => rules.straightening,
    saves: ['bent'],
  },
  'brush-trimming': {
    id: 'brush-trimming',
    at: 'crimp',
    rule: 'brushTrimming',
    allowance: (rules) => rules.brushTrimming,
    saves: ['brush-reaches-mating-part', 'strands-past-tip'],
  },
  solder: {
    id: 'solder',
    at: 'crimp',
    rule: 'solder',
    allowance: (rules) => rules.solder,
    saves: ['under-crimped'],
  },
}

export const isPractice = (text: string): text is PracticeId => Object.hasOwn(practices, text)

/** What may be done at a station on such a contact, and what these rules forbid there. */
export function practicesAt(
  at: Practice['at'],
  construction: Construction,
  rules: HouseRules,
): { readonly open: readonly Practice[]; readonly forbidden: readonly Practice[] } {
  const here = Object.values(practices).filter(
    (one) => one.at === at && constructions[construction].practices.includes(one.id),
  )
  return {
    open: here.filter((one) => one.allowance(rules) !== 'forbidden'),
    forbidden: here.filter((one) => one.allowance(rules) === 'forbidden'),
  }
}

/** What these rules allow against a defect without losing the contact. */
export const savesFrom = (defect: DefectCode, construction: Construction, rules: HouseRules): readonly Practice[] =>
  practicesAt('crimp', construction, rules).open.filter((one) => one.saves.includes(defect))

/** The first of the given practices that does not belong there or is forbidden. */
export function refusedPractice(
  given: readonly string[],
  at: Practice['at'],
  construction: Construction,
  rules: HouseRules,
): { readonly practice: string; readonly why: 'unknown' | 'forbidden' } | undefined {
  const { open, forbidden } = practicesAt(at, construction, rules)
  const bad = given.find((id) => !open.some((one) => one.id === id))
  return bad === undefined
    ? undefined
    : { practice: bad, why: forbidden.some((one) => one.id === bad) ? 'forbidden' : 'unknown' }
}

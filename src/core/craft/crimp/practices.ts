import type { Construction } from '../../parts/catalogue/types'
import type { HouseRules } from '../../parts/rules/houseRules'
import type { DefectCode } from './looks'

/** Things that some benches do and others forbid. Whether a job may is a house rule; that it was done is recorded. */
export type PracticeId =
  | 'side-cutters'
  | 'fold-back'
  | 'lubricant'
  | 'easing-wings'
  | 'second-stroke'
  | 'finishing-squeeze'
  | 'straightening'
  | 'brush-trimming'
  | 'solder'

export type Allowance = 'forbidden' | 'recorded' | 'allowed'

export interface Practice {
  readonly id: PracticeId
  readonly at: 'prep' | 'crimp'
  readonly allowance: (rules: HouseRules) => Allowance
  readonly constructions: readonly Construction[]
  /** defects that it can put right on the same contact, looked at again afterwards */
  readonly saves: readonly DefectCode[]
}

const stamped: readonly Construction[] = ['open-barrel', 'open-barrel-sealed']
const every: readonly Construction[] = ['closed-barrel', ...stamped, 'sleeve']

export const practices: Readonly<Record<PracticeId, Practice>> = {
  'side-cutters': {
    id: 'side-cutters',
    at: 'prep',
    allowance: (rules) => rules.sideCutterStrip,
    constructions: every,
    saves: [],
  },
  'fold-back': { id: 'fold-back', at: 'prep', allowance: (rules) => rules.foldBack, constructions: every, saves: [] },
  lubricant: {
    id: 'lubricant',
    at: 'prep',
    allowance: (rules) => (rules.lubricant === 'approved' ? 'recorded' : 'forbidden'),
    constructions: ['closed-barrel', 'open-barrel-sealed'],
    saves: [],
  },
  'easing-wings': {
    id: 'easing-wings',
    at: 'crimp',
    allowance: (rules) => rules.easingWings,
    constructions: stamped,
    saves: [],
  },
  'second-stroke': {
    id: 'second-stroke',
    at: 'crimp',
    allowance: (rules) => rules.secondStroke,
    constructions: stamped,
    saves: ['wings-open', 'under-crimped', 'insulation-loose'],
  },
  'finishing-squeeze': {
    id: 'finishing-squeeze',
    at: 'crimp',
    allowance: (rules) => rules.finishingSqueeze,
    constructions: stamped,
    saves: ['wings-open'],
  },
  straightening: {
    id: 'straightening',
    at: 'crimp',
    allowance: (rules) => rules.straightening,
    constructions: every,
    saves: ['bent'],
  },
  'brush-trimming': {
    id: 'brush-trimming',
    at: 'crimp',
    allowance: (rules) => rules.brushTrimming,
    constructions: [...stamped, 'sleeve'],
    saves: ['brush-reaches-mating-part', 'strands-past-tip'],
  },
  // solder wicks up to the seal's edge and stiffens the wire there: open barrels without a seal alone
  solder: {
    id: 'solder',
    at: 'crimp',
    allowance: (rules) => rules.solder,
    constructions: ['open-barrel'],
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
  const here = Object.values(practices).filter((one) => one.at === at && one.constructions.includes(construction))
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

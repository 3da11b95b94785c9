import type { HouseRules } from '../../parts/rules/houseRules'

/** Helps that a hand reaches for when a contact will not go in or come out; each is flagged in the record. */
export interface Help {
  readonly id: HelpId
  readonly at: readonly ('seat' | 'release')[]
  readonly allowed: (rules: HouseRules) => boolean
  /** it burns, or what thins it does */
  readonly flammable: boolean
}

export const helpIds = ['rod-through-front', 'cut-tip', 'lubricant'] as const
export type HelpId = (typeof helpIds)[number]
export const isHelp = (id: string): id is HelpId => (helpIds as readonly string[]).includes(id)

const improvised = ({ improvisedRelease }: HouseRules) => improvisedRelease !== 'forbidden'

export const helps: Readonly<Record<HelpId, Help>> = {
  'rod-through-front': { id: 'rod-through-front', at: ['seat', 'release'], allowed: improvised, flammable: false },
  'cut-tip': { id: 'cut-tip', at: ['seat', 'release'], allowed: improvised, flammable: false },
  lubricant: {
    id: 'lubricant',
    at: ['seat', 'release'],
    allowed: ({ lubricant }) => lubricant === 'approved',
    flammable: true,
  },
}

/** What these rules let a hand use at a cavity. */
export const helpsAt = (at: 'seat' | 'release', rules: HouseRules): readonly Help[] =>
  Object.values(helps).filter((help) => help.at.includes(at) && help.allowed(rules))

/** The first help that was used and these rules do not let be; undefined when all may. */
export const refusedHelp = (
  given: readonly string[],
  at: 'seat' | 'release',
  rules: HouseRules,
): { readonly id: string; readonly why: 'unknown' | 'forbidden' } | undefined => {
  const may = new Set<string>(helpsAt(at, rules).map(({ id }) => id))
  const bad = given.find((id) => !may.has(id))
  return bad === undefined ? undefined : { id: bad, why: isHelp(bad) ? 'forbidden' : 'unknown' }
}

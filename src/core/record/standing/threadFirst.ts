import { lockOfHousing } from '../../parts/catalogue/secondaryLocks'
import { isSleeve } from '../../parts/catalogue/types'
import { rulesOf } from '../rules/rulesOf'
import type { JobState } from '../state/state'
import { housingOf, smallPartsOf } from '../plan/facts'
import { type Termination, type Wire, planIndex } from '../plan/plan'
import type { ChosenSet } from '../../craft/setup/chosenSet'

export type ThreadCode =
  'label' | 'jacket' | 'split' | 'backshell' | 'strain-relief' | 'comb' | 'tail-cover' | 'shrink-tube' | 'seal'

export interface ThreadItem {
  readonly code: ThreadCode
  /** the part, where it has a number of its own */
  readonly part?: string | undefined
  /** how far it goes back, where the plan says so */
  readonly backMm?: number | undefined
}

const endOf = ({ plan }: JobState, { at }: Termination) =>
  at.kind === 'cavity' ? planIndex(plan).ends.get(at.end) : undefined

/** What holds a wire to others of its cable and goes back at its ends: a jacket, or the web of a flat cable. */
export const sheathOf = ({
  group,
}: Pick<Wire, 'group'>): { readonly code: 'jacket' | 'split'; readonly name: string } | undefined =>
  group?.kind === 'cable'
    ? { code: 'jacket', name: group.name }
    : group?.kind === 'flat'
      ? { code: 'split', name: group.name }
      : undefined

/** Kinds of small parts that slide over the wires, what lies furthest back first. */
const slidOver = ['backshell', 'strain-relief', 'comb'] as const

/**
 * What must be on the wire before it is stripped, in the order in which it goes on: what lies furthest back comes first, the
 * seal last. Forgetting one costs the contact. Parts that go over all wires of an end are named at each of them.
 */
export function threadFirst(state: JobState, termination: Termination, set: ChosenSet): readonly ThreadItem[] {
  const housing = termination.at.kind === 'cavity' ? housingOf(state.facts, state.plan, termination.at.end) : undefined
  const family = housing && state.facts.families[housing.family]
  const contact = state.facts.contacts[set.contact]
  const items: ThreadItem[] = rulesOf(state).wireLabels ? [{ code: 'label' }] : []
  // a core's jacket goes back far enough for the covers to slide past its edge; a flat cable is split for each to reach its hole
  const back = sheathOf(termination.wire)
  if (back) items.push({ code: back.code, part: back.name, backMm: endOf(state, termination)?.jacketBackMm })
  const small = housing ? smallPartsOf(housing) : []
  for (const code of slidOver) {
    const part = small.find((one) => state.facts.parts[one.part]?.kind === code)
    if (part) items.push({ code, part: part.part })
  }
  if (family && lockOfHousing(family, housing).threadedFirst) items.push({ code: 'tail-cover', part: housing.lock })
  // a bare barrel that lies in no housing gets its insulation from a tube
  if (contact && isSleeve(contact) && !contact.insulated && contact.shape !== 'ferrule')
    items.push({ code: 'shrink-tube' })
  if (set.seal !== undefined) items.push({ code: 'seal', part: set.seal })
  return items
}

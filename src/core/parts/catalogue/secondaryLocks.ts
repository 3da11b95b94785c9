import type { HouseRules } from '../rules/houseRules'
import type { FamilyInput, HousingInput, SecondLock } from './types'

export type LockId = FamilyInput['lock']

/** A part of a lock that moves by itself; a controller plug has two. */
export type CoverId = 'wedge' | 'tail-cover' | 'comb' | 'cap' | 'front-cover' | 'rear-gate'

/** The part that keeps all contacts home once they are in. One that will not close means a contact that is not home. */
export interface SecondaryLock {
  readonly id: LockId
  /** is there a lock at all? */
  readonly present: boolean
  /** must stand open while contacts go in or out */
  readonly openToInsert: boolean
  /** a part of its own that is fitted, or a part of the housing that moves */
  readonly part: 'separate' | 'captive'
  /** slides over the wires: must be on them before the first contact */
  readonly threadedFirst: boolean
  /** where hand or tool gets at it */
  readonly access: 'side-slot' | 'face-slot' | 'under-edge' | 'rear' | 'front' | 'none'
  /** what moves it open when fingers cannot */
  readonly tool: 'fingers' | 'hook' | 'flat-blade'
  /** from open to closed; at a part-way stop contacts still go in */
  readonly states: readonly ('open' | 'part-way' | 'closed')[]
  /** when it moves: after the contacts; up before and down after them; off while they go in and on again */
  readonly moves: 'after' | 'before-and-after' | 'off-and-on'
  readonly way: 'one-way' | 'reversible'
  /** what else takes hold of it where its tab is missing */
  readonly fallback?: 'blade-in-slot' | 'pick-under-edge'
  readonly covers: readonly CoverId[]
}

/** The lock of one half: what its kind does, and what its own sheet says otherwise. */
export interface HousingLock extends SecondaryLock {
  readonly said: SecondLock | undefined
}

const captive = { present: true, openToInsert: true, part: 'captive', threadedFirst: false } as const

export const secondaryLocks: Readonly<Record<LockId, SecondaryLock>> = {
  none: {
    id: 'none',
    present: false,
    openToInsert: false,
    part: 'captive',
    threadedFirst: false,
    access: 'none',
    tool: 'fingers',
    states: ['closed'],
    moves: 'after',
    way: 'reversible',
    covers: [],
  },
  wedge: {
    id: 'wedge',
    present: true,
    openToInsert: true,
    part: 'separate',
    threadedFirst: false,
    access: 'side-slot',
    tool: 'hook',
    states: ['open', 'part-way', 'closed'],
    moves: 'after',
    way: 'one-way',
    fallback: 'blade-in-slot',
    covers: ['wedge'],
  },
  'tail-cover': {
    id: 'tail-cover',
    present: true,
    openToInsert: true,
    part: 'separate',
    threadedFirst: true,
    access: 'rear',
    tool: 'fingers',
    states: ['open', 'part-way', 'closed'],
    moves: 'after',
    way: 'reversible',
    fallback: 'blade-in-slot',
    covers: ['tail-cover'],
  },
  comb: {
    id: 'comb',
    ...captive,
    access: 'side-slot',
    tool: 'flat-blade',
    states: ['open', 'part-way', 'closed'],
    moves: 'before-and-after',
    way: 'one-way',
    fallback: 'pick-under-edge',
    covers: ['comb'],
  },
  cap: {
    id: 'cap',
    ...captive,
    access: 'under-edge',
    tool: 'flat-blade',
    states: ['open', 'closed'],
    moves: 'off-and-on',
    way: 'one-way',
    fallback: 'pick-under-edge',
    covers: ['cap'],
  },
  gate: {
    id: 'gate',
    ...captive,
    access: 'face-slot',
    tool: 'flat-blade',
    states: ['open', 'part-way', 'closed'],
    moves: 'off-and-on',
    way: 'one-way',
    covers: ['front-cover', 'rear-gate'],
  },
}

/** The covers of a lock in the order in which these rules close them; they open the other way round. */
export function coversInOrder(
  { covers }: SecondaryLock,
  { coverOrder }: Pick<HouseRules, 'coverOrder'>,
): readonly CoverId[] {
  return covers.includes('front-cover') && coverOrder === 'gate-first' ? [...covers].reverse() : covers
}

const sideways: readonly SecondaryLock['access'][] = ['side-slot', 'face-slot', 'under-edge']
const toolOut = {
  drawn: 'fingers',
  hooked: 'hook',
  prised: 'flat-blade',
  spread: 'fingers',
} as const satisfies Record<NonNullable<SecondLock['out']>, SecondaryLock['tool']>

/** The second lock of a half: its family's kind where its own sheet says nothing. */
export function lockOfHousing(
  family: Pick<FamilyInput, 'lock'>,
  housing: Pick<HousingInput, 'secondLock'> | undefined,
): HousingLock {
  const said = housing?.secondLock
  const kind = secondaryLocks[said?.kind ?? family.lock]
  if (!said || !kind.present) return { ...kind, said: undefined }
  const access = said.access === undefined ? kind.access : accessOf(said.access, kind)
  const stops = said.partWayMm !== undefined || said.whileInserting === 'at-stop'
  // what takes hold of a lost tab is known for the kind's own slot alone
  const { fallback, ...rest } = kind
  return {
    ...rest,
    ...(fallback && access === kind.access && { fallback }),
    said,
    access,
    part: said.madeAs === undefined ? kind.part : said.madeAs === 'separate' ? 'separate' : 'captive',
    // only what comes from behind, over the wires, must be on them first
    threadedFirst: kind.threadedFirst && access === 'rear' && said.madeAs !== 'hinged',
    way: said.way ?? kind.way,
    tool: said.out === undefined ? kind.tool : toolOut[said.out],
    states: stops && !kind.states.includes('part-way') ? ['open', 'part-way', 'closed'] : kind.states,
    moves: said.moves ?? kind.moves,
  }
}

/** Must it stand in a place of its own before the first contact goes in: up, off, or at its stop? */
export const isSetBeforeFirst = (lock: HousingLock): boolean =>
  lock.present && (lock.moves !== 'after' || lock.said?.whileInserting === 'at-stop')

/** From the side is by the kind's own slot or edge, where it has one there. */
const accessOf = (said: NonNullable<SecondLock['access']>, kind: SecondaryLock): SecondaryLock['access'] =>
  said === 'side' ? (sideways.includes(kind.access) ? kind.access : 'side-slot') : said

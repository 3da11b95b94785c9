import type { HouseRules } from '../rules/houseRules'
import type { FamilyInput } from './types'

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

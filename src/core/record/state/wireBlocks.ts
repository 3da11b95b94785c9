import { termKey } from '../plan/keys'
import type { SideLetter, Wire } from '../plan/plan'
import type { JobState } from './state'

/**
 * Wires of a plan are asked about in blocks: an answer over a thousand wires is made of forty, and an entry makes one of
 * them anew. Smaller blocks cost more to put together, larger ones more to make.
 */
const BLOCK = 25

export const units = ({ plan }: Pick<JobState, 'plan'>): readonly number[] =>
  Array.from({ length: plan.quantity }, (_, i) => i + 1)

/** The numbers of the blocks, from 0. */
export const wireBlocks = ({ plan }: Pick<JobState, 'plan'>): readonly number[] =>
  Array.from({ length: Math.ceil(plan.wires.length / BLOCK) }, (_, block) => block)

/** What is asked of each block of each unit, put together in the order of the plan. */
export function ofAllBlocks<T>(
  state: JobState,
  ask: (state: JobState, unit: number, block: number) => readonly T[],
): readonly T[] {
  const all: T[] = []
  const blocks = wireBlocks(state)
  // every entry asks this of thousands of terminations, and flat maps take three times as long
  for (const unit of units(state)) for (const block of blocks) for (const one of ask(state, unit, block)) all.push(one)
  return all
}

/** The wires of a block, in the order of the plan. */
export const wiresOfBlock = ({ plan }: Pick<JobState, 'plan'>, block: number): readonly Wire[] =>
  plan.wires.slice(block * BLOCK, (block + 1) * BLOCK)

const sides = ['a', 'b'] as const

/** Both sides of each wire of a block, with the key of what is done there in a unit. */
export const sidesOfBlock = (
  state: Pick<JobState, 'plan'>,
  unit: number,
  block: number,
): readonly { readonly wire: Wire; readonly side: SideLetter; readonly key: string }[] =>
  wiresOfBlock(state, block).flatMap((wire) => sides.map((side) => ({ wire, side, key: termKey(unit, wire.id, side) })))

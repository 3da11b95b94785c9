import type { Wire } from '../plan/plan'
import type { JobState } from './state'

/**
 * Wires of a plan are asked about in blocks: an answer over a thousand wires is made of forty, and an entry makes one of
 * them anew. Smaller blocks cost more to put together, larger ones more to make.
 */
const BLOCK = 25

/** The numbers of the blocks, from 0. */
export const wireBlocks = ({ plan }: Pick<JobState, 'plan'>): readonly number[] =>
  Array.from({ length: Math.ceil(plan.wires.length / BLOCK) }, (_, block) => block)

/** The wires of a block, in the order of the plan. */
export const wiresOfBlock = ({ plan }: Pick<JobState, 'plan'>, block: number): readonly Wire[] =>
  plan.wires.slice(block * BLOCK, (block + 1) * BLOCK)

export const units = ({ plan }: Pick<JobState, 'plan'>): readonly number[] =>
  Array.from({ length: plan.quantity }, (_, i) => i + 1)

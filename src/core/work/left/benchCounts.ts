import { type Count, countDone, sumCounts } from '../../base/count'
import { planIndex } from '../../record/plan/plan'
import { derivedOf } from '../../record/state/derivedOf'
import { ofAllBlocks, sidesOfBlock, units } from '../../record/state/wireBlocks'
import { termState } from '../../record/state/state'
import { provenCount } from '../prove/netVerdict'
import { proofCount } from '../prove/proofTasks'
import { endTasks } from '../seat/endTasks'
import { setKey } from '../../record/plan/keys'

/** What is counted at each station between Plan and Close. */
export type BenchCounts = Readonly<Record<'kit' | 'prep' | 'crimp' | 'seat' | 'prove', Count>>

/** How far the wires of a block are. */
const ofBlock = derivedOf((state, unit: number, block: number) => {
  const { byKey } = planIndex(state.plan)
  const counts = { total: 0, chosen: 0, stripped: 0, crimped: 0 }
  for (const { wire, side, key } of sidesOfBlock(state, unit, block)) {
    if (!byKey.has(key)) continue
    const now = termState(state, key)
    counts.total++
    // what came crimped needs no set and no strip
    if (now.crimp ?? state.sets.has(setKey(wire.id, side))) counts.chosen++
    if (now.stripped ?? now.crimp) counts.stripped++
    // what is in question is not made yet
    if (now.crimp && !now.suspect) counts.crimped++
  }
  return [counts]
})

/** Tasks of an end that belong to the plan; what is put right on the way is not counted. */
const ofEnd = derivedOf((state, unit: number, end: string): Count => {
  const planned = endTasks(state, unit, end).filter(
    (task) =>
      task.kind !== 'put-right' &&
      task.kind !== 'unplug' &&
      task.kind !== 'open-lacing' &&
      task.kind !== 'open-end' &&
      !(task.kind === 'fit-part' && task.over),
  )
  return countDone(planned)
})

const atSeat = derivedOf((state, unit: number) => sumCounts(state.plan.ends.map((end) => ofEnd(state, unit, end.id))))

/** How much of the work between Plan and Close is done. */
export const benchCounts = derivedOf((state): BenchCounts => {
  const blocks = ofAllBlocks(state, ofBlock)
  const made = (what: 'chosen' | 'stripped' | 'crimped') =>
    sumCounts(blocks.map((block) => ({ done: block[what], total: block.total })))
  return {
    kit: made('chosen'),
    prep: made('stripped'),
    crimp: made('crimped'),
    seat: sumCounts(units(state).map((unit) => atSeat(state, unit))),
    prove: sumCounts(units(state).flatMap((unit) => [provenCount(state, unit), proofCount(state, unit)])),
  }
})

import { groupBy } from '../../base/collections'
import { pairKey } from '../../craft/setup/crimpPair'
import { firstPiecePlan } from '../../craft/setup/firstPiecePlan'
import { setupId } from '../../craft/setup/setup'
import { setKey, termKey } from '../../record/plan/keys'
import { planIndex } from '../../record/plan/plan'
import { rulesOf } from '../../record/rules/rulesOf'
import { pairOf } from '../../record/standing/pairOf'
import { piecesShow } from '../../record/standing/releaseStanding'
import { derivedOf } from '../../record/state/derivedOf'
import { toMake } from './toMake'

export interface TestPieces {
  /** by `wire/side`: pieces that are made like it, first pieces and those that are pulled during production */
  readonly like: ReadonlyMap<string, number>
  /** first pieces of each setup, one release */
  readonly firstPieces: ReadonlyMap<string, number>
}

/** The test pieces of a whole job: the fewest first pieces that release each setup for all that is made in it, and the samples. */
export const testPieces = derivedOf((state): TestPieces => {
  const { byKey } = planIndex(state.plan)
  const { firstPieces: enough, pullEvery } = rulesOf(state)
  const made = state.plan.wires.flatMap((wire) =>
    (['a', 'b'] as const).flatMap((side) => {
      const key = setKey(wire.id, side)
      const set = state.sets.get(key)
      const termination = byKey.get(termKey(1, wire.id, side))
      const units = set && termination ? toMake(state, wire.id, side) : 0
      return set && termination && units > 0
        ? [{ key, setup: setupId(set.setup), units, pair: pairOf(state.facts, termination, set) }]
        : []
    }),
  )
  const like = new Map<string, number>()
  const firstPieces = new Map<string, number>()
  const add = (key: string | undefined, count: number) =>
    key !== undefined && count > 0 && like.set(key, (like.get(key) ?? 0) + count)
  for (const [setup, items] of groupBy(made, (one) => one.setup)) {
    const firstOf = new Map(items.toReversed().map((one) => [pairKey(one.pair), one]))
    const pairs = [...firstOf.values()].toReversed().map((one) => one.pair)
    const plan = firstPiecePlan(pairs, [], enough, piecesShow(state))
    for (const { pair } of plan) add(firstOf.get(pairKey(pair))?.key, 1)
    firstPieces.set(setup, plan.length)
    const crimps = items.reduce((sum, one) => sum + one.units, 0)
    add(items[0]?.key, pullEvery === 0 ? 0 : Math.floor((crimps - 1) / pullEvery))
  }
  return { like, firstPieces }
})

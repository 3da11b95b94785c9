import { lockOfHousing } from '../../parts/catalogue/secondaryLocks'
import { housingOf } from '../../record/plan/facts'
import { type Termination, mateOf, planIndex } from '../../record/plan/plan'
import { slackOf } from '../../record/standing/slack'
import { type JobState, endState, termState } from '../../record/state/state'
import { plugFor } from '../../record/standing/plugFor'
import { isReleased } from '../../record/standing/released'
import { isSpentOnceOut, reuseOf } from '../../record/standing/reuse'
import { setupId } from '../../craft/setup/setup'
import type { EndDamageId } from '../../craft/faults/damage'
import { endDamage } from '../../record/standing/endDamage'
import type { RepairPlan, RepairStep } from './repairPlan'
import { cavityKey, endKey, setKey } from '../../record/plan/keys'

/**
 * What it takes when the lock or the housing of an end is broken: each contact that must come out does so once and goes into
 * the new part; one that may not go in again is cut off and made again.
 */
export function endRepairPlan(state: JobState, unit: number, end: string, what: EndDamageId): RepairPlan {
  const housing = housingOf(state.facts, state.plan, end)
  const family = housing && state.facts.families[housing.family]
  const damage = endDamage(state, end, what)
  const here = planIndex(state.plan).byEnd.get(endKey(unit, end)) ?? []
  const moved = damage.takes === 'lock' ? [] : here.filter((one) => termState(state, one.key).seat?.end === end)
  const spent = moved.filter((one) => isSpent(state, one))
  const now = endState(state, endKey(unit, end))
  const { parts, lostMm, enough, firstPieces } = endRepairCost(state, unit, end, damage, spent)
  const locked = family !== undefined && lockOfHousing(family, housing).present
  const other = mateOf(state.plan, end)
  const steps: readonly RepairStep[] = [
    ...(now.lock === 'closed' ? [{ do: 'open-lock' as const, end }] : []),
    damage.takes === 'housing'
      ? { do: 'take-housing', end, part: damage.part, lockIsPart: damage.lockIsPart }
      : { do: 'take-lock', end, ...(damage.part !== undefined && { part: damage.part }) },
    ...(moved.length > 0
      ? [
          {
            do: damage.takes === 'cover' ? ('through-cover' as const) : ('carry-over' as const),
            end,
            count: moved.length,
          },
        ]
      : []),
    ...spent.flatMap((one) => [
      { do: 'cut-off' as const, term: one.key },
      { do: 'strip' as const, term: one.key },
      { do: 'crimp' as const, term: one.key },
      { do: 'seat' as const, term: one.key },
    ]),
    ...(locked ? [{ do: 'close-lock' as const, end }] : []),
    { do: 'look-over', end },
    ...(other === undefined ? [] : [{ do: 'mate' as const, end, with: other }]),
  ]
  return {
    steps,
    parts,
    lostMm,
    offers: enough ? [] : ['longer-wire', 'splice'],
    firstPieces,
    together: [],
    equalWithinMm: 0,
    unknownStrip: false,
  }
}

/** What the repair of an end takes: parts, wire, first pieces; and whether the wire that is left is enough. */
function endRepairCost(
  state: JobState,
  unit: number,
  end: string,
  damage: ReturnType<typeof endDamage>,
  spent: readonly Termination[],
) {
  const housing = housingOf(state.facts, state.plan, end)
  const parts = new Map<string, number>()
  const add = (part: string | undefined) => part !== undefined && parts.set(part, (parts.get(part) ?? 0) + 1)
  add(damage.part)
  const firstPieces = new Set<string>()
  let lostMm = 0
  let enough = true
  for (const one of spent) {
    const set = state.sets.get(setKey(one.wire.id, one.side))
    add(set?.contact)
    add(set?.seal)
    if (set && !isReleased(state, setupId(set.setup), one, set)) firstPieces.add(setupId(set.setup))
    const slack = slackOf(state, unit, one.wire, one.side)
    lostMm += slack?.tryMm ?? 0
    enough &&= slack === undefined || slack.triesLeft > 0
  }
  if (damage.takes === 'housing') {
    for (const { id } of housing?.cavities ?? [])
      if (state.cavities.get(cavityKey(unit, end, id))?.plug !== undefined) add(plugFor(state, end, id))
    if (endState(state, endKey(unit, end)).fitted.length > 0) add(housing?.interfaceSeal)
  }
  return { parts, lostMm, enough, firstPieces: [...firstPieces] }
}

function isSpent(state: JobState, { key }: Termination): boolean {
  const reuse = reuseOf(state, key)
  return reuse !== undefined && isSpentOnceOut(reuse)
}

import type { JobState } from '../state/state'
import { housingAt } from './benchEnds'
import { planIndex } from '../plan/plan'
import { setKey, termKey, unitAndId } from '../plan/keys'
import { AS_FOUND } from '../state/records'

/**
 * What a job has used so far by its journal: contacts and seals crimped or scrapped, test pieces, plugs, small parts that
 * are fitted, wire that is cut. What came with a harness is not from the shelf. Wire in millimetres, the rest in pieces.
 */
export function partsUsed(state: JobState): ReadonlyMap<string, number> {
  const used = new Map<string, number>()
  const add = (part: string | undefined, count: number) =>
    part !== undefined && count > 0 && used.set(part, (used.get(part) ?? 0) + count)
  const { wires } = planIndex(state.plan)
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    for (const wire of wires.values()) {
      const cut = state.cuts.get(`${String(unit)}/${wire.id}`)
      const lost = state.wiresLost.get(`${String(unit)}/${wire.id}`)
      add(wire.type, (cut && !cut.came ? cut.lengthMm : 0) + (lost ? lost.lengthMm - (lost.cameMm ?? 0) : 0))
      for (const side of ['a', 'b'] as const) {
        const now = state.terms.get(termKey(unit, wire.id, side))
        const set = state.sets.get(setKey(wire.id, side))
        if (!now || !set) continue
        const contacts = (now.crimp && now.crimp.setup !== AS_FOUND ? 1 : 0) + now.scrapped - (now.cameLost ?? 0)
        add(set.contact, contacts)
        add(set.seal, contacts)
      }
    }
  }
  for (const setup of state.setups.values())
    for (const piece of [...setup.pieces, ...setup.samples]) {
      add(piece.contact, 1)
      add(piece.seal, 1)
    }
  for (const cavity of state.cavities.values()) if (!cavity.came) add(cavity.plug, 1)
  for (const [key, now] of state.ends) {
    const { unit, id } = unitAndId(key)
    const housing = housingAt(state, unit, id)
    if (now.came) {
      // what broke of it is taken new
      if (now.lock !== 'open' && (now.locksLost ?? 0) > 0) add(housing?.lock, now.locksLost ?? 0)
      continue
    }
    for (const part of now.fitted) add(part, 1)
    // a housing that another took the place of goes back, one that broke does not
    if (state.oldEnds.get(key)?.why === 'replaced') continue
    if (now.fitted.length > 0 || now.lock !== 'open' || state.oldEnds.has(key)) add(housing?.id, 1)
    add(housing?.lock, (now.lock === 'open' ? 0 : 1) + (now.locksLost ?? 0))
  }
  return used
}

import type { JobState } from '../journal/state'
import { planIndex, setKey, termKey } from './plan'

/**
 * What a job has used so far by its journal: contacts and seals crimped or scrapped, test pieces, plugs, small parts that
 * are fitted, wire that is cut. Wire in millimetres, the rest in pieces.
 */
export function partsUsed(state: JobState): ReadonlyMap<string, number> {
  const used = new Map<string, number>()
  const add = (part: string | undefined, count: number) => part !== undefined && count > 0 && used.set(part, (used.get(part) ?? 0) + count)
  const { wires } = planIndex(state.plan)
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    for (const wire of wires.values()) {
      const cut = state.cuts.get(`${String(unit)}/${wire.id}`)
      add(wire.type, (cut?.lengthMm ?? 0) + (state.wiresLost.get(`${String(unit)}/${wire.id}`)?.lengthMm ?? 0))
      for (const side of ['a', 'b'] as const) {
        const now = state.terms.get(termKey(unit, wire.id, side))
        const set = state.sets.get(setKey(wire.id, side))
        if (!now || !set) continue
        const contacts = (now.crimp ? 1 : 0) + now.scrapped
        add(set.contact, contacts)
        add(set.seal, contacts)
      }
    }
  }
  for (const setup of state.setups.values()) for (const piece of [...setup.pieces, ...setup.samples]) {
    add(piece.contact, 1)
    add(piece.seal, 1)
  }
  for (const cavity of state.cavities.values()) add(cavity.plug, 1)
  for (const [end, now] of state.ends) {
    for (const part of now.fitted) add(part, 1)
    const housing = state.plan.ends.find((one) => end.endsWith(`/${one.id}`))?.housing
    if (now.fitted.length > 0 || now.lock === 'closed') add(housing, 1)
  }
  return used
}

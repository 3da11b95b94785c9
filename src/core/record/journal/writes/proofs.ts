import { termOf, unitAndId, wireKey } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import type { Draft } from '../entryKind'

/** What was probed says nothing any more once hands have been at it, or the plan asks for something else. */

/**
 * Wires of a unit are not as they were: what was shown of them, and what was shown of the whole as it was. What spoke against
 * another wire while it was moved still does.
 */
export function voidWires(draft: Draft, unit: number, wires: ReadonlySet<string>): void {
  const { state } = draft
  if (wires.size === 0) return
  for (const wire of wires) {
    const net = wireKey(unit, wire)
    if (state.nets.has(net)) draft.put('nets', net, undefined)
  }
  for (const [pair, { wires: between }] of state.apart)
    if (unitAndId(pair).unit === unit && between.some((wire) => wires.has(wire))) draft.put('apart', pair, undefined)
  for (const [circuit, { wires: along }] of state.through)
    if (unitAndId(circuit).unit === unit && along.some((wire) => wires.has(wire)))
      draft.put('through', circuit, undefined)
  if (state.analysed.has(String(unit))) draft.put('analysed', String(unit), undefined)
  const moved = state.moved.get(String(unit))
  if (!moved) return
  const events = moved.events.filter(({ wire }) => !wires.has(wire))
  draft.put('moved', String(unit), events.length > 0 ? { ...moved, seconds: 0, all: false, events } : undefined)
}

/** A contact is out, or does not stand where it was written down: each of its wires has to be proved anew. */
export function voidProof(draft: Draft, term: string): void {
  const { unit, wire } = termOf(term)
  const sharer = planIndex(draft.state.plan).byKey.get(term)?.also?.wire.id
  voidWires(draft, unit, new Set(sharer === undefined ? [wire] : [wire, sharer]))
}

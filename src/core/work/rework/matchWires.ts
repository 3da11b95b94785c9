import type { Wire } from '../../record/plan/plan'

/** What two wires are told apart by. */
type Named = Pick<Wire, 'id' | 'signal'>

/** Wires of a wanted pinout under the ids of the harness that is there. */
export interface Matched<W extends Named> {
  /** in the order in which they are wanted */
  readonly wires: readonly W[]
  /** how each was found: as a hand says, by its signal, by its number, or not: it is new */
  readonly by: ReadonlyMap<string, MatchedBy>
  /** wires that are there and nobody wants */
  readonly gone: readonly string[]
}

export type MatchedBy = 'hand' | 'signal' | 'number' | 'new'

/**
 * Which wire of the present harness each wanted one is: the one with the same signal where only one has it on either side,
 * else the one with the same number. What is in neither is new; a new one whose number is taken gets the next free one.
 * @param byHand wanted id → the id of the one that it is, or null for a new one: a hand's word goes before everything
 */
export function matchWires<W extends Named>(
  present: readonly Named[],
  wanted: readonly W[],
  byHand: ReadonlyMap<string, string | null> = new Map(),
): Matched<W> {
  const bySignal = onlyOnes(present)
  const wantedSignals = onlyOnes(wanted)
  const byId = new Map(present.map((wire) => [wire.id, wire]))
  const taken = new Set<string>()
  const found = new Map<W, { readonly id: string; readonly by: Exclude<MatchedBy, 'new'> }>()
  const saidNew = new Set<W>()
  for (const wire of wanted) {
    const said = byHand.get(wire.id)
    if (said === null) saidNew.add(wire)
    if (typeof said !== 'string' || !byId.has(said) || taken.has(said)) continue
    taken.add(said)
    found.set(wire, { id: said, by: 'hand' })
  }
  for (const wire of wanted) {
    if (found.has(wire) || saidNew.has(wire)) continue
    const same =
      wire.signal !== undefined && wantedSignals.get(signalOf(wire)) === wire ? bySignal.get(signalOf(wire)) : undefined
    if (!same || taken.has(same.id)) continue
    taken.add(same.id)
    found.set(wire, { id: same.id, by: 'signal' })
  }
  for (const wire of wanted) {
    // a number alone is taken for the same wire only where the signals do not contradict each other
    const same = byId.get(wire.id)
    if (
      found.has(wire) ||
      saidNew.has(wire) ||
      !same ||
      taken.has(same.id) ||
      (wire.signal !== undefined && same.signal !== undefined && signalOf(wire) !== signalOf(same))
    )
      continue
    taken.add(same.id)
    found.set(wire, { id: same.id, by: 'number' })
  }
  const ids = new Set([...byId.keys(), ...wanted.map((wire) => wire.id)])
  const by = new Map<string, MatchedBy>()
  const wires = wanted.map((wire) => {
    const match = found.get(wire)
    const id = match?.id ?? freeId(wire.id, byId, ids)
    by.set(id, match?.by ?? 'new')
    return { ...wire, id }
  })
  return { wires, by, gone: present.filter((wire) => !taken.has(wire.id)).map((wire) => wire.id) }
}

const signalOf = (wire: Named) => (wire.signal ?? '').trim().toLowerCase()

/** By signal, those that no other wire shares. */
function onlyOnes<W extends Named>(wires: readonly W[]): ReadonlyMap<string, W> {
  const counts = new Map<string, number>()
  for (const wire of wires) if (signalOf(wire) !== '') counts.set(signalOf(wire), (counts.get(signalOf(wire)) ?? 0) + 1)
  return new Map(wires.filter((wire) => counts.get(signalOf(wire)) === 1).map((wire) => [signalOf(wire), wire]))
}

function freeId(wanted: string, present: ReadonlyMap<string, Named>, ids: Set<string>): string {
  if (!present.has(wanted)) return wanted
  for (let n = 2; ; n++) {
    const id = `${wanted}-${n}`
    if (ids.has(id)) continue
    ids.add(id)
    return id
  }
}

import type { JobState } from '../journal/state'
import { rulesOf } from '../journal/shared'
import { plugFor } from '../seat/endTasks'
import { setupId } from '../setup/setup'
import { cavityKey, planIndex, setKey } from './plan'
import { housingOf } from './facts'

export interface KitLine {
  readonly kind: 'housing' | 'contact' | 'seal' | 'plug' | 'lock' | 'interface-seal' | 'wire' | 'label'
  readonly part: string
  readonly name: string
  readonly need: number
  /** for test pieces, over the need */
  readonly testPieces: number
  readonly unit: 'pcs' | 'mm'
}

/** Wire that one test piece takes: enough for the jaws of a pull tester. */
const TEST_PIECE_WIRE_MM = 150

/** Parts that the whole job needs, counted from its plan and chosen sets; test pieces are lines of their own. */
export function kitList(state: JobState): readonly KitLine[] {
  const { plan, facts, sets } = state
  const lines = new Map<string, KitLine>()
  const add = (kind: KitLine['kind'], part: string, name: string, need: number, testPieces = 0, unit: KitLine['unit'] = 'pcs') => {
    const now = lines.get(part)
    lines.set(part, { kind, part, name, unit, need: (now?.need ?? 0) + need, testPieces: (now?.testPieces ?? 0) + testPieces })
  }
  const partName = (id: string) => facts.parts[id]?.name ?? id
  for (const end of plan.ends) {
    const housing = housingOf(facts, plan, end.id)
    if (!housing) continue
    add('housing', housing.id, housing.name, plan.quantity)
    if (housing.lock !== undefined) add('lock', housing.lock, partName(housing.lock), plan.quantity)
    if (housing.interfaceSeal !== undefined) add('interface-seal', housing.interfaceSeal, partName(housing.interfaceSeal), plan.quantity)
    for (const cavity of housing.cavities) {
      if (planIndex(plan).byCavity.has(cavityKey(1, end.id, cavity.id))) continue
      const plug = plugFor(state, end.id, cavity.id)
      if (plug !== undefined) add('plug', plug, partName(plug), plan.quantity)
    }
  }
  const tested = new Set<string>()
  for (const wire of plan.wires) {
    add('wire', wire.type, facts.wireTypes[wire.type]?.name ?? wire.type, wire.lengthMm * plan.quantity, 0, 'mm')
    for (const side of ['a', 'b'] as const) {
      const set = sets.get(setKey(wire.id, side))
      if (!set) continue
      const id = setupId(set.setup)
      const pieces = tested.has(id) ? 0 : rulesOf(state).firstPieces
      tested.add(id)
      add('contact', set.contact, facts.contacts[set.contact]?.name ?? set.contact, plan.quantity, pieces)
      if (set.seal !== undefined) add('seal', set.seal, facts.seals[set.seal]?.name ?? set.seal, plan.quantity, pieces)
      if (pieces > 0) add('wire', wire.type, facts.wireTypes[wire.type]?.name ?? wire.type, 0, pieces * TEST_PIECE_WIRE_MM, 'mm')
    }
  }
  const order: readonly KitLine['kind'][] = ['housing', 'contact', 'seal', 'plug', 'lock', 'interface-seal', 'wire', 'label']
  return [...lines.values()].sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind) || (a.part < b.part ? -1 : 1))
}

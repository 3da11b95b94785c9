import { isSleeve } from '../../parts/catalogue/types'
import { terminalShapes } from '../../parts/catalogue/terminalShapes'
import type { JobState } from '../../record/state/state'
import { rulesOf } from '../../record/rules/rulesOf'
import { plugFor } from '../../record/standing/plugFor'
import { cutLengthMm } from '../../record/standing/slack'
import { housingOf, smallPartsOf } from '../../record/plan/facts'
import { planIndex } from '../../record/plan/plan'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { cavityKey, endKey, setKey, wireKey } from '../../record/plan/keys'
import { testPieces } from './testPieces'
import { toMake, unitsToTake } from './toMake'

export type KitKind = 'housing' | 'contact' | 'seal' | 'plug' | 'small-part' | 'wire'

export interface KitLine {
  readonly kind: KitKind
  readonly part: string
  readonly name: string
  /** what goes into the work */
  readonly need: number
  /** for test pieces, over the need */
  readonly testPieces: number
  /** by the house rules, over need and test pieces */
  readonly spares: number
  readonly unit: 'pcs' | 'mm'
}

/** Wire that one test piece takes: enough for the jaws of a pull tester. */
const TEST_PIECE_WIRE_MM = 150

/** Parts that are lost, or crimped badly, now and then: the ones that spares are for. */
const sparedKinds: ReadonlySet<KitKind> = new Set(['contact', 'seal', 'plug'])

const order: readonly KitKind[] = ['housing', 'contact', 'seal', 'plug', 'small-part', 'wire']

/** What a line is taken to be worth altogether: need, test pieces and spares. */
export const kitTotal = (line: KitLine): number => line.need + line.testPieces + line.spares

/** Parts that the whole job needs, counted from its plan and chosen sets, less what came with the harness; test pieces and spares stand for themselves. */
export function kitList(state: JobState): readonly KitLine[] {
  const lines = new Map<string, Omit<KitLine, 'spares'>>()
  const add = (
    kind: KitKind,
    part: string,
    name: string,
    need: number,
    testPieces = 0,
    unit: KitLine['unit'] = 'pcs',
  ) => {
    const now = lines.get(part)
    lines.set(part, {
      kind,
      part,
      name,
      unit,
      need: (now?.need ?? 0) + need,
      testPieces: (now?.testPieces ?? 0) + testPieces,
    })
  }
  countEnds(state, add)
  countWires(state, add)
  const { sparePercent, spareLeast } = rulesOf(state)
  return [...lines.values()]
    .map((line) => ({
      ...line,
      spares: sparedKinds.has(line.kind) ? Math.max(spareLeast, Math.ceil((line.need * sparePercent) / 100)) : 0,
    }))
    .sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind) || (a.part < b.part ? -1 : 1))
}

type Add = (
  kind: KitKind,
  part: string,
  name: string,
  need: number,
  testPieces?: number,
  unit?: KitLine['unit'],
) => void

/** Housings with the small parts of each half, and plugs for cavities that stay empty. */
function countEnds(state: JobState, add: Add): void {
  const { plan, facts } = state
  const partName = (id: string) => facts.parts[id]?.name ?? id
  for (const end of plan.ends) {
    const housing = housingOf(facts, plan, end.id)
    if (!housing) continue
    const units = unitsToTake(state, (unit) => state.ends.get(endKey(unit, end.id))?.came === true)
    if (units > 0) add('housing', housing.id, housing.name, units)
    for (const { part, count } of smallPartsOf(housing))
      if (units > 0) add('small-part', part, partName(part), units * count)
    const lost = Array.from({ length: plan.quantity }, (_, i) => state.ends.get(endKey(i + 1, end.id))).reduce(
      (sum, now) => sum + (now?.came ? (now.locksLost ?? 0) : 0),
      0,
    )
    if (housing.lock !== undefined && lost > 0) add('small-part', housing.lock, partName(housing.lock), lost)
    for (const cavity of housing.cavities) {
      if (planIndex(plan).byCavity.has(cavityKey(1, end.id, cavity.id))) continue
      const plug = plugFor(state, end.id, cavity.id)
      const plugs = unitsToTake(state, (unit) => state.cavities.get(cavityKey(unit, end.id, cavity.id))?.came === true)
      if (plug !== undefined && plugs > 0) add('plug', plug, partName(plug), plugs)
    }
  }
}

/** Wire, contacts and seals; test pieces take their own. */
function countWires(state: JobState, add: Add): void {
  const { plan, facts, sets } = state
  const typeName = (id: string) => facts.wireTypes[id]?.name ?? id
  const splices = new Set<string>()
  const tests = testPieces(state).like
  for (const wire of plan.wires) {
    const cuts = unitsToTake(state, (unit) => state.cuts.get(wireKey(unit, wire.id))?.came === true)
    if (cuts > 0) add('wire', wire.type, typeName(wire.type), cutLengthMm(state, wire) * cuts, 0, 'mm')
    for (const side of ['a', 'b'] as const) {
      const set = sets.get(setKey(wire.id, side))
      const units = set ? toMake(state, wire.id, side) : 0
      if (!set || units === 0) continue
      const pieces = tests.get(setKey(wire.id, side)) ?? 0
      const at = side === 'a' ? wire.from : wire.to
      const first = !joins(state, set) || at.kind !== 'splice' || !splices.has(at.splice)
      if (at.kind === 'splice') splices.add(at.splice)
      add('contact', set.contact, facts.contacts[set.contact]?.name ?? set.contact, first ? units : 0, pieces)
      if (set.seal !== undefined) add('seal', set.seal, facts.seals[set.seal]?.name ?? set.seal, units, pieces)
      if (pieces > 0) add('wire', wire.type, typeName(wire.type), 0, pieces * TEST_PIECE_WIRE_MM, 'mm')
    }
  }
}

/** A splice takes a wire from either side: two halves are one part. */
function joins(state: JobState, set: ChosenSet): boolean {
  const contact = state.facts.contacts[set.contact]
  return contact !== undefined && isSleeve(contact) && terminalShapes[contact.shape].joins
}

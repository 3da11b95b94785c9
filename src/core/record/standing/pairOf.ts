import type { ChosenSet } from '../../craft/setup/chosenSet'
import type { CrimpPair } from '../../craft/setup/crimpPair'
import { constructionOf } from '../../parts/catalogue/constructions'
import { type Facts, insulationMmOf } from '../plan/facts'
import type { Termination, Wire } from '../plan/plan'

/** A pair with what it was made from. */
interface Known {
  readonly also: Wire | undefined
  readonly contact: Facts['contacts'][string] | undefined
  readonly type: Facts['wireTypes'][string] | undefined
  readonly alsoType: Facts['wireTypes'][string] | undefined
  readonly pair: CrimpPair
}

/** By set, which alike terminations may share, then by wire. */
const pairs = new WeakMap<ChosenSet, WeakMap<Wire, Known>>()

/** What a termination's crimp is in its setting, by its pinned facts. */
export function pairOf(facts: Facts, termination: Pick<Termination, 'wire' | 'also'>, set: ChosenSet): CrimpPair {
  const { wire } = termination
  const also = termination.also?.wire
  const ofSet = pairs.get(set) ?? new WeakMap<Wire, Known>()
  const known = ofSet.get(wire)
  const contact = facts.contacts[set.contact]
  const type = facts.wireTypes[wire.type]
  const alsoType = also && facts.wireTypes[also.type]
  if (known && known.also === also && known.contact === contact && known.type === type && known.alsoType === alsoType)
    return known.pair
  const asksHeight = set.height !== undefined && contact !== undefined && constructionOf(contact).hasHeight
  const pair: CrimpPair = {
    contact: set.contact,
    conductor: conductorOf(facts, wire, also, set.foldBack),
    insulationMm: insulationMmOf(facts, wire) ?? 0,
    ...(asksHeight && set.height && { height: set.height }),
    ...(set.pull && { minimumN: set.pull.forceN }),
  }
  pairs.set(set, ofSet.set(wire, { also, contact, type, alsoType, pair }))
  return pair
}

/** The conductor in a barrel: designation, strands and plating; with a second wire, or folded back, it is another one. */
function conductorOf(facts: Facts, wire: Wire, also: Wire | undefined, foldBack: true | undefined): string {
  const { designation, strands, strandMm, plated } = facts.wireTypes[wire.type] ?? {}
  const size = designation && ('awg' in designation ? `${designation.awg} AWG` : `${String(designation.areaMm2)} mm²`)
  const own =
    size === undefined
      ? wire.type
      : `${size} ${String(strands)}×${String(strandMm)}${plated ? ' plated' : ''}${foldBack ? ' folded back' : ''}`
  // what a second wire is, its insulation too: such a crimp stands for itself alone
  return also
    ? `${own} + ${conductorOf(facts, also, undefined, undefined)} ${String(insulationMmOf(facts, also) ?? '')}`
    : own
}

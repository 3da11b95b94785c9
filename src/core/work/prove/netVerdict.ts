import { type Facts, fitWire } from '../../record/plan/facts'
import { type Wire, termKeyOf } from '../../record/plan/plan'
import { isHome } from '../../record/standing/home'
import { derivedOf } from '../../record/state/derivedOf'
import { wireBlocks, wiresOfBlock } from '../../record/state/wireBlocks'
import type { JobState } from '../../record/state/state'
import { type ResistanceVerdict, resistance } from '../../craft/resistance/netResistance'
import type { NetState } from '../../record/state/records'
import { setKey } from '../../record/plan/keys'

/** Everything that is known of one net: whether it can be probed, what it should measure, what was found. */
export interface NetVerdict {
  readonly wire: Wire
  readonly unit: number
  /** both of its contacts are home */
  readonly ready: boolean
  readonly probe?: NetState['probe']
  readonly measured?: NetState['measured']
  readonly resistance?: ResistanceVerdict
  /** both contacts are home, it passed the probes, and no reading speaks against it */
  readonly proven: boolean
}

/** What is known of every net of a unit, in the order of the plan. */
export const netVerdicts = derivedOf((state, unit: number): readonly NetVerdict[] =>
  wireBlocks(state).flatMap((block) => verdictsOfBlock(state, unit, block)),
)

const verdictsOfBlock = derivedOf((state, unit: number, block: number): readonly NetVerdict[] =>
  wiresOfBlock(state, block).map((wire) => netVerdict(state, unit, wire)),
)

export function netVerdict(state: JobState, unit: number, wire: Wire): NetVerdict {
  const keys = (['a', 'b'] as const).flatMap((side) => termKeyOf(state.plan, unit, wire, side) ?? [])
  const now = state.nets.get(`${unit}/${wire.id}`)
  const figures = netResistance(state.facts, state, wire, now?.measured)
  const against = figures?.verdict === 'high' || figures?.verdict === 'low'
  const ready = keys.length > 0 && keys.every((key) => isHome(state, key))
  return {
    wire,
    unit,
    ready,
    ...(now?.probe && { probe: now.probe }),
    ...(now?.measured && { measured: now.measured }),
    ...(figures && { resistance: figures }),
    proven: ready && now?.probe?.result === 'pass' && !against,
  }
}

function netResistance(
  facts: Facts,
  state: JobState,
  wire: Wire,
  measured: NetState['measured'],
): ResistanceVerdict | undefined {
  const type = facts.wireTypes[wire.type]
  if (!type) return undefined
  const contacts = (['a', 'b'] as const).flatMap((side) => {
    const set = state.sets.get(setKey(wire.id, side))
    const contact = set && facts.contacts[set.contact]
    return contact ? [contact] : []
  })
  const { areaMm2, metalAreaMm2 } = fitWire(type, wire)
  const meanMilliohm =
    contacts.length > 0
      ? contacts.reduce((sum, contact) => sum + contact.contactMilliohm, 0) / contacts.length
      : undefined
  return resistance({
    lengthM: wire.lengthMm / 1000,
    areaMm2: metalAreaMm2 ?? areaMm2,
    contacts: contacts.length,
    contactMilliohm: meanMilliohm,
    temperatureC: state.plan.ambientC,
    ...(measured && { measuredOhm: measured.ohm, leadsOhm: measured.leadsOhm, resolutionOhm: measured.resolutionOhm }),
  })
}

import { type Count, countDone, sumCounts } from '../../base/count'
import { type Facts, fitWire } from '../../record/plan/facts'
import { type Wire, termKeyOf } from '../../record/plan/plan'
import { isHome } from '../../record/standing/home'
import { derivedOf } from '../../record/state/derivedOf'
import { pushTo } from '../../base/collections'
import { units, wireBlocks, wiresOfBlock } from '../../record/state/wireBlocks'
import type { JobState } from '../../record/state/state'
import { type ResistanceVerdict, resistance } from '../../craft/resistance/netResistance'
import { rulesOf } from '../../record/rules/rulesOf'
import type { MovedEvent, NetState } from '../../record/state/proofRecords'
import { termKey } from '../../record/plan/keys'
import { contactKind } from '../../record/standing/contactKind'

/** Everything that is known of one net: whether it can be probed, what it should measure, what was found. */
export interface NetVerdict {
  readonly wire: Wire
  readonly unit: number
  /** both of its contacts are home */
  readonly ready: boolean
  readonly probe?: NetState['probe']
  readonly measured?: NetState['measured']
  readonly resistance?: ResistanceVerdict
  /** interruptions while the harness was moved */
  readonly events: readonly MovedEvent[]
  /** both contacts are home, it passed the probes, it was measured where the rules ask, and nothing that was read speaks against it */
  readonly proven: boolean
}

/** What is known of every net of a unit, in the order of the plan. */
export const netVerdicts = derivedOf((state, unit: number): readonly NetVerdict[] =>
  wireBlocks(state).flatMap((block) => verdictsOfBlock(state, unit, block)),
)

/** How many nets of a unit are proven. */
export const provenCount = derivedOf((state, unit: number): Count =>
  sumCounts(wireBlocks(state).map((block) => provenOfBlock(state, unit, block))),
)

const provenOfBlock = derivedOf((state, unit: number, block: number) =>
  countDone(verdictsOfBlock(state, unit, block).map(({ proven }) => ({ done: proven }))),
)

/** What is known of the nets of a block of wires: kept until an entry touches one of them. */
export const verdictsOfBlock = derivedOf((state, unit: number, block: number): readonly NetVerdict[] =>
  wiresOfBlock(state, block).map((wire) => netVerdict(state, unit, wire)),
)

const NO_EVENTS: readonly MovedEvent[] = []

export function netVerdict(state: JobState, unit: number, wire: Wire): NetVerdict {
  const keys = (['a', 'b'] as const).flatMap((side) => termKeyOf(state.plan, unit, wire, side) ?? [])
  const now = state.nets.get(`${unit}/${wire.id}`)
  const figures = netResistance(state.facts, state, wire, unit, now?.measured)
  const against = figures?.verdict === 'high' || figures?.verdict === 'low' || figures?.contacts?.verdict === 'high'
  const events = state.moved.get(String(unit))?.events.filter((event) => event.wire === wire.id) ?? NO_EVENTS
  const ready = keys.length > 0 && keys.every((key) => isHome(state, key))
  return {
    wire,
    unit,
    ready,
    ...(now?.probe && { probe: now.probe }),
    ...(now?.measured && { measured: now.measured }),
    ...(figures && { resistance: figures }),
    events,
    proven:
      ready &&
      now?.probe?.result === 'pass' &&
      !against &&
      events.length === 0 &&
      (now.measured !== undefined || rulesOf(state).netResistance === 'not-asked'),
  }
}

/** What a reading was taken at where nobody was asked, °C. */
const UNASKED_C = 20

function netResistance(
  facts: Facts,
  state: JobState,
  wire: Wire,
  unit: number,
  measured: NetState['measured'],
): ResistanceVerdict | undefined {
  const type = facts.wireTypes[wire.type]
  if (!type) return undefined
  const contacts = contactsOf(state, wire).flatMap((id) => facts.contacts[id] ?? [])
  const { areaMm2, metalAreaMm2 } = fitWire(type, wire)
  const meanMilliohm =
    contacts.length > 0
      ? contacts.reduce((sum, contact) => sum + contact.contactMilliohm, 0) / contacts.length
      : undefined
  const like = measured && likeReadings(state, likeness(state, wire)).filter((one) => one.net !== `${unit}/${wire.id}`)
  return resistance({
    lengthM: wire.lengthMm / 1000,
    areaMm2: metalAreaMm2 ?? areaMm2,
    stranded: type.strands > 1,
    contacts: contacts.length,
    contactMilliohm: meanMilliohm,
    // what is measured is as warm as the bench, whatever it is to work in later
    temperatureC: measured?.temperatureC ?? state.leads?.temperatureC ?? UNASKED_C,
    ...(measured && {
      measuredOhm: measured.ohm,
      ...(!measured.fourWire && { leadsOhm: measured.leadsOhm }),
      resolutionOhm: measured.resolutionOhm,
      like: like?.map(({ ohm }) => ohm),
    }),
  })
}

const contactsOf = (state: JobState, wire: Wire): readonly string[] =>
  (['a', 'b'] as const).flatMap((side) => contactKind(state, termKey(1, wire.id, side))?.id ?? [])

/** Wires of one type and length with the same contacts should read alike. */
const likeness = (state: JobState, wire: Wire): string =>
  [wire.type, wire.lengthMm, ...[...contactsOf(state, wire)].sort()].join('|')

/** Nets of a job by what makes them alike. */
const netsByLikeness = derivedOf((state): ReadonlyMap<string, readonly string[]> => {
  const nets = new Map<string, string[]>()
  for (const unit of units(state))
    for (const wire of state.plan.wires) pushTo(nets, likeness(state, wire), `${unit}/${wire.id}`)
  return nets
})

/** What nets that are alike were read, leads off. */
const likeReadings = derivedOf((state, like: string): readonly { readonly net: string; readonly ohm: number }[] =>
  (netsByLikeness(state).get(like) ?? []).flatMap((net) => {
    const measured = state.nets.get(net)?.measured
    return measured ? [{ net, ohm: measured.ohm - measured.leadsOhm }] : []
  }),
)

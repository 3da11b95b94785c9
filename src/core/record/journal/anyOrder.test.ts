import { expect, test } from 'vitest'
import { pinoutOf } from '../plan/pinoutOf.testing'
import { firstEntries, planChangeEntries } from '../../work/kit/firstEntries'
import { Plan, PlanChange, emptyPlan, planIndex, sideOf } from '../plan/plan'
import { nextStep } from '../../views/steps'
import { workThrough } from '../../views/workThrough.testing'
import { damageIds, endDamageIds } from '../../craft/faults/damage'
import { at, begun, catalogue, goOn, newId, put } from '../../work/rework/rework.testing'
import { reworkEntries } from '../../work/rework/reworkEntries'
import { seatFaultIds, seatFaults } from '../../craft/faults/seatFaults'
import { Entry, NewEntry } from './entry'
import { Folded } from './fold'
import { JobState, isClosed } from '../state/state'
import fc from 'fast-check'

/**
 * Whatever comes in between, and in whatever order, a signed harness is right: its record agrees with itself all the way, and
 * nothing that was proved, looked at or counted is older than the last hand on it.
 */

const csv = `wire,type,colour,from end,from cavity,to end,to cavity,length,signal
W1,TW-0.75,RD,P1,1,P2,1,620,supply
W2,TW-0.75,BK,P1,2,P2,2,620,return
W3,TW-0.75,YE,P1,4,P2,4,620,lamp`

const plan: Plan = (() => {
  const read = pinoutOf(csv, { P1: 'CM-5P', P2: 'SW-5P' })
  return { ...emptyPlan, title: 'Lead', ends: [...read.ends], wires: [...read.wires] }
})()
const cavities = ['1', '2', '3', '4', '5']

type Said = NewEntry extends infer E ? (E extends unknown ? Omit<E, 'id'> : never) : never
type Picks = readonly [number, number, number]
const pick = <T>(from: readonly T[], n: number): T => {
  const one = from[n % from.length]
  if (one === undefined) throw new Error('nothing to pick from')
  return one
}
const term = (state: JobState, n: number) => pick(planIndex(state.plan).terminations, n)

/** Plans that somebody may want next: what is refused as a plan stays out. */
const revisions: readonly ((plan: Plan, n: number) => PlanChange)[] = [
  // two wires change their cavities at one end
  ({ wires }, n) => {
    const [one, other] = [pick(wires, n), pick(wires, n + 1)]
    const side = n % 2 === 0 ? 'from' : 'to'
    return {
      putWires: [
        { ...one, [side]: other[side] },
        { ...other, [side]: one[side] },
      ],
    }
  },
  ({ wires }, n) => ({
    putWires: [{ ...pick(wires, n), from: { kind: 'cavity', end: 'P1', cavity: pick(cavities, n) } }],
  }),
  ({ wires }, n) => ({ putWires: [{ ...pick(wires, n), colour: pick(['RD', 'GN', 'WH'], n) }] }),
  ({ wires }, n) => ({ putWires: [{ ...pick(wires, n), lengthMm: 500 + n }] }),
  ({ wires }, n) => (wires.length > 2 ? { removeWires: [pick(wires, n).id] } : {}),
  ({ wires }, n) => ({
    putWires: [
      {
        ...pick(wires, n),
        id: `W${4 + (n % 2)}`,
        from: { kind: 'cavity', end: 'P1', cavity: '5' },
        to: { kind: 'cavity', end: 'P2', cavity: '5' },
      },
    ],
  }),
  ({ ends }, n) => ({ putEnds: ends.slice(0, 1).map((end) => ({ ...end, housing: pick(['CM-5P', 'CM-10P'], n) })) }),
]

/** What can come in between, with figures by chance; what the record refuses is refused. */
const mishaps: Readonly<Record<string, (folded: Folded, picks: Picks) => Said | readonly Said[]>> = {
  'taken out': ({ state }, [a]) => ({ kind: 'extracted', term: term(state, a).key, why: 'other' }),
  'in another cavity': ({ state }, [a, b]) => {
    const one = term(state, a)
    const end = one.at.kind === 'cavity' ? one.at.end : ''
    const cavity = pick(cavities, b)
    const swapped = state.cavities.get(`1/${end}.${cavity}`)?.term
    return {
      kind: 'misplaced',
      term: one.key,
      end,
      cavity,
      ...(swapped !== undefined && swapped !== one.key && { swapped }),
    }
  },
  'wrong as it goes in': ({ state }, [a, b, c]) => {
    const { key, at: place } = term(state, a)
    const fault = pick(seatFaultIds, b)
    return {
      kind: 'seat-faulted',
      term: key,
      end: place.kind === 'cavity' ? place.end : '',
      cavity: place.kind === 'cavity' ? place.cavity : '',
      fault,
      cause: pick(seatFaults[fault].causes, c).id,
    }
  },
  broken: ({ state }, [a, b, c]) => ({
    kind: 'damage-reported',
    term: term(state, a).key,
    what: pick(damageIds, b),
    lostMm: c % 4,
  }),
  'lock or housing broken': ({ state }, [a, b]) => ({
    kind: 'end-damaged',
    unit: 1,
    end: pick(state.plan.ends, a).id,
    what: pick(endDamageIds, b),
  }),
  'plug out': ({ state }, [a, b]) => ({
    kind: 'unplugged',
    unit: 1,
    end: pick(state.plan.ends, a).id,
    cavity: pick(cavities, b),
  }),
  'lock moved': ({ state }, [a, b]) => ({
    kind: 'lock-moved',
    unit: 1,
    end: pick(state.plan.ends, a).id,
    to: pick(['open', 'part-way', 'closed'] as const, b),
  }),
  'pushed back': ({ state }, [a, b]) => ({
    kind: 'end-looked-over',
    unit: 1,
    end: pick(state.plan.ends, a).id,
    pushedBack: [pick(cavities, b)],
  }),
  // without a set somebody has to choose, and what was taken over is what the job begins with
  'taken back': ({ log, state }, [a]) => {
    const one = log[Math.max(1, state.seq - (a % 12))]?.entry
    return {
      kind: 'taken-back',
      undoes: one === undefined || one.kind === 'sets-chosen' || one.kind === 'taken-over' ? '' : one.id,
    }
  },
  'crimp thrown away': ({ state }, [a, b]) => ({
    kind: 'crimp-rejected',
    term: term(state, a).key,
    look: 'contact-straight',
    defect: 'bent',
    decision: pick(['redo', 'scrap'] as const, b),
    usedMm: 8,
  }),
  'wire thrown away': ({ state }, [a]) => ({
    kind: 'wire-scrapped',
    unit: 1,
    wire: term(state, a).wire.id,
    why: 'chafed',
  }),
  'plan changed': ({ state }, [a, b]) => {
    const change = pick(revisions, a)(state.plan, b)
    return planChangeEntries(catalogue, state, change, '2026-11-25', newId, [
      ...new Set([...state.plan.wires, ...(change.putWires ?? [])].map((wire) => wire.id)),
    ])
  },
  'tray counted': () => ({ kind: 'tray-counted', tools: [], scrapped: 0, scrapFound: 0 }),
}

/** Where the record of contacts and that of cavities say different things. */
function disagreements({ state }: Folded): readonly string[] {
  const wrong: string[] = []
  for (const [key, { seat }] of state.terms)
    if (seat && state.cavities.get(`1/${seat.end}.${seat.cavity}`)?.term !== key)
      wrong.push(`${key} in ${seat.end}.${seat.cavity}, which does not hold it`)
  for (const [place, { term: inside, plug }] of state.cavities) {
    const seat = inside === undefined ? undefined : state.terms.get(inside)?.seat
    if (inside !== undefined && (plug !== undefined || `1/${seat?.end ?? ''}.${seat?.cavity ?? ''}` !== place))
      wrong.push(`${place} holds ${inside}, which is not in it`)
  }
  return wrong
}

const isHandOn = (
  entry: Entry,
  side: { readonly end: string; readonly key: string; readonly wire: string },
): boolean => {
  switch (entry.kind) {
    case 'seated':
    case 'extracted':
    case 'seat-faulted':
    case 'crimped':
      return entry.term === side.key
    case 'misplaced':
      return entry.term === side.key || entry.swapped === side.key
    case 'damage-reported':
      return entry.term === side.key || (entry.what === 'wire' && entry.term.split('/')[1] === side.wire)
    case 'wire-scrapped':
      return entry.wire === side.wire
    default:
      return false
  }
}

/** What is older than the last hand on it, in a journal without what was taken back. */
function stale({ state }: Folded, entries: readonly Entry[]): readonly string[] {
  const undone = new Set(entries.flatMap((entry) => (entry.kind === 'taken-back' ? [entry.undoes] : [])))
  const kept = entries.filter((entry) => !undone.has(entry.id) && entry.kind !== 'taken-back')
  const last = (is: (entry: Entry) => boolean) => kept.findLast(is)?.seq ?? 0
  const wrong: string[] = []
  for (const wire of state.plan.wires) {
    const probed = last((entry) => entry.kind === 'net-probed' && entry.wire === wire.id)
    for (const side of ['a', 'b'] as const) {
      const place = sideOf(wire, side)
      if (place.kind !== 'cavity') continue
      const ends = { end: place.end, key: `1/${wire.id}/${side}`, wire: wire.id }
      const hand = last((entry) => isHandOn(entry, ends))
      if (probed < hand) wrong.push(`${ends.key} was touched at ${hand}, probed at ${probed}`)
      if (last((entry) => entry.kind === 'end-looked-over' && entry.end === place.end) < hand)
        wrong.push(`${place.end} was looked over before ${ends.key} at ${hand}`)
    }
  }
  const counted = last((entry) => entry.kind === 'tray-counted')
  const worked = last((entry) => entry.kind !== 'tray-counted' && entry.kind !== 'signed')
  if (counted < worked) wrong.push(`the tray was counted at ${counted}, worked at ${worked}`)
  for (const [place, { term: inside }] of state.cavities)
    if (inside !== undefined && planIndex(state.plan).byCavity.get(place)?.key !== inside)
      wrong.push(`${inside} stands in ${place}`)
  return wrong
}

const SEED = 20261125
const chance = fc.nat(1000)
const upsets = fc.array(
  fc.record({
    after: fc.nat(22),
    what: fc.constantFrom(...Object.keys(mishaps)),
    picks: fc.tuple(chance, chance, chance),
  }),
  { maxLength: 7 },
)

const starts: readonly (() => Folded)[] = [
  () => begun(firstEntries(catalogue, plan, '2026-11-25', newId)),
  () => begun(reworkEntries(catalogue, { ...plan, kind: 'repair' }, { slackMm: 200 }, '2026-11-25', newId)),
]

test('a harness that is built, or came, is right when it is signed, whatever came in between', () => {
  const seen = new Set<string>()
  fc.assert(
    fc.property(fc.constantFrom(...starts), upsets, (start, those) => {
      const folded = start()
      for (const { after, what, picks } of those) {
        let steps = 0
        workThrough([], {
          newId,
          from: folded,
          stamp: () => ({ at, by: 'teodor' }),
          until: (_state, step) => steps++ >= after || step.code === 'sign',
        })
        for (const said of [mishaps[what]?.(folded, picks) ?? []].flat()) {
          if (put(folded, { ...said, id: newId() })) break
          seen.add(what)
        }
        expect(disagreements(folded), what).toEqual([])
      }
      goOn(folded)
      expect(nextStep(folded.state)).toMatchObject({ code: 'closed' })
      expect(isClosed(folded.state)).toBe(true)
      expect(disagreements(folded)).toEqual([])
      expect(
        stale(
          folded,
          folded.log.flatMap((one) => (one ? [one.entry] : [])),
        ),
      ).toEqual([])
    }),
    { numRuns: 500, seed: SEED },
  )
  // each of them was admitted at least once, so the property says something about it
  expect(Object.keys(mishaps).filter((what) => !seen.has(what))).toEqual([])
})

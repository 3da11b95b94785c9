import { proposeLayout } from '../work/close/proposeLayout'
import { analysedEntry } from './analysedEntry.testing'
import { at, begun, catalogue, newId, put } from '../work/rework/rework.testing'
import { damageIds, endDamageIds } from '../craft/faults/damage'
import type { NewEntry } from '../record/journal/entry'
import { reworkEntries } from '../work/rework/reworkEntries'
import type { Folded } from '../record/journal/folded'
import { seatFaultIds, seatFaults } from '../craft/faults/seatFaults'
import { type Plan, type PlanChange, emptyPlan, planIndex } from '../record/plan/plan'
import { firstEntries, planChangeEntries } from '../work/kit/firstEntries'
import { pinoutOf } from '../record/plan/pinoutOf.testing'
import type { JobState } from '../record/state/state'
import { workThrough } from './workThrough.testing'
import fc from 'fast-check'

/** A harness on which anything may happen: what can come in between, with figures by chance. */

const csv = `wire,type,colour,from end,from cavity,to end,to cavity,length,signal
W1,TW-0.75,RD,P1,1,P2,1,620,supply
W2,TW-0.75,BK,P1,2,P2,2,620,return
W3,TW-0.75,YE,P1,4,P2,4,620,lamp`

export const plan: Plan = (() => {
  const read = pinoutOf(csv, { P1: 'CM-5P', P2: 'SW-5P' })
  return { ...emptyPlan, title: 'Lead', ends: [...read.ends], wires: [...read.wires] }
})()
export const cavities = ['1', '2', '3', '4', '5']

export type Said = NewEntry extends infer E ? (E extends unknown ? Omit<E, 'id'> : never) : never
export type Picks = readonly [number, number, number]
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
export const mishaps: Readonly<Record<string, (folded: Folded, picks: Picks) => Said | readonly Said[]>> = {
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
  'order of seating': ({ state }, [a, b]) => ({
    kind: 'seat-order-set',
    end: pick(state.plan.ends, a).id,
    cavities: b % 2 === 0 ? [] : [pick(cavities, b)],
  }),
  'adjuster turned': ({ state }, [a]) => ({
    kind: 'release-ended',
    setup: pick([...state.setups.keys(), ''], a),
    why: 'adjuster',
  }),
  'stop set again': ({ state }, [a, b]) => ({
    kind: 'setup-adjusted',
    setup: pick([...state.setups.keys(), ''], a),
    part: 'strip-stop',
    toMm: 4 + (b % 3) / 10,
    nominalMm: 4,
    why: 'strip-short',
  }),
  'photo taken': ({ state }, [a]) => ({
    kind: 'photo-taken',
    term: term(state, a).key,
    photo: 'a'.repeat(64),
    widthPx: 640,
    heightPx: 480,
  }),
  noted: (_folded, [a]) => ({ kind: 'noted', text: `note ${a}` }),
  'leads measured': (_folded, [a]) => ({ kind: 'leads-measured', ohm: 0.1 + (a % 5) / 10, resolutionOhm: 0.1 }),
  'contact gave way': ({ state }, [a, b]) => ({
    kind: 'contact-held',
    term: term(state, a).key,
    test: pick(['retention', 'hand-pull'] as const, b),
    held: false,
  }),
  analysed: ({ state }) => analysedEntry(state, 1),
  'bundle laid': ({ state }) =>
    planChangeEntries(catalogue, state, { layout: proposeLayout(state.plan) ?? null }, '2026-11-25', newId),
  tied: ({ state }, [a]) => ({
    kind: 'bundle-made',
    unit: 1,
    segment: pick([...(state.plan.layout?.segments ?? []).map(({ id }) => id), 'none'], a),
    what: 'tie',
    atMm: 40,
    result: 'done',
  }),
  'shell made fast': ({ state }, [a]) => ({
    kind: 'shell-secured',
    unit: 1,
    end: pick(state.plan.ends, a).id,
    what: 'backshell',
    tool: 'TD-5',
    set: 2,
    blockBefore: 2.05,
  }),
  'tray counted': () => ({ kind: 'tray-counted', tools: [], scrapped: 0, scrapFound: 0 }),
  'photo measured': ({ state }, [a]) => ({
    kind: 'photo-measured',
    term: pick([...state.photos.keys(), term(state, a).key], a),
    photo: 'a'.repeat(64),
    what: 'gap',
    mm: 0.8,
    goodToMm: 0.05,
    known: { what: 'insulation', mm: 1.7 },
    points: [1, 2, 3, 4].map((x) => ({ x, y: 0 })),
  }),
}

export const SEED = 20261125
const chance = fc.nat(1000)
export const upsets = fc.array(
  fc.record({
    after: fc.nat(22),
    what: fc.constantFrom(...Object.keys(mishaps)),
    picks: fc.tuple(chance, chance, chance),
  }),
  { maxLength: 7 },
)

export const starts: readonly (() => Folded)[] = [
  () => begun(firstEntries(catalogue, plan, '2026-11-25', newId)),
  () => begun(reworkEntries(catalogue, { ...plan, kind: 'repair' }, { slackMm: 200 }, '2026-11-25', newId)),
]

/** The same with a second lead, whose half goes together with that of the first. */
export const pairStart = (): Folded => {
  const read = pinoutOf(`${csv}\nV1,TW-0.75,RD,P3,1,P4,1,620,supply\nV2,TW-0.75,BK,P3,2,P4,2,620,return`, {
    P1: 'CM-5P',
    P2: 'SW-5P',
    P3: 'CM-5R',
    P4: 'SW-5P',
  })
  const ends = read.ends.map((end) => (end.id === 'P1' ? { ...end, mate: 'P3' } : end))
  return begun(firstEntries(catalogue, { ...plan, ends, wires: [...read.wires] }, '2026-11-25', newId))
}

type Upset = { readonly after: number; readonly what: string; readonly picks: Picks }

/**
 * A hand works on, and is upset again and again: each time so many steps later.
 * @param then after each upset: what it was, and whether the record admitted any of it
 */
export function workUpset(
  folded: Folded,
  upsets: readonly Upset[],
  then: (what: string, admitted: boolean) => void = () => undefined,
): void {
  for (const { after, what, picks } of upsets) {
    let steps = 0
    workThrough([], {
      newId,
      from: folded,
      stamp: () => ({ at, by: 'teodor' }),
      until: (_state, step) => steps++ >= after || step.kind === 'sign',
    })
    let admitted = false
    for (const said of [mishaps[what]?.(folded, picks) ?? []].flat()) {
      if (put(folded, { ...said, id: newId() })) break
      admitted = true
    }
    then(what, admitted)
  }
}

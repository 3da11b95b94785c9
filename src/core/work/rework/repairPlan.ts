import { lockOfHousing } from '../../parts/catalogue/secondaryLocks'
import { housingOf, smallPartsOf } from '../../record/plan/facts'
import { type SideLetter, type Termination, inCavity, planIndex, sideOf } from '../../record/plan/plan'
import { rulesOf } from '../../record/rules/rulesOf'
import { slackOf } from '../../record/standing/slack'
import { sheathOf } from '../../record/standing/threadFirst'
import { isReleased } from '../../record/standing/released'
import { type JobState, endState, termState } from '../../record/state/state'
import { setupId } from '../../craft/setup/setup'
import type { DamageId } from '../../craft/faults/damage'
import { endKey, setKey, termKey } from '../../record/plan/keys'

/** What must be done about it, in the order in which it is done; it crosses the stations. */
export type RepairStep =
  | { readonly do: 'open-lock' | 'close-lock' | 'look-over'; readonly end: string }
  /** what covers the wires behind the housing comes off first, and goes on last with its figure */
  | { readonly do: 'open-shell' | 'secure-shell'; readonly end: string; readonly parts: readonly string[] }
  /** the broken part is taken off, a new one to hand */
  | { readonly do: 'take-lock'; readonly end: string; readonly part?: string }
  | { readonly do: 'take-housing'; readonly end: string; readonly part: string; readonly lockIsPart: boolean }
  /** contacts of the end, one by one: out of the old housing into the new one, or out, through the new cover and in again */
  | { readonly do: 'carry-over' | 'through-cover'; readonly end: string; readonly count: number }
  | { readonly do: 'mate'; readonly end: string; readonly with: string }
  /** what holds it to its neighbours goes back by what is cut off: the cores stay free as far as they were */
  | {
      readonly do: 'sheath-back'
      readonly code: 'jacket' | 'split'
      readonly name: string
      readonly byMm: number
      readonly toMm?: number
    }
  | { readonly do: 'take-out' | 'cut-off' | 'strip' | 'crimp' | 'seat'; readonly term: string }
  | { readonly do: 'open-lacing' | 'renew-lacing' | 'cut-wire' | 'prove'; readonly wire: string }

export interface RepairPlan {
  readonly steps: readonly RepairStep[]
  /** parts that are lost and taken new, by their numbers */
  readonly parts: ReadonlyMap<string, number>
  /** wire that is lost, mm; a whole wire with its length */
  readonly lostMm: number
  /** does the slack bear it? Left out where nothing is cut off a wire that stays */
  readonly slack?: { readonly leftMm: number; readonly costMm: number; readonly enough: boolean }
  /** what to do where it does not */
  readonly offers: readonly ('longer-wire' | 'splice')[]
  /** setups that need a new first piece, since they are not released now */
  readonly firstPieces: readonly string[]
  /** wires of the same group that end here: they stay equal only when they are shortened with it, by as much */
  readonly together: readonly Together[]
  /** they stay equal within this, mm, as the house rules say */
  readonly equalWithinMm: number
  /** a side for which nothing is chosen: what its strip costs is not known yet */
  readonly unknownStrip: boolean
}

export interface Together {
  readonly wire: string
  readonly term: string
  /** to cut off besides its own old strip, so that it loses what the broken one loses */
  readonly lostMm: number
  /** does its slack bear it? */
  readonly enough: boolean
}

/**
 * What a repair takes: out first, then parts, strip, crimp and in again, then the proof.
 * @param lostMm spoiled besides the old strip, behind the contact
 */
export function repairPlan(state: JobState, damage: DamageId, at: Termination, lostMm = 0): RepairPlan {
  const { unit, wire } = at
  const index = planIndex(state.plan)
  const sides: readonly SideLetter[] = damage === 'wire' ? ['a', 'b'] : [at.side]
  const terms = sides.flatMap((side) => index.byKey.get(termKey(unit, wire.id, side)) ?? [])
  const seated = terms.filter((term) => termState(state, term.key).seat !== undefined)
  const ends = [...new Set(seated.flatMap((term) => (inCavity(term) ? [term.at.end] : [])))]
  const locked = ends.filter((end) => {
    const housing = housingOf(state.facts, state.plan, end)
    const family = housing && state.facts.families[housing.family]
    return family !== undefined && lockOfHousing(family, housing).present
  })
  const parts = new Map<string, number>()
  const add = (part: string | undefined) => part !== undefined && parts.set(part, (parts.get(part) ?? 0) + 1)
  const firstPieces = new Set<string>()
  for (const term of terms) {
    const set = state.sets.get(setKey(wire.id, term.side))
    // one that came with the harness is known by what somebody said of it
    add(set?.contact ?? termState(state, term.key).crimp?.contact)
    add(set?.seal)
    if (set && !isReleased(state, setupId(set.setup), term, set)) firstPieces.add(setupId(set.setup))
  }
  const whole = damage === 'wire'
  const own = slackOf(state, unit, wire, at.side)
  const costMm = (own?.tryMm ?? 0) + lostMm
  const { equalWithinMm } = rulesOf(state)
  const staysEqual = own !== undefined && costMm <= equalWithinMm
  const enough = own === undefined || own.leftMm + 1e-9 >= costMm
  return {
    steps: stepsOf(state, { unit, wire: wire.id, whole, terms, seated, ends, locked, backMm: whole ? 0 : costMm }),
    parts,
    lostMm: whole ? (state.cuts.get(`${unit}/${wire.id}`)?.lengthMm ?? wire.lengthMm) : costMm,
    ...(!whole && own && { slack: { leftMm: own.leftMm, costMm, enough } }),
    offers: whole || enough ? [] : ['longer-wire', 'splice'],
    firstPieces: [...firstPieces],
    together: whole || staysEqual ? [] : togetherWith(state, at, costMm),
    equalWithinMm,
    unknownStrip: !whole && own === undefined,
  }
}

/** What is done, in order: out first, then strip and crimp, in again, and the proof. */
function stepsOf(
  state: JobState,
  {
    unit,
    wire,
    whole,
    terms,
    seated,
    ends,
    locked,
    backMm,
  }: {
    readonly unit: number
    readonly wire: string
    readonly whole: boolean
    readonly terms: readonly Termination[]
    readonly seated: readonly Termination[]
    readonly ends: readonly string[]
    readonly locked: readonly string[]
    /** what is cut off a wire that stays */ readonly backMm: number
  },
): readonly RepairStep[] {
  const shells = ends.flatMap((end) => {
    const covers = coversBehind(state, end)
    return covers.length > 0 ? [{ end, parts: covers }] : []
  })
  return [
    ...(whole ? [{ do: 'open-lacing' as const, wire }] : []),
    ...shells.map(({ end, parts: covers }) => ({ do: 'open-shell' as const, end, parts: covers })),
    ...ends
      .filter((end) => locked.includes(end) && endState(state, endKey(unit, end)).lock === 'closed')
      .map((end) => ({ do: 'open-lock' as const, end })),
    ...seated.map((term) => ({ do: 'take-out' as const, term: term.key })),
    ...(whole
      ? [{ do: 'cut-wire' as const, wire }]
      : terms.map((term) => ({ do: 'cut-off' as const, term: term.key }))),
    ...(backMm > 0 ? terms.flatMap((term) => sheathBack(state, term, backMm)) : []),
    ...terms.flatMap((term) => [
      { do: 'strip' as const, term: term.key },
      { do: 'crimp' as const, term: term.key },
    ]),
    ...terms.filter(inCavity).map((term) => ({ do: 'seat' as const, term: term.key })),
    ...locked.map((end) => ({ do: 'close-lock' as const, end })),
    ...ends.map((end) => ({ do: 'look-over' as const, end })),
    ...shells.map(({ end, parts: covers }) => ({ do: 'secure-shell' as const, end, parts: covers })),
    { do: 'prove', wire },
    ...(whole ? [{ do: 'renew-lacing' as const, wire }] : []),
  ]
}

/** A core that is cut shorter comes out of its jacket or web by as much as before only if that goes back with it. */
function sheathBack({ plan }: JobState, { wire, at }: Termination, byMm: number): readonly RepairStep[] {
  const sheath = sheathOf(wire)
  if (!sheath) return []
  const toMm = at.kind === 'cavity' ? planIndex(plan).ends.get(at.end)?.jacketBackMm : undefined
  return [{ do: 'sheath-back', ...sheath, byMm, ...(toMm !== undefined && { toMm }) }]
}

/** Kinds of small parts that lie over the wires behind a housing. */
const behind = new Set(['backshell', 'strain-relief'])

/** What lies over the wires behind an end: it is loosened and slid back before anything is taken out. */
export const coversBehind = (state: JobState, end: string): readonly string[] => {
  const housing = housingOf(state.facts, state.plan, end)
  return (housing ? smallPartsOf(housing) : []).flatMap(({ part }) =>
    behind.has(state.facts.parts[part]?.kind ?? '') ? [part] : [],
  )
}

function togetherWith(state: JobState, at: Termination, costMm: number): readonly Together[] {
  const { group, id } = at.wire
  if (!group) return []
  return state.plan.wires
    .filter((other) => other.id !== id && other.group?.kind === group.kind && other.group.name === group.name)
    .flatMap((other) =>
      (['a', 'b'] as const).flatMap((side): readonly Together[] => {
        const term = termKey(at.unit, other.id, side)
        if (!sameEnd(sideOf(other, side), at.at) || !termState(state, term).crimp) return []
        const slack = slackOf(state, at.unit, other, side)
        return [
          {
            wire: other.id,
            term,
            lostMm: Math.max(0, costMm - (slack?.tryMm ?? 0)),
            enough: slack === undefined || slack.leftMm + 1e-9 >= Math.max(costMm, slack.tryMm),
          },
        ]
      }),
    )
}

const sameEnd = (one: ReturnType<typeof sideOf>, other: Termination['at']) =>
  one.kind === 'cavity' && other.kind === 'cavity' && one.end === other.end

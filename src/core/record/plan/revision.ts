import { goesInto } from '../../craft/fit/fixing'
import { isSleeve } from '../../parts/catalogue/types'
import { AS_FOUND } from '../state/records'
import type { JobState } from '../state/state'
import { type Facts, housingOf } from './facts'
import { type Plan, type PlanChange, type SideLetter, type Wire, changePlan, planIndex, sideOf } from './plan'
import type { SaidOfWires } from './wiresAnswered'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { setKey, setOfKey, termKey, wireKey } from './keys'

/**
 * What a plan change does to one side of a wire.
 * `keep`: nothing that was done is touched. `move`: the same contact goes into another cavity. `redo`: the contact is cut
 * off, strip and crimp begin again. `retire`: the side ends nowhere now, its contact comes out.
 */
export type SideFate = 'keep' | 'move' | 'redo' | 'retire'

/** What it does to a wire. `cut-again`: only shortened; `new-wire`: cut anew, both sides begin again; `retire`: taken out. */
export interface WireFate {
  readonly wire: string
  readonly cut: 'keep' | 'cut-again' | 'new-wire' | 'retire'
  readonly a: SideFate
  readonly b: SideFate
  /** by side: with whom it comes together in one contact or splice, or from whom it parts */
  readonly joins?: Readonly<Partial<Record<SideLetter, Joining>>>
  /** by side: the contact that is made does not go into the new cavity */
  readonly clashes?: Readonly<Partial<Record<SideLetter, CavityClash>>>
  /** its chosen sets may not suit any more: Kit chooses again */
  readonly chooseAgain: { readonly a: boolean; readonly b: boolean }
}

/** What a contact is, and what the cavity that is wanted takes. */
export interface CavityClash {
  readonly contact: string
  readonly cavity: string
  readonly takes: string
  readonly is: string
}

/** `with`: the other wire and side, or the splice. */
export interface Joining {
  readonly how: 'merges' | 'splits'
  readonly with: string
}

/** A side that is crimped: here, or as it came; which contact, where that is known. */
export interface MadeSide {
  readonly came: boolean
  readonly contact?: string | undefined
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
const shortenedMm = (before: Wire, after: Wire) => before.lengthMm - after.lengthMm

/**
 * The fate of every wire that a change touches.
 * @param facts what is pinned after the change
 * @param plan  the plan before it
 */
export function wireFates(
  plan: Plan,
  sets: ReadonlyMap<string, ChosenSet>,
  facts: Facts,
  change: PlanChange,
  made: (wire: string, side: SideLetter) => MadeSide | undefined,
  said?: SaidOfWires,
): readonly WireFate[] {
  const before = planIndex(plan)
  const after = planIndex(changePlan(plan, change))
  const afterPlan = changePlan(plan, change)
  const fates: WireFate[] = []
  for (const wire of [...touched(change, before.wires)]) {
    const was = before.wires.get(wire)
    const is = after.wires.get(wire)
    if (!was) continue
    if (!is) {
      fates.push({ wire, cut: 'retire', a: 'retire', b: 'retire', chooseAgain: { a: false, b: false } })
      continue
    }
    // what was always so changes nothing that was made
    const corrected = said?.corrected.has(wire) === true
    const newWire =
      said?.another.has(wire) === true || (was.type !== is.type && !corrected) || is.lengthMm > was.lengthMm
    // another diameter asks for another seal or wings: what was made for the old one begins again
    const otherFit = newWire || (was.insulationMm !== is.insulationMm && !corrected)
    const fate = (side: SideLetter): SideFate =>
      otherFit && sideOf(is, side).kind !== 'open'
        ? 'redo'
        : sideFate(plan, afterPlan, sets, facts, was, is, side, made(wire, side))
    const [a, b] = [fate('a'), fate('b')]
    const shorter = shortenedMm(was, is) > 0
    // a wire that is finished at both sides can only be shortened by cutting one of them off
    const cutOff = !newWire && shorter && made(wire, 'a') && made(wire, 'b') && a !== 'redo' && b !== 'redo'
    const figures = was.insulationMm !== is.insulationMm || was.currentA !== is.currentA || was.type !== is.type
    const joins = { ...joining('a', plan, afterPlan, was, is), ...joining('b', plan, afterPlan, was, is) }
    const clashes = {
      ...clash('a', a, afterPlan, sets, facts, is, made(wire, 'a')),
      ...clash('b', b, afterPlan, sets, facts, is, made(wire, 'b')),
    }
    const again = (side: SideLetter, one: SideFate) =>
      figures || one === 'redo' || one === 'retire' || !same(sharers(plan, wire, side), sharers(afterPlan, wire, side))
    fates.push({
      wire,
      cut: newWire ? 'new-wire' : shorter ? 'cut-again' : 'keep',
      a,
      b: cutOff ? 'redo' : b,
      ...(Object.keys(joins).length > 0 && { joins }),
      ...(!otherFit && Object.keys(clashes).length > 0 && { clashes }),
      chooseAgain: { a: again('a', a), b: again('b', b) },
    })
  }
  return fates
}

/** Wires that a change puts or removes, and those whose end it takes another housing for, or whose contact a changed wire shares. */
function touched(change: PlanChange, wires: ReadonlyMap<string, Wire>): ReadonlySet<string> {
  const direct = new Set([...(change.putWires ?? []).map((wire) => wire.id), ...(change.removeWires ?? [])])
  const ends = new Set((change.putEnds ?? []).map((end) => end.id))
  for (const wire of wires.values()) {
    for (const at of [wire.from, wire.to])
      if ((at.kind === 'cavity' && ends.has(at.end)) || (at.kind === 'with' && direct.has(at.wire))) direct.add(wire.id)
  }
  const leaders = [...(change.putWires ?? []), ...[...direct].flatMap((id) => wires.get(id) ?? [])]
  // who shares another's contact, now or before, changes what is crimped there
  for (const wire of leaders) for (const at of [wire.from, wire.to]) if (at.kind === 'with') direct.add(at.wire)
  return direct
}

function sideFate(
  plan: Plan,
  afterPlan: Plan,
  sets: ReadonlyMap<string, ChosenSet>,
  facts: Facts,
  was: Wire,
  is: Wire,
  side: SideLetter,
  made: MadeSide | undefined,
): SideFate {
  const [from, to] = [sideOf(was, side), sideOf(is, side)]
  if (from.kind === 'open') return 'keep'
  if (to.kind === 'open') return 'retire'
  if (!same(sharers(plan, was.id, side), sharers(afterPlan, is.id, side))) return 'redo'
  if (same(from, to)) {
    if (to.kind !== 'cavity') return 'keep'
    const housing = (of: Plan) => of.ends.find((end) => end.id === to.end)?.housing
    if (housing(plan) === housing(afterPlan)) return 'keep'
  }
  if (to.kind === 'with' || from.kind === 'with') return 'redo'
  if (to.kind !== 'cavity')
    return from.kind === to.kind && same(sets.get(setKey(was.id, side))?.contact, 'part' in to ? to.part : undefined)
      ? 'keep'
      : 'redo'
  // what came crimped is what its cavity takes, where nobody has said which contact it is: no set was ever made of it
  if (made?.came && made.contact === undefined && from.kind === 'cavity')
    return takes(plan, facts, from) !== undefined && takes(plan, facts, from) === takes(afterPlan, facts, to)
      ? 'move'
      : 'redo'
  const contact = made?.contact ?? sets.get(setKey(was.id, side))?.contact
  return fitsThere(afterPlan, facts, contact, to.end, to.cavity) ? 'move' : 'redo'
}

/** Family, size and gender that a cavity takes, as one word. */
function takes(
  plan: Plan,
  facts: Facts,
  { end, cavity }: { readonly end: string; readonly cavity: string },
): string | undefined {
  const housing = housingOf(facts, plan, end)
  const size = housing?.cavities.find((one) => one.id === cavity)?.size
  return housing && size !== undefined
    ? [housing.family, size, facts.families[housing.family]?.halves[housing.role] ?? housing.role].join('|')
    : undefined
}

/** Why the contact of a side that is led into another cavity cannot go there: its family or its size. */
function clash(
  side: SideLetter,
  fate: SideFate,
  plan: Plan,
  sets: ReadonlyMap<string, ChosenSet>,
  facts: Facts,
  wire: Wire,
  made: MadeSide | undefined,
): Partial<Record<SideLetter, CavityClash>> {
  const to = sideOf(wire, side)
  const id = made?.contact ?? (made?.came ? undefined : sets.get(setKey(wire.id, side))?.contact)
  const contact = id === undefined ? undefined : facts.contacts[id]
  if (fate !== 'redo' || to.kind !== 'cavity' || !contact || isSleeve(contact)) return {}
  const housing = housingOf(facts, plan, to.end)
  const takes = housing?.cavities.find((one) => one.id === to.cavity)?.size
  if (!housing || takes === undefined || (contact.family === housing.family && contact.size === takes)) return {}
  const full = (family: string, size: string) => (contact.family === housing.family ? size : `${family} ${size}`)
  return {
    [side]: {
      contact: contact.id,
      cavity: `${to.end}.${to.cavity}`,
      takes: full(housing.family, takes),
      is: full(contact.family, contact.size),
    },
  }
}

/** Does the contact that was chosen go into that cavity as well? */
function fitsThere(plan: Plan, facts: Facts, contactId: string | undefined, end: string, cavityId: string): boolean {
  const contact = contactId === undefined ? undefined : facts.contacts[contactId]
  const housing = housingOf(facts, plan, end)
  const cavity = housing?.cavities.find((one) => one.id === cavityId)
  const half = housing && facts.families[housing.family]?.halves[housing.role]
  if (!contact || !housing) return false
  const size = facts.families[housing.family]?.sizes.find((one) => one.id === cavity?.size)
  return (
    size !== undefined &&
    goesInto(contact, housing.family, size) &&
    (isSleeve(contact) || half === 'either' || half === contact.gender)
  )
}

/** Which wire's side shares the contact of this one. */
const sharers = (plan: Plan, wire: string, side: SideLetter) => {
  const also = planIndex(plan).byKey.get(termKey(1, wire, side))?.also
  return also && `${also.wire.id}${also.side}`
}

/** Two wires that become one connection at a side, or one that becomes two. */
function joining(
  side: SideLetter,
  plan: Plan,
  afterPlan: Plan,
  was: Wire,
  is: Wire,
): Partial<Record<SideLetter, Joining>> {
  const [before, after] = [partnerOf(plan, was, side), partnerOf(afterPlan, is, side)]
  if (before === after) return {}
  return { [side]: after === undefined ? { how: 'splits', with: before ?? '' } : { how: 'merges', with: after } }
}

/** With what a side shares its contact or splice; undefined where it stands alone. */
function partnerOf(plan: Plan, wire: Wire, side: SideLetter): string | undefined {
  const at = sideOf(wire, side)
  if (at.kind === 'with') return `${at.wire}${at.side}`
  return at.kind === 'splice' ? `splice ${at.splice}` : sharers(plan, wire.id, side)
}

/** Has work begun on this side, by `wire/side`, in any unit? */
export function hasBegun({ plan, terms }: Pick<JobState, 'plan' | 'terms'>, key: string): boolean {
  const { wire, side } = setOfKey(key)
  for (let unit = 1; unit <= plan.quantity; unit++) {
    const now = terms.get(termKey(unit, wire, side))
    if (now?.stripped ?? now?.crimp) return true
  }
  return false
}

/** Is any of this wire's work, in any unit, undone or moved by such a fate? */
export function disturbsWork(state: JobState, fate: WireFate): boolean {
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    if (fate.cut !== 'keep' && state.cuts.has(wireKey(unit, fate.wire))) return true
    for (const side of ['a', 'b'] as const) {
      const now = state.terms.get(termKey(unit, fate.wire, side))
      // what is not in a cavity yet goes into the other one: nothing is undone
      if (fate[side] === 'move' ? now?.seat : fate[side] !== 'keep' && (now?.stripped ?? now?.crimp ?? now?.seat))
        return true
    }
  }
  return false
}

/** Is a side crimped in any unit, and what is known of its contact? */
function madeSide(
  state: Pick<JobState, 'plan' | 'terms' | 'sets'>,
  wire: string,
  side: SideLetter,
): MadeSide | undefined {
  for (let unit = 1; unit <= state.plan.quantity; unit++) {
    const crimp = state.terms.get(termKey(unit, wire, side))?.crimp
    if (!crimp) continue
    const came = crimp.setup === AS_FOUND
    return { came, contact: crimp.contact ?? (came ? undefined : state.sets.get(setKey(wire, side))?.contact) }
  }
  return undefined
}

export const fatesOf = (state: JobState, change: PlanChange, facts: Facts, said?: SaidOfWires): readonly WireFate[] =>
  wireFates(state.plan, state.sets, facts, change, (wire, side) => madeSide(state, wire, side), said)

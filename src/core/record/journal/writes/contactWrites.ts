import { housingOf } from '../../plan/facts'
import { planIndex } from '../../plan/plan'
import { tryMm } from '../../standing/slack'
import type { DamageId } from '../../../craft/faults/damage'
import type { Draft } from '../entryKind'
import { voidProof } from './proofs'
import { type JobState, endState, isLaced, termState } from '../../state/state'
import { cavityKey, endKey, setKey, termKey, termOf, wireKey } from '../../plan/keys'
import { AS_FOUND, type CavityState, type OldEnd, type TermState } from '../../state/records'

/** What several kinds of entry write when a contact goes in, comes out or is lost. */

/** Something goes into a cavity or comes out of it: its mat or bore is passed once more. */
export function passInto(draft: Draft, key: string, holds: Pick<CavityState, 'term' | 'plug'>): void {
  draft.put('cavities', key, { ...holds, passes: (draft.state.cavities.get(key)?.passes ?? 0) + 1 })
  const slash = key.indexOf('/')
  draft.put('lastPlace', key.slice(0, slash), key.slice(slash + 1))
}

/** A wire is given up whole, with whatever is crimped on it; the next one is cut anew and brings its slack. */
export function scrapWire(draft: Draft, unit: number, wire: string): void {
  const { state } = draft
  const key = wireKey(unit, wire)
  openLacing(draft, unit, wire)
  const cut = state.cuts.get(key)
  const lost = state.wiresLost.get(key) ?? { count: 0, lengthMm: 0 }
  draft.put('wiresLost', key, {
    ...lost,
    count: lost.count + 1,
    lengthMm: lost.lengthMm + (cut?.lengthMm ?? 0),
    ...(cut?.came && { cameMm: (lost.cameMm ?? 0) + cut.lengthMm }),
  })
  draft.put('cuts', key, undefined)
  for (const side of ['a', 'b'] as const) {
    const {
      stripped: _strip,
      crimp,
      damaged: _damaged,
      outOf: _outOf,
      ...rest
    } = termState(state, termKey(unit, wire, side))
    draft.put('terms', termKey(unit, wire, side), { ...withScrapped(rest, crimp), usedMm: 0, extractions: 0 })
  }
}

/** One contact more is lost, if there is one; whose it was is remembered. */
export function withScrapped<Counts extends Pick<TermState, 'scrapped' | 'cameLost'>>(
  counts: Counts,
  crimp: TermState['crimp'],
): Counts {
  return crimp
    ? {
        ...counts,
        scrapped: counts.scrapped + 1,
        ...(crimp.setup === AS_FOUND && { cameLost: (counts.cameLost ?? 0) + 1 }),
      }
    : counts
}

/** The contact is cut off: the wire comes back to Prep, shorter by what it costs, and the next contact is a new one. */
export function cutOff(state: JobState, term: string, now: Omit<TermState, 'seat'>): TermState {
  const { stripped: _stripped, crimp, damaged, outOf: _outOf, ...bare } = now
  // without a crimp the contact was given up by a change of the plan, and counted then
  const termination = planIndex(state.plan).byKey.get(term)
  const set = termination && state.sets.get(setKey(termination.wire.id, termination.side))
  const lostMm = crimp && set ? tryMm(state.facts.contacts[set.contact], set) : 0
  return { ...withScrapped(bare, crimp), usedMm: bare.usedMm + lostMm + (damaged?.lostMm ?? 0), extractions: 0 }
}

/** A contact, its seal, its wire's end or its whole wire is broken: it comes out, is cut off and made again. */
export function breakContact(draft: Draft, term: string, what: DamageId, lostMm: number, before?: string): void {
  const { state } = draft
  const { unit, wire, side: own } = termOf(term)
  const sides = what === 'wire' ? (['a', 'b'] as const) : [own]
  let seated = false
  for (const side of sides) {
    const key = termKey(unit, wire, side)
    const now = termState(state, key)
    const broken: TermState = {
      ...now,
      damaged: { what, lostMm: what === 'wire' ? 0 : lostMm },
      ...(before !== undefined && side === own && { layBefore: before }),
    }
    if (now.seat) {
      seated = true
      draft.put('terms', key, { ...broken, seat: { ...now.seat, home: false } })
    } else if (what !== 'wire') draft.put('terms', key, cutOff(state, key, broken))
  }
  if (what === 'wire' && !seated) scrapWire(draft, unit, wire)
  if (what === 'wire') openLacing(draft, unit, wire)
  for (const side of sides) voidProof(draft, termKey(unit, wire, side))
}

/** Somebody had hands on an end: what was looked at there before has to be looked at again. */
export function disturbEnd(draft: Draft, unit: number, end: string): void {
  const key = endKey(unit, end)
  const now = draft.state.ends.get(key)
  if (!now?.lookedOver && !now?.mated) return
  const { mated: _mated, ...rest } = now
  draft.put('ends', key, { ...rest, lookedOver: false })
}

/**
 * The housing of an end is given up. What stands in it stays there, under an id of its own, until it is taken out; the end
 * itself begins with an empty housing, open and with nothing fitted.
 */
export function giveUpHousing(draft: Draft, unit: number, end: string, why: OldEnd['why']): void {
  const { state } = draft
  const housing = housingOf(state.facts, state.plan, end)
  if (!housing) return
  const old = oldEndId(state, unit, end)
  draft.put('oldEnds', endKey(unit, old), { end, housing: housing.id, why })
  draft.put('ends', endKey(unit, old), endState(state, endKey(unit, end)))
  draft.put('ends', endKey(unit, end), undefined)
  for (const { id } of housing.cavities) {
    const inside = state.cavities.get(cavityKey(unit, end, id))
    if (!inside) continue
    draft.put('cavities', cavityKey(unit, old, id), inside)
    draft.put('cavities', cavityKey(unit, end, id), undefined)
    const now = inside.term === undefined ? undefined : termState(state, inside.term)
    if (inside.term !== undefined && now?.seat)
      draft.put('terms', inside.term, { ...now, seat: { ...now.seat, end: old } })
  }
}

/** `A-old`, or the next that is free. */
function oldEndId(state: JobState, unit: number, end: string): string {
  for (let n = 1; ; n++) {
    const id = `${end}-old${n === 1 ? '' : String(n)}`
    if (!state.oldEnds.has(endKey(unit, id)) && !state.plan.ends.some((one) => one.id === id)) return id
  }
}

/** A wire is drawn out of a harness that is laced, or into it: the lacing along it is opened, and renewed before Close. */
export function openLacing(draft: Draft, unit: number, wire: string): void {
  if (isLaced(draft.state) && !draft.state.lacings.has(wireKey(unit, wire)))
    draft.put('lacings', wireKey(unit, wire), 'to-open')
}

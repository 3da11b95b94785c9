import { AS_FOUND } from '../state/records'
import { type JobState, termState } from '../state/state'
import type { Facts } from './facts'
import { setKey, termKey, wireKey } from './keys'
import type { PlanChange } from './plan'
import { disturbsWork, fatesOf, type WireFate } from './revision'
import type { SaidOfWires } from './wiresAnswered'

/** What a change costs at the bench, counted over all units, before it is applied. */
export interface RevisionCost {
  readonly fates: readonly WireFate[]
  /** wires whose work is undone or moved: the author must say that this is meant */
  readonly disturbed: readonly string[]
  readonly contactsScrapped: readonly { readonly part: string; readonly count: number }[]
  readonly sealsScrapped: readonly { readonly part: string; readonly count: number }[]
  /** contacts to take out of a cavity: moved, cut off or retired */
  readonly extractions: number
  /** wire lost: cut pieces that are given up, mm */
  readonly wireLostMm: number
  readonly strippedAgain: number
  readonly crimpedAgain: number
  /** wires that are shortened where they are */
  readonly shortened: number
}

export function revisionCost(state: JobState, change: PlanChange, facts: Facts, said?: SaidOfWires): RevisionCost {
  const fates = fatesOf(state, change, facts, said)
  const contacts = new Map<string, number>()
  const seals = new Map<string, number>()
  const add = (map: Map<string, number>, part: string | undefined) =>
    part !== undefined && map.set(part, (map.get(part) ?? 0) + 1)
  let extractions = 0
  let wireLostMm = 0
  let strippedAgain = 0
  let crimpedAgain = 0
  let shortened = 0
  for (const fate of fates) {
    for (let unit = 1; unit <= state.plan.quantity; unit++) {
      const cut = state.cuts.get(wireKey(unit, fate.wire))
      if (cut && fate.cut === 'cut-again') shortened++
      if (cut && (fate.cut === 'new-wire' || fate.cut === 'retire')) wireLostMm += cut.lengthMm
      for (const side of ['a', 'b'] as const) {
        if (fate[side] === 'keep') continue
        const now = termState(state, termKey(unit, fate.wire, side))
        const set = state.sets.get(setKey(fate.wire, side))
        if (now.seat) extractions++
        if (fate[side] === 'move') continue
        if (now.crimp) {
          add(contacts, now.crimp.contact ?? set?.contact ?? AS_FOUND)
          add(seals, set?.seal)
        }
        if (fate[side] === 'redo' && now.stripped) strippedAgain++
        if (fate[side] === 'redo' && now.crimp) crimpedAgain++
      }
    }
  }
  const list = (map: Map<string, number>) =>
    [...map].map(([part, count]) => ({ part, count })).sort((a, b) => (a.part < b.part ? -1 : 1))
  return {
    fates,
    disturbed: fates.filter((fate) => disturbsWork(state, fate)).map((fate) => fate.wire),
    contactsScrapped: list(contacts),
    sealsScrapped: list(seals),
    extractions,
    wireLostMm,
    strippedAgain,
    crimpedAgain,
    shortened,
  }
}

import { type Catalogue, priceEach } from '../../parts/catalogue/catalogue'
import { questionKey, toChosenSet } from './chooseSets'
import type { FitSetup, WorkableSet } from '../../craft/fit/fitTypes'
import { answerAll, question } from './question'
import { platingDoubt } from '../../craft/fit/score'
import { setupId } from '../../craft/setup/setup'
import { type SideLetter, sideOf } from '../../record/plan/plan'
import { hasBegun } from '../../record/plan/revision'
import type { JobState } from '../../record/state/state'
import type { ChosenSet } from '../../craft/setup/chosenSet'
import { setKey } from '../../record/plan/keys'

/** One way to make the terminations of a group. */
export interface KitOption {
  readonly set: ChosenSet
  readonly setup: string
  /** part numbers that it uses: contact, and seal where there is one */
  readonly parts: readonly string[]
  /** price of its parts for one termination; undefined when a part has none */
  readonly price?: number
}

/** Like terminations: the same wire into the same kind of place, so that what is best for one is best for all. */
export interface KitGroup {
  readonly id: string
  readonly sides: readonly { readonly wire: string; readonly side: SideLetter }[]
  readonly options: readonly KitOption[]
  /** by hand, or because work has begun: the only option is what is chosen */
  readonly fixed?: 'by-hand' | 'begun'
}

export interface KitProblem {
  readonly groups: readonly KitGroup[]
  /** sides for which nothing works */
  readonly blocked: readonly { readonly wire: string; readonly side: SideLetter }[]
  readonly quantity: number
}

/** A weaker set is only thought of where there is no stronger one: an estimate, a tool without calibration, pliers, a fold-back, the plating that one would not take. */
function weakness(set: WorkableSet, setup: FitSetup, currentA: number | undefined): number {
  const has = (code: string) => Number(setup.notes.some((note) => note.kind === code))
  return (
    8 * Number(set.foldBack) +
    4 * Number(setup.estimate) +
    2 * Math.max(has('uncalibrated-tool'), has('tool-overdue')) +
    16 * has('by-pliers') +
    platingDoubt(set.contact.plating, currentA)
  )
}

/**
 * The whole job's choice as groups of like terminations with their options.
 * @param keepHand with it, what was chosen by hand stays; without it, only what has been worked on is fixed
 */
export function kitProblem(catalogue: Catalogue, state: JobState, today: string, keepHand = true): KitProblem {
  const { plan, sets } = state
  const groups = new Map<
    string,
    { id: string; sides: KitGroup['sides'][number][]; options: readonly KitOption[]; fixed?: 'by-hand' | 'begun' }
  >()
  const blocked: KitProblem['blocked'][number][] = []
  const fixedSets = new Map([...sets].filter(([key, set]) => hasBegun(state, key) || (keepHand && set.byHand === true)))
  for (const wire of plan.wires) {
    for (const side of ['a', 'b'] as const) {
      const { kind } = sideOf(wire, side)
      if (kind === 'open' || kind === 'with') continue
      const set = fixedSets.get(setKey(wire.id, side))
      const asked = question({ catalogue, plan, today, sets: fixedSets }, wire, side)
      const id = set
        ? `fixed ${JSON.stringify([set.contact, set.seal, setupId(set.setup), Boolean(set.byHand)])}`
        : asked
          ? questionKey(asked)
          : ''
      const known = groups.get(id)
      if (known) {
        known.sides.push({ wire: wire.id, side })
        continue
      }
      const options = set
        ? [optionOf(catalogue, set)]
        : asked
          ? optionsOf(catalogue, answerAll(catalogue, asked).sets, wire.currentA)
          : []
      if (options.length === 0) blocked.push({ wire: wire.id, side })
      else
        groups.set(id, {
          id,
          sides: [{ wire: wire.id, side }],
          options,
          ...(set && { fixed: set.byHand && !hasBegun(state, setKey(wire.id, side)) ? 'by-hand' : 'begun' }),
        })
    }
  }
  return { groups: [...groups.values()], blocked, quantity: plan.quantity }
}

function optionsOf(
  catalogue: Catalogue,
  sets: readonly WorkableSet[],
  currentA: number | undefined,
): readonly KitOption[] {
  const all = sets.flatMap((set) =>
    set.setups.map((setup) => ({
      weak: weakness(set, setup, currentA),
      option: optionOf(catalogue, toChosenSet(set, setup)),
    })),
  )
  const least = Math.min(...all.map((one) => one.weak))
  const seen = new Set<string>()
  return all.flatMap(({ weak, option }) => {
    const key = `${option.setup}|${option.parts.join('|')}`
    if (weak > least || seen.has(key)) return []
    seen.add(key)
    return [option]
  })
}

function optionOf(catalogue: Catalogue, set: ChosenSet): KitOption {
  const parts = [set.contact, ...(set.seal === undefined ? [] : [set.seal])]
  const prices = parts.map((part) => {
    const [pack] = catalogue.packsByPart.get(part) ?? []
    return pack ? priceEach(pack, part) : Infinity
  })
  const price = prices.reduce((sum, one) => sum + one, 0)
  return { set, setup: setupId(set.setup), parts, ...(Number.isFinite(price) && { price }) }
}

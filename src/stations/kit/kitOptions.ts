import { fitQuery, toChosenSet } from '@/core/fit/chooseSets'
import { fit } from '@/core/fit/fit'
import { remedies } from '@/core/fit/remedies'
import { planIndex, type ChosenSet, type Plan, type SideLetter } from '@/core/job/plan'
import type { Catalogue } from '@/core/catalogue/catalogue'
import { missWords, noteWords, reasonWords } from '@/words/fit'
import { setupWords } from '@/words/refusals'

/** A set that can be chosen: one contact, seal and setup. */
export interface KitSet {
  readonly set: ChosenSet
  readonly contactName: string
  readonly plating: string
  readonly notes: readonly string[]
  readonly score: number
}

export interface KitRejected {
  readonly contact: string
  readonly seal?: string
  readonly code: string
  readonly words: string
  readonly offBy: string
}

export interface KitWindow {
  readonly name: string
  readonly minMm: number
  readonly maxMm: number
}

export interface KitRemedy {
  readonly wireType: string
  readonly name: string
  readonly insulationMm: number
  readonly contact: string
  readonly seal?: string
  readonly setup: string
}

/** Everything that Kit shows of one side of a wire. */
export interface KitOptions {
  readonly sets: readonly KitSet[]
  readonly rejected: readonly KitRejected[]
  /** insulation windows of the seals or the mat that this cavity could have */
  readonly windows: readonly KitWindow[]
  readonly insulationMm: number
  readonly remedies: readonly KitRemedy[]
}

/** Works out Kit's answer for one side of a wire, from the shelf as it is today. */
export function kitOptions(catalogue: Catalogue, plan: Plan, wireId: string, side: SideLetter, today: string): KitOptions | undefined {
  const wire = planIndex(plan).wires.get(wireId)
  const query = wire && fitQuery(catalogue, plan, wire, side, today)
  if (!wire || !query) return undefined
  const found = fit(catalogue, query)
  const family = catalogue.families.get(query.housing.family)
  const mat = family?.sizes.find((size) => size.id === query.cavity.size)?.matWindow
  const seals = family?.sealing === 'wire-seal' ? (catalogue.sealsByFamily.get(family.id) ?? []) : []
  return {
    sets: found.sets.flatMap((set) => set.setups.map((setup) => ({ set: toChosenSet(set, setup), contactName: set.contact.name, plating: set.contact.plating, notes: setup.notes.map(noteWords), score: set.score }))),
    rejected: found.rejected.map(({ contact, seal, reason }) => ({ contact: contact.id, ...(seal && { seal: seal.id }), code: reason.code, words: reasonWords(reason), offBy: missWords(reason) })),
    windows: [...seals.map((seal) => ({ name: seal.id, ...seal.insulation })), ...(mat ? [{ name: 'mat seal', ...mat }] : [])],
    insulationMm: query.wire.insulationMm,
    remedies: found.sets.length > 0 ? [] : remedies(catalogue, plan, wire, side, today).map(({ wireType, set }) => ({
      wireType: wireType.id, name: wireType.name, insulationMm: wireType.insulationMm, contact: set.contact.id, ...(set.seal && { seal: set.seal.id }),
      setup: set.setups[0] ? setupWords(set.setups[0].setup) : '',
    })),
  }
}

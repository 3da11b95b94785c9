import { kitOptionsWords as words } from '@/words/screens/kit/kitOptions'
import { sizeKey, type Catalogue } from '@/core/parts/catalogue/catalogue'
import type { FamilyFacts } from '@/core/parts/catalogue/types'
import { toChosenSet } from '@/core/work/kit/chooseSets'
import { answerAll, question, type Asked } from '@/core/work/kit/question'
import { withCures, type Cure } from '@/core/work/kit/cures'
import { goesInto } from '@/core/craft/fit/fixing'
import type { FitQuery, Rejected } from '@/core/craft/fit/fitTypes'
import { remedies } from '@/core/work/kit/remedies'
import { planIndex, type SideLetter } from '@/core/record/plan/plan'
import { outOfReachWords } from '@/words/pullTables'
import { cureWords, missWords, noteWords, reasonWords, uncheckedWords } from '@/words/fit'
import { setupWords } from '@/words/crimp'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'

/** A set that can be chosen: one contact, seal and setup. */
export interface KitSet {
  readonly set: ChosenSet
  readonly contactName: string
  readonly plating: string
  readonly notes: readonly string[]
  /** checks that could not be made */
  readonly unchecked: readonly string[]
  readonly score: number
}

export interface KitRejected {
  readonly contact: string
  readonly seal?: string
  readonly kind: string
  readonly words: string
  readonly offBy: string
  /** what would cure it */
  readonly cure?: string
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
  /** contacts that its cavity takes: one of them it came with, where it came crimped */
  readonly came: readonly { readonly id: string; readonly name: string; readonly plating: string }[]
}

/** Works out Kit's answer for one side of a wire, from the shelf as it is today. */
export function kitOptions(
  { catalogue, plan, today, sets }: Asked,
  wireId: string,
  side: SideLetter,
): KitOptions | undefined {
  const wire = planIndex(plan).wires.get(wireId)
  const asked = wire && question({ catalogue, plan, today, sets }, wire, side)
  if (!wire || !asked) return undefined
  const found = answerAll(catalogue, asked)
  const query = asked.kind === 'cavity' ? asked.query : undefined
  const family = query && catalogue.families.get(query.housing.family)
  const mat = family?.sizes.find((size) => size.id === query?.cavity.size)?.matWindow
  const seals = family?.sealing === 'wire-seal' ? (catalogue.sealsByFamily.get(family.id) ?? []) : []
  const insulationMm = (asked.kind === 'cavity' ? asked.query : asked.conditions).wire.insulationMm
  const rejected: readonly (Rejected & { readonly cure?: Cure })[] = query
    ? withCures(catalogue, query, found.rejected)
    : found.rejected
  return {
    came: query && family ? cameOf(catalogue, query, family) : [],
    sets: found.sets.flatMap((set) =>
      set.setups.map((setup) => ({
        set: toChosenSet(set, setup),
        contactName: set.contact.name,
        plating: set.contact.plating,
        notes: setup.notes.map(noteWords),
        unchecked: [
          ...set.unchecked.map((one) => uncheckedWords[one]),
          ...(set.pull && set.strandsBreakAtN !== undefined
            ? [outOfReachWords(set.pull.forceN, set.strandsBreakAtN)]
            : []),
        ],
        score: set.score,
      })),
    ),
    rejected: rejected.map(({ contact, seal, reason, cure }) => ({
      contact: contact.id,
      ...(seal && { seal: seal.id }),
      kind: reason.kind,
      words: reasonWords(reason),
      offBy: missWords(reason),
      ...(cure && { cure: cureWords(cure, (id) => catalogue.families.get(id)?.name ?? id) }),
    })),
    windows: [
      ...seals.map((seal) => ({ name: seal.id, ...seal.insulation })),
      ...(mat ? [{ name: words.matSeal, ...mat }] : []),
    ],
    insulationMm,
    remedies:
      found.sets.length > 0
        ? []
        : remedies(catalogue, plan, wire, side, today).map(({ wireType, set }) => ({
            wireType: wireType.id,
            name: wireType.name,
            insulationMm: wireType.insulationMm,
            contact: set.contact.id,
            ...(set.seal && { seal: set.seal.id }),
            setup: set.setups[0] ? setupWords(set.setups[0].setup) : '',
          })),
  }
}

/** Contacts that a cavity takes by family, size and half, whatever wire is in them. */
const cameOf = (catalogue: Catalogue, { housing, cavity }: FitQuery, family: FamilyFacts) => {
  const half = family.halves[housing.role]
  const size = family.sizes.find((one) => one.id === cavity.size)
  if (size?.fixing)
    return catalogue.terminals
      .filter((one) => goesInto(one, family.id, size))
      .map(({ id, name, plating }) => ({ id, name, plating }))
  return (catalogue.contactsBySize.get(sizeKey(housing.family, cavity.size)) ?? [])
    .filter((one) => half === 'either' || one.gender === half)
    .map(({ id, name, plating }) => ({ id, name, plating }))
}

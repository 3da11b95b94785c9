import type { Catalogue } from '../catalogue/catalogue'
import type { CavityContact, FamilyFacts, Housing } from '../catalogue/types'

/** What somebody needs of a connector family. What is left out does not matter. */
export interface FamilyWish {
  readonly ways: number
  readonly largestA?: number | undefined
  readonly largestMm2?: number | undefined
  readonly insulationMm?: number | undefined
  readonly sealed?: boolean | undefined
  readonly mounting?: NonNullable<FamilyFacts['suits']>['mounting'][number] | undefined
  readonly vibration?: NonNullable<FamilyFacts['suits']>['vibration'] | undefined
  readonly fieldService?: boolean | undefined
  readonly costAtMost?: 1 | 2 | 3 | undefined
}

export type FamilyReason =
  | { readonly kind: 'ways'; readonly most: number }
  | { readonly kind: 'wire'; readonly maxMm2: number; readonly minMm2: number }
  | { readonly kind: 'current'; readonly maxA: number }
  | { readonly kind: 'insulation'; readonly minMm: number; readonly maxMm: number }
  | { readonly kind: 'sealing'; readonly sealed: boolean }
  | { readonly kind: 'mounting'; readonly has: readonly string[] }
  | { readonly kind: 'vibration'; readonly stands: string }
  | { readonly kind: 'field-service' }
  | { readonly kind: 'cost'; readonly cost: number }
  | { readonly kind: 'not-on-sheet' }

export interface FamilyAnswer {
  readonly family: FamilyFacts
  /** the smallest housings that would do, fewest ways first; empty when the family does not qualify */
  readonly housings: readonly Housing[]
  readonly reasons: readonly FamilyReason[]
}

const firmness = ['low', 'medium', 'high']

/** Which families would do, cheapest and smallest first, and every reason why each other one does not. */
export function chooseFamily(catalogue: Catalogue, wish: FamilyWish): readonly FamilyAnswer[] {
  const answers = [...catalogue.families.values()].flatMap((family): FamilyAnswer[] => {
    const housings = catalogue.housingsByFamily.get(family.id) ?? []
    if (housings.length === 0) return []
    const reasons = [...suitReasons(family, wish), ...partReasons(catalogue, family, housings, wish)]
    const fitting =
      reasons.length > 0
        ? []
        : housings
            .filter((housing) => housing.cavities.length >= wish.ways && takesLargest(catalogue, housing, wish))
            .sort((a, b) => a.cavities.length - b.cavities.length || (a.id < b.id ? -1 : 1))
    if (reasons.length === 0 && fitting.length === 0)
      reasons.push({
        kind: 'ways',
        most: Math.max(
          0,
          ...housings
            .filter((housing) => takesLargest(catalogue, housing, wish))
            .map((housing) => housing.cavities.length),
        ),
      })
    return [{ family, housings: fitting, reasons }]
  })
  const over = (answer: FamilyAnswer) => (answer.housings[0]?.cavities.length ?? 0) - wish.ways
  return answers.sort(
    (a, b) =>
      a.reasons.length - b.reasons.length ||
      (a.family.suits?.cost ?? 9) - (b.family.suits?.cost ?? 9) ||
      over(a) - over(b) ||
      (a.family.id < b.family.id ? -1 : 1),
  )
}

function suitReasons({ sealing, suits }: FamilyFacts, wish: FamilyWish): FamilyReason[] {
  const reasons: FamilyReason[] = []
  const sealed = sealing !== 'none'
  if (wish.sealed !== undefined && wish.sealed !== sealed) reasons.push({ kind: 'sealing', sealed })
  const asks =
    wish.mounting !== undefined ||
    wish.vibration !== undefined ||
    wish.fieldService !== undefined ||
    wish.costAtMost !== undefined
  if (!suits) return asks ? [...reasons, { kind: 'not-on-sheet' }] : reasons
  if (wish.mounting && !suits.mounting.includes(wish.mounting)) reasons.push({ kind: 'mounting', has: suits.mounting })
  if (wish.vibration && firmness.indexOf(suits.vibration) < firmness.indexOf(wish.vibration))
    reasons.push({ kind: 'vibration', stands: suits.vibration })
  if (wish.fieldService === true && !suits.fieldService) reasons.push({ kind: 'field-service' })
  if (wish.costAtMost !== undefined && suits.cost > wish.costAtMost) reasons.push({ kind: 'cost', cost: suits.cost })
  return reasons
}

function partReasons(
  catalogue: Catalogue,
  family: FamilyFacts,
  housings: readonly Housing[],
  wish: FamilyWish,
): FamilyReason[] {
  const contacts = catalogue.contactsByFamily.get(family.id) ?? []
  const reasons: FamilyReason[] = []
  const most = Math.max(...housings.map((housing) => housing.cavities.length))
  if (most < wish.ways) reasons.push({ kind: 'ways', most })
  const takesWire = contacts.filter((contact) => takesArea(contact, wish))
  if (takesWire.length === 0)
    reasons.push({
      kind: 'wire',
      minMm2: Math.min(...contacts.map((one) => one.conductor.minMm2)),
      maxMm2: Math.max(...contacts.map((one) => one.conductor.maxMm2)),
    })
  else if (!takesWire.some((contact) => carries(contact, wish)))
    reasons.push({ kind: 'current', maxA: Math.max(...takesWire.map((one) => one.ratedA ?? 0)) })
  const windows = insulationWindows(catalogue, family)
  const { insulationMm } = wish
  if (
    insulationMm !== undefined &&
    windows.length > 0 &&
    !windows.some((one) => insulationMm >= one.minMm && insulationMm <= one.maxMm)
  ) {
    reasons.push({
      kind: 'insulation',
      minMm: Math.min(...windows.map((one) => one.minMm)),
      maxMm: Math.max(...windows.map((one) => one.maxMm)),
    })
  }
  return reasons
}

/** The seals' and mats' windows, or what wings hold where nothing seals. */
function insulationWindows(
  catalogue: Catalogue,
  family: FamilyFacts,
): readonly { readonly minMm: number; readonly maxMm: number }[] {
  const seals =
    family.sealing === 'wire-seal'
      ? (catalogue.sealsByFamily.get(family.id) ?? []).map((seal) => seal.insulation)
      : family.sizes.flatMap((size) => size.matWindow ?? [])
  return seals.length > 0
    ? seals
    : (catalogue.contactsByFamily.get(family.id) ?? []).flatMap((contact) => contact.insulation ?? [])
}

const takesArea = (contact: CavityContact, { largestMm2 }: FamilyWish) =>
  largestMm2 === undefined ||
  (contact.conductor.minMm2 <= largestMm2 + 1e-6 && contact.conductor.maxMm2 >= largestMm2 - 1e-6)
const carries = (contact: CavityContact, { largestA }: FamilyWish) =>
  largestA === undefined || (contact.ratedA ?? 0) >= largestA

/** Has the housing a cavity for a contact that takes the largest wire and load? */
function takesLargest(catalogue: Catalogue, housing: Housing, wish: FamilyWish): boolean {
  const sizes = new Set(housing.cavities.map((cavity) => cavity.size))
  return (catalogue.contactsByFamily.get(housing.family) ?? []).some(
    (contact) => sizes.has(contact.size) && takesArea(contact, wish) && carries(contact, wish),
  )
}

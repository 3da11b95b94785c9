import { sizeKey, type Catalogue } from '../../parts/catalogue/catalogue'
import { designatedAreaMm2 } from '../../record/plan/facts'
import type { FitQuery, Rejected } from '../../craft/fit/fitTypes'
import { missBy } from '../../craft/fit/fit'
import { isSleeve } from '../../parts/catalogue/types'

/** What would put a rejected candidate right. The first that helps is named: the nearest thing to change comes first. */
export type Cure =
  | { readonly kind: 'seal'; readonly seal: string }
  | { readonly kind: 'contact'; readonly contact: string }
  | { readonly kind: 'wire-type'; readonly wireType: string }
  | { readonly kind: 'family'; readonly family: string; readonly size: string }

/** In the order in which a bench would rather change something. */
const order: readonly Cure['kind'][] = ['seal', 'contact', 'wire-type', 'family']

/** Sizes within this share of each other are the same wire to an electrician. */
const SAME_SIZE = 0.06

interface Window {
  readonly minMm: number
  readonly maxMm: number
}
const inside = (window: Window, mm: number) => mm >= window.minMm && mm <= window.maxMm

/** Which other seal, contact, wire type or family size would cure this rejection; undefined where none would. */
export function cureOf(catalogue: Catalogue, query: FitQuery, { contact, reason }: Rejected): Cure | undefined {
  const { housing, cavity, wire } = query
  const otherWire = (fits: (insulationMm: number) => boolean) => wireThat(catalogue, query, fits)
  // a clamp or stud takes terminals of all families: another family's cavity is no cure for one of them
  const otherFamily = () => (isSleeve(contact) ? undefined : familyThat(catalogue, query))
  switch (reason.kind) {
    case 'seal-leaks':
    case 'seal-tears': {
      const seals = catalogue.sealsByFamily.get(housing.family) ?? []
      const bySeal = reason.by === 'seal'
      const seal = bySeal ? seals.find((one) => inside(one.insulation, reason.insulationMm)) : undefined
      if (seal) return { kind: 'seal', seal: seal.id }
      const mat = catalogue.families.get(housing.family)?.sizes.find((size) => size.id === cavity.size)?.matWindow
      const windows = bySeal ? seals.map((one) => one.insulation) : mat ? [mat] : []
      return otherWire((mm) => windows.some((window) => inside(window, mm))) ?? otherFamily()
    }
    case 'insulation-support':
      return otherWire((mm) => inside(reason, mm)) ?? otherFamily()
    case 'bore':
      return reason.what === 'insulation' ? (otherWire((mm) => mm <= reason.boreMm) ?? otherFamily()) : undefined
    case 'conductor-small':
    case 'conductor-large': {
      const other = (catalogue.contactsBySize.get(sizeKey(housing.family, cavity.size)) ?? []).find(
        (one) =>
          one.id !== contact.id &&
          'gender' in contact &&
          one.gender === contact.gender &&
          one.conductor.minMm2 <= wire.areaMm2 &&
          one.conductor.maxMm2 >= wire.areaMm2,
      )
      return other ? { kind: 'contact', contact: other.id } : otherFamily()
    }
    case 'current':
      return otherFamily()
    default:
      return undefined
  }
}

/** A wire of the same size whose insulation fits. */
function wireThat(
  { wireTypes }: Catalogue,
  { wire }: FitQuery,
  fits: (insulationMm: number) => boolean,
): Cure | undefined {
  const type = [...wireTypes.values()].find(
    (one) => Math.abs(designatedAreaMm2(one) / wire.areaMm2 - 1) <= SAME_SIZE && fits(one.insulationMm),
  )
  return type && { kind: 'wire-type', wireType: type.id }
}

/** The same system in another size, or another family, whose contact takes the wire and its load. */
function familyThat(catalogue: Catalogue, { housing, cavity, wire }: FitQuery): Cure | undefined {
  const sealed = catalogue.families.get(housing.family)?.sealing !== 'none'
  const stem = housing.family.split('-')[0] ?? housing.family
  const fitting = [...catalogue.contactsBySize].flatMap(([key, contacts]) => {
    const [family = '', size = ''] = key.split('/')
    const facts = catalogue.families.get(family)
    const window = facts?.sizes.find((one) => one.id === size)?.matWindow
    if (!facts || (facts.sealing !== 'none') !== sealed || key === sizeKey(housing.family, cavity.size)) return []
    const takes = contacts.some(
      (one) =>
        one.conductor.minMm2 <= wire.areaMm2 &&
        one.conductor.maxMm2 >= wire.areaMm2 &&
        (wire.currentA === undefined || (one.ratedA ?? 0) >= wire.currentA),
    )
    const sealsIt = window
      ? inside(window, wire.insulationMm)
      : facts.sealing !== 'wire-seal' ||
        (catalogue.sealsByFamily.get(family) ?? []).some((seal) => inside(seal.insulation, wire.insulationMm))
    return takes && sealsIt
      ? [{ family, size, near: family === housing.family ? 0 : family.startsWith(stem) ? 1 : 2 }]
      : []
  })
  const [best] = fitting.sort((a, b) => a.near - b.near || (a.family < b.family ? -1 : 1))
  return best && { kind: 'family', family: best.family, size: best.size }
}

/**
 * Near misses with what would cure them. The stage at which a candidate fell comes first, as the fit gives it; among those of
 * one stage the easier cure, then the smaller miss.
 */
export function withCures(
  catalogue: Catalogue,
  query: FitQuery,
  rejected: readonly Rejected[],
): readonly (Rejected & { readonly cure?: Cure })[] {
  const cured = rejected.map((one, i) => {
    const cure = cureOf(catalogue, query, one)
    return { ...one, i, ...(cure && { cure }) }
  })
  const rank = (cure: Cure | undefined) => (cure ? order.indexOf(cure.kind) : order.length)
  return cured
    .sort((a, b) =>
      a.reason.kind === b.reason.kind
        ? rank(a.cure) - rank(b.cure) || missBy(a.reason) - missBy(b.reason) || a.i - b.i
        : a.i - b.i,
    )
    .map(({ i: _i, ...one }) => one)
}

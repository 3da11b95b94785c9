import type { Range } from '../../base/range'
import { constructionOf } from '../../parts/catalogue/constructions'
import type { LookCode } from '../../parts/catalogue/lookCodes'
import type { Contact } from '../../parts/catalogue/types'
import { gapRange, type HouseRules } from '../../parts/rules/houseRules'
import type { DefectCode } from '../crimp/looks'
import { specimenBody } from '../specimen/specimenBody'
import { sealPlace } from '../strip/sealPlace'
import { tabMmOf } from '../stroke/strokeRoutine'

export const photoQuestionIds = ['gap', 'brush', 'seal-edge', 'tab', 'bend'] as const
export type PhotoQuestionId = (typeof photoQuestionIds)[number]

/** A question that a length in a picture answers: which look asks it, between what it may lie, and what it is else. */
export interface PhotoQuestion {
  readonly id: PhotoQuestionId
  readonly look: LookCode
  /** undefined: there is no figure for it, an eye judges */
  readonly window: Range | undefined
  readonly below?: DefectCode
  readonly above?: DefectCode
}

/**
 * What can be measured on a picture of this contact's crimp.
 * @param insulationMm undefined where nobody knows it: then no gap is judged by it
 */
export function photoQuestions(
  contact: Contact,
  insulationMm: number | undefined,
  rules: HouseRules,
): readonly PhotoQuestion[] {
  const looks = new Set(constructionOf(contact).looks(contact))
  const reachMm = contact.barrel && 'reachMm' in contact.barrel ? contact.barrel.reachMm : Infinity
  const tabMm = tabMmOf(contact)
  const all: readonly PhotoQuestion[] = [
    {
      id: 'gap',
      look: 'gap-and-strands',
      window: insulationMm === undefined ? undefined : gapRange(rules, insulationMm),
      below: 'insulation-in-barrel',
      above: 'gap-too-large',
    },
    {
      id: 'brush',
      look: 'brush-shows',
      window: { minMm: rules.brush.minMm, maxMm: Math.min(rules.brush.maxMm, reachMm) },
      below: 'brush-too-short',
      above: 'brush-reaches-mating-part',
    },
    {
      id: 'seal-edge',
      look: 'seal-in-wings',
      window: sealPlace(contact),
      below: 'seal-out-of-wings',
      above: 'seal-out-of-wings',
    },
    ...(tabMm === undefined
      ? []
      : [
          {
            id: 'tab' as const,
            look: 'contact-straight' as const,
            window: { minMm: 0, maxMm: tabMm },
            above: 'tab-long' as const,
          },
        ]),
    {
      id: 'bend',
      look: looks.has('straight-round') ? 'straight-round' : 'contact-straight',
      window: undefined,
      above: 'bent',
    },
  ]
  return all.filter(({ look }) => looks.has(look))
}

export type PhotoVerdict =
  | { readonly kind: 'inside' }
  | { readonly kind: 'below' | 'above'; readonly byMm: number }
  /** so close to an edge of its window that pointing decides */
  | { readonly kind: 'cannot-tell'; readonly goodToMm: number }
  | { readonly kind: 'no-window' }

/** Where a measured length lies, as far as the picture can tell. */
export function judgePhoto(window: Range | undefined, mm: number, goodToMm: number): PhotoVerdict {
  if (!window) return { kind: 'no-window' }
  if (mm + goodToMm < window.minMm) return { kind: 'below', byMm: window.minMm - mm }
  if (mm - goodToMm > window.maxMm) return { kind: 'above', byMm: mm - window.maxMm }
  return mm - goodToMm >= window.minMm && mm + goodToMm <= window.maxMm
    ? { kind: 'inside' }
    : { kind: 'cannot-tell', goodToMm }
}

/** Something on the piece whose size its sheet gives; along the contact, from where to where of it, mm from its front. */
export interface KnownSize {
  readonly id: 'barrel' | 'wings' | 'overall' | 'barrel-outer' | 'insulation'
  readonly mm: number
  readonly along?: { readonly fromMm: number; readonly toMm: number }
}

/** What gives a picture its scale: the contact's own dimensions where its sheet has them, and the wire over its insulation. */
export function knownSizes(contact: Contact, insulationMm: number | undefined): readonly KnownSize[] {
  const body = specimenBody(contact)
  const sizes: KnownSize[] = []
  if (contact.barrel && body.kind === 'open') {
    const toMm = body.lengthMm - body.insulationBarrelMm - body.transitionMm
    sizes.push({ id: 'wings', mm: body.conductorBarrelMm, along: { fromMm: toMm - body.conductorBarrelMm, toMm } })
  }
  // a bore's bottom is not seen from outside: of a machined barrel only its diameter is known
  if (contact.barrel && body.kind !== 'open') sizes.push({ id: 'barrel-outer', mm: body.outerMm })
  if (contact.barrel && body.kind === 'sleeve')
    sizes.push({ id: 'barrel', mm: body.depthMm, along: { fromMm: body.lengthMm - body.depthMm, toMm: body.lengthMm } })
  if (contact.overallMm !== undefined)
    sizes.push({ id: 'overall', mm: contact.overallMm, along: { fromMm: 0, toMm: contact.overallMm } })
  return insulationMm === undefined ? sizes : [...sizes, { id: 'insulation', mm: insulationMm }]
}

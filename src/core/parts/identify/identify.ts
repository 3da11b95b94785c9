import { isSleeve, type Contact } from '../catalogue/types'

/** What callipers find on a contact that nobody knows. */
export interface MeasuredContact {
  readonly overallMm?: number | undefined
  readonly barrelOuterMm?: number | undefined
  readonly barrelBoreMm?: number | undefined
  readonly matingMm?: number | undefined
  readonly wingWidthMm?: number | undefined
}
export type CalliperFigure = keyof MeasuredContact

/** How far a reading may lie from the sheet and still be the same part: callipers in a busy hand, and the part's own tolerance. */
const tolerance: Readonly<Record<CalliperFigure, { readonly mm: number; readonly share: number }>> = {
  overallMm: { mm: 0.15, share: 0.01 },
  barrelOuterMm: { mm: 0.05, share: 0.02 },
  barrelBoreMm: { mm: 0.08, share: 0.03 },
  matingMm: { mm: 0.04, share: 0.02 },
  wingWidthMm: { mm: 0.15, share: 0.04 },
}
export const calliperFigures = Object.keys(tolerance) as readonly CalliperFigure[]

/** The sheet's figure for what callipers find; undefined when it is not on the sheet, or the contact has no such part. */
export function sheetFigure(contact: Contact, figure: CalliperFigure): number | undefined {
  switch (figure) {
    case 'overallMm':
      return contact.overallMm
    case 'matingMm':
      return isSleeve(contact) ? contact.studMm : contact.matingMm
    case 'barrelOuterMm':
      return contact.barrel && 'outerMm' in contact.barrel ? contact.barrel.outerMm : undefined
    case 'barrelBoreMm':
      return contact.barrel && 'boreMm' in contact.barrel ? contact.barrel.boreMm : undefined
    case 'wingWidthMm':
      return contact.barrel && 'wingWidthMm' in contact.barrel ? contact.barrel.wingWidthMm : undefined
  }
}

export interface Candidate {
  readonly contact: Contact
  /** 1 when every reading is on the sheet's figure, 0 when one lies far outside of its tolerance */
  readonly likeness: number
  readonly figures: readonly {
    readonly figure: CalliperFigure
    readonly measuredMm: number
    readonly sheetMm?: number
    readonly within: boolean
  }[]
}

/**
 * Contacts that the readings could be, best first. A contact whose sheet lacks a figure is not ruled out by it, and counts
 * behind one that agrees.
 * @param limit how many to give
 */
export function identify(contacts: Iterable<Contact>, measured: MeasuredContact, limit = 12): readonly Candidate[] {
  const asked = calliperFigures.filter((figure) => measured[figure] !== undefined)
  if (asked.length === 0) return []
  const found: Candidate[] = []
  for (const contact of contacts) {
    let sum = 0
    const figures: Candidate['figures'][number][] = []
    for (const figure of asked) {
      const measuredMm = measured[figure] ?? 0
      const sheetMm = sheetFigure(contact, figure)
      if (sheetMm === undefined) {
        // a figure that is not there says nothing: as if it were one tolerance off
        sum += 1
        figures.push({ figure, measuredMm, within: false })
        continue
      }
      const { mm, share } = tolerance[figure]
      const off = Math.abs(measuredMm - sheetMm) / (mm + share * sheetMm)
      sum += off ** 2
      figures.push({ figure, measuredMm, sheetMm, within: off <= 1 })
    }
    if (!figures.some((one) => one.sheetMm !== undefined)) continue
    found.push({ contact, likeness: Math.exp(-sum / (2 * asked.length)), figures })
  }
  return found
    .filter((one) => one.likeness > 0.01)
    .sort((a, b) => b.likeness - a.likeness || (a.contact.id < b.contact.id ? -1 : 1))
    .slice(0, limit)
}

/** Something by which contacts that look alike can be told apart. */
export interface Difference {
  readonly by: CalliperFigure | 'plating' | 'conductor' | 'gender' | 'bin' | 'construction'
  /** in the order of the contacts; undefined is not on the sheet */
  readonly values: readonly (string | number | undefined)[]
}

/** What differs among a few contacts, the things that a hand can see or measure first. */
export function tellApart(contacts: readonly Contact[]): readonly Difference[] {
  const by: readonly [Difference['by'], (contact: Contact) => string | number | undefined][] = [
    ['construction', (contact) => (isSleeve(contact) ? contact.shape : contact.construction)],
    ['gender', (contact) => (isSleeve(contact) ? undefined : contact.gender)],
    ['bin', (contact) => (isSleeve(contact) ? undefined : contact.bin)],
    ['plating', (contact) => contact.plating],
    ...calliperFigures.map(
      (figure) =>
        [figure, (contact: Contact) => sheetFigure(contact, figure)] as [
          CalliperFigure,
          (contact: Contact) => number | undefined,
        ],
    ),
    ['conductor', (contact) => `${contact.conductor.minMm2} to ${contact.conductor.maxMm2} mm²`],
  ]
  return by
    .map(([name, value]) => ({ by: name, values: contacts.map(value) }))
    .filter(({ values }) => new Set(values).size > 1)
}

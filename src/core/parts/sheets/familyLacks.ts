import { isFixed } from '../catalogue/releaseMechanisms'
import { lockOfHousing } from '../catalogue/secondaryLocks'
import { type FamilyInput, isSleeve } from '../catalogue/types'
import type { ToolRow } from './readFamily'

/** What a job could not do yet with a family as it stands, and for which of its parts. */
export interface FamilyLack {
  readonly lack: LackId
  readonly of: readonly string[]
}

export type LackId = keyof typeof lackFinders

interface Shelf {
  readonly family: FamilyInput
  readonly rows: readonly ToolRow[]
  /** ids of the tools that are there */
  readonly tools: ReadonlySet<string>
}

const unique = (ids: readonly string[]) => [...new Set(ids)]
const sizesOf = ({ cavitySize, otherSizes = {} }: FamilyInput['housings'][number]) =>
  [cavitySize, ...Object.keys(otherSizes)].filter((size) => size !== undefined)
const usedSizes = ({ housings }: FamilyInput) => unique(housings.flatMap(sizesOf))

/** Contact sizes that a housing has and nothing fits: by what its half takes. Terminals for a clamp or stud are of any family. */
function unfitted({ housings, contacts, halves, sizes, release }: FamilyInput): readonly string[] {
  if (isFixed({ release })) {
    const saying = new Set(sizes.flatMap(({ id, fixing }) => (fixing ? [id] : [])))
    return unique(housings.flatMap(sizesOf)).filter((size) => !saying.has(size))
  }
  const there = new Set(contacts.flatMap((one) => (isSleeve(one) ? [] : [`${one.size} ${one.gender}`])))
  return unique(
    housings.flatMap((housing) => {
      const takes = halves[housing.role]
      const genders = takes === 'either' ? (['pin', 'socket'] as const) : [takes]
      return sizesOf(housing).flatMap((size) =>
        genders.some((gender) => there.has(`${size} ${gender}`)) ? [] : [`${size} ${genders.join(' or ')}`],
      )
    }),
  )
}

/** Is there a seal that fills the bore of a size? Bores on sheets are rounded to a tenth. */
function unsealed({ sealing, sizes, seals, ...family }: FamilyInput): readonly string[] {
  if (sealing !== 'wire-seal') return []
  return usedSizes({ sealing, sizes, seals, ...family }).filter((id) => {
    const bore = sizes.find((size) => size.id === id)?.boreMm
    return bore === undefined ? seals.length === 0 : !seals.some((seal) => Math.abs(seal.boreMm - bore) < 0.11)
  })
}

/** Each thing that a job does, and the parts for which this family cannot do it. Empty: it can. */
const lackFinders = {
  // a family of terminals has no face
  draw: ({ family: { housings, contacts } }: Shelf) =>
    housings.length === 0 && !(contacts.length > 0 && contacts.every(isSleeve)) ? ['–'] : [],
  mate: ({ family }: Shelf) =>
    isFixed(family)
      ? []
      : family.housings.flatMap(({ id, mates = [] }) => (mates.length === 0 && id !== '' ? [id] : [])),
  bore: ({ family }: Shelf) =>
    usedSizes(family).filter((id) => {
      const size = family.sizes.find((one) => one.id === id)
      return size?.boreMm === undefined && size?.fixing?.studMm === undefined
    }),
  fit: ({ family }: Shelf) => unfitted(family),
  seal: ({ family }: Shelf) => unsealed(family),
  plug: ({ family }: Shelf) =>
    family.sealing === 'none'
      ? []
      : usedSizes(family).filter((id) => family.sizes.find((size) => size.id === id)?.plug === undefined),
  // a lock of its own has a part number, or a sheet that says how it moves; one that is captive moves as its kind does
  shut: ({ family }: Shelf) =>
    family.housings.flatMap((housing) => {
      const { present, part, said } = lockOfHousing(family, housing)
      return present && part === 'separate' && said === undefined && housing.lock === undefined ? [housing.id] : []
    }),
  strip: ({ family, rows }: Shelf) => {
    const said = new Set(rows.flatMap(({ row }) => (row.strip === undefined ? [] : [row.contact])))
    return family.contacts.flatMap(({ id, barrel }) => (barrel === undefined && !said.has(id) ? [id] : []))
  },
  crimp: ({ family, rows }: Shelf) => {
    const set = new Set(rows.map(({ row }) => row.contact))
    return family.contacts.flatMap(({ id }) => (id === '' || set.has(id) ? [] : [id]))
  },
  tool: ({ rows, tools }: Shelf) => unique(rows.flatMap(({ tool }) => (tool === '' || tools.has(tool) ? [] : [tool]))),
} as const satisfies Record<string, (shelf: Shelf) => readonly string[]>

/** What a job could not do yet, in the order in which a bench would find out. */
export function familyLacks(shelf: Shelf): readonly FamilyLack[] {
  const ids = Object.keys(lackFinders) as readonly LackId[]
  return ids.flatMap((lack) => {
    const of = lackFinders[lack](shelf)
    return of.length === 0 ? [] : [{ lack, of }]
  })
}

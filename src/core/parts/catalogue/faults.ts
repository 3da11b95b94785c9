import type { BadText } from '../../base/badText'
import { groupBy } from '../../base/collections'
import type { ArrangementFault } from '../../base/face/arrangement'
import {
  type CatalogueInput,
  type ContactSize,
  type FamilyInput,
  type Housing,
  type Placard,
  type PlacardRow,
  isSleeve,
} from './types'

/** What keeps a catalogue from holding together. */
export type CatalogueFault =
  | { readonly kind: 'bad-text'; readonly bad: BadText }
  | { readonly kind: 'duplicate-id'; readonly item: string; readonly id: string }
  | { readonly kind: 'unknown-reference'; readonly in: string; readonly field: string; readonly id: string }
  | { readonly kind: 'bad-arrangement'; readonly housing: string; readonly fault: ArrangementFault }
  | { readonly kind: 'cavity-without-size'; readonly housing: string; readonly cavity: string }
  | { readonly kind: 'cavity-twice'; readonly housing: string; readonly cavity: string }
  | {
      readonly kind: 'cavities-overlap'
      readonly housing: string
      readonly cavities: readonly [string, string]
      readonly apartMm: number
      readonly needMm: number
    }
  | { readonly kind: 'cavity-outside'; readonly housing: string; readonly cavity: string }
  | {
      readonly kind: 'rows-contradict'
      readonly placard: string
      readonly contact: string
      readonly rows: readonly [number, number]
      readonly field: string
    }

/** What a catalogue holds by id: enough to see whether a reference leads somewhere. */
interface Known {
  readonly housings: ReadonlyMap<string, Housing>
  readonly contacts: ReadonlyMap<string, unknown>
  readonly seals: ReadonlyMap<string, unknown>
  readonly parts: ReadonlyMap<string, unknown>
  readonly wireTypes: ReadonlyMap<string, unknown>
  readonly cables: ReadonlyMap<string, unknown>
  readonly tools: ReadonlyMap<string, unknown>
}

/** Every fault of a package that no schema can see. */
export function packageFaults(input: CatalogueInput, known: Known): readonly CatalogueFault[] {
  const faults: CatalogueFault[] = []
  const need = (there: boolean, inside: string, field: string, id: string) => {
    if (!there) faults.push({ kind: 'unknown-reference', in: inside, field, id })
  }
  for (const family of input.families) faults.push(...familyFaults(family, known))
  for (const cable of input.cables)
    for (const [i, core] of cable.cores.entries())
      need(known.wireTypes.has(core.type), cable.id, `cores.${i}.type`, core.type)
  const buyable = [known.contacts, known.seals, known.parts, known.housings, known.wireTypes, known.cables]
  for (const pack of input.packs)
    for (const { part } of pack.contents)
      need(
        buyable.some((map) => map.has(part)),
        pack.id,
        'contents',
        part,
      )
  for (const placard of input.placards) faults.push(...contradictions(placard))
  return faults
}

function familyFaults(family: FamilyInput, known: Known): CatalogueFault[] {
  const faults: CatalogueFault[] = []
  const sizes = new Map(family.sizes.map((size) => [size.id, size]))
  const parts = new Set(family.parts.map((part) => part.id))
  const need = (has: (id: string) => boolean, inside: string, field: string, ref: string | undefined) => {
    if (ref !== undefined && !has(ref)) faults.push({ kind: 'unknown-reference', in: inside, field, id: ref })
  }
  const isSize = (id: string) => sizes.has(id)
  const isPart = (id: string) => parts.has(id)
  for (const size of family.sizes) need(isPart, family.id, 'sizes.plug', size.plug)
  for (const contact of family.contacts) {
    if (!isSleeve(contact)) need(isSize, contact.id, 'size', contact.size)
  }
  for (const input of family.housings) {
    need(isSize, input.id, 'cavitySize', input.cavitySize)
    need(isPart, input.id, 'lock', input.lock)
    need(isPart, input.id, 'interfaceSeal', input.interfaceSeal)
    for (const { part } of input.parts ?? []) need(isPart, input.id, 'parts', part)
    for (const size of Object.keys(input.otherSizes ?? {})) need(isSize, input.id, 'otherSizes', size)
    for (const cavity of input.cavities ?? []) need(isSize, input.id, `cavities.${cavity.id}.size`, cavity.size)
    const housing = known.housings.get(input.id)
    if (!housing) continue
    const cavities = new Set(housing.cavities.map(({ id }) => id))
    for (const id of (input.joined ?? []).flat()) need((one) => cavities.has(one), input.id, 'joined', id)
    faults.push(...placeFaults(housing, sizes))
  }
  return faults
}

/** Two cavities closer than this cannot be two, whatever their bores. */
const LEAST_APART_MM = 0.3

/** Cavities that run into each other, or lie outside the shell. Sorted by x, so that only near ones are compared. */
function placeFaults(housing: Housing, sizes: ReadonlyMap<string, ContactSize>): CatalogueFault[] {
  const bore = (size: string) => sizes.get(size)?.boreMm ?? LEAST_APART_MM
  const widest = Math.max(...housing.cavities.map((cavity) => bore(cavity.size)))
  const byX = [...housing.cavities].sort((a, b) => a.xMm - b.xMm)
  for (const [i, one] of byX.entries()) {
    for (let j = i + 1; j < byX.length; j++) {
      const other = byX[j]
      if (!other || other.xMm - one.xMm >= widest) break
      const apartMm = Math.hypot(other.xMm - one.xMm, other.yMm - one.yMm)
      const needMm = (bore(one.size) + bore(other.size)) / 2
      if (apartMm < needMm - 1e-6)
        return [{ kind: 'cavities-overlap', housing: housing.id, cavities: [one.id, other.id], apartMm, needMm }]
    }
  }
  const { shape, widthMm, heightMm } = housing.outline
  const outside = housing.cavities.find(({ xMm, yMm }) =>
    shape === 'circle'
      ? Math.hypot(xMm / widthMm, yMm / heightMm) > 0.5
      : Math.abs(xMm) > widthMm / 2 || Math.abs(yMm) > heightMm / 2,
  )
  return outside ? [{ kind: 'cavity-outside', housing: housing.id, cavity: outside.id }] : []
}

const settings = [
  'die',
  'positioner',
  'turret',
  'selector',
  'nest',
  'wireStopMm',
] as const satisfies readonly (keyof PlacardRow)[]

/** Two rows of one placard for the same contact and conductor must say the same, or nobody knows which is right. */
export function contradictions(
  placard: Pick<Placard, 'id' | 'rows'>,
): Extract<CatalogueFault, { kind: 'rows-contradict' }>[] {
  const rows = placard.rows.map((row, i) => ({ row, at: i + 1 }))
  for (const [contact, ofContact] of groupBy(rows, ({ row }) => row.contact)) {
    const sorted = ofContact.sort((a, b) => a.row.conductor.minMm2 - b.row.conductor.minMm2)
    let widest = sorted[0]
    for (const now of sorted.slice(1)) {
      if (widest && now.row.conductor.minMm2 < widest.row.conductor.maxMm2) {
        const before = widest
        const field = settings.find((one) => before.row[one] !== now.row[one])
        if (field !== undefined)
          return [{ kind: 'rows-contradict', placard: placard.id, contact, rows: [before.at, now.at], field }]
      }
      if (widest && now.row.conductor.maxMm2 > widest.row.conductor.maxMm2) widest = now
    }
  }
  return []
}

import { plausible } from '@/core/base/units/plausible'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import type { End, Wire } from '@/core/record/plan/plan'
import type { PlanShelf } from './planShelf'

/** Wires of an end under the cavities that they get in its new housing. */
export function renumbered(wires: readonly Wire[], end: string, numbers: ReadonlyMap<string, string>): Wire[] {
  const moved = (side: Wire['from']): Wire['from'] =>
    side.kind === 'cavity' && side.end === end ? { ...side, cavity: numbers.get(side.cavity) ?? side.cavity } : side
  return wires
    .map((wire) => ({ ...wire, from: moved(wire.from), to: moved(wire.to) }))
    .filter((wire, i) => JSON.stringify(wire) !== JSON.stringify(wires[i]))
}

/** An end as its form shows it; what it does not say is an empty field. */
export const typedOf = (end: End | undefined, freeId: string) => ({
  id: end?.id ?? freeId,
  housing: end?.housing ?? '',
  keying: end?.keying ?? '',
  gender: end?.gender ?? '',
  mate: end?.mate ?? '',
  matePlating: end?.matePlating ?? '',
  jacketBackMm: end?.jacketBackMm === undefined ? '' : String(end.jacketBackMm),
  inPlace: end?.inPlace === true,
})
export type TypedEnd = ReturnType<typeof typedOf>

/** The housing of the shelf that is meant, in whatever case it is typed. */
export const housingNamed = (shelf: PlanShelf, typed: string) =>
  shelf.housings.find((one) => one.id.toLowerCase() === typed.trim().toLowerCase())

/** An end as it is typed, for its schema: what was left open is not there; what the housing does not have neither. */
export function endRead(typed: TypedEnd, end: End | undefined, shelf: PlanShelf): unknown {
  const chosen = housingNamed(shelf, typed.housing)
  const { id, keying, gender, mate, matePlating, jacketBackMm, inPlace } = typed
  const jacket = parseQuantity(jacketBackMm, 'length', { plausible: plausible.wireLengthMm })
  return {
    id,
    housing: chosen?.id ?? '',
    ...(end?.note !== undefined && { note: end.note }),
    ...(keying !== '' && chosen?.keyings.includes(keying) && { keying }),
    ...(gender !== '' && chosen?.eitherGender && { gender }),
    ...(mate !== '' && { mate }),
    ...(matePlating !== '' && { matePlating }),
    ...(inPlace && { inPlace }),
    // what is no length stays a text, which the schema refuses
    ...(jacketBackMm !== '' && { jacketBackMm: jacket.ok ? Math.round(jacket.value) : jacketBackMm }),
  }
}

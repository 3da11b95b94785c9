import type { ContactInput, FamilyInput } from '../catalogue/types'
import type { SheetColumn, SheetRow } from './sheet'
import { type HousingDraft, type HousingField, draftHousing } from './housingDraft'
import { type SheetSource, unshownOf } from './familySheets'
import { sortedBy } from '../../base/collections'

/** What is not edited stays as it was: how a part of a draft is told from what it was, and what no field shows is kept. */

/** Do both rows say the same in every column? */
export const isSameRow = (columns: readonly SheetColumn[], one: SheetRow, other: SheetRow): boolean =>
  columns.every(({ id }) => (one[id] ?? '').trim() === (other[id] ?? '').trim())

export const isSameSource = (one: FamilyInput['source'], other: SheetSource): boolean =>
  one.document === other.document && (one.revision ?? '') === (other.revision ?? '') && one.basis === other.basis

/** What was there keeps its place; what is new comes behind. */
export function inOrderOf<T extends { readonly id: string }>(before: readonly T[], items: readonly T[]): T[] {
  const at = new Map(before.map((one, i) => [one.id, i]))
  return sortedBy(items, (one) => at.get(one.id) ?? before.length)
}

type HousingInput = FamilyInput['housings'][number]

/** A housing that is as it was stays as it was; one that is edited keeps what no field shows. */
export function keepHousing(housing: HousingInput, said: HousingDraft, before: HousingInput | undefined): HousingInput {
  if (!before) return housing
  const was = draftHousing(before)
  const same = (Object.keys(was) as HousingField[]).every((field) => was[field] === said[field])
  return same ? before : { ...housing, aliases: before.aliases, ...(before.parts && { parts: before.parts }) }
}

/** A contact with what its sheet does not show as it was before. */
export function keepContact(contact: ContactInput, before: ContactInput | undefined): ContactInput {
  if (before?.construction !== contact.construction) return contact
  const barrel =
    contact.barrel && before.barrel
      ? {
          barrel: {
            ...before.barrel,
            ...contact.barrel,
            ...unshownOf(before),
          },
        }
      : {}
  return {
    ...contact,
    ...barrel,
    aliases: before.aliases,
    pullMinima: before.pullMinima,
    contactMilliohm: before.contactMilliohm,
    refC: before.refC,
  } as ContactInput
}

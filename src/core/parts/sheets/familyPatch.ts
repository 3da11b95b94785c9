import { type ContactInput, type FamilyInput, isSleeve } from '../catalogue/types'
import type { SheetColumn, SheetRow } from './sheet'
import { draftHousing } from './draftHousing'
import type { HousingDraft } from './housingDraft'
import type { SheetSource } from './sheetCells'
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
  if (JSON.stringify(tidy(draftHousing(before))) === JSON.stringify(tidy(said))) return before
  const counts = new Map((before.parts ?? []).map((one) => [one.part, one.count]))
  return {
    ...housing,
    aliases: before.aliases,
    ...(housing.parts && {
      parts: housing.parts.map((one) => ({ ...one, count: counts.get(one.part) ?? one.count })),
    }),
  }
}

/** A draft without what says nothing: cells that are empty, spaces at either end. */
const tidy = (draft: HousingDraft): unknown => {
  const rows = (table: readonly SheetRow[]) =>
    table.flatMap((row) => {
      const said = Object.entries(row).flatMap(([key, text]) =>
        text.trim() === '' ? [] : [[key, text.trim()] as const],
      )
      return said.length === 0 ? [] : [said.sort(([a], [b]) => (a < b ? -1 : 1))]
    })
  return { ...draft, cavities: rows(draft.cavities), oddSizes: rows(draft.oddSizes), keys: rows(draft.keys) }
}

/** A contact with what its sheet does not show as it was before. */
export function keepContact(contact: ContactInput, before: ContactInput | undefined): ContactInput {
  if (before?.construction !== contact.construction) return contact
  return {
    ...contact,
    aliases: before.aliases,
    pullMinima: before.pullMinima,
    contactMilliohm: before.contactMilliohm,
    refC: before.refC,
    ...(isSleeve(before) && { matings: before.matings }),
  }
}

import { figureChanges } from '../catalogue/comparePackages'
import { type FamilyInput, type Placard, isSleeve } from '../catalogue/types'
import { fromContact } from './contactSheet'
import { draftHousing } from './draftHousing'
import { type FamilyDraft, ORIGIN } from './familyDraft'
import { fromPart, fromPlacardRow, fromPulls, fromSeal, fromSize } from './familySheets'
import type { ToolRow } from './readFamily'
import type { SheetRow } from './sheet'
import { fromTerminal } from './terminalSheet'

/** A family of the shelf as a draft, with the placard rows that are for its contacts. */
export function draftFamily(family: FamilyInput, placards: readonly Placard[]): FamilyDraft {
  const ids = new Set(family.contacts.map((contact) => contact.id))
  return {
    id: family.id,
    name: family.name,
    document: family.source.document,
    revision: family.source.revision ?? '',
    basis: family.source.basis,
    sealing: family.sealing,
    release: family.release,
    lock: family.lock,
    plugTakes: family.halves.plug,
    receptacleTakes: family.halves.receptacle,
    orientation: family.orientation ?? '',
    sheets: {
      sizes: family.sizes.map(fromSize),
      contacts: family.contacts.flatMap((one) => (isSleeve(one) ? [] : [fromContact(one)])),
      terminals: family.contacts.flatMap((one) => (isSleeve(one) ? [fromTerminal(one)] : [])),
      pulls: family.contacts.flatMap(fromPulls),
      seals: family.seals.map(fromSeal),
      parts: family.parts.map(fromPart),
      placard: placards.flatMap((placard) =>
        placard.rows.flatMap((row) =>
          ids.has(row.contact) ? [{ ...fromPlacardRow(placard.tool, row), [ORIGIN]: placard.id }] : [],
        ),
      ),
    },
    housings: family.housings.map(draftHousing),
    origin: family,
  }
}

/** The same family under other part numbers, to be changed: nothing of it belongs to the first one any more. */
export function duplicateFamily(draft: FamilyDraft, id: string, name: string, mark: string): FamilyDraft {
  const { sheets } = draft
  const parts = new Set(
    [...sheets.contacts, ...sheets.terminals, ...sheets.seals, ...sheets.parts].map((row) => row.id ?? ''),
  )
  for (const housing of draft.housings)
    for (const part of [housing.id, housing.lock, housing.interfaceSeal]) parts.add(part)
  for (const size of sheets.sizes) parts.add(size.plug ?? '')
  const renamed = (part: string | undefined) =>
    part === undefined || part === '' ? '' : parts.has(part) ? `${part}${mark}` : part
  const own = (rows: readonly SheetRow[], column: string) =>
    rows.map(({ [ORIGIN]: _origin, ...row }) => ({ ...row, [column]: renamed(row[column]) }))
  return {
    ...draft,
    id,
    name,
    origin: undefined,
    sheets: {
      sizes: own(sheets.sizes, 'plug'),
      contacts: own(sheets.contacts, 'id'),
      terminals: own(sheets.terminals, 'id'),
      pulls: own(sheets.pulls, 'contact'),
      seals: own(sheets.seals, 'id'),
      parts: own(sheets.parts, 'id'),
      placard: own(sheets.placard, 'contact'),
    },
    housings: draft.housings.map((housing) => ({
      ...housing,
      id: renamed(housing.id),
      lock: renamed(housing.lock),
      interfaceSeal: renamed(housing.interfaceSeal),
      parts: housing.parts.map(renamed),
      mates: housing.mates.map(renamed),
    })),
  }
}

/**
 * The placards after a family's rows were edited. Rows of its contacts on any placard are replaced by the draft's: each goes
 * back to the placard that it came from, new ones to one for the family and tool.
 */
export function placardsAfter(
  placards: readonly Placard[],
  family: FamilyInput,
  rows: readonly ToolRow[],
): readonly Placard[] {
  const ids = new Set(family.contacts.map((contact) => contact.id))
  const after = new Map(
    placards.map((placard) => [placard.id, { ...placard, rows: placard.rows.filter((row) => !ids.has(row.contact)) }]),
  )
  for (const { tool, placard, row } of rows) {
    const before = placard === undefined ? undefined : after.get(placard)
    const id = before?.tool === tool ? before.id : `${family.id}-${tool}`
    const target = after.get(id) ?? { id, tool, rows: [], source: family.source }
    after.set(id, { ...target, rows: [...target.rows, row] })
  }
  const before = new Map(placards.map((placard) => [placard.id, placard]))
  return [...after.values()].filter((placard) => figureChanges(before.get(placard.id), placard).length > 0)
}

import { figureChanges } from '../catalogue/comparePackages'
import { type FamilyInput, type Placard, isSleeve } from '../catalogue/types'
import { contactSheet, fromContact } from './contactSheet'
import { type HousingDraft, draftHousing } from './housingDraft'
import {
  fromPart,
  fromPlacardRow,
  fromPulls,
  fromSeal,
  fromSize,
  partSheet,
  placardSheet,
  pullSheet,
  sealSheet,
  sizeSheet,
} from './familySheets'
import type { SheetSource } from './sheetCells'
import type { SheetColumn, SheetRow } from './sheet'
import { fromTerminal, terminalSheet } from './terminalSheet'
import { ORIGIN, type ToolRow } from './readFamily'

/** A family while it is entered from its sheet: heads, tables and housings as they are written. */
export interface FamilyDraft {
  readonly id: string
  readonly name: string
  readonly document: string
  readonly revision: string
  readonly basis: SheetSource['basis']
  readonly sealing: FamilyInput['sealing']
  readonly release: FamilyInput['release']
  readonly lock: FamilyInput['lock']
  readonly plugTakes: FamilyInput['halves']['plug']
  readonly receptacleTakes: FamilyInput['halves']['receptacle']
  readonly orientation: string
  readonly sheets: Readonly<Record<SheetName, readonly SheetRow[]>>
  readonly housings: readonly HousingDraft[]
  /** the family that it began as: what no field shows stays with it */
  readonly origin?: FamilyInput | undefined
}

export const sheetTables = {
  sizes: sizeSheet,
  contacts: contactSheet,
  terminals: terminalSheet,
  pulls: pullSheet,
  seals: sealSheet,
  parts: partSheet,
  placard: placardSheet,
} as const satisfies Record<string, readonly SheetColumn[]>
export type SheetName = keyof typeof sheetTables
export const sheetNames = Object.keys(sheetTables) as readonly SheetName[]

export const emptyFamily: FamilyDraft = {
  id: '',
  name: '',
  document: '',
  revision: '',
  basis: 'sheet',
  sealing: 'none',
  release: 'window-lance',
  lock: 'none',
  plugTakes: 'socket',
  receptacleTakes: 'pin',
  orientation: '',
  sheets: { sizes: [], contacts: [], terminals: [], pulls: [], seals: [], parts: [], placard: [] },
  housings: [],
}

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

import type { FamilyInput } from '../catalogue/types'
import { contactSheet } from './contactSheet'
import type { HousingDraft } from './housingDraft'
import { partSheet, placardSheet, pullSheet, sealSheet, sizeSheet } from './familySheets'
import type { SheetColumn, SheetRow } from './sheet'
import type { SheetSource } from './sheetCells'
import { terminalSheet } from './terminalSheet'

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

/** Under this name a row of the placard sheet remembers the placard that it came from. */
export const ORIGIN = 'placard'

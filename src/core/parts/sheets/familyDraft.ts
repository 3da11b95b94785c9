import { figureChanges } from '../catalogue/comparePackages'
import type { ContactInput, FamilyInput, Placard, PlacardRow } from '../catalogue/types'
import { type HousingDraft, type HousingField, type HousingProblem, draftHousing, readHousing } from './housingDraft'
import {
  type SheetSource,
  contactSheet,
  fromContact,
  fromPlacardRow,
  fromSeal,
  fromSize,
  isInSheet,
  placardSheet,
  sealSheet,
  sizeSheet,
  toContact,
  toPlacardRow,
  toSeal,
  toSize,
} from './familySheets'
import { type SheetColumn, type SheetProblem, type SheetRow, isBlankRow, readSheetRow } from './sheet'
import { inOrderOf, isSameRow, isSameSource, keepContact, keepHousing } from './familyPatch'

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
  seals: sealSheet,
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
  sheets: { sizes: [], contacts: [], seals: [], placard: [] },
  housings: [],
}

export type FamilyFault =
  | { readonly at: 'head'; readonly field: 'id' | 'name' | 'document'; readonly problem: SheetProblem }
  | {
      readonly at: 'sheet'
      readonly sheet: SheetName
      readonly row: number
      readonly column: string
      readonly problem: SheetProblem
    }
  | { readonly at: 'housing'; readonly housing: number; readonly field: HousingField; readonly problem: HousingProblem }

/** A placard row with its tool, and the placard that it stood on before. */
export interface ToolRow {
  readonly tool: string
  readonly placard?: string
  readonly row: PlacardRow
}

export interface FamilyReading {
  readonly faults: readonly FamilyFault[]
  /** complete and without fault */
  readonly family?: FamilyInput
  readonly rows: readonly ToolRow[]
}

type ReadRow = { readonly row: number } & ReturnType<typeof readSheetRow>
type ReadTables = Readonly<Record<SheetName, readonly ReadRow[]>>

/** Figures of a table that must not stand the wrong way round. */
const windows = [
  ['contacts', 'minMm2', 'maxMm2'],
  ['contacts', 'insulationMinMm', 'insulationMaxMm'],
  ['seals', 'minMm', 'maxMm'],
  ['placard', 'minMm2', 'maxMm2'],
  ['placard', 'stripMinMm', 'stripMaxMm'],
  ['placard', 'heightMinMm', 'heightMaxMm'],
  ['sizes', 'matMinMm', 'matMaxMm'],
] as const

function headFaults(draft: FamilyDraft): readonly FamilyFault[] {
  const faults: FamilyFault[] = []
  for (const field of ['id', 'name', 'document'] as const)
    if (draft[field].trim() === '') faults.push({ at: 'head', field, problem: { kind: 'missing' } })
  if (draft.id.trim() !== '' && !/^[^\s,;:"'<>]{1,60}$/.test(draft.id.trim()))
    faults.push({ at: 'head', field: 'id', problem: { kind: 'bad-id' } })
  return faults
}

/** What no single row can say of itself: ids twice, names that lead nowhere, windows the wrong way round. */
function tableFaults(tables: ReadTables): readonly FamilyFault[] {
  const faults: FamilyFault[] = []
  const cell = (sheet: SheetName, row: number, column: string, problem: SheetProblem) =>
    faults.push({ at: 'sheet', sheet, row, column, problem })
  for (const sheet of ['sizes', 'contacts', 'seals'] as const) {
    const seen = new Set<unknown>()
    for (const { row, values } of tables[sheet]) {
      if (values.id !== undefined && seen.has(values.id)) cell(sheet, row, 'id', { kind: 'twice' })
      seen.add(values.id)
    }
  }
  const sizeIds = tables.sizes.flatMap(({ values }) => (typeof values.id === 'string' ? [values.id] : []))
  const contactIds = new Set(tables.contacts.map(({ values }) => values.id))
  for (const { row, values } of tables.contacts)
    if (typeof values.size === 'string' && !sizeIds.includes(values.size))
      cell('contacts', row, 'size', { kind: 'unknown', what: 'contact size', known: sizeIds })
  for (const { row, values } of tables.placard)
    if (values.contact !== undefined && !contactIds.has(values.contact))
      cell('placard', row, 'contact', {
        kind: 'unknown',
        what: 'contact of this family',
        known: [...contactIds].map(String).slice(0, 8),
      })
  for (const [sheet, low, high] of windows)
    for (const { row, values } of tables[sheet])
      if (typeof values[low] === 'number' && typeof values[high] === 'number' && values[low] > values[high])
        cell(sheet, row, high, { kind: 'min-above-max' })
  return faults
}

/** Reads the whole draft. Every fault names its sheet, row and column, so that the page can mark the cell. */
export function readFamily(draft: FamilyDraft): FamilyReading {
  const source: SheetSource = {
    document: draft.document.trim(),
    ...(draft.revision.trim() !== '' && { revision: draft.revision.trim() }),
    basis: draft.basis,
  }
  const faults = [...headFaults(draft)]
  const read = (sheet: SheetName): readonly ReadRow[] =>
    draft.sheets[sheet].flatMap((row, i) => {
      if (isBlankRow(row)) return []
      const reading = readSheetRow(sheetTables[sheet], row)
      for (const [column, problem] of Object.entries(reading.problems))
        faults.push({ at: 'sheet', sheet, row: i, column, problem })
      return [{ row: i, ...reading }]
    })
  const tables = { sizes: read('sizes'), contacts: read('contacts'), seals: read('seals'), placard: read('placard') }
  faults.push(...tableFaults(tables))
  const housings = draft.housings.flatMap((one, i) => {
    const { housing, problems } = readHousing(one, source)
    for (const [field, problem] of Object.entries(problems))
      faults.push({ at: 'housing', housing: i, field: field as HousingField, problem })
    const was = draft.origin?.housings.find((before) => before.id === housing?.id)
    return housing ? [keepHousing(housing, one, was)] : []
  })
  const rows = tables.placard.map(({ row, values }): ToolRow => {
    const placard = draft.sheets.placard[row]?.[ORIGIN]
    return {
      tool: typeof values.tool === 'string' ? values.tool : '',
      ...(placard !== undefined && { placard }),
      row: toPlacardRow(values),
    }
  })
  return faults.length > 0 ? { faults, rows } : { faults, family: familyOf(draft, tables, housings, source), rows }
}

/** The family that a draft without fault says; what is as it was stays as it was, with its own provenance. */
function familyOf(
  draft: FamilyDraft,
  tables: ReadTables,
  housings: FamilyInput['housings'],
  source: SheetSource,
): FamilyInput {
  const { origin } = draft
  const patch = <T extends { readonly id: string }>(
    sheet: SheetName,
    before: readonly T[],
    texts: (part: T) => SheetRow,
    made: (values: ReadRow['values'], was: T | undefined) => T,
  ): T[] =>
    tables[sheet].map(({ row, values }) => {
      const was = before.find((one) => one.id === values.id)
      const said = draft.sheets[sheet][row]
      return was && said && isSameRow(sheetTables[sheet], said, texts(was)) ? was : made(values, was)
    })
  const contacts = patch<ContactInput>(
    'contacts',
    origin?.contacts ?? [],
    (contact) => (isInSheet(contact) ? fromContact(contact) : {}),
    (values, was) => keepContact(toContact(values, source), was),
  )
  const family: FamilyInput = {
    ...(origin?.suits && { suits: origin.suits }),
    id: draft.id.trim(),
    name: draft.name.trim(),
    sealing: draft.sealing,
    release: draft.release,
    lock: draft.lock,
    halves: { plug: draft.plugTakes, receptacle: draft.receptacleTakes },
    ...(draft.orientation.trim() !== '' && { orientation: draft.orientation.trim() }),
    sizes: patch('sizes', origin?.sizes ?? [], fromSize, (values) => toSize(values)),
    housings,
    contacts: inOrderOf(origin?.contacts ?? [], [
      ...contacts,
      ...(origin?.contacts.filter((one) => !isInSheet(one)) ?? []),
    ]),
    seals: patch('seals', origin?.seals ?? [], fromSeal, (values, was) => ({
      ...toSeal(values, source),
      aliases: was?.aliases ?? [],
    })),
    parts: [],
    source: origin && isSameSource(origin.source, source) ? origin.source : source,
  }
  return { ...family, parts: partsOf(family, origin, source) }
}

/** Under this name a row of the placard sheet remembers the placard that it came from. */
const ORIGIN = 'placard'

/** Small parts that sizes and housings name: those that were there, and new ones by what they are for. */
function partsOf(family: FamilyInput, origin: FamilyInput | undefined, source: SheetSource): FamilyInput['parts'] {
  const parts = new Map((origin?.parts ?? []).map((part) => [part.id, part]))
  const add = (id: string | undefined, kind: FamilyInput['parts'][number]['kind'], name: string) => {
    if (id !== undefined && !parts.has(id)) parts.set(id, { id, name, kind, source })
  }
  for (const size of family.sizes) add(size.plug, 'cavity-plug', `Cavity plug ${size.name}`)
  for (const housing of family.housings) {
    add(housing.lock, 'lock', `Lock of ${housing.name}`)
    add(housing.interfaceSeal, 'interface-seal', `Interface seal of ${housing.name}`)
  }
  return [...parts.values()]
}

/** A family of the shelf as a draft, with the placard rows that are for its contacts. */
export function draftFamily(family: FamilyInput, placards: readonly Placard[]): FamilyDraft {
  const contacts = family.contacts.filter(isInSheet)
  const ids = new Set(contacts.map((contact) => contact.id))
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
      contacts: contacts.map(fromContact),
      seals: family.seals.map(fromSeal),
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
  const parts = new Set([...draft.sheets.contacts, ...draft.sheets.seals].map((row) => row.id ?? ''))
  for (const housing of draft.housings)
    for (const part of [housing.id, housing.lock, housing.interfaceSeal]) parts.add(part)
  for (const size of draft.sheets.sizes) parts.add(size.plug ?? '')
  const renamed = (part: string | undefined) =>
    part === undefined || part === '' ? '' : parts.has(part) ? `${part}${mark}` : part
  return {
    ...draft,
    id,
    name,
    origin: undefined,
    sheets: {
      sizes: draft.sheets.sizes.map((row) => ({ ...row, plug: renamed(row.plug) })),
      contacts: draft.sheets.contacts.map((row) => ({ ...row, id: renamed(row.id) })),
      seals: draft.sheets.seals.map((row) => ({ ...row, id: renamed(row.id) })),
      placard: draft.sheets.placard.map(({ [ORIGIN]: _origin, ...row }) => ({ ...row, contact: renamed(row.contact) })),
    },
    housings: draft.housings.map((housing) => ({
      ...housing,
      id: renamed(housing.id),
      lock: renamed(housing.lock),
      interfaceSeal: renamed(housing.interfaceSeal),
      mates: housing.mates
        .split(/[\s,;]+/)
        .filter(Boolean)
        .map(renamed)
        .join(', '),
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
  // terminals are in no sheet: their rows stay
  const ids = new Set(family.contacts.filter(isInSheet).map((contact) => contact.id))
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

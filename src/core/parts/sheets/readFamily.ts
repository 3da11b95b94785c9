import { type ContactInput, type FamilyInput, type PlacardRow, isSleeve } from '../catalogue/types'
import { groupBy } from '../../base/collections'
import { fromContact, toContact } from './contactSheet'
import { type FamilyDraft, ORIGIN, type SheetName, sheetTables } from './familyDraft'
import { inOrderOf, isSameRow, isSameSource, keepContact, keepHousing } from './familyPatch'
import {
  fromPart,
  fromSeal,
  fromSize,
  fixingFigures,
  placardWindows,
  toPart,
  toPlacardRow,
  toPull,
  toSeal,
  toSize,
} from './familySheets'
import type { HousingSheet } from './housingSheets'
import type { HousingField, HousingProblem } from './housingFindings'
import { readHousing } from './readHousing'
import { bareAmongUnits } from './mixedUnits'
import { type SheetProblem, type SheetRow, isBlankRow, readSheetRow } from './sheet'
import type { SheetSource } from './sheetCells'
import { fromTerminal, toTerminal } from './terminalSheet'

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
  | {
      readonly at: 'housing-cell'
      readonly housing: number
      readonly sheet: HousingSheet
      readonly row: number
      readonly column: string
      readonly problem: SheetProblem
    }

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
  /** all that can be read of it by now: figures that are missing are left out, or stand at nought */
  readonly soFar: FamilyInput
  readonly rows: readonly ToolRow[]
}

type ReadRow = { readonly row: number } & ReturnType<typeof readSheetRow>
type ReadTables = Readonly<Record<SheetName, readonly ReadRow[]>>

/** Figures of a table that must not stand the wrong way round. */
const windows = [
  ['contacts', 'minMm2', 'maxMm2'],
  ['contacts', 'insulationMinMm', 'insulationMaxMm'],
  ['terminals', 'minMm2', 'maxMm2'],
  ['terminals', 'insulationMinMm', 'insulationMaxMm'],
  ['seals', 'minMm', 'maxMm'],
  ...placardWindows.map(([low, high]) => ['placard', low, high] as const),
  ['sizes', 'matMinMm', 'matMaxMm'],
  ['sizes', 'minMm2', 'maxMm2'],
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
  // a part number is one part's, in whichever table it stands
  for (const together of [['sizes'], ['contacts', 'terminals', 'seals', 'parts']] as const) {
    const seen = new Set<unknown>()
    for (const sheet of together)
      for (const { row, values } of tables[sheet]) {
        if (values.id !== undefined && seen.has(values.id)) cell(sheet, row, 'id', { kind: 'twice' })
        seen.add(values.id)
      }
  }
  const sizeIds = tables.sizes.flatMap(({ values }) => (typeof values.id === 'string' ? [values.id] : []))
  const contactIds = new Set([...tables.contacts, ...tables.terminals].map(({ values }) => values.id))
  for (const { row, values } of tables.contacts)
    if (typeof values.size === 'string' && !sizeIds.includes(values.size))
      cell('contacts', row, 'size', { kind: 'unknown', what: 'contact size', known: sizeIds })
  // what fixes something says what: its other figures would be lost without
  for (const { row, values } of tables.sizes)
    if (values.takes === undefined && fixingFigures.some((figure) => values[figure] !== undefined))
      cell('sizes', row, 'takes', { kind: 'missing' })
  for (const sheet of ['placard', 'pulls'] as const)
    for (const { row, values } of tables[sheet])
      if (values.contact !== undefined && !contactIds.has(values.contact))
        cell(sheet, row, 'contact', {
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
  const read = (sheet: SheetName): readonly ReadRow[] => {
    for (const bare of bareAmongUnits(sheetTables[sheet], draft.sheets[sheet]))
      faults.push({ at: 'sheet', sheet, ...bare })
    return draft.sheets[sheet].flatMap((row, i) => {
      if (isBlankRow(row)) return []
      const reading = readSheetRow(sheetTables[sheet], row)
      for (const [column, problem] of Object.entries(reading.problems))
        faults.push({ at: 'sheet', sheet, row: i, column, problem })
      return [{ row: i, ...reading }]
    })
  }
  const tables: ReadTables = {
    sizes: read('sizes'),
    contacts: read('contacts'),
    terminals: read('terminals'),
    pulls: read('pulls'),
    seals: read('seals'),
    parts: read('parts'),
    placard: read('placard'),
  }
  faults.push(...tableFaults(tables))
  const housings = draft.housings.flatMap((one, i) => {
    const { housing, problems, cells } = readHousing(one, source)
    for (const [field, problem] of Object.entries(problems))
      faults.push({ at: 'housing', housing: i, field: field as HousingField, problem })
    for (const cell of cells) faults.push({ at: 'housing-cell', housing: i, ...cell })
    const was = draft.origin?.housings.find((before) => before.id === housing?.id)
    return housing ? [keepHousing(housing, one, was)] : []
  })
  faults.push(...housingFaults(draft, housings, tables))
  const rows = tables.placard.map(({ row, values }): ToolRow => {
    const placard = draft.sheets.placard[row]?.[ORIGIN]
    return {
      tool: typeof values.tool === 'string' ? values.tool : '',
      ...(placard !== undefined && { placard }),
      row: toPlacardRow(values),
    }
  })
  const soFar = familyOf(draft, tables, housings, source)
  return faults.length > 0 ? { faults, soFar, rows } : { faults, family: soFar, soFar, rows }
}

/** What a housing says that its family contradicts: a number that is another's, a size that is not in the sheet of sizes. */
function housingFaults(
  draft: FamilyDraft,
  housings: FamilyInput['housings'],
  tables: ReadTables,
): readonly FamilyFault[] {
  const faults: FamilyFault[] = []
  const seen = new Set<string>()
  for (const [i, { id }] of draft.housings.entries()) {
    if (id.trim() !== '' && seen.has(id.trim()))
      faults.push({ at: 'housing', housing: i, field: 'id', problem: { kind: 'twice' } })
    seen.add(id.trim())
  }
  const known = tables.sizes.flatMap(({ values }) => (typeof values.id === 'string' ? [values.id] : []))
  for (const { id, cavitySize, otherSizes = {} } of housings) {
    const housing = draft.housings.findIndex((one) => one.id.trim() === id)
    const strange = [cavitySize, ...Object.keys(otherSizes)].find((size) => size !== undefined && !known.includes(size))
    if (strange === undefined || housing < 0) continue
    const row = draft.housings[housing]?.cavities.findIndex((one) => one.size?.trim() === strange) ?? -1
    faults.push(
      row < 0
        ? { at: 'housing', housing, field: 'size', problem: { kind: 'unknown-size', size: strange, known } }
        : {
            at: 'housing-cell',
            housing,
            sheet: 'cavities',
            row,
            column: 'size',
            problem: { kind: 'unknown', what: 'contact size', known },
          },
    )
  }
  return faults
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
  ): T[] => {
    const known = new Map(before.map((one) => [one.id, one]))
    return tables[sheet].map(({ row, values }) => {
      const was = typeof values.id === 'string' ? known.get(values.id) : undefined
      const said = draft.sheets[sheet][row]
      return was && said && isSameRow(sheetTables[sheet], said, texts(was)) ? was : made(values, was)
    })
  }
  const before = origin?.contacts ?? []
  const contacts = patch<ContactInput>(
    'contacts',
    before,
    (contact) => (isSleeve(contact) ? {} : fromContact(contact)),
    (values, was) => keepContact(toContact(values, source), was),
  )
  const terminals = patch<ContactInput>(
    'terminals',
    before,
    (contact) => (isSleeve(contact) ? fromTerminal(contact) : {}),
    (values, was) => keepContact(toTerminal(values, source), was),
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
    contacts: inOrderOf(before, withPulls([...contacts, ...terminals], tables.pulls)),
    seals: patch('seals', origin?.seals ?? [], fromSeal, (values, was) => ({
      ...toSeal(values, source),
      aliases: was?.aliases ?? [],
    })),
    parts: [],
    source: origin && isSameSource(origin.source, source) ? origin.source : source,
  }
  const parts = patch('parts', origin?.parts ?? [], fromPart, (values, was) => ({
    ...toPart(values, source),
    ...(was?.aliases && { aliases: was.aliases }),
  }))
  return { ...family, parts: partsOf(family, parts, source) }
}

/** Each contact with the pull minima that the sheet of pulls gives it. */
function withPulls(contacts: readonly ContactInput[], pulls: readonly ReadRow[]): readonly ContactInput[] {
  const of = groupBy(pulls, ({ values }) => values.contact)
  return contacts.map((contact) => {
    const pullMinima = (of.get(contact.id) ?? []).map(({ values }) => toPull(values))
    return JSON.stringify(pullMinima) === JSON.stringify(contact.pullMinima) ? contact : { ...contact, pullMinima }
  })
}

/** Small parts that sizes and housings name and no row does: by what they are for. */
function partsOf(
  family: FamilyInput,
  said: readonly FamilyInput['parts'][number][],
  source: SheetSource,
): FamilyInput['parts'] {
  const parts = new Map(said.map((part) => [part.id, part]))
  const add = (id: string | undefined, kind: FamilyInput['parts'][number]['kind'], name: string) => {
    if (id !== undefined && !parts.has(id)) parts.set(id, { id, name, kind, source })
  }
  for (const size of family.sizes) add(size.plug, 'cavity-plug', `Cavity plug ${size.name}`)
  for (const housing of family.housings) {
    add(housing.lock, 'lock', `Lock of ${housing.name}`)
    add(housing.interfaceSeal, 'interface-seal', `Interface seal of ${housing.name}`)
    for (const { part } of housing.parts ?? []) add(part, 'clip', `Part of ${housing.name}`)
  }
  return [...parts.values()]
}

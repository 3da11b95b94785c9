'use server'

import { shelfActionsWords as words } from '@/words/screens/shelf/shelfActions'
import { z } from 'zod'
import { type HousingMatch, identifyHousing } from '@/core/parts/identify/identifyHousing'
import { sealingWords } from '@/words/families'
import { heldWords } from '@/words/release'
import { lockWords } from '@/words/lock'
import { emptyPackage } from '@/core/parts/catalogue/packageLists'
import { type FamilyInput, type Placard, type WireType, isInCrib, isSleeve } from '@/core/parts/catalogue/types'
import { type CalliperFigure, type Difference, identify, tellApart } from '@/core/parts/identify/identify'
import { bandsOfBin, parseBand, readBands } from '@/core/parts/identify/bands'
import { placardsAfter } from '@/core/parts/sheets/draftFamily'
import type { ToolRow } from '@/core/parts/sheets/readFamily'
import { bench } from '@/data/bench'
import { done, refused, withRoom } from '@/data/outcome'
import { type ImportOutcome, loadCatalogue, readItem, readItems } from '@/data/repositories/catalogue'
import { countStock } from '@/data/repositories/stock'
import { parseCatalogue } from '@/formats/catalogueFile'
import { readStockTable } from '@/formats/stockTable'
import { fileFaultWords } from '@/threads/checkPackage'
import { writePackage } from './packages'
import type { Outcome } from '@/core/base/outcome'

/** Puts a family on the shelf, with its placard rows beside those of others. A family that is new must not take another's name. */
export async function saveFamily(input: {
  readonly family: FamilyInput
  readonly rows: readonly ToolRow[]
  readonly isNew: boolean
}): Promise<Outcome<ImportOutcome>> {
  const { db } = await bench()
  const [known, placards] = await Promise.all([
    readItem<FamilyInput>(db, 'family', input.family.id),
    readItems<Placard>(db, 'placard'),
  ])
  if (input.isNew && known) return refused(words.thereIsFamilyAlready(input.family.id))
  const parsed = parseCatalogue({
    ...emptyPackage,
    families: [input.family],
    placards: placardsAfter(placards, input.family, input.rows),
  })
  return parsed.ok ? writePackage(parsed.value) : refused(parsed.fault.slice(0, 3).map(fileFaultWords).join('; '))
}

/** Puts wire types on the rack, or changes those that are there. */
export async function saveWires(wireTypes: readonly WireType[]): Promise<Outcome<ImportOutcome>> {
  const parsed = parseCatalogue({ ...emptyPackage, wireTypes })
  return parsed.ok ? writePackage(parsed.value) : refused(parsed.fault.slice(0, 3).map(fileFaultWords).join('; '))
}

const countInput = z
  .array(
    z.strictObject({
      part: z.string().min(1).max(60),
      count: z.number().min(0).max(1e9),
      reorderLevel: z.number().min(0).max(1e9).optional(),
    }),
  )
  .min(1)
  .max(20_000)

/** Writes counts down as they were made. */
export async function saveCounts(counts: z.infer<typeof countInput>): Promise<Outcome> {
  const { db } = await bench()
  const read = countInput.parse(counts)
  return withRoom(async () => {
    await countStock(db, read, new Date())
    return done(undefined)
  })
}

/** The same from a table; nothing is written unless every line can be read. */
export async function importCounts(text: string): Promise<Outcome<number>> {
  const { db, catalogue: cache } = await bench()
  const { names } = await loadCatalogue(db, cache)
  const { lines, faults } = readStockTable(
    z.string().max(2_000_000).parse(text),
    (part) => names.get(part.toLowerCase())?.id === part,
  )
  const [fault] = faults
  if (fault)
    return refused(
      words.rowNothingWasWritten(
        fault.row,
        fault.column,
        fault.found === '' ? 'empty' : `“${fault.found}”`,
        {
          missing: words.mustBeFilledIn,
          'no-number': words.isNoNumber,
          'below-nought': words.isBelowNought,
          unknown: words.isNoPartOn,
          twice: words.standsTwice,
        }[fault.kind],
        faults.length > 1 ? words.andMore(faults.length - 1) : '',
      ),
    )
  if (lines.length === 0) return refused(words.nothingToCountTable)
  return withRoom(async () => {
    await countStock(db, lines, new Date())
    return done(lines.length)
  })
}

export interface IdentifiedContact {
  readonly id: string
  readonly name: string
  readonly family: string
  readonly bands: readonly { readonly name: string; readonly code: string }[]
  /** 0 to 1; 1 for a bin that is read */
  readonly likeness: number
  /** older numbers, and those of others */
  readonly aliases: readonly string[]
  readonly figures: readonly {
    readonly figure: CalliperFigure
    readonly measuredMm: number
    readonly sheetMm?: number
    readonly within: boolean
  }[]
}

/** A row of a tool's card, for a contact that was found. */
export interface IdentifiedSetting {
  readonly minMm2: number
  readonly maxMm2: number
  readonly tool: string
  readonly inCrib: boolean
  readonly set: readonly string[]
  readonly strip?: { readonly minMm: number; readonly maxMm: number }
}

export interface Identified {
  readonly found: readonly IdentifiedContact[]
  /** what tells the first few apart */
  readonly differences: readonly Difference[]
  /** how the likeliest is crimped, wire by wire */
  readonly settings: readonly IdentifiedSetting[]
  readonly readings: readonly { readonly bin: string; readonly from: 'given' | 'other-end'; readonly count: number }[]
}

const identifyInput = z.strictObject({
  bands: z.array(z.string().max(20)).max(6),
  measured: z.record(
    z.enum(['overallMm', 'barrelOuterMm', 'barrelBoreMm', 'matingMm', 'wingWidthMm']),
    z.number().positive().optional(),
  ),
})
const TOLD_APART = 4

/** Names a contact by its colour bands, or by what callipers find. */
export async function identifyContact(input: {
  readonly bands: readonly string[]
  readonly measured: Partial<Record<CalliperFigure, number>>
}): Promise<Identified> {
  const { bands, measured } = identifyInput.parse({
    bands: [...input.bands],
    measured: {
      overallMm: undefined,
      barrelOuterMm: undefined,
      barrelBoreMm: undefined,
      matingMm: undefined,
      wingWidthMm: undefined,
      ...input.measured,
    },
  })
  const { db, catalogue: cache } = await bench()
  const catalogue = await loadCatalogue(db, cache)
  const contacts = [...catalogue.contacts.values()]
  const named = (contact: (typeof contacts)[number]) => ({
    id: contact.id,
    name: contact.name,
    family: catalogue.families.get(contact.family)?.name ?? contact.family,
    bands:
      isSleeve(contact) || contact.bin === undefined
        ? []
        : bandsOfBin(contact.bin).map(({ name, code }) => ({ name, code })),
    aliases: contact.aliases,
  })
  const settingsOf = (contact: (typeof contacts)[number] | undefined): readonly IdentifiedSetting[] =>
    (contact ? (catalogue.rowsByContact.get(contact.id) ?? []) : []).map(({ row, tool }) => ({
      minMm2: row.conductor.minMm2,
      maxMm2: row.conductor.maxMm2,
      tool: tool.id,
      inCrib: isInCrib(tool),
      set: [row.die, row.positioner, row.selector, row.nest].flatMap((one) => (one === undefined ? [] : [String(one)])),
      ...(row.strip && { strip: row.strip }),
    }))
  if (bands.length > 0) {
    const readings = readBands(
      bands.flatMap((band) => parseBand(band) ?? []),
      contacts.filter((contact) => !isSleeve(contact)),
    )
    const found = readings.flatMap((reading) => reading.contacts)
    return {
      found: found.map((contact) => ({ ...named(contact), likeness: 1, figures: [] })),
      differences: tellApart(found.slice(0, TOLD_APART)),
      settings: settingsOf(found[0]),
      readings: readings.map(({ bin, from, contacts: some }) => ({ bin, from, count: some.length })),
    }
  }
  const candidates = identify(contacts, measured)
  return {
    found: candidates.map((one) => ({ ...named(one.contact), likeness: one.likeness, figures: one.figures })),
    differences: tellApart(candidates.slice(0, TOLD_APART).map((one) => one.contact)),
    settings: settingsOf(candidates[0]?.contact),
    readings: [],
  }
}

const connectorInput = z.strictObject({
  counts: z.array(z.number().int().min(0).max(999)).min(1).max(50),
  pitchMm: z.number().positive().optional(),
  mark: z.enum(['chamfer', 'notch', 'key', 'rib']).optional(),
  round: z.boolean().optional(),
})

export interface IdentifiedHousing extends Pick<HousingMatch, 'agrees' | 'contradicts' | 'pitchMm'> {
  readonly id: string
  readonly name: string
  /** how it holds, locks and seals, to be seen on the piece */
  readonly facts: string
}

/** More would not be looked at. */
const HOUSINGS_SHOWN = 8

/** Names a connector by what can be counted and measured on its face. A single count says nothing of rows. */
export async function identifyConnector(input: z.infer<typeof connectorInput>): Promise<readonly IdentifiedHousing[]> {
  const { counts, ...seen } = connectorInput.parse(input)
  const { db, catalogue: cache } = await bench()
  const catalogue = await loadCatalogue(db, cache)
  return identifyHousing(catalogue.housings.values(), catalogue.families, {
    counts,
    rowsKnown: counts.length > 1,
    ...seen,
  })
    .slice(0, HOUSINGS_SHOWN)
    .map(({ housing, family, agrees, contradicts, pitchMm }) => ({
      id: housing.id,
      name: housing.name,
      agrees,
      contradicts,
      pitchMm,
      facts: `${heldWords[family.release]}; ${lockWords[family.lock].name}. ${sealingWords[family.sealing]}`,
    }))
}

import { type ArrangementFault, type PlacedCavity, placeCavities } from '../../base/face/arrangement'
import type { HousingInput, SecondLock } from '../catalogue/types'
import { expandIds } from './expandIds'
import { securings } from '../catalogue/securings'
import type { HousingDraft, SecondLockDraft, SecuresDraft } from './housingDraft'
import {
  type Findings,
  type HousingCellFault,
  type HousingField,
  type HousingProblem,
  type ReadCells,
  readPositive,
} from './housingFindings'
import { type HousingSheet, housingColumns } from './housingSheets'
import { readCavities } from './readCavities'
import { bareAmongUnits } from './mixedUnits'
import { type CellValue, isBlankRow, readSheetRow } from './sheet'

export interface HousingReading {
  /** as far as it can be read: cavities are placed, so that the drawing can follow every key */
  readonly housing?: HousingInput
  readonly problems: Readonly<Partial<Record<HousingField, HousingProblem>>>
  readonly cells: readonly HousingCellFault[]
}

const ID = /^[^\s,;:"'<>]{1,60}$/
/** Room that a shell keeps round its outer cavities, where nobody has measured it, mm. */
const WALL_MM = 3.5

/** Readings of drafts that nobody has typed into since, with the source that they were read under. */
const readings = new WeakMap<HousingDraft, { readonly under: string; readonly reading: HousingReading }>()

/** The housing that a draft says, or what is wrong with each field and cell. A draft that is the same is not read again. */
export function readHousing(draft: HousingDraft, source: HousingInput['source']): HousingReading {
  const under = JSON.stringify(source)
  const known = readings.get(draft)
  if (known?.under === under) return known.reading
  const reading = readDraft(draft, source)
  readings.set(draft, { under, reading })
  return reading
}

function readDraft(draft: HousingDraft, source: HousingInput['source']): HousingReading {
  const found: Findings = { problems: {}, cells: [] }
  const { problems, cells } = found
  const table = (sheet: HousingSheet): readonly ReadCells[] => {
    for (const bare of bareAmongUnits(housingColumns(sheet, draft), draft[sheet])) cells.push({ sheet, ...bare })
    return draft[sheet].flatMap((said, row) => {
      if (isBlankRow(said)) return []
      const reading = readSheetRow(housingColumns(sheet, draft), said)
      for (const [column, problem] of Object.entries(reading.problems)) cells.push({ sheet, row, column, problem })
      return [{ row, values: reading.values }]
    })
  }
  const id = draft.id.trim()
  if (id === '') problems.id = { kind: 'missing' }
  else if (!ID.test(id)) problems.id = { kind: 'bad-id' }
  for (const field of ['keyings', 'mates', 'parts'] as const) {
    const bad = draft[field].find((one) => !ID.test(one) || (field === 'keyings' && one.length > 10))
    if (bad !== undefined) problems[field] = { kind: 'bad-list', found: bad }
  }
  const read = readCavities(draft, table('cavities'), found)
  if (!read) return { problems, cells }
  const { arrangement, ids } = read
  const placed = placeCavities(arrangement, ids)
  if (!placed.ok) {
    problems[fieldOf(placed.fault.kind)] = { kind: 'arrangement', fault: placed.fault }
    return { problems, cells }
  }
  const sizes = placed.value.map(read.sizeAt)
  const cavitySize = draft.size.trim() || sizes.find((one) => one !== undefined)
  if (cavitySize === undefined || (draft.size.trim() === '' && sizes.includes(undefined)))
    problems.size = { kind: 'missing' }
  const shell = shellSize(draft, placed.value, found)
  const keys = table('keys').map(({ values }) => keyOf(values))
  const otherSizes = readOtherSizes(placed.value, sizes, cavitySize, table('oddSizes'), found)
  const secures = readSecures(draft.secures, found)
  const secondLock = readSecondLock(draft.secondLock, found)
  const housing: HousingInput = {
    id,
    name: draft.name.trim() || id,
    aliases: [],
    role: draft.role,
    ...(draft.keyings.length > 0 && { keyings: [...draft.keyings] }),
    arrangement: arrangement as HousingInput['arrangement'],
    ids: ids as HousingInput['ids'],
    mark: { kind: draft.markKind, at: markAt(draft, shell, found) },
    outline: { shape: draft.shape, ...shell, cornerMm: cornerOf(draft) },
    ...(keys.length > 0 && { keys }),
    ...(cavitySize !== undefined && { cavitySize }),
    ...(Object.keys(otherSizes).length > 0 && { otherSizes }),
    ...(draft.lock.trim() !== '' && { lock: draft.lock.trim() }),
    ...(secondLock && { secondLock }),
    ...(draft.interfaceSeal.trim() !== '' && { interfaceSeal: draft.interfaceSeal.trim() }),
    ...(draft.parts.length > 0 && { parts: draft.parts.map((part) => ({ part, count: 1 })) }),
    ...(secures.length > 0 && { secures }),
    ...readJoined(draft.joined, placed.value, found),
    ...(draft.mates.length > 0 && { mates: [...draft.mates] }),
    source,
  }
  return { housing, problems, cells }
}

/** What its sheet asks of what makes the shell fast. */
function readSecures(draft: SecuresDraft, found: Findings): NonNullable<HousingInput['secures']> {
  return securings.flatMap((what) =>
    draft[what].trim() === '' ? [] : [{ what, asked: readPositive(draft[what], 'secures', found) }],
  )
}

/** Bars that join cavities inside: each has two or more, and a cavity lies on one bar. */
function readJoined(text: string, cavities: readonly PlacedCavity[], { problems }: Findings) {
  const known = new Set(cavities.map(({ id }) => id))
  const bars = text
    .split(';')
    .map((bar) => bar.split(/[\s,]+/).filter(Boolean))
    .filter((bar) => bar.length > 0)
  const all = bars.flat()
  const bad =
    all.find((id, i) => !known.has(id) || all.indexOf(id) !== i) ?? bars.find((bar) => bar.length < 2)?.join(' ')
  if (bad !== undefined) problems.joined = { kind: 'bad-list', found: bad }
  return bars.length > 0 ? { joined: bars } : {}
}

/** How large the shell is: as typed, or round the outer cavities. */
function shellSize(draft: HousingDraft, cavities: readonly PlacedCavity[], found: Findings) {
  const round = draft.shape === 'circle'
  const acrossX = cavities.map(({ xMm, yMm }) => (round ? Math.hypot(xMm, yMm) : Math.abs(xMm)))
  const widthMm = readPositive(draft.widthMm, 'widthMm', found, tenth(2 * Math.max(...acrossX) + 2 * WALL_MM))
  if (round) return { widthMm, heightMm: widthMm }
  const acrossY = cavities.map(({ yMm }) => Math.abs(yMm))
  const heightMm = readPositive(draft.heightMm, 'heightMm', found, tenth(2 * Math.max(...acrossY) + 2 * WALL_MM))
  return { widthMm, heightMm }
}

/** A shell that nobody measured is not known to a thousandth. */
const tenth = (mm: number) => Math.round(mm * 10) / 10

const cornerOf = ({ cornerMm }: HousingDraft) => {
  const corner = Number(cornerMm.replace(',', '.'))
  return Number.isFinite(corner) && corner >= 0 ? corner : 1
}

/** The mark of cavity 1: as typed, each of its places for itself, else at the top left. */
function markAt(
  { markXMm, markYMm }: HousingDraft,
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
  { problems }: Findings,
) {
  const read = (said: string, field: 'markXMm' | 'markYMm', fallback: number) => {
    const text = said.trim()
    const value = Number(text.replace(',', '.').replace('−', '-'))
    if (text !== '' && Number.isFinite(value)) return value
    if (text !== '') problems[field] = { kind: 'not-numbers' }
    return fallback
  }
  return { xMm: read(markXMm, 'markXMm', -widthMm / 2 + 1), yMm: read(markYMm, 'markYMm', heightMm / 2 - 2) }
}

/** Under which field a fault of the whole arrangement is shown. */
function fieldOf(fault: ArrangementFault['kind']): HousingField {
  return fault === 'no-letters' ? 'skip' : fault === 'ids-missing' ? 'ids' : 'order'
}

const num = (value: CellValue, otherwise: number) => (typeof value === 'number' ? value : otherwise)

function keyOf(values: ReadCells['values']): NonNullable<HousingInput['keys']>[number] {
  const keyings = Array.isArray(values.keyings) ? (values.keyings as readonly string[]) : []
  return {
    kind: values.kind === 'slot' ? 'slot' : 'key',
    at: { xMm: num(values.xMm, 0), yMm: num(values.yMm, 0) },
    widthMm: num(values.widthMm, 1),
    heightMm: num(values.heightMm, 1),
    ...(keyings.length > 0 && { keyings: [...keyings] }),
  }
}

/** Cavities of another size: whole rows that say so, and those that are named one by one. */
function readOtherSizes(
  cavities: readonly PlacedCavity[],
  /** what row or place of each cavity says */
  sizes: readonly (string | undefined)[],
  cavitySize: string | undefined,
  odd: readonly ReadCells[],
  { cells }: Findings,
): Readonly<Record<string, string[]>> {
  const others: Record<string, string[]> = {}
  const known = new Set(cavities.map((cavity) => cavity.id))
  const put = (size: string, id: string) => (others[size] ??= []).push(id)
  for (const [i, { id }] of cavities.entries()) {
    const size = sizes[i]
    if (size !== undefined && size !== cavitySize) put(size, id)
  }
  for (const { row, values } of odd) {
    if (typeof values.size !== 'string' || typeof values.cavities !== 'string') continue
    for (const id of expandIds(values.cavities)) {
      if (!known.has(id))
        cells.push({
          sheet: 'oddSizes',
          row,
          column: 'cavities',
          problem: { kind: 'unknown', what: `cavity ${id}`, known: [...known].slice(0, 8) },
        })
      put(values.size, id)
    }
  }
  return others
}

type LockFigure = 'partWayMm' | 'homeMm' | 'opensMm' | 'byTurnsMm'

/** What a sheet says of a lock; undefined where it says nothing. */
function readSecondLock(said: SecondLockDraft, found: Findings): SecondLock | undefined {
  const figure = (field: LockFigure) =>
    said[field].trim() === '' ? undefined : readPositive(said[field], field, found)
  const word = (field: Exclude<keyof SecondLock, LockFigure>) => said[field].trim() || undefined
  if (said.tool.trim() !== '' && !ID.test(said.tool.trim())) found.problems.tool = { kind: 'bad-id' }
  const lock = {
    kind: word('kind'),
    madeAs: word('madeAs'),
    access: word('access'),
    way: word('way'),
    leads: word('leads'),
    partWayMm: figure('partWayMm'),
    homeMm: figure('homeMm'),
    moves: word('moves'),
    whileInserting: word('whileInserting'),
    out: word('out'),
    tool: word('tool'),
    toolEnd: word('toolEnd'),
    opensMm: figure('opensMm'),
    opensFirst: word('opensFirst'),
    opensAt: word('opensAt'),
    byTurnsMm: figure('byTurnsMm'),
    tears: word('tears'),
  }
  const known = Object.entries(lock).filter(([, value]) => value !== undefined)
  // its choices come from lists; the catalogue's schema holds them to it
  return known.length > 0 ? (Object.fromEntries(known) as SecondLock) : undefined
}

import { type Arrangement, type PlacedCavity, placeCavities } from '../../base/face/arrangement'
import type { IdStyle } from '../../base/face/numbering'
import { expandIds } from './expandIds'
import type { HousingDraft } from './housingDraft'
import { type Findings, type ReadCells, readPositive } from './housingFindings'
import type { SheetProblem } from './sheet'

interface CavitiesRead {
  readonly arrangement: Arrangement
  readonly ids: IdStyle
  /** the contact size that the row or the place of a cavity says; undefined is that of the housing */
  readonly sizeAt: (cavity: PlacedCavity) => string | undefined
}

const number = ({ values }: ReadCells, column: string) => {
  const value = values[column]
  return typeof value === 'number' ? value : undefined
}
const word = ({ values }: ReadCells, column: string) => {
  const value = values[column]
  return typeof value === 'string' ? value : undefined
}

/** Where the cavities of a draft are and how they are numbered; undefined while that cannot be said. */
export function readCavities(
  draft: HousingDraft,
  rows: readonly ReadCells[],
  found: Findings,
): CavitiesRead | undefined {
  if (rows.length === 0) {
    found.problems.cavities = { kind: 'missing' }
    return undefined
  }
  const arrangement =
    draft.arrangement === 'free'
      ? freePlaces(rows)
      : draft.arrangement === 'rings'
        ? rings(draft, rows, found)
        : inRows(draft, rows, found)
  const ids = arrangement && readIds(draft, arrangement, rows, found)
  if (!arrangement || !ids) return undefined
  const sizes = new Map(
    rows.map((row, i) => [
      draft.arrangement === 'free' ? placeKey(number(row, 'xMm'), number(row, 'yMm')) : String(i),
      word(row, 'size'),
    ]),
  )
  const sizeAt = ({ row, xMm, yMm }: PlacedCavity) =>
    sizes.get(draft.arrangement === 'free' ? placeKey(xMm, yMm) : String(row))
  return { arrangement, ids, sizeAt }
}

const placeKey = (xMm = 0, yMm = 0) => `${String(xMm)} ${String(yMm)}`

const cellFault = (found: Findings, row: number, column: string, problem: SheetProblem) =>
  found.cells.push({ sheet: 'cavities', row, column, problem })

const counts = (rows: readonly ReadCells[]) => {
  const said = rows.map((row) => number(row, 'ways'))
  return said.every((one) => one !== undefined) ? said : undefined
}

/** Rows of one pitch at even distances are an arrangement in rows; any others are places of their own, in rows all the same. */
function inRows(draft: HousingDraft, rows: readonly ReadCells[], found: Findings): Arrangement | undefined {
  const rowCounts = counts(rows)
  if (!rowCounts) return undefined
  const pitches = pitchesOf(rows, rowCounts, found)
  const heights = rows.map((row) => number(row, 'fromMiddleMm'))
  const evenly = heights.every((one) => one === undefined)
  for (const [i, one] of heights.entries())
    if (one === undefined && !evenly) cellFault(found, rows[i]?.row ?? i, 'fromMiddleMm', { kind: 'missing' })
  // a single row has no pitch to the next: what is written there is kept, and nothing is asked
  const said = Number(draft.rowPitchMm.replace(',', '.'))
  const rowPitchMm =
    evenly && rows.length > 1 ? readPositive(draft.rowPitchMm, 'rowPitchMm', found) : said > 0 ? said : 4
  const firsts = rows.map((row) => number(row, 'firstXMm'))
  const [pitchMm = rowPitchMm] = pitches.filter((_pitch, i) => (rowCounts[i] ?? 0) > 1)
  const firstX = (i: number, pitch: number) => firsts[i] ?? -(((rowCounts[i] ?? 1) - 1) / 2) * pitch
  if (evenly && pitches.every((one, i) => one === pitchMm || rowCounts[i] === 1))
    return {
      kind: 'rows',
      rowCounts,
      pitchMm,
      rowPitchMm,
      ...(firsts.some((one) => one !== undefined) && { rowOffsetsMm: rowCounts.map((_n, i) => firstX(i, pitchMm)) }),
    }
  const positions = rowCounts.flatMap((count, row) => {
    const pitch = pitches[row] ?? pitchMm
    const yMm = heights[row] ?? ((rowCounts.length - 1) / 2 - row) * rowPitchMm
    return Array.from({ length: count }, (_, i) => ({ xMm: tidy(firstX(row, pitch) + i * pitch), yMm, row }))
  })
  return { kind: 'free', positions }
}

/** A sum of hundredths is a hundredth. */
const tidy = (mm: number) => Math.round(mm * 1e6) / 1e6 + 0

/** The pitch of each row: its own, or that of the row above it. */
function pitchesOf(rows: readonly ReadCells[], rowCounts: readonly number[], found: Findings): readonly number[] {
  let above: number | undefined
  return rows.map((row, i) => {
    const own = number(row, 'pitchMm')
    above = own ?? above
    const unread = found.cells.some(
      (one) => one.sheet === 'cavities' && one.row === row.row && one.column === 'pitchMm',
    )
    if (above === undefined && !unread && (rowCounts[i] ?? 1) > 1)
      cellFault(found, row.row, 'pitchMm', { kind: 'missing' })
    return above ?? 1
  })
}

function rings(draft: HousingDraft, rows: readonly ReadCells[], found: Findings): Arrangement | undefined {
  const ringCounts = counts(rows)
  const radii = rows.map((row) => number(row, 'radiusMm'))
  if (!ringCounts || !radii.every((one) => one !== undefined)) return undefined
  const startDeg = Number(draft.startDeg.replace(',', '.'))
  if (!Number.isFinite(startDeg)) found.problems.startDeg = { kind: 'not-numbers' }
  return {
    kind: 'rings',
    ringCounts,
    ringRadiiMm: radii,
    startDeg: Number.isFinite(startDeg) ? startDeg : 90,
    clockwise: draft.clockwise,
  }
}

function freePlaces(rows: readonly ReadCells[]): Arrangement | undefined {
  const positions = rows.flatMap((one) => {
    const [xMm, yMm] = [number(one, 'xMm'), number(one, 'yMm')]
    return xMm === undefined || yMm === undefined ? [] : [{ xMm, yMm, row: number(one, 'row') ?? 0 }]
  })
  return positions.length === rows.length ? { kind: 'free', positions } : undefined
}

function readIds(
  draft: HousingDraft,
  arrangement: Arrangement,
  rows: readonly ReadCells[],
  found: Findings,
): IdStyle | undefined {
  switch (draft.ids) {
    case 'letters': {
      const skip = [...new Set(draft.skip.toUpperCase().replace(/[^A-Z]/g, ''))]
      return { kind: 'letters', skip, order: draft.order }
    }
    case 'numbers': {
      const start = draft.first.trim() === '' ? 1 : Number(draft.first)
      const good = Number.isInteger(start) && start >= 0
      if (!good) found.problems.first = { kind: 'not-counts' }
      return { kind: 'numbers', start: good ? start : 1, order: draft.order }
    }
    case 'list': {
      const list = listedIds(draft, arrangement, rows, found)
      return list && { kind: 'list', list: [...list], order: draft.order }
    }
  }
}

/** Printed ids, said row by row as they stand, in the order in which they are counted. */
function listedIds(
  draft: HousingDraft,
  arrangement: Arrangement,
  rows: readonly ReadCells[],
  found: Findings,
): readonly string[] | undefined {
  const counted = placeCavities(arrangement, { kind: 'numbers', start: 1, order: draft.order })
  // an order that is not for this arrangement is named where it is chosen
  if (!counted.ok) return ['?']
  const isFree = draft.arrangement === 'free'
  const column = isFree ? 'id' : 'ids'
  const seen = new Set<string>()
  const before = found.cells.length
  const ofRow = rows.map((row) => {
    const text = word(row, column) ?? ''
    const ids = isFree ? [text].filter(Boolean) : expandIds(text)
    const wanted = isFree ? 1 : (number(row, 'ways') ?? 0)
    const twice = ids.find((id) => seen.has(id))
    for (const id of ids) seen.add(id)
    const long = ids.find((id) => id.length > 6)
    if (text === '') cellFault(found, row.row, column, { kind: 'missing' })
    else if (ids.length !== wanted)
      cellFault(found, row.row, column, { kind: 'not-as-many', wanted, found: ids.length })
    else if (twice !== undefined) cellFault(found, row.row, column, { kind: 'twice' })
    else if (long !== undefined) cellFault(found, row.row, column, { kind: 'too-long', limit: 6 })
    return ids
  })
  if (found.cells.length > before) return undefined
  const stands = isFree ? inPlaceOrder(arrangement, ofRow.flat()) : ofRow.flat()
  const list: string[] = []
  for (const [i, { id }] of counted.value.entries()) list[Number(id) - 1] = stands[i] ?? ''
  return list
}

/** Ids of free places, in the order of their rows and from left to right. */
function inPlaceOrder(arrangement: Arrangement, ids: readonly string[]): readonly string[] {
  if (arrangement.kind !== 'free') return ids
  return arrangement.positions
    .map((one, i) => ({ ...one, id: ids[i] ?? '' }))
    .sort((a, b) => a.row - b.row || a.xMm - b.xMm)
    .map(({ id }) => id)
}

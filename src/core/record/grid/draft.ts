import { type Plan, type PlanChange, type Wire, planIndex, sideOf } from '../plan/plan'
import {
  type GridColumnId,
  type GridProblem,
  type GridText,
  emptyText,
  gridColumnIds,
  gridColumns,
  wireText,
} from './columns'
import type { GridNames } from './gridNames'
import { remembered } from '../../base/remembered'
import { type CellRow, countOn } from '../../base/cells/cells'

/** A wire of the grid as it is written, right or wrong. */
export interface GridRow extends CellRow<GridColumnId> {
  readonly text: GridText
  /** the wire of the plan that it came from: what no column shows stays with it */
  readonly origin?: Wire
}

const rowsOfWires = remembered((wires: Plan['wires']): readonly GridRow[] =>
  wires.map((wire) => ({ key: wire.id, text: wireText(wire), origin: wire })),
)

/** The rows of a plan as it is; the same rows for the same plan. */
export const rowsOf = (plan: Pick<Plan, 'wires'>): readonly GridRow[] => rowsOfWires(plan.wires)

export type RowProblems = Readonly<Partial<Record<GridColumnId, GridProblem>>>

export interface RowReading {
  /** the wire that the row says; undefined while a cell cannot be read */
  readonly wire?: Wire
  readonly problems: RowProblems
}

const readings = new WeakMap<GridNames, WeakMap<GridRow, RowReading>>()

/** Reads a row by itself; a row that has been read before under the same names is not read again. */
export function readRow(row: GridRow, names: GridNames): RowReading {
  let known = readings.get(names)
  if (!known) readings.set(names, (known = new WeakMap()))
  const before = known.get(row)
  if (before) return before
  const reading = readAnew(row, names)
  known.set(row, reading)
  return reading
}

function readAnew({ text, origin }: GridRow, names: GridNames): RowReading {
  const problems: Partial<Record<GridColumnId, GridProblem>> = {}
  let wire: Partial<Wire> =
    origin?.insulationMm !== undefined && origin.type === text.type ? { insulationMm: origin.insulationMm } : {}
  for (const column of gridColumnIds) {
    const read = gridColumns[column].read(text[column].trim(), names)
    if (read.ok) wire = { ...wire, ...read.value }
    else problems[column] = read.fault
  }
  if (Object.keys(problems).length > 0) return { problems }
  const whole = wire as Wire
  if (whole.from.kind === 'open' && whole.to.kind === 'open') return { problems: { from: { kind: 'open-both-sides' } } }
  return { wire: whole, problems }
}

/** The whole draft as read: every row by itself, then against the others. */
export interface DraftReading {
  readonly byKey: ReadonlyMap<string, RowReading>
  /** rows with at least one problem */
  readonly faulty: number
}

const sides = [
  ['from', 'a'],
  ['to', 'b'],
] as const

/** Reads every row, then what no row can know of itself: ids once only, one wire to a cavity, contacts that are shared. */
export function readDraft(rows: readonly GridRow[], names: GridNames): DraftReading {
  const byId = new Map<string, number>()
  const inCavity = new Map<string, string>()
  const shared = new Map<string, number>()
  const splices = new Map<string, number>()
  const places = new Map<string, Wire>()
  for (const row of rows) {
    const { wire } = readRow(row, names)
    const id = row.text.id.trim()
    byId.set(id, (byId.get(id) ?? 0) + 1)
    if (!wire) continue
    places.set(wire.id, wire)
    for (const at of [wire.from, wire.to]) {
      if (at.kind === 'cavity' && !inCavity.has(`${at.end}.${at.cavity}`))
        inCavity.set(`${at.end}.${at.cavity}`, row.key)
      if (at.kind === 'with') shared.set(`${at.wire}${at.side}`, (shared.get(`${at.wire}${at.side}`) ?? 0) + 1)
      if (at.kind === 'splice') splices.set(at.splice, (splices.get(at.splice) ?? 0) + 1)
    }
  }
  const idOf = new Map(rows.map((row) => [row.key, row.text.id.trim()]))
  const byKey = new Map<string, RowReading>()
  let faulty = 0
  for (const row of rows) {
    const reading = readRow(row, names)
    const problems: Partial<Record<GridColumnId, GridProblem>> = { ...reading.problems }
    const { wire } = reading
    if (row.text.id.trim() !== '' && (byId.get(row.text.id.trim()) ?? 0) > 1) problems.id ??= { kind: 'wire-twice' }
    if (wire) {
      const seen = new Set<string>()
      for (const [column] of sides) {
        const problem = placeProblem(wire, wire[column], row.key, {
          inCavity,
          idOf,
          shared,
          splices,
          places,
          names,
          seen,
        })
        if (problem) problems[column] ??= problem
      }
    }
    const bad = Object.keys(problems).length > 0
    if (bad) faulty++
    byKey.set(row.key, bad ? { problems } : reading)
  }
  return { byKey, faulty }
}

interface Others {
  readonly inCavity: ReadonlyMap<string, string>
  readonly idOf: ReadonlyMap<string, string>
  readonly shared: ReadonlyMap<string, number>
  readonly splices: ReadonlyMap<string, number>
  readonly places: ReadonlyMap<string, Wire>
  readonly names: GridNames
  /** cavities of the same row */
  readonly seen: Set<string>
}

function placeProblem(
  wire: Wire,
  at: Wire['from'],
  key: string,
  { inCavity, idOf, shared, splices, places, names, seen }: Others,
): GridProblem | undefined {
  switch (at.kind) {
    case 'cavity': {
      const place = `${at.end}.${at.cavity}`
      const first = inCavity.get(place)
      const twice = seen.has(place)
      seen.add(place)
      return (first !== undefined && first !== key) || twice
        ? { kind: 'cavity-taken', by: idOf.get(first ?? key) ?? '', sealed: names.ends.get(at.end)?.sealed ?? true }
        : undefined
    }
    case 'splice':
      return (splices.get(at.splice) ?? 0) < 2 ? { kind: 'splice-alone', splice: at.splice } : undefined
    case 'with': {
      const label = `${at.wire}${at.side}`
      const main = at.wire === wire.id ? undefined : places.get(at.wire)
      const place = main && sideOf(main, at.side)
      if (!place || place.kind === 'with' || place.kind === 'open' || place.kind === 'splice')
        return { kind: 'shares-nothing', with: label }
      if (place.kind === 'cavity' && names.ends.get(place.end)?.sealed) return { kind: 'sealed-takes-one', with: label }
      return (shared.get(label) ?? 0) > 1 ? { kind: 'shared-twice', with: label } : undefined
    }
    case 'terminal':
    case 'open':
      return undefined
  }
}

/** What is to be written so that the plan is what the draft says. Rows that cannot be read keep their wire as it was. */
export function draftChange(plan: Plan, rows: readonly GridRow[], reading: DraftReading): PlanChange {
  const { wires } = planIndex(plan)
  const kept = new Set<string>()
  const putWires: Wire[] = []
  for (const row of rows) {
    const wire = reading.byKey.get(row.key)?.wire
    if (!wire) {
      if (row.origin) kept.add(row.origin.id)
      continue
    }
    kept.add(wire.id)
    const before = wires.get(wire.id)
    if (before && before === row.origin && !isEdited(row)) continue
    if (!before || !sameWire(before, wire)) putWires.push(wire)
  }
  const removeWires = plan.wires.filter((wire) => !kept.has(wire.id)).map((wire) => wire.id)
  return { ...(putWires.length > 0 && { putWires }), ...(removeWires.length > 0 && { removeWires }) }
}

const sameWire = (a: Wire, b: Wire) =>
  JSON.stringify(Object.entries(a).sort()) === JSON.stringify(Object.entries(b).sort())

export const isEmptyChange = (change: PlanChange): boolean =>
  (change.putWires?.length ?? 0) +
    (change.removeWires?.length ?? 0) +
    (change.putEnds?.length ?? 0) +
    (change.removeEnds?.length ?? 0) ===
    0 && !change.meta

/** Cavities of an end that no wire of the draft is in. */
export function freeCavities(rows: readonly GridRow[], names: GridNames, end: string): readonly string[] {
  const taken = new Set<string>()
  for (const row of rows) {
    const { wire } = readRow(row, names)
    for (const at of wire ? [wire.from, wire.to] : []) if (at.kind === 'cavity' && at.end === end) taken.add(at.cavity)
  }
  return (names.ends.get(end)?.cavities ?? []).filter((cavity) => !taken.has(cavity))
}

/** Base colours in the order of the figures they stand for, then the two that are none. */
const colourOrder = ['BK', 'BN', 'RD', 'OG', 'YE', 'GN', 'BU', 'VT', 'GY', 'WH', 'PK', 'TQ'] as const

/** A colour that no wire at this end has yet: plain ones first, then white with a stripe and so on. */
export function freeColour(rows: readonly GridRow[], names: GridNames, end: string): string | undefined {
  const used = new Set<string>()
  for (const row of rows) {
    const { wire } = readRow(row, names)
    if (wire && [wire.from, wire.to].some((at) => at.kind === 'cavity' && at.end === end)) used.add(wire.colour)
  }
  const striped = ['WH', 'BK', 'RD', 'YE', 'GN', 'BU'].flatMap((base) =>
    colourOrder
      .filter((stripe) => stripe !== base && !(base === 'GN' && stripe === 'YE'))
      .map((stripe) => `${base}/${stripe}`),
  )
  return [...colourOrder, ...striped].find((colour) => !used.has(colour))
}

/** The id after the highest one of its kind: W14 is followed by W15, with the same leading noughts. */
export function nextId(rows: readonly GridRow[]): string {
  let best: { readonly stem: string; readonly count: number; readonly width: number } | undefined
  for (const { text } of rows) {
    const match = /^(.*?)(\d+)$/.exec(text.id.trim())
    const count = Number(match?.[2])
    if (match && count < 1e9 && (!best || count > best.count))
      best = { stem: match[1] ?? '', count, width: match[2]?.length ?? 1 }
  }
  return best ? countOn(`${best.stem}${String(best.count).padStart(best.width, '0')}`, 1) : 'W01'
}

export const newRow = (key: string, text: Partial<GridText> = {}): GridRow => ({ key, text: { ...emptyText, ...text } })

/**
 * The draft over a plan that has changed meanwhile: rows that nobody touched follow the plan, edited ones keep what was
 * typed, wires that came are added, and ones that went are gone unless somebody had edited them. A new row whose wire has come
 * is that wire's from now on.
 */
export function rebase(rows: readonly GridRow[], plan: Pick<Plan, 'wires'>): readonly GridRow[] {
  const wires = new Map(plan.wires.map((wire) => [wire.id, wire]))
  const there = new Set<string>()
  const claimed = new Set(rows.flatMap((row) => row.origin?.id ?? []))
  const kept = rows.flatMap((row): GridRow[] => {
    if (!row.origin) {
      const came = wires.get(row.text.id.trim())
      if (!came || claimed.has(came.id) || there.has(came.id)) return [row]
      there.add(came.id)
      return [{ ...row, origin: came }]
    }
    const now = wires.get(row.origin.id)
    if (now) there.add(now.id)
    if (now === row.origin) return [row]
    const touched = !sameText(row.text, wireText(row.origin))
    if (!touched) return now ? [{ key: row.key, text: wireText(now), origin: now }] : []
    return [now ? { ...row, origin: now } : { key: row.key, text: row.text }]
  })
  const keys = new Set(kept.map((row) => row.key))
  return [
    ...kept,
    ...plan.wires
      .filter((wire) => !there.has(wire.id) && !claimed.has(wire.id))
      .map((wire) => ({ key: keys.has(wire.id) ? `${wire.id}~` : wire.id, text: wireText(wire), origin: wire })),
  ]
}

const sameText = (a: GridText, b: GridText) => gridColumnIds.every((id) => a[id] === b[id])

/** Has this row been edited since it came from the plan? */
export function isEdited(row: GridRow): boolean {
  const known = edited.get(row)
  if (known !== undefined) return known
  const differs = !row.origin || !sameText(row.text, wireText(row.origin))
  edited.set(row, differs)
  return differs
}
// a row is never changed in place, and every key asks this of all of them
const edited = new WeakMap<GridRow, boolean>()

import { parseQuantity, type Dimension, type Plausible, type QuantityFault } from '../../base/units/parseQuantity'
import { plausible } from '../../base/units/plausible'
import { formatColour, parseColour } from '../../base/wire/colour'
import { type Result, fail, ok } from '../../base/result'
import type { Wire, WireSide } from '../plan/plan'
import { writePlace } from '../plan/writePlace'
import { type GridNames, typesOfSize } from './gridNames'

/** Why a cell, or a row as a whole, cannot be taken. The words stand elsewhere. */
export type GridProblem =
  | { readonly kind: 'missing' }
  | { readonly kind: 'bad-id' }
  | { readonly kind: 'unknown-type'; readonly known: readonly string[] }
  | { readonly kind: 'several-types'; readonly known: readonly string[] }
  | { readonly kind: 'bad-colour' }
  | { readonly kind: 'bad-place'; readonly ends: readonly string[] }
  | { readonly kind: 'unknown-end'; readonly ends: readonly string[] }
  | {
      readonly kind: 'unknown-cavity'
      readonly end: string
      readonly housing: string
      readonly known: readonly string[]
    }
  | { readonly kind: 'quantity'; readonly dimension: Dimension; readonly fault: QuantityFault }
  | { readonly kind: 'too-long'; readonly limit: number }
  | { readonly kind: 'bad-group' }
  | { readonly kind: 'wire-twice' }
  | { readonly kind: 'cavity-taken'; readonly by: string; readonly sealed: boolean }
  | { readonly kind: 'open-both-sides' }
  | { readonly kind: 'shares-nothing'; readonly with: string }
  | { readonly kind: 'shared-twice'; readonly with: string }
  | { readonly kind: 'sealed-takes-one'; readonly with: string }
  | { readonly kind: 'splice-alone'; readonly splice: string }

export type GridColumnId = 'id' | 'type' | 'colour' | 'from' | 'to' | 'length' | 'signal' | 'current' | 'group' | 'note'
export type GridText = Readonly<Record<GridColumnId, string>>

/** One column of the pinout grid: how a wire's part is written in a cell, and how a cell is read. */
export interface GridColumn {
  readonly id: GridColumnId
  readonly heading: string
  readonly write: (wire: Wire) => string
  /** gives the part of the wire that this cell says; nothing for an empty cell that may be empty */
  readonly read: (said: string, names: GridNames) => Result<Partial<Wire>, GridProblem>
}

const ID = /^[^\s,;:"'<>/]{1,40}$/
const SUGGESTIONS = 8
const LENGTH_LIMIT_MM = 100_000

const missing = fail<GridProblem>({ kind: 'missing' })

function readType(said: string, names: GridNames): Result<Partial<Wire>, GridProblem> {
  if (said === '') return missing
  const named = names.wireTypes.get(said.toLowerCase())
  if (named !== undefined) return ok({ type: named })
  const size = parseQuantity(said, 'area')
  const sized = size.ok ? typesOfSize(names.wireAreasMm2, size.value) : []
  const [only] = sized
  if (only !== undefined && sized.length === 1) return ok({ type: only })
  return fail(
    sized.length > 1
      ? { kind: 'several-types', known: sized }
      : { kind: 'unknown-type', known: [...names.wireAreasMm2.keys()].slice(0, SUGGESTIONS) },
  )
}

function readFigure(said: string, dimension: Dimension, range: Plausible): Result<number, GridProblem> {
  const read = parseQuantity(said, dimension, { plausible: range })
  return read.ok ? ok(Math.round(read.value * 1000) / 1000) : fail({ kind: 'quantity', dimension, fault: read.fault })
}

/** A side that is in no cavity, as people write it: `RG-1-4`, `splice S1`, `with W03a`, `open`; undefined for anything else. */
export function readLoosePlace(
  said: string,
  terminals: { readonly get: (name: string) => string | undefined },
): Result<WireSide, GridProblem> | undefined {
  const text = said.trim()
  if (text === '' || text === '–' || text.toLowerCase() === 'open') return ok({ kind: 'open' })
  const terminal = terminals.get(text.toLowerCase())
  if (terminal !== undefined) return ok({ kind: 'terminal', part: terminal })
  const splice = /^splice\s+(\S+)$/i.exec(text)
  if (splice?.[1] !== undefined)
    return ID.test(splice[1]) ? ok({ kind: 'splice', splice: splice[1] }) : fail({ kind: 'bad-id' })
  const shared = /^with\s+(\S+?)\s*([ab])$/i.exec(text)
  if (shared?.[1] !== undefined)
    return ok({ kind: 'with', wire: shared[1], side: shared[2]?.toLowerCase() === 'b' ? 'b' : 'a' })
  return undefined
}

/** Where a side ends, as people write it: `A.1`, `A 1`, or a place outside a cavity. */
export const readPlace = (said: string, names: GridNames): Result<WireSide, GridProblem> =>
  readLoosePlace(said, names.terminals) ?? readCavity(said.trim(), names)

function readCavity(text: string, names: GridNames): Result<WireSide, GridProblem> {
  const ends = [...names.ends.keys()]
  const match = /^(.+?)\s*[.\s:]\s*([^\s.:]+)$/.exec(text)
  const said = match?.[1]?.toLowerCase()
  const end = ends.find((id) => id.toLowerCase() === said)
  if (!match) return fail({ kind: 'bad-place', ends })
  const known = end === undefined ? undefined : names.ends.get(end)
  if (!known) return fail({ kind: 'unknown-end', ends })
  const cavity = known.cavities.find((id) => id.toLowerCase() === match[2]?.toLowerCase())
  return cavity === undefined
    ? fail({ kind: 'unknown-cavity', end: known.id, housing: known.housing, known: known.cavities })
    : ok({ kind: 'cavity', end: known.id, cavity })
}

const limited = (said: string, limit: number): Result<string, GridProblem> =>
  said.length > limit ? fail({ kind: 'too-long', limit }) : ok(said)

/** `twist 1`, `screen A`, `cable 2` or `flat 3`; an empty cell is no group. */
export function readGroup(said: string): Result<Pick<Wire, 'group'>, GridProblem> {
  if (said === '') return ok({})
  const match = /^(twist|screen|cable|flat)\s+(\S.{0,19})$/i.exec(said)
  return match
    ? ok({ group: { kind: match[1]?.toLowerCase() as 'twist', name: (match[2] ?? '').trim() } })
    : fail({ kind: 'bad-group' })
}

const columnTable = {
  id: {
    id: 'id',
    heading: 'wire',
    write: (wire) => wire.id,
    read: (said) => (said === '' ? missing : ID.test(said) ? ok({ id: said }) : fail({ kind: 'bad-id' })),
  },
  type: { id: 'type', heading: 'type', write: (wire) => wire.type, read: readType },
  colour: {
    id: 'colour',
    heading: 'colour',
    write: (wire) => wire.colour,
    read: (said) => {
      if (said === '') return missing
      const colour = parseColour(said)
      return colour ? ok({ colour: formatColour(colour) }) : fail({ kind: 'bad-colour' })
    },
  },
  from: {
    id: 'from',
    heading: 'from',
    write: (wire) => writePlace(wire.from),
    read: (said, names) => {
      const place = readPlace(said, names)
      return place.ok ? ok({ from: place.value }) : place
    },
  },
  to: {
    id: 'to',
    heading: 'to',
    write: (wire) => writePlace(wire.to),
    read: (said, names) => {
      const place = readPlace(said, names)
      return place.ok ? ok({ to: place.value }) : place
    },
  },
  length: {
    id: 'length',
    heading: 'length mm',
    write: (wire) => String(wire.lengthMm),
    read: (said) => {
      if (said === '') return missing
      const read = readFigure(said, 'length', plausible.wireLengthMm)
      if (!read.ok) return read
      return read.value > LENGTH_LIMIT_MM
        ? fail({ kind: 'too-long', limit: LENGTH_LIMIT_MM })
        : ok({ lengthMm: read.value })
    },
  },
  signal: {
    id: 'signal',
    heading: 'signal',
    write: (wire) => wire.signal ?? '',
    read: (said) => {
      const read = limited(said, 60)
      return read.ok ? ok(said === '' ? {} : { signal: said }) : read
    },
  },
  current: {
    id: 'current',
    heading: 'load A',
    write: (wire) => (wire.currentA === undefined ? '' : String(wire.currentA)),
    read: (said) => {
      if (said === '') return ok({})
      const read = readFigure(said, 'current', plausible.currentA)
      return read.ok ? ok({ currentA: read.value }) : read
    },
  },
  group: {
    id: 'group',
    heading: 'group',
    write: (wire) => (wire.group ? `${wire.group.kind} ${wire.group.name}` : ''),
    read: readGroup,
  },
  note: {
    id: 'note',
    heading: 'note',
    write: (wire) => wire.note ?? '',
    read: (said) => {
      const read = limited(said, 200)
      return read.ok ? ok(said === '' ? {} : { note: said }) : read
    },
  },
} as const satisfies Readonly<Record<GridColumnId, GridColumn>>

export const gridColumns: Readonly<Record<GridColumnId, GridColumn>> = columnTable
export const gridColumnIds = Object.keys(columnTable) as readonly GridColumnId[]

export const wireText = (wire: Wire): GridText =>
  Object.fromEntries(gridColumnIds.map((id) => [id, gridColumns[id].write(wire)])) as GridText
export const emptyText = Object.fromEntries(gridColumnIds.map((id) => [id, ''])) as GridText

/** A cell as it will be read: `1.2 m` becomes 1200, `gn/wh` becomes GN/WH. What cannot be read stays as it was typed. */
export function tidyCell(column: GridColumnId, said: string, names: GridNames): string {
  const text = said.trim()
  const read = gridColumns[column].read(text, names)
  return read.ok ? gridColumns[column].write({ ...emptyWire, ...read.value }) : text
}

const emptyWire: Wire = { id: '', type: '', colour: '', from: { kind: 'open' }, to: { kind: 'open' }, lengthMm: 0 }

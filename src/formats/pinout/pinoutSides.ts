import { isSleeve } from '@/core/parts/catalogue/types'
import type { Catalogue } from '@/core/parts/catalogue/catalogue'
import { readLoosePlace, type GridProblem } from '@/core/record/grid/columns'
import type { WireSide } from '@/core/record/plan/plan'
import type { Result } from '@/core/base/result'
import type { ColumnId } from '../../core/record/grid/pinoutColumns'
import type { CellFault, CellProblem, CellRow, PinoutEnd } from '../../core/record/grid/pinoutTypes'

export const SUGGESTIONS = 8

export type OpenEnd = {
  id: string
  housing?: string
  from: PinoutEnd['from']
  wires: number
  firstRow: number
  badHousing: boolean
}
export type AddFault = (column: ColumnId, problem: CellProblem) => void

const ID = /^[^\s,;:"'<>/]{1,40}$/

/** Can it be the id of a wire or of an end? */
export const isId = (said: string): boolean => ID.test(said)

const columnsOf = { fromEnd: ['fromCavity', 'fromHousing'], toEnd: ['toCavity', 'toHousing'] } as const

/** A side outside a cavity: a terminal, a splice, a shared contact, in the end's cell or in both. A housing beside it makes it an end. */
function loosePlace(
  cells: CellRow['cells'],
  endColumn: 'fromEnd' | 'toEnd',
  lookup: Catalogue,
): Result<WireSide, GridProblem> | undefined {
  const [cavityColumn, housingColumn] = columnsOf[endColumn]
  if (cells[housingColumn]) return undefined
  const terminals = {
    get: (name: string) => {
      const named = lookup.names.get(name)
      const contact = named?.kind === 'contact' ? lookup.contacts.get(named.id) : undefined
      return contact && isSleeve(contact) ? contact.id : undefined
    },
  }
  return readLoosePlace(`${cells[endColumn] ?? ''} ${cells[cavityColumn] ?? ''}`, terminals)
}

const namesAnEnd = (cells: CellRow['cells'], endColumn: 'fromEnd' | 'toEnd', lookup: Catalogue) =>
  loosePlace(cells, endColumn, lookup) === undefined

/** Every end that a row names, with its housing from the first row that states one, or from a pick. */
export function resolveEnds(
  rows: readonly CellRow[],
  lookup: Catalogue,
  picks: Readonly<Record<string, string>>,
  faults: CellFault[],
): Map<string, OpenEnd> {
  const ends = new Map<string, OpenEnd>()
  const known = [...lookup.housings.keys()].slice(0, SUGGESTIONS)
  for (const { row, cells } of rows) {
    for (const [endColumn, housingColumn] of [
      ['fromEnd', 'fromHousing'],
      ['toEnd', 'toHousing'],
    ] as const) {
      const id = cells[endColumn]
      if (!id || !isId(id) || !namesAnEnd(cells, endColumn, lookup)) continue
      const end = ends.get(id) ?? { id, from: 'none', wires: 0, firstRow: row, badHousing: false }
      end.wires++
      ends.set(id, end)
      const said = cells[housingColumn]
      if (!said) continue
      const named = lookup.names.get(said.toLowerCase())
      if (named?.kind !== 'housing') {
        end.badHousing = true
        faults.push({ row, column: housingColumn, found: said, problem: { kind: 'unknown-housing', known } })
      } else if (end.housing === undefined) {
        end.housing = named.id
        end.from = 'column'
        end.firstRow = row
      } else if (end.housing !== named.id) {
        faults.push({
          row,
          column: housingColumn,
          found: said,
          problem: { kind: 'housing-differs', end: id, first: end.housing, firstRow: end.firstRow },
        })
      }
    }
  }
  for (const end of ends.values()) {
    const pick = Object.hasOwn(picks, end.id) ? picks[end.id] : undefined
    if (end.housing !== undefined || pick === undefined) continue
    const named = lookup.names.get(pick.toLowerCase())
    if (named?.kind !== 'housing') continue
    end.housing = named.id
    end.from = 'pick'
  }
  return ends
}

export function readSide(
  endColumn: 'fromEnd' | 'toEnd',
  cells: CellRow['cells'],
  row: number,
  ends: ReadonlyMap<string, OpenEnd>,
  lookup: Catalogue,
  seen: Map<string, { wire: string; row: number }>,
  fault: AddFault,
): WireSide | undefined {
  const [cavityColumn] = columnsOf[endColumn]
  const end = cells[endColumn] ?? ''
  const cavity = cells[cavityColumn] ?? ''
  const loose = loosePlace(cells, endColumn, lookup)
  if (loose?.ok) return loose.value
  if (loose) {
    fault(cavity === '' ? endColumn : cavityColumn, { kind: 'bad-id' })
    return undefined
  }
  if (end === '' || cavity === '') {
    fault(end === '' ? endColumn : cavityColumn, { kind: 'half-a-side' })
    return undefined
  }
  if (!isId(end)) {
    fault(endColumn, { kind: 'bad-id' })
    return undefined
  }
  const housing = lookup.housings.get(ends.get(end)?.housing ?? '')
  if (!housing) return { kind: 'cavity', end, cavity }
  const known = housing.cavities.map((one) => one.id)
  const id = known.find((one) => one.toLowerCase() === cavity.toLowerCase())
  if (id === undefined) {
    fault(cavityColumn, { kind: 'unknown-cavity', housing: housing.id, known })
    return undefined
  }
  const place = `${end}.${id}`
  const first = seen.get(place)
  if (first) {
    fault(cavityColumn, { kind: 'cavity-taken', byWire: first.wire, firstRow: first.row })
    return undefined
  }
  seen.set(place, { wire: cells.wire ?? '', row })
  return { kind: 'cavity', end, cavity: id }
}

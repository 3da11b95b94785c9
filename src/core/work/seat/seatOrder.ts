import type { Cavity, Housing } from '../../parts/catalogue/types'

/** Why a cavity is filled when it is. */
export type OrderReason =
  | { readonly kind: 'by-hand' }
  | { readonly kind: 'with-group'; readonly group: string }
  | { readonly kind: 'far-row'; readonly row: number; readonly rows: number }
  | { readonly kind: 'centre-out'; readonly ring: number; readonly rings: number }

export interface SeatTurn {
  readonly cavity: Cavity
  readonly reason: OrderReason
}

/**
 * The order in which cavities are filled: so that fingers and tools still reach. Rows: the far row (top, seen from the wire
 * face) before the near ones, each from the mark's side. Rings: the centre before the rim. Within a row or ring the wires of one
 * group follow each other. What a hand has put in order comes first, as it says.
 * @param groupOf the group of the wire that goes into a cavity
 * @param byHand  cavities in the order that somebody wants
 */
export function seatOrder(
  housing: Housing,
  groupOf: (cavity: string) => string | undefined = () => undefined,
  byHand: readonly string[] = [],
): readonly SeatTurn[] {
  const fromRight = housing.arrangement.kind === 'rows' && housing.mark.at.xMm > 0
  const places = new Map(byHand.map((id, i) => [id, i]))
  const wanted = housing.cavities
    .filter((cavity) => places.has(cavity.id))
    .sort((a, b) => (places.get(a.id) ?? 0) - (places.get(b.id) ?? 0))
  const rest = housing.cavities
    .filter((cavity) => !places.has(cavity.id))
    .sort((a, b) => a.row - b.row || (fromRight ? b.index - a.index : a.index - b.index))
  const lines = new Set(housing.cavities.map((cavity) => cavity.row)).size
  // the first of a group in its row brings the others of that row along
  const leaders = new Map<string, number>()
  const turns = rest.map((cavity, at) => {
    const group = groupOf(cavity.id)
    const key = group === undefined ? undefined : `${cavity.row} ${group}`
    const led = key === undefined ? undefined : leaders.get(key)
    if (key !== undefined && led === undefined) leaders.set(key, at)
    const reason: OrderReason =
      led !== undefined && group !== undefined
        ? { kind: 'with-group', group }
        : housing.arrangement.kind === 'rings'
          ? { kind: 'centre-out', ring: cavity.row, rings: lines }
          : { kind: 'far-row', row: cavity.row, rows: lines }
    return { cavity, reason, at: led ?? at, own: at }
  })
  turns.sort((a, b) => a.cavity.row - b.cavity.row || a.at - b.at || a.own - b.own)
  return [
    ...wanted.map((cavity): SeatTurn => ({ cavity, reason: { kind: 'by-hand' } })),
    ...turns.map(({ cavity, reason }) => ({ cavity, reason })),
  ]
}

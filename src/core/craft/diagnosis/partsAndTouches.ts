import { pushTo } from '../../base/collections'
import type { Mistake } from './diagnosisTypes'
import { type Groups, membersOf } from './partition'
import { namesOf, placesOf, type Points } from './points'

const piecesOf = (members: readonly number[], groups: Groups): number[][] => {
  const pieces = new Map<number, number[]>()
  for (const point of members) pushTo(pieces, groups[point] ?? 0, point)
  return [...pieces.values()]
}

/** The points of one net that were found in several pieces: each piece but the largest hangs on by nothing. */
export function parted(points: Points, groups: Groups, found: Groups): readonly Mistake[] {
  return membersOf(groups).flatMap((members) => {
    const [largest = [], ...others] = piecesOf(members, found).sort((a, b) => b.length - a.length)
    return others.map((piece): Mistake => {
      // of two points nobody can say which has let go
      const at = piece.length === 1 && largest.length > 1 ? piece : [...largest, ...piece]
      return { kind: 'open', places: placesOf(points, 'open', at), pins: namesOf(points, at) }
    })
  })
}

/** Nets that were found together though nothing leads from one to the other: at each end, their points that are nearest. */
export function touching(points: Points, groups: Groups, found: Groups): readonly Mistake[] {
  return membersOf(found).flatMap((members) => {
    const [first = [], ...others] = piecesOf(members, groups)
    return others.map((piece): Mistake => {
      const near = nearest(points, first, piece)
      const at = near.length > 0 ? near : [...first, ...piece]
      return { kind: 'short', places: placesOf(points, 'short', at), pins: namesOf(points, at) }
    })
  })
}

/** At each end where both have points: the two that are nearest by their order. */
function nearest({ endOf }: Points, a: readonly number[], b: readonly number[]): readonly number[] {
  const best = new Map<number, readonly [number, number]>()
  for (const one of a)
    for (const other of b) {
      const end = endOf[one] ?? 0
      if (end !== endOf[other]) continue
      const known = best.get(end)
      if (!known || Math.abs(one - other) < Math.abs(known[0] - known[1])) best.set(end, [one, other])
    }
  return [...best.values()].flat()
}

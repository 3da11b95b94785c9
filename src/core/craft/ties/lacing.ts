/** What is tied at a place of a laced bundle. */
export type Knot = 'begin' | 'hitch' | 'end'

/** The knot at each place of a laced stretch: the first and the last are locked, those between hold by the cord that runs through. */
export const knotAt = (place: number, places: number): Knot =>
  place === 0 ? 'begin' : place === places - 1 ? 'end' : 'hitch'

/** Turns round the bundle of each knot. */
const TURNS: Readonly<Record<Knot, number>> = { begin: 2, hitch: 1, end: 2 }
/** What a locking knot takes besides, to be pulled tight and cut off, mm. */
const TAIL_MM = 150

/**
 * An estimate of how much cord a laced stretch takes: from knot to knot, the turns round the bundle, and a tail at either end.
 * @param positionsMm of the knots, rising; none takes no cord
 */
export function lacingCordMm(positionsMm: readonly number[], bundleMm: number): number {
  const [first, last] = [positionsMm[0], positionsMm.at(-1)]
  if (first === undefined || last === undefined) return 0
  const turns = positionsMm.reduce((sum, _, place) => sum + TURNS[knotAt(place, positionsMm.length)], 0)
  return last - first + turns * Math.PI * bundleMm + 2 * TAIL_MM
}

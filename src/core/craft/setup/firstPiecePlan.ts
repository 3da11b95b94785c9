import type { Range } from '../../base/range'
import { groupBy } from '../../base/collections'
import { type CrimpPair, type ShownPiece, bearsOut, crimpClass, isCovered, pairKey } from './crimpPair'

/** What pieces can show on a bench: a figure of the pull, a height. */
export interface PiecesShow {
  readonly force: boolean
  readonly height: boolean
}

const within = (inner: Range, outer: Range) => inner.minMm >= outer.minMm && inner.maxMm <= outer.maxMm

/** Will a good piece of one pair bear out another, whatever it shows? */
function surelyBearsOut(piece: CrimpPair, pair: CrimpPair, show: PiecesShow): boolean {
  if (pairKey(piece) === pairKey(pair)) return true
  if (crimpClass(piece) !== crimpClass(pair) || !show.force) return false
  if (piece.minimumN === undefined || pair.minimumN === undefined || piece.minimumN < pair.minimumN) return false
  if (!pair.height) return true
  return show.height && piece.height !== undefined && within(piece.height, pair.height)
}

/** What a pair still wants: so many pieces, one no thicker over its insulation, one no thinner. */
interface Want {
  readonly pair: CrimpPair
  count: number
  thinner: boolean
  thicker: boolean
}

const met = ({ count, thinner, thicker }: Want) => count <= 0 && !thinner && !thicker

/** Places that the search may look at: what a bench has is found within a few. */
const MOST_LOOKS = 20_000

/** The fewest pieces of one contact and conductor that cover all of its pairs, by iterative deepening. */
function fewestOfClass(
  pairs: readonly CrimpPair[],
  shown: readonly ShownPiece[],
  enough: number,
  show: PiecesShow,
): readonly CrimpPair[] {
  const wants = pairs
    .map((pair): Want => {
      const bearing = shown.filter((piece) => bearsOut(piece, pair))
      return {
        pair,
        count: enough - bearing.length,
        thinner: !bearing.some((piece) => piece.insulationMm <= pair.insulationMm),
        thicker: !bearing.some((piece) => piece.insulationMm >= pair.insulationMm),
      }
    })
    .filter((want) => !met(want))
  let looks = 0
  const search = (
    open: readonly Want[],
    taken: readonly CrimpPair[],
    depth: number,
  ): readonly CrimpPair[] | undefined => {
    if (open.length === 0) return taken
    const least = Math.max(...open.map((want) => want.count))
    if (taken.length + Math.max(least, 1) > depth || looks++ > MOST_LOOKS) return undefined
    const tight = open
      .map((want) => ({ want, by: pairs.filter((piece) => serves(piece, want, show)) }))
      .reduce((best, one) => (one.by.length < best.by.length ? one : best))
    for (const piece of tight.by) {
      const left = open.map((want) => after(want, piece, show)).filter((want) => !met(want))
      const found = search(left, [...taken, piece], depth)
      if (found) return found
    }
    return undefined
  }
  for (let depth = 0; looks <= MOST_LOOKS; depth++) {
    const found = search(wants, [], depth)
    if (found) return found
  }
  // more than it can look through: each pair by pieces of its own is never wrong
  return wants.flatMap((want) => Array.from({ length: Math.max(want.count, 1) }, () => want.pair))
}

/** Does a piece of one pair bring another pair's want forward? */
function serves(piece: CrimpPair, { pair, count, thinner, thicker }: Want, show: PiecesShow): boolean {
  if (!surelyBearsOut(piece, pair, show)) return false
  // what only an end of the insulations can give is asked of it first
  if (thinner || thicker)
    return (thinner && piece.insulationMm <= pair.insulationMm) || (thicker && piece.insulationMm >= pair.insulationMm)
  return count > 0
}

function after(want: Want, piece: CrimpPair, show: PiecesShow): Want {
  if (!surelyBearsOut(piece, want.pair, show)) return want
  return {
    pair: want.pair,
    count: want.count - 1,
    thinner: want.thinner && piece.insulationMm > want.pair.insulationMm,
    thicker: want.thicker && piece.insulationMm < want.pair.insulationMm,
  }
}

/** A first piece that is still to be made, and the pairs that are covered with it and those before it. */
export interface PlannedPiece {
  readonly pair: CrimpPair
  readonly covers: readonly CrimpPair[]
}

/**
 * The fewest first pieces that still cover all pairs of one setting, the one that covers most first.
 * @param pairs one for each pair, in the order of the work; a piece may be like any of them
 * @param shown good pieces that count, since the setting was made
 * @param show what pieces will show: without a figure each holds for its own pair alone
 */
export function firstPiecePlan(
  pairs: readonly CrimpPair[],
  shown: readonly ShownPiece[],
  enough: number,
  show: PiecesShow,
): readonly PlannedPiece[] {
  if (enough === 0) return []
  const bears = (piece: CrimpPair) => pairs.filter((pair) => surelyBearsOut(piece, pair, show)).length
  const order = [...groupBy(pairs, crimpClass).values()]
    .flatMap((ofClass, place) =>
      fewestOfClass(ofClass, shown, enough, show).map((pair) => ({ pair, place, bears: bears(pair) })),
    )
    .sort((a, b) => b.bears - a.bears || a.place - b.place || a.pair.insulationMm - b.pair.insulationMm)
    .map(({ pair }) => pair)
  const open = pairs.filter((pair) => !isCovered(pair, shown, enough))
  const done = new Set<CrimpPair>()
  return order.map((pair, i): PlannedPiece => {
    const made = order.slice(0, i + 1)
    const covers = open.filter((one) => !done.has(one) && coveredBy(one, shown, made, enough, show))
    for (const one of covers) done.add(one)
    return { pair, covers }
  })
}

/** Will a pair be covered by what was shown and by good pieces like these? */
function coveredBy(
  pair: CrimpPair,
  shown: readonly ShownPiece[],
  made: readonly CrimpPair[],
  enough: number,
  show: PiecesShow,
): boolean {
  const bearing = [
    ...shown.filter((piece) => bearsOut(piece, pair)),
    ...made.filter((piece) => surelyBearsOut(piece, pair, show)),
  ]
  return (
    bearing.length >= enough &&
    bearing.some((piece) => piece.insulationMm <= pair.insulationMm) &&
    bearing.some((piece) => piece.insulationMm >= pair.insulationMm)
  )
}

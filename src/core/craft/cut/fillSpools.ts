import { fullestSum } from './fullestSum'
import { spoolBound } from './spoolBound'
import type { CutUnits, Filling } from './cutTypes'

/**
 * Many pieces on spools. Pieces that cannot all be had are left out from the longest; then spools are added to the fewest that
 * could do, until they do.
 */
export function fillSpools({ spools, pieces }: CutUnits): Filling {
  const longest = Math.max(0, ...spools)
  const wanted = pieces.map((piece) => (piece.length <= longest ? piece.count : 0))
  const order = spools.map((_, s) => s).sort((a, b) => (spools[b] ?? 0) - (spools[a] ?? 0) || a - b)
  for (let room = spools.reduce((sum, length) => sum + length, 0); ; room--) {
    const kept = leaveOut(wanted, pieces, room)
    const total = weigh(kept, pieces)
    const bound = spoolBound(spools, total)
    if (bound === undefined) continue
    for (let count = bound; count <= spools.length; count++) {
      const filled = pack(order.slice(0, count), spools, pieces, kept)
      if (!filled) continue
      const missing = pieces.map((piece, kind) => piece.count - (kept[kind] ?? 0))
      return {
        spools: filled,
        missing,
        bound,
        proven: isBest(filled, { spools, pieces, order, count, bound, total, missing }),
      }
    }
    room = total
  }
}

const weigh = (counts: readonly number[], pieces: CutUnits['pieces']) =>
  counts.reduce((sum, count, kind) => sum + count * (pieces[kind]?.length ?? 0), 0)

/** As many pieces as fit into a length together: the longest are left out first, one by one. */
function leaveOut(wanted: readonly number[], pieces: CutUnits['pieces'], room: number): readonly number[] {
  const kept = [...wanted]
  let over = weigh(kept, pieces) - room
  const byLength = pieces.map((_, kind) => kind).sort((a, b) => (pieces[b]?.length ?? 0) - (pieces[a]?.length ?? 0))
  for (const kind of byLength) {
    const { length } = pieces[kind] ?? { length: 1 }
    const out = Math.min(kept[kind] ?? 0, Math.max(0, Math.ceil(over / length)))
    kept[kind] = (kept[kind] ?? 0) - out
    over -= out * length
    if (over <= 0) break
  }
  return kept
}

/** All pieces onto these spools: the short ones filled to the brim first, so that the longest keeps what is over. */
function pack(
  chosen: readonly number[],
  spools: readonly number[],
  pieces: CutUnits['pieces'],
  kept: readonly number[],
): number[][] | undefined {
  const left = [...kept]
  const filled = spools.map(() => pieces.map(() => 0))
  for (const [i, s] of [...chosen].reverse().entries()) {
    const counts = i === chosen.length - 1 ? [...left] : fullestSum(spools[s] ?? 0, pieces, left)
    if (weigh(counts, pieces) > (spools[s] ?? 0)) return undefined
    filled[s] = counts
    counts.forEach((count, kind) => {
      left[kind] = (left[kind] ?? 0) - count
    })
  }
  return filled
}

interface Goals {
  readonly spools: readonly number[]
  readonly pieces: CutUnits['pieces']
  readonly order: readonly number[]
  readonly count: number
  readonly bound: number
  readonly total: number
  readonly missing: readonly number[]
}

/** Are all goals at what no plan can pass: nothing missing, the fewest spools, and all that is over on one of them? */
function isBest(
  filled: readonly (readonly number[])[],
  { spools, pieces, order, count, bound, total, missing }: Goals,
): boolean {
  if (count !== bound || missing.some((one) => one > 0)) return false
  const over = order.slice(0, count).reduce((sum, s) => sum + (spools[s] ?? 0), 0) - total
  const left = Math.max(0, ...order.slice(0, count).map((s) => (spools[s] ?? 0) - weigh(filled[s] ?? [], pieces)))
  return left === over
}

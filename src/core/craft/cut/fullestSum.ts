/**
 * The pieces that fill a length as far as any can: a bounded sum of subsets, in steps × kinds.
 * Longer pieces are preferred, so that the short ones stay for what is filled later.
 * @param room   in whole steps
 * @param pieces lengths in whole steps
 * @param counts how many of each there are
 * @returns how many of each are taken
 */
export function fullestSum(
  room: number,
  pieces: readonly { readonly length: number }[],
  counts: readonly number[],
): number[] {
  const taken = pieces.map(() => 0)
  // everything that is there fits: no search
  const all = counts.reduce((sum, count, kind) => sum + count * (pieces[kind]?.length ?? 0), 0)
  if (all <= room) return [...counts]
  const kinds = pieces
    .map((_, kind) => kind)
    .filter((kind) => (counts[kind] ?? 0) > 0 && (pieces[kind]?.length ?? 0) > 0)
    .sort((a, b) => (pieces[b]?.length ?? 0) - (pieces[a]?.length ?? 0))
  // the kind whose piece reached a sum first, from 1; 0 is not reached
  const by = new Uint16Array(room + 1)
  const used = new Uint32Array(room + 1)
  let top = 0
  const reached = (sum: number) => sum === 0 || by[sum] !== 0
  for (const [order, kind] of kinds.entries()) {
    const length = pieces[kind]?.length ?? 1
    const most = counts[kind] ?? 0
    used.fill(0)
    for (let sum = length; sum <= room; sum++) {
      const before = sum - length
      if (reached(sum) || !reached(before) || (used[before] ?? 0) >= most) continue
      by[sum] = order + 1
      used[sum] = (used[before] ?? 0) + 1
      if (sum > top) top = sum
    }
    if (top === room) break
  }
  for (let sum = top; sum > 0;) {
    const kind = kinds[(by[sum] ?? 1) - 1] ?? 0
    taken[kind] = (taken[kind] ?? 0) + 1
    sum -= pieces[kind]?.length ?? sum
  }
  return taken
}

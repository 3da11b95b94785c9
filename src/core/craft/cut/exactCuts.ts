import { spoolBound } from './spoolBound'
import type { CutUnits, Filling } from './cutTypes'

/** Steps of the search before it is given up. */
const STEPS_AT_MOST = 400_000

interface Best {
  readonly missing: number
  readonly opened: number
  readonly left: number
  readonly at: readonly number[]
}

/** Every way of putting few pieces on spools, the longest piece first; undefined when there are too many ways. */
export function exactCuts({ spools, pieces }: CutUnits): Filling | undefined {
  const single = pieces
    .flatMap((piece, kind) => Array.from({ length: piece.count }, () => ({ kind, length: piece.length })))
    .sort((a, b) => b.length - a.length || a.kind - b.kind)
  const room = [...spools]
  const used = spools.map(() => 0)
  const at: number[] = []
  let best: Best | undefined
  let steps = 0
  const search = (i: number, missing: number): boolean => {
    if (++steps > STEPS_AT_MOST) return false
    if (best && missing > best.missing) return true
    const piece = single[i]
    if (!piece) {
      const opened = used.filter((count) => count > 0).length
      const left = Math.max(0, ...room.filter((_, s) => (used[s] ?? 0) > 0))
      if (
        !best ||
        missing < best.missing ||
        (missing === best.missing && (opened < best.opened || (opened === best.opened && left > best.left)))
      )
        best = { missing, opened, left, at: [...at] }
      return true
    }
    // like pieces go to spools in ascending order, spools that are alike and unopened are tried once: the rest is the same again
    const like = i > 0 && single[i - 1]?.kind === piece.kind
    const from = like ? (at[i - 1] ?? 0) : 0
    const fresh = new Set<number>()
    for (let s = from; s < room.length; s++) {
      const free = room[s] ?? 0
      if (free < piece.length) continue
      if (used[s] === 0) {
        if (fresh.has(free)) continue
        fresh.add(free)
      }
      room[s] = free - piece.length
      used[s] = (used[s] ?? 0) + 1
      at[i] = s
      const whole = search(i + 1, missing)
      room[s] = free
      used[s] = (used[s] ?? 1) - 1
      if (!whole) return false
    }
    at[i] = room.length
    return search(i + 1, missing + 1)
  }
  if (!search(0, 0) || !best) return undefined
  const filled = spools.map(() => pieces.map(() => 0))
  const missing = pieces.map(() => 0)
  best.at.forEach((s, i) => {
    const kind = single[i]?.kind ?? 0
    const counts = filled[s] ?? missing
    counts[kind] = (counts[kind] ?? 0) + 1
  })
  const total = single.reduce((sum, piece, i) => sum + (best && best.at[i] !== spools.length ? piece.length : 0), 0)
  return { spools: filled, missing, bound: Math.max(spoolBound(spools, total) ?? best.opened, 0), proven: true }
}

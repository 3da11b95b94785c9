export interface ProbedEnd {
  readonly id: string
  readonly cavities: readonly { readonly id: string; readonly xMm: number; readonly yMm: number }[]
}

/** Cavities that are at most so much farther than the nearest one are neighbours too. */
const NEIGHBOUR = 1.25
/** A place is another one's mirror image within so much, mm. */
const SAME_PLACE_MM = 0.3

/**
 * Of each two nets that a wrong hole or a stray strand could join, because they lie beside each other on a face, or one where the
 * other's mirror image is, one pair of points.
 * @param nets points that belong together; a point of no net takes no part
 */
export function likelyPairs(
  ends: readonly ProbedEnd[],
  nets: readonly (readonly string[])[],
): readonly (readonly [string, string])[] {
  const netOf = new Map(nets.flatMap((points, net) => points.map((point) => [point, net] as const)))
  const found = new Map<string, readonly [string, string]>()
  const take = (a: string, b: string) => {
    const [one, other] = [netOf.get(a), netOf.get(b)]
    if (one === undefined || other === undefined || one === other) return
    const key = `${String(Math.min(one, other))} ${String(Math.max(one, other))}`
    if (!found.has(key)) found.set(key, [a, b])
  }
  for (const { id, cavities } of ends) {
    const xs = cavities.map(({ xMm }) => xMm)
    const twiceMiddleMm = Math.min(...xs) + Math.max(...xs)
    for (const one of cavities) {
      const others = cavities.filter((other) => other !== one)
      const far = ({ xMm, yMm }: (typeof cavities)[number]) => Math.hypot(xMm - one.xMm, yMm - one.yMm)
      const nearest = Math.min(...others.map(far))
      for (const other of others) {
        const isMirrored =
          Math.abs(other.yMm - one.yMm) <= SAME_PLACE_MM &&
          Math.abs(other.xMm + one.xMm - twiceMiddleMm) <= SAME_PLACE_MM
        if (far(other) <= nearest * NEIGHBOUR || isMirrored) take(`${id}.${one.id}`, `${id}.${other.id}`)
      }
    }
  }
  return [...found.values()]
}

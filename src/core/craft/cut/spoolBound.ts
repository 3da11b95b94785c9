/** Fewest spools whose lengths together reach a total: the longest first. Undefined when all of them do not. */
export function spoolBound(spools: readonly number[], total: number): number | undefined {
  if (total <= 0) return 0
  const sorted = [...spools].sort((a, b) => b - a)
  let sum = 0
  for (const [i, length] of sorted.entries()) {
    sum += length
    if (sum >= total) return i + 1
  }
  return undefined
}

/** Letters that no other one is taken for: without I, O and Q. */
const designators = Array.from('ABCDEFGHJKLMNPRSTUVWXYZ')

/** A designator for the next end: the first free letter, then P24, P25 and so on. */
export function freeEndId(ends: readonly { readonly id: string }[]): string {
  const taken = new Set(ends.map((end) => end.id))
  const letter = designators.find((one) => !taken.has(one))
  if (letter !== undefined) return letter
  let number = designators.length + 1
  while (taken.has(`P${String(number)}`)) number++
  return `P${String(number)}`
}

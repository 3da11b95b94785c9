/** Adds a value to the list that a map holds under a key. */
export function pushTo<K, V>(map: Map<K, V[]>, key: K, value: V): void {
  const list = map.get(key)
  if (list) list.push(value)
  else map.set(key, [value])
}

/** Items in lists by key, in the order in which they came. */
export function groupBy<T, K>(items: Iterable<T>, key: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>()
  for (const item of items) pushTo(groups, key(item), item)
  return groups
}

/** A sorted copy, ascending by a figure. */
export const sortedBy = <T>(items: Iterable<T>, by: (item: T) => number): T[] =>
  [...items].sort((a, b) => by(a) - by(b))

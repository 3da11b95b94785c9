/** Points by the group that they are in: `groups[point]`, from 0. Two partitions are the same when the same points are together. */
export type Groups = Int32Array

/** Points in groups, each of those left over alone. */
export function groupsOf(count: number, together: readonly (readonly number[])[]): Groups {
  const parent = Array.from({ length: count }, (_, i) => i)
  const root = (point: number): number => {
    let at = point
    while (parent[at] !== at) at = parent[at] ?? at
    return at
  }
  for (const [first = 0, ...others] of together)
    for (const other of others) {
      const [a, b] = [root(first), root(other)]
      parent[Math.max(a, b)] = Math.min(a, b)
    }
  return numbered(Int32Array.from(parent, (_, point) => root(point)))
}

/** The same groups, numbered in the order in which they are met. */
export function numbered(groups: Groups): Groups {
  const names = new Map<number, number>()
  return groups.map((group) => {
    const known = names.get(group)
    if (known !== undefined) return known
    names.set(group, names.size)
    return names.size - 1
  })
}

/** Points that share their group with another one. */
export function sharing(groups: Groups): ReadonlySet<number> {
  const sizes = new Int32Array(groups.length)
  for (const group of groups) sizes[group] = (sizes[group] ?? 0) + 1
  return new Set([...groups.keys()].filter((point) => (sizes[groups[point] ?? 0] ?? 0) > 1))
}

/** A name that two partitions share when they are the same. */
export const keyOf = (groups: Groups): string => numbered(groups).join(' ')

/** Are the same points together in both? */
export function isSamePartition(a: Groups, b: Groups): boolean {
  const names = new Int32Array(a.length).fill(-1)
  const others = new Int32Array(b.length).fill(-1)
  return a.every((group, point) => {
    const other = b[point] ?? 0
    if ((names[group] ?? -1) < 0 && (others[other] ?? -1) < 0) {
      names[group] = other
      others[other] = group
      return true
    }
    return names[group] === other
  })
}

/** Points of each group. */
export function membersOf(groups: Groups): readonly (readonly number[])[] {
  const members: number[][] = []
  groups.forEach((group, point) => {
    ;(members[group] ??= []).push(point)
  })
  return members.filter((one) => one.length > 0)
}

/**
 * How many wires that part and wires that touch make one partition of the other: each group falls into its pieces, the pieces of a
 * measured group touch. With k pieces in all, parting takes k less the groups that are, touching k less the groups that were found.
 */
export class Distance {
  readonly #count: number
  readonly #pieces: Int32Array
  readonly #groups: Int32Array
  #round = 0

  constructor(count: number) {
    this.#count = count
    this.#pieces = new Int32Array(count * count)
    this.#groups = new Int32Array(2 * count)
  }

  /** @param points only these count; all when left out */
  between(is: Groups, found: Groups, points?: readonly number[]): number {
    this.#round++
    let pieces = 0
    let groups = 0
    const look = (point: number) => {
      const a = is[point] ?? 0
      const b = found[point] ?? 0
      if (this.#pieces[a * this.#count + b] !== this.#round) {
        this.#pieces[a * this.#count + b] = this.#round
        pieces++
      }
      if (this.#groups[a] !== this.#round) {
        this.#groups[a] = this.#round
        groups++
      }
      if (this.#groups[this.#count + b] !== this.#round) {
        this.#groups[this.#count + b] = this.#round
        groups++
      }
    }
    if (points) for (const point of points) look(point)
    else for (let point = 0; point < is.length; point++) look(point)
    return 2 * pieces - groups
  }
}

/** Points that hang together by what is and what was found, without those that are right. */
export function componentsOf(is: Groups, found: Groups): readonly (readonly number[])[] {
  const firstOf = new Map<string, number>()
  const together: number[][] = []
  is.forEach((group, point) => {
    for (const name of [`is ${String(group)}`, `found ${String(found[point] ?? 0)}`]) {
      const first = firstOf.get(name)
      if (first === undefined) firstOf.set(name, point)
      else together.push([first, point])
    }
  })
  return membersOf(groupsOf(is.length, together)).filter((points) => {
    const one = (groups: Groups) => new Set(points.map((point) => groups[point])).size === 1
    return !(one(is) && one(found))
  })
}

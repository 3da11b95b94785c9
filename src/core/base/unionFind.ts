import { groupBy } from './collections'

/** Things that hang together, joined two by two: of each group one thing stands for all. */
export class UnionFind<T> {
  readonly #leader = new Map<T, T>()

  /** What stands for the group of a thing; a thing that was never joined stands for itself. */
  root(of: T): T {
    let at = of
    for (let next = this.#leader.get(at); next !== undefined && next !== at; next = this.#leader.get(at)) at = next
    return at
  }

  /** Joins the groups of two things; the first one's leader stands for both. @returns false where they were one already */
  join(a: T, b: T): boolean {
    const [one, other] = [this.root(a), this.root(b)]
    this.#leader.set(one, one)
    this.#leader.set(other, one)
    return one !== other
  }

  has = (thing: T): boolean => this.#leader.has(thing)

  /** Everything that was joined, by what stands for it, in the order in which it came. */
  groups(): Map<T, T[]> {
    return groupBy(this.#leader.keys(), (thing) => this.root(thing))
  }
}

import type { Groups } from './partition'
import type { Placement } from './placements'

/**
 * How far a partition is from what was found, kept as counts: what one change of places would leave is told from the few counts
 * that it touches, so that thousands of changes are weighed without making any of them.
 */
export class Tally {
  readonly #found: Groups
  readonly #count: number
  /** points by group and found group */
  readonly #cells: Int32Array
  #groups: Groups
  #pieces = 0
  /** groups that are, and groups that were found */
  #names = 0

  constructor(found: Groups) {
    this.#found = found
    this.#count = found.length
    this.#cells = new Int32Array(this.#count * this.#count)
    this.#groups = found
  }

  /** Counts a partition, numbered from 0 to below the count of points. */
  take(groups: Groups): void {
    this.#groups = groups
    this.#cells.fill(0)
    this.#pieces = 0
    const seen = new Int32Array(2 * this.#count)
    groups.forEach((group, point) => {
      const found = this.#found[point] ?? 0
      if (this.#add(group, found) === 1) this.#pieces++
      seen[group] = 1
      seen[this.#count + found] = 1
    })
    this.#names = seen.reduce((sum, one) => sum + one, 0)
  }

  /** Wires that part and touch, as the partition stands. */
  get left(): number {
    return 2 * this.#pieces - this.#names
  }

  /** The same once a swap, or a content that joins another one in its hole, was made. */
  leftAfter({ kind, moves }: Placement): number {
    const [[from, to] = [0, 0]] = moves
    return kind === 'doubled' ? this.#afterJoining(from, to) : this.#afterSwap(from, to)
  }

  #add = (group: number, found: number): number => {
    const cell = group * this.#count + found
    return (this.#cells[cell] = (this.#cells[cell] ?? 0) + 1)
  }
  #at = (group: number, found: number): number => this.#cells[group * this.#count + found] ?? 0

  #afterSwap(a: number, b: number): number {
    const [groupA = 0, groupB = 0] = [this.#groups[a], this.#groups[b]]
    const [foundA = 0, foundB = 0] = [this.#found[a], this.#found[b]]
    if (groupA === groupB || foundA === foundB) return this.left
    const gone = Number(this.#at(groupA, foundA) === 1) + Number(this.#at(groupB, foundB) === 1)
    const come = Number(this.#at(groupB, foundA) === 0) + Number(this.#at(groupA, foundB) === 0)
    return this.left + 2 * (come - gone)
  }

  /** What stood in `from` is gone from there: the rest of its group joins that of `to`, and the pin stands alone. */
  #afterJoining(from: number, to: number): number {
    const [own = 0, other = 0] = [this.#groups[from], this.#groups[to]]
    const foundOwn = this.#found[from] ?? 0
    let [before, after] = [0, 1]
    for (let found = 0; found < this.#count; found++) {
      const ofOwn = this.#at(own, found)
      const ofOther = own === other ? 0 : this.#at(other, found)
      before += Number(ofOwn > 0) + Number(ofOther > 0)
      after += Number(ofOwn - Number(found === foundOwn) + ofOther > 0)
    }
    // one group more where both were one and something of it is left
    const isOne = own === other && this.#groups.some((group, point) => group === own && point !== from)
    return this.left + 2 * (after - before) - Number(isOne)
  }
}

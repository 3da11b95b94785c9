/** Sections of a queue as far as their places go. */
interface Sectioned<Item> {
  readonly items: readonly Item[]
}

/** A line of a queue: the heading of a section, or a row with its place among all rows. */
export type QueueLineAt<Section, Item> =
  | { readonly kind: 'group'; readonly section: Section }
  | { readonly kind: 'row'; readonly item: Item; readonly section: Section; readonly place: number }

/**
 * Where the rows of a queue stand, without a list of them: a queue of two thousand rows is made anew by each entry, and of its
 * lines some twenty are in sight.
 */
export class QueueIndex<Item, Section extends Sectioned<Item>> {
  /** the line of each section's heading; its rows follow it */
  readonly #heads: readonly number[]
  readonly lineCount: number
  readonly rowCount: number

  constructor(readonly sections: readonly Section[]) {
    const heads: number[] = []
    let lines = 0
    for (const { items } of sections) {
      heads.push(lines)
      lines += items.length + 1
    }
    this.#heads = heads
    this.lineCount = lines
    this.rowCount = lines - sections.length
  }

  isHeading = (line: number): boolean => this.#heads[this.#sectionOf(line)] === line

  at(line: number): QueueLineAt<Section, Item> | undefined {
    const s = this.#sectionOf(line)
    const section = this.sections[s]
    const head = this.#heads[s]
    if (!section || head === undefined) return undefined
    if (line === head) return { kind: 'group', section }
    const item = section.items[line - head - 1]
    // each section before this one, and this one, has a heading that is no row
    return item === undefined ? undefined : { kind: 'row', item, section, place: line - s - 1 }
  }

  /** The place of a row among all rows, and its line; undefined when it is not there. */
  find(
    key: string | undefined,
    keyOf: (item: Item) => string,
  ): { readonly place: number; readonly line: number } | undefined {
    if (key === undefined) return undefined
    for (const [s, { items }] of this.sections.entries()) {
      const at = items.findIndex((item) => keyOf(item) === key)
      const line = (this.#heads[s] ?? 0) + 1 + at
      if (at >= 0) return { place: line - s - 1, line }
    }
    return undefined
  }

  /** The row at a place among all rows; before the first it is the first, behind the last the last. */
  rowAt(place: number): Item | undefined {
    let left = Math.min(Math.max(0, place), this.rowCount - 1)
    for (const { items } of this.sections) {
      if (left < items.length) return items[left]
      left -= items.length
    }
    return undefined
  }

  /** The last section whose heading is at or before a line. */
  #sectionOf(line: number): number {
    let low = 0
    let high = this.#heads.length - 1
    while (low < high) {
      const middle = Math.ceil((low + high) / 2)
      if ((this.#heads[middle] ?? Infinity) <= line) low = middle
      else high = middle - 1
    }
    return low
  }
}

import type { MistakeKind } from './diagnosisTypes'
import type { Groups } from './partition'

/** What stands in the pins of an end in another order than it belongs: `moves` say from which pin to which. */
export interface Placement {
  readonly kind: MistakeKind
  readonly end: number
  readonly moves: readonly (readonly [from: number, to: number])[]
  /** how many mistakes it takes */
  readonly cost: number
}

/** An end as the search knows it: its points by row, and by number. */
export interface PlacedEnd {
  readonly end: number
  readonly rows: readonly (readonly number[])[]
}

/** The groups once contents have moved. What moves onto a pin whose own does not leave joins it; what moves off the end is gone. */
export function place(groups: Groups, { kind, moves }: Pick<Placement, 'kind' | 'moves'>): Groups {
  const next = groups.slice()
  let fresh = groups.length
  for (const [from] of moves) next[from] = fresh++
  for (const [from, to] of moves) {
    if (to < 0) continue
    if (kind === 'doubled') {
      const [own, other] = [groups[from], groups[to] ?? 0]
      next.forEach((group, point) => {
        if (group === own) next[point] = other
      })
    } else next[to] = groups[from] ?? 0
  }
  return compact(next)
}

/** The same groups under numbers below the count of points. */
function compact(groups: Groups): Groups {
  const names = new Int32Array(2 * groups.length).fill(-1)
  let count = 0
  return groups.map((group) => {
    const known = names[group] ?? -1
    if (known >= 0) return known
    names[group] = count
    return count++
  })
}

export const swapOf = (end: number, a: number, b: number): Placement => ({
  kind: 'swap',
  end,
  moves: [
    [a, b],
    [b, a],
  ],
  cost: 1,
})

export const doubledOf = (end: number, from: number, to: number): Placement => ({
  kind: 'doubled',
  end,
  moves: [[from, to]],
  cost: 1,
})

type Move = Placement['moves'][number]

/** Moves from pin to pin, each made once: a long row that is begun at each of its holes has as many moves as it has pairs of pins. */
class Moves {
  readonly #made = new Map<number, Move[]>()

  /** From each pin of one order to the pin that stands in its place in another. */
  zip(from: readonly number[], to: readonly number[]): Placement['moves'] {
    const moves: Move[] = []
    from.forEach((one, i) => {
      const other = to[i] ?? -1
      if (one !== other) moves.push(this.#of(one, other))
    })
    return moves
  }

  #of(from: number, to: number): Move {
    let known = this.#made.get(from)
    if (!known) this.#made.set(from, (known = []))
    // what goes off the end has -1
    return (known[to + 1] ??= [from, to])
  }
}

const turned = (row: readonly number[], by: number) => row.map((_, i) => row[(i + by) % row.length] ?? -1)
const reversed = (row: readonly number[]) => [...row].reverse()

/**
 * Every mistake that moves more than two contents of an end at once: a row that was begun at another hole, or at its other side, a
 * face that was read from the wrong side, contents that all stand one hole on.
 * @param isFilled belongs something into this pin?
 */
export function rowPlacements({ end, rows }: PlacedEnd, isFilled: (point: number) => boolean): readonly Placement[] {
  const all: Placement[] = []
  const add = (kind: MistakeKind, made: Placement['moves'], cost = 1) => {
    // two contents that change places are a swap
    if (made.length > 2) all.push({ kind, end, moves: made, cost })
  }
  const moves = new Moves()
  const mirrored = rows.flatMap((row) => moves.zip(row, reversed(row)))
  add('mirror', mirrored)
  const orders = rows.length > 1 ? [...rows, rows.flat()] : rows
  for (const row of rows) {
    if (rows.length > 1) add('row-restart', moves.zip(row, reversed(row)))
    const filled = row.filter(isFilled)
    for (const part of filled.length < row.length ? [row, filled] : [row])
      for (let by = 1; by < part.length; by++) {
        add('rotation', moves.zip(part, turned(part, by)))
        // read from the wrong side, and begun at another hole
        add(rows.length > 1 ? 'row-restart' : 'mirror', moves.zip(part, turned(reversed(part), by)), 2)
      }
  }
  for (const order of orders)
    for (const by of [1, -1]) for (const run of runs(order, by, isFilled, moves)) add('shift', run)
  return all
}

/** Contents of an order that all stand one hole on: up to an empty hole, or all of it, the last one off the end. */
function runs(
  order: readonly number[],
  by: number,
  isFilled: (point: number) => boolean,
  moves: Moves,
): readonly Placement['moves'][] {
  const along = by > 0 ? order : reversed(order)
  const found: Placement['moves'][] = [moves.zip(along, [...along.slice(1), -1])]
  along.forEach((hole, i) => {
    if (isFilled(hole)) return
    const run: (readonly [number, number])[] = []
    for (let from = i - 1; from >= 0 && isFilled(along[from] ?? -1); from--) {
      run.unshift([along[from] ?? -1, along[from + 1] ?? -1])
      if (run.length > 1) found.push([...run])
    }
  })
  return found
}

/** Halves that take one keying together: an end, or two that mate. */
export interface KeyedItem {
  readonly id: string
  /** the keyings in which it is made */
  readonly options: readonly string[]
  readonly now?: string | undefined
}

/** Two that can be confused while their keyings are alike. */
export interface Clash {
  readonly a: string
  readonly b: string
  /** how bad it is: the worst counts more than any number of the next */
  readonly weight: number
}

export interface ProposedKeyings {
  /** by item */
  readonly keyings: ReadonlyMap<string, string>
  /** those that stay alike: there are too few keyings to tell all apart */
  readonly left: readonly Clash[]
  /** items whose keying is another than now */
  readonly changed: readonly string[]
  /** nothing does better; false where the search was cut short */
  readonly isBest: boolean
}

/** So many places of the search are looked at. */
const MOST_STATES = 200_000

/**
 * A keying for each item so that those that can be confused differ: a colouring of the graph of clashes. Least harm is left, then
 * fewest are changed. Items with most clashes are coloured first; a branch that cannot do better is given up.
 */
export function proposeKeyings(items: readonly KeyedItem[], clashes: readonly Clash[]): ProposedKeyings {
  const open = items.filter(({ options }) => options.length > 0)
  const near = new Map<string, Clash[]>(open.map(({ id }) => [id, []]))
  for (const clash of clashes)
    if (near.has(clash.a) && near.has(clash.b)) {
      near.get(clash.a)?.push(clash)
      near.get(clash.b)?.push(clash)
    }
  const weightOf = (id: string) => (near.get(id) ?? []).reduce((sum, { weight }) => sum + weight, 0)
  const order = [...open].sort((one, other) => weightOf(other.id) - weightOf(one.id))
  const chosen = new Map<string, string>()
  let best: { readonly keyings: ReadonlyMap<string, string>; readonly cost: readonly [number, number] } | undefined
  let states = 0
  const isBetter = (harm: number, changes: number) =>
    !best || harm < best.cost[0] || (harm === best.cost[0] && changes < best.cost[1])
  const colour = (place: number, harm: number, changes: number): void => {
    if (!isBetter(harm, changes) || (best && ++states > MOST_STATES)) return
    const item = order[place]
    if (!item) {
      best = { keyings: new Map(chosen), cost: [harm, changes] }
      return
    }
    const clashing = near.get(item.id) ?? []
    const harmWith = (keying: string) =>
      clashing.reduce((sum, { a, b, weight }) => sum + (chosen.get(a === item.id ? b : a) === keying ? weight : 0), 0)
    const tried = item.options
      .map((keying) => ({ keying, more: harmWith(keying), change: keying === item.now ? 0 : 1 }))
      .sort((one, other) => one.more - other.more || one.change - other.change)
    for (const { keying, more, change } of tried) {
      chosen.set(item.id, keying)
      colour(place + 1, harm + more, changes + change)
      chosen.delete(item.id)
    }
  }
  colour(0, 0, 0)
  const keyings = best?.keyings ?? new Map<string, string>()
  return {
    keyings,
    left: clashes.filter(({ a, b }) => keyings.has(a) && keyings.get(a) === keyings.get(b)),
    changed: open.filter(({ id, now }) => keyings.get(id) !== now).map(({ id }) => id),
    isBest: states <= MOST_STATES,
  }
}

/** A place that is to be given one of several kinds of content. */
export interface PlacesToFill {
  /** which group's contents a place takes: those of one half, or of both where they mate */
  readonly groupOf: readonly number[]
  /** how many of each kind a group has: `supply[group][kind]` */
  readonly supply: readonly (readonly number[])[]
  /** places that meet in some way */
  readonly meets: readonly (readonly [number, number])[]
  /** may these two kinds meet? */
  readonly mayMeet: (one: number, other: number) => boolean
  /** the kind that stands in a place now: tried first, so that little moves */
  readonly now: readonly number[]
}

export type Filled =
  | { readonly kind: 'filled'; readonly kinds: readonly number[] }
  | { readonly kind: 'impossible' }
  | { readonly kind: 'given-up' }

/** So many states are looked at until nobody can say whether there is an answer. */
const MOST_STATES = 400_000

/**
 * Kinds for all places so that none meets another that it may not, or the certainty that there are none. Places are filled one
 * after the other along what meets; of what was filled only the kinds that still meet an empty place matter, and what is left.
 */
export function fillHarmless({ groupOf, supply, meets, mayMeet, now }: PlacesToFill): Filled {
  const near: number[][] = groupOf.map(() => [])
  for (const [a, b] of meets) {
    near[a]?.push(b)
    near[b]?.push(a)
  }
  const order = alongMeetings(near)
  const placeAt = new Map(order.map((place, i) => [place, i]))
  // the last place in the order that each meets: up to then its kind matters
  const lastMet = near.map((others) => Math.max(-1, ...others.map((other) => placeAt.get(other) ?? -1)))
  const kinds = groupOf.map(() => -1)
  const left = supply.map((counts) => [...counts])
  const dead = new Set<string>()
  let states = 0
  const fill = (i: number): boolean | undefined => {
    const place = order[i]
    if (place === undefined) return true
    if (states++ > MOST_STATES) return undefined
    const open = order.slice(0, i).filter((one) => (lastMet[one] ?? -1) >= i)
    const key = `${String(i)}|${open.map((one) => kinds[one]).join()}|${left.map((counts) => counts.join()).join(';')}`
    if (dead.has(key)) return false
    const counts = left[groupOf[place] ?? 0] ?? []
    const wanted = now[place] ?? -1
    const choices = [...counts.keys()].sort((a, b) => Number(b === wanted) - Number(a === wanted))
    for (const kind of choices) {
      if ((counts[kind] ?? 0) === 0) continue
      const fits = (near[place] ?? []).every((other) =>
        other === place ? mayMeet(kind, kind) : (kinds[other] ?? -1) < 0 || mayMeet(kind, kinds[other] ?? -1),
      )
      if (!fits) continue
      kinds[place] = kind
      counts[kind] = (counts[kind] ?? 0) - 1
      const done = fill(i + 1)
      if (done !== false) return done
      counts[kind] = (counts[kind] ?? 0) + 1
      kinds[place] = -1
    }
    dead.add(key)
    return false
  }
  const done = fill(0)
  return done === undefined ? { kind: 'given-up' } : done ? { kind: 'filled', kinds } : { kind: 'impossible' }
}

/** Each place as soon as one that it meets has been named: what is still open stays small. */
function alongMeetings(near: readonly (readonly number[])[]): readonly number[] {
  const order: number[] = []
  const seen = new Set<number>()
  const starts = [...near.keys()].sort((a, b) => (near[a]?.length ?? 0) - (near[b]?.length ?? 0))
  for (const start of starts) {
    if (seen.has(start)) continue
    seen.add(start)
    const queue = [start]
    for (let place = queue.shift(); place !== undefined; place = queue.shift()) {
      order.push(place)
      for (const other of near[place] ?? [])
        if (!seen.has(other)) {
          seen.add(other)
          queue.push(other)
        }
    }
  }
  return order
}

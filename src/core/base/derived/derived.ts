import { ALL, isWatched, KEYS, type MapPart, type Reader, type WatchedMap } from './watchedMap'

type Args = readonly (string | number)[]
type Compute<S> = (state: S, ...args: Args) => unknown

/** One derived value, and what it was made of. */
class Derivation<S extends object> implements Reader {
  value: unknown
  /** `maybe`: something that it was made of may have come out otherwise */
  private standing: 'sound' | 'maybe' | 'stale' = 'stale'
  /** parts of the state that were read whole, and maps that were read from, by name */
  private parts = new Map<PropertyKey, unknown>()
  private readMaps: WatchedMap<unknown>[] = []
  private readParts: MapPart[] = []
  private made: (readonly [Derivation<S>, unknown])[] = []
  private readonly madeOfIt = new Set<Derivation<S>>()

  constructor(
    private readonly compute: Compute<S>,
    private readonly args: Args,
  ) {}

  readAnew(): void {
    if (this.standing === 'stale') return
    this.standing = 'stale'
    this.warn()
  }

  private warn(): void {
    for (const other of this.madeOfIt)
      if (other.standing === 'sound') {
        other.standing = 'maybe'
        other.warn()
      }
  }

  /** Its value for a state: made anew only when something that it was made of is another now. */
  of(state: S): unknown {
    if (this.standing !== 'stale' && this.partsAreThose(state)) {
      if (this.standing === 'sound') return this.value
      if (this.made.every(([other, was]) => Object.is(other.of(state), was))) {
        this.standing = 'sound'
        return this.value
      }
    }
    this.forget()
    this.value = this.compute(recorded(state, this), ...this.args)
    this.standing = 'sound'
    return this.value
  }

  private partsAreThose(state: S): boolean {
    for (const [name, was] of this.parts) if (!Object.is(state[name as keyof S], was)) return false
    return true
  }

  private forget(): void {
    for (const [i, part] of this.readParts.entries()) this.readMaps[i]?.unwatch(this, part)
    for (const [other] of this.made) other.madeOfIt.delete(this)
    this.parts = new Map()
    this.readMaps = []
    this.readParts = []
    this.made = []
    this.standing = 'stale'
  }

  readPart(name: PropertyKey, value: unknown): void {
    this.parts.set(name, value)
  }

  readMap(map: WatchedMap<unknown>, part: MapPart): void {
    if (!map.watch(this, part)) return
    this.readMaps.push(map)
    this.readParts.push(part)
  }

  readDerived(other: Derivation<S>): void {
    other.madeOfIt.add(this)
    this.made.push([other, other.value])
    // what the other rests on, this one rests on
    for (const [name, value] of other.parts) this.parts.set(name, value)
  }
}

/** A map as a derivation reads it: it remembers which keys it asked for. */
class RecordedMap<V> implements ReadonlyMap<string, V> {
  constructor(
    private readonly map: WatchedMap<V>,
    private readonly by: Derivation<never>,
  ) {}

  get(key: string): V | undefined {
    this.by.readMap(this.map, key)
    return this.map.get(key)
  }

  has(key: string): boolean {
    this.by.readMap(this.map, key)
    return this.map.has(key)
  }

  private as(part: typeof KEYS | typeof ALL): WatchedMap<V> {
    this.by.readMap(this.map, part)
    return this.map
  }

  get size(): number {
    return this.as(KEYS).size
  }
  forEach(run: (value: V, key: string, map: ReadonlyMap<string, V>) => void): void {
    for (const [key, value] of this.as(ALL)) run(value, key, this)
  }
  entries = () => this.as(ALL).entries()
  keys = () => this.as(KEYS).keys()
  values = () => this.as(ALL).values();
  [Symbol.iterator] = () => this.as(ALL)[Symbol.iterator]()
}

interface Recording<S extends object> {
  readonly raw: S
  readonly by: Derivation<S>
}
const recordings = new WeakMap<object, Recording<never>>()

/** The state as a derivation sees it: whatever it reads is remembered. */
function recorded<S extends object>(raw: S, by: Derivation<S>): S {
  const maps = new Map<PropertyKey, RecordedMap<unknown>>()
  const seen = new Proxy(raw, {
    get: (target, name) => {
      const before = maps.get(name)
      if (before) return before
      const value: unknown = target[name as keyof S]
      by.readPart(name, value)
      if (!isWatched(value)) return value
      const map = new RecordedMap(value, by)
      maps.set(name, map)
      return map
    },
  })
  recordings.set(seen, { raw, by } as unknown as Recording<never>)
  return seen
}

/**
 * A question about a state whose answer is kept until something that it was made of is written. State that is held in
 * `WatchedMap`s is followed key by key, all else as it stands; derived questions may ask each other.
 *
 * What is asked must depend on the state and its arguments alone. Its answer is not to be changed.
 * @param anchor something that all versions of one state share: what is kept goes with it
 */
export function derived<S extends object, A extends Args, T>(
  anchor: (state: S) => object,
  compute: (state: S, ...args: A) => T,
): (state: S, ...args: A) => T {
  const known = new WeakMap<object, Map<string, Derivation<S>>>()
  return (state, ...args) => {
    const recording = recordings.get(state) as unknown as Recording<S> | undefined
    const raw = recording?.raw ?? state
    const anchored = anchor(raw)
    let mine = known.get(anchored)
    if (!mine) known.set(anchored, (mine = new Map<string, Derivation<S>>()))
    const key = args.length === 1 ? String(args[0]) : args.join('\n')
    let one = mine.get(key)
    // the arguments are those of the question, whatever their number
    if (!one) mine.set(key, (one = new Derivation<S>(compute as unknown as Compute<S>, args)))
    const value = one.of(raw) as T
    recording?.by.readDerived(one)
    return value
  }
}

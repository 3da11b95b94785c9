/** What wants to hear that something which it has read is no more what it was. */
export interface Reader {
  readonly readAnew: () => void
}

/** Not what stands under one key, but which keys there are, or all of it. */
// the same for every copy of this file
export const KEYS: unique symbol = Symbol.for('urn.map.keys')
export const ALL: unique symbol = Symbol.for('urn.map.all')
/** What was read of a map. */
export type MapPart = string | typeof KEYS | typeof ALL

/** A map that tells who has read from it when what they read is written. While nobody has, it is a map like any other. */
export class WatchedMap<V> extends Map<string, V> {
  /** most keys have one reader: it stands there by itself */
  private readers: Map<MapPart, Reader | Set<Reader>> | undefined

  /** @returns false when it watched that already */
  watch(reader: Reader, part: MapPart): boolean {
    const readers = (this.readers ??= new Map<MapPart, Reader | Set<Reader>>())
    const before = readers.get(part)
    if (before === undefined) readers.set(part, reader)
    else if (before instanceof Set) {
      if (before.has(reader)) return false
      before.add(reader)
    } else if (before === reader) return false
    else readers.set(part, new Set([before, reader]))
    return true
  }

  unwatch(reader: Reader, part: MapPart): void {
    const before = this.readers?.get(part)
    if (before === reader) this.readers?.delete(part)
    else if (before instanceof Set) before.delete(reader)
  }

  override set(key: string, value: V): this {
    const isNew = this.readers !== undefined && !this.has(key)
    super.set(key, value)
    if (this.readers) this.tell(key, isNew)
    return this
  }

  override delete(key: string): boolean {
    const was = super.delete(key)
    if (was) this.tell(key, true)
    return was
  }

  override clear(): void {
    for (const key of [...this.keys()]) this.delete(key)
  }

  private tell(key: string, keysChanged: boolean): void {
    this.tellReaders(key)
    if (keysChanged) this.tellReaders(KEYS)
    this.tellReaders(ALL)
  }

  private tellReaders(part: MapPart): void {
    const readers = this.readers?.get(part)
    if (readers instanceof Set) for (const reader of readers) reader.readAnew()
    else readers?.readAnew()
  }
}

/**
 * Is this a map that can be watched? Not asked by its class: a server may load this file more than once, and a state that is
 * kept between requests was made by another copy.
 */
export const isWatched = (value: unknown): value is WatchedMap<unknown> => value instanceof Map && 'watch' in value

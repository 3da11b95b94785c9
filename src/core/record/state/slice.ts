import { WatchedMap } from '../../base/derived/watchedMap'

/** One slice of a job's state: a value of its own, or many under keys. */
export interface Slice<T> {
  readonly empty: () => T
  /** a copy that later entries do not touch; records are shared, since they are never changed in place */
  readonly copy: (value: T) => T
  /** what stands under a key; a value that is whole has one key, '' */
  readonly read: (value: T, key: string) => unknown
  /** the slice with something else there, undefined takes it out; a map is changed in place */
  readonly write: (value: T, key: string, to: unknown) => T
  /** what an entry is about that writes there; without it others' writes do not matter */
  readonly subject?: (key: string) => string
  /** false: taking back an entry that wrote there leaves it empty */
  readonly comesBack?: false
}

export interface KeyedSlice<V> extends Slice<WatchedMap<V>> {
  readonly keyed: true
}

export const keyed = <V>(subject?: (key: string) => string): KeyedSlice<V> => ({
  keyed: true,
  empty: () => new WatchedMap<V>(),
  copy: (map) => new WatchedMap(map),
  read: (map, key) => map.get(key),
  write: (map, key, to) => {
    if (to === undefined) map.delete(key)
    else map.set(key, to as V)
    return map
  },
  ...(subject && { subject }),
})

export const whole = <T>(empty: T, more: { readonly comesBack?: false } = {}): Slice<T> => ({
  empty: () => empty,
  copy: (value) => value,
  read: (value) => value,
  write: (_value, _key, to) => to as T,
  ...more,
})

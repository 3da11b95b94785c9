import { type Facts, mergeFacts } from '../plan/facts'
import { factKey } from '../state/factsSlice'
import {
  type JobState,
  type KeyedSliceId,
  type SliceItem,
  type StateStore,
  type WholeSliceId,
  readSlice,
  writeSlice,
} from '../state/state'
import { type SliceId, slices } from '../state/slices'
import type { Entry } from './entry'
import type { Draft } from './entryKind'

/** What stood under a key of a slice before an entry wrote there. */
export interface Write {
  readonly slice: SliceId | undefined
  readonly key: string
  was: unknown
}

/**
 * One folded entry with what it wrote, remembered so that it can be taken back and collisions can be told. Most entries
 * write once: their memory is the object itself, so that folding many makes no list for each.
 */
export class Logged implements Draft, Write {
  undone = false
  slice: SliceId | undefined = undefined
  key = ''
  was: unknown = undefined
  private more: Write[] | undefined = undefined

  constructor(
    private readonly store: StateStore,
    readonly entry: Entry,
  ) {}

  get state(): JobState {
    return this.store
  }

  put<Id extends KeyedSliceId>(slice: Id, key: string, value: SliceItem<Id> | undefined): void {
    // the maps of all slices are alike to it
    const map = this.store[slice] as Map<string, unknown>
    this.remember(slice, key, map.get(key))
    if (value === undefined) map.delete(key)
    else map.set(key, value)
  }

  set<Id extends WholeSliceId>(slice: Id, value: JobState[Id]): void {
    this.remember(slice, '', this.store[slice])
    writeSlice(this.store, slice, '', value)
  }

  pin(facts: Facts): void {
    for (const [list, items] of Object.entries(facts))
      for (const id of Object.keys(items ?? {})) {
        const key = factKey(list, id)
        this.remember('facts', key, readSlice(this.store, 'facts', key))
      }
    this.store.facts = mergeFacts(this.store.facts, facts)
  }

  /** That this entry is about what stood there, too. */
  remember(slice: SliceId, key: string, was: unknown): void {
    if (this.slice !== undefined) (this.more ??= []).push({ slice, key, was })
    else {
      this.slice = slice
      this.key = key
      this.was = was
    }
  }

  /** All writes, first to last. */
  writes(): readonly Write[] {
    return this.slice === undefined ? [] : [this, ...(this.more ?? [])]
  }

  /** Its first write under a key of a slice. */
  private firstWrite(slice: SliceId, key: string): Write | undefined {
    return this.writes().find((one) => one.slice === slice && one.key === key)
  }

  /**
   * Puts back what was there, the last write first. Where something later wrote over it, that stands, and remembers what
   * stood before this one.
   * @param later entries after this one, oldest first, without what is taken back
   */
  undo(later: readonly Logged[]): void {
    const own = new Set<string>()
    for (const { slice, key, was } of this.writes()) {
      if (slice === undefined || own.has(`${slice} ${key}`)) continue
      own.add(`${slice} ${key}`)
      const over = later.map((one) => one.firstWrite(slice, key)).find((write) => write !== undefined)
      const { comesBack, empty } = slices[slice] as { readonly comesBack?: false; readonly empty: () => unknown }
      if (over) over.was = was
      else writeSlice(this.store, slice, key, comesBack === false ? empty() : was)
    }
    this.undone = true
  }
}

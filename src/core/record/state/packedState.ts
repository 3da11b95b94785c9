import { type JobState, type StateStore, newJobState } from './state'
import { type SliceId, sliceIds } from './slices'

/** A job's state as text: what a page carries to the browser. It says nothing beyond one version of the app; a record is what is kept. */
export type PackedState = string

interface Packed {
  readonly seq: number
  readonly recent: unknown
  readonly slices: Readonly<Partial<Record<SliceId, unknown>>>
}

const kept = new WeakMap<object, { readonly seq: number; readonly text: PackedState }>()

/** The state as text. Pages ask for the same version again and again: the last one is kept. */
export function packState(state: JobState): PackedState {
  const before = kept.get(state.terms)
  if (before?.seq === state.seq) return before.text
  const text = JSON.stringify({
    seq: state.seq,
    recent: state.recent,
    slices: Object.fromEntries(
      sliceIds.map((id) => {
        const value: unknown = state[id]
        return [id, value instanceof Map ? [...(value as Map<string, unknown>)] : value]
      }),
    ),
  } satisfies Packed)
  kept.set(state.terms, { seq: state.seq, text })
  return text
}

/** The state that a text says. */
export function unpackState(text: PackedState): StateStore {
  const { seq, recent, slices } = JSON.parse(text) as Packed
  const state = newJobState()
  for (const id of sliceIds) {
    const value = slices[id]
    if (value === undefined) continue
    const map: unknown = state[id]
    if (map instanceof Map) for (const [key, item] of value as (readonly [string, unknown])[]) map.set(key, item)
    else Object.assign(state, { [id]: value })
  }
  return Object.assign(state, { seq, recent: recent as StateStore['recent'] })
}

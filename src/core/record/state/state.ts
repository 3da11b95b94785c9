import type { EndState, LogLine, TermState } from './records'
import type { Slice } from './slice'
import { type SliceId, sliceIds, slices } from './slices'

type SliceValue<Id extends SliceId> = (typeof slices)[Id] extends Slice<infer T> ? T : never
type Readable<T> = T extends Map<string, infer V> ? ReadonlyMap<string, V> : T

/** What a job counts besides its slices. */
interface Progressed<Lines> {
  seq: number
  /** the last entries, newest last: what can be shown and taken back */
  readonly recent: Lines
}

/** A job's state: what the journal adds up to. Only the fold changes it, through the draft of an entry. */
export type JobState = Readonly<Progressed<readonly LogLine[]>> & {
  readonly [Id in SliceId]: Readable<SliceValue<Id>>
}

/** The same, as the fold holds it. Records are never changed in place, the maps are. */
export type StateStore = Progressed<LogLine[]> & { -readonly [Id in SliceId]: SliceValue<Id> }

/** What is written under a key of a slice. */
export type SliceItem<Id extends SliceId> = SliceValue<Id> extends Map<string, infer V> ? V : SliceValue<Id>
export type KeyedSliceId = { [Id in SliceId]: SliceValue<Id> extends Map<string, unknown> ? Id : never }[SliceId]
export type WholeSliceId = Exclude<SliceId, KeyedSliceId | 'facts'>

const eachSlice = (value: (id: SliceId) => unknown) => Object.fromEntries(sliceIds.map((id) => [id, value(id)]))
const sliceOf = (id: SliceId): Slice<unknown> => slices[id] as Slice<unknown>

export const newJobState = (): StateStore =>
  ({ seq: 0, recent: [], ...eachSlice((id) => sliceOf(id).empty()) }) as unknown as StateStore

/** A copy that later entries do not touch. Records are shared: they are never changed in place. */
export const snapshot = (state: JobState): StateStore =>
  ({
    seq: state.seq,
    recent: [...state.recent],
    ...eachSlice((id) => sliceOf(id).copy(state[id])),
  }) as unknown as StateStore

/** What stands under a key of a slice now. */
export const readSlice = (state: JobState, id: SliceId, key: string): unknown => sliceOf(id).read(state[id], key)

/** Writes under a key of a slice. */
export function writeSlice(state: StateStore, id: SliceId, key: string, to: unknown): void {
  Object.assign(state, { [id]: sliceOf(id).write(state[id], key, to) })
}

export const freshTerm: TermState = { scrapped: 0, redone: 0, usedMm: 0, extractions: 0 }
export const freshEnd: EndState = { lock: 'open', fitted: [], lookedOver: false }

export const termState = (state: JobState, key: string): TermState => state.terms.get(key) ?? freshTerm
export const endState = (state: JobState, key: string): EndState => state.ends.get(key) ?? freshEnd

/** A strip as somebody measured it; what a stop was set to is no measurement. */
export const measuredStripMm = ({ stripped }: TermState): number | undefined =>
  stripped?.lengthFrom === 'measured' ? stripped.stripMm : undefined

/** Is the job signed, and not reopened since? */
export const isClosed = (state: JobState): boolean =>
  state.signatures.some((signature) => signature.role === 'builder' && !signature.void)

/** Was it signed before, or did it come whole? Then its bundle is laced. */
export const isLaced = (state: JobState): boolean => state.plan.kind !== 'build' || state.signatures.length > 0

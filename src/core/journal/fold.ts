import type { Entry, EntryKindId } from './entry'
import type { Draft, EntryKind, Moment, Refusal } from './entryKind'
import { entryKinds } from './entryKinds'
import { isClosed, newJobState, type JobState, type LogLine } from './state'

/** What the fold remembers of each entry, so that it can be taken back and collisions can be told. */
interface Logged {
  readonly line: LogLine
  readonly writes: readonly string[]
  readonly touches: readonly string[]
  readonly undo: readonly (() => void)[]
  readonly final: boolean
}

/** A job being folded: its state, and the memory that taking back and collisions need. */
export interface Folded {
  readonly state: JobState
  readonly byId: Map<string, number>
  readonly log: Map<number, Logged>
  /** live entries by subject, oldest first */
  readonly touched: Map<string, number[]>
  readonly lastWrite: Map<string, number>
}

/** How many of the last entries a state shows. */
const RECENT = 60

export const newFold = (): Folded => ({ state: newJobState(), byId: new Map(), log: new Map(), touched: new Map(), lastWrite: new Map() })

/** A state that came from elsewhere, to fold newer entries on. What is older cannot be taken back here: the server can. */
export const foldFrom = (state: JobState): Folded => ({ ...newFold(), state })

// The table is keyed by kind, so an entry always meets the definition of its own kind.
const kindOf = (kind: EntryKindId): EntryKind<EntryKindId> | undefined =>
  kind === 'taken-back' ? undefined : (entryKinds[kind] as unknown as EntryKind<EntryKindId>)

/** Folds one entry into the job. The entry must have been admitted. */
export function foldEntry(folded: Folded, entry: Entry): void {
  const { state } = folded
  if (entry.kind === 'taken-back') takeBack(folded, entry)
  else {
    const kind = kindOf(entry.kind)
    if (!kind) return
    const { writes, reads = [] } = kind.subjects(entry, state)
    const undo: (() => void)[] = []
    kind.apply(draftOf(state, undo), entry)
    const line: LogLine = { seq: entry.seq, id: entry.id, kind: entry.kind, at: entry.at, by: entry.by, about: kind.about(entry) }
    const touches = reads.length === 0 ? writes : [...writes, ...reads]
    folded.log.set(entry.seq, { line, writes, touches, undo, final: kind.final ?? false })
    for (const one of touches) {
      const seqs = folded.touched.get(one)
      if (seqs) seqs.push(entry.seq)
      else folded.touched.set(one, [entry.seq])
    }
    for (const one of writes) folded.lastWrite.set(one, entry.seq)
    remember(state, line)
  }
  folded.byId.set(entry.id, entry.seq)
  state.seq = entry.seq
}

/** Keeps the list of recent entries short without copying it at each step. */
function remember(state: JobState, line: LogLine): void {
  const recent = state.recent as LogLine[]
  if (recent.length >= RECENT * 2) recent.splice(0, RECENT)
  recent.push(line)
}

function draftOf(state: JobState, undo: (() => void)[]): Draft {
  return {
    state,
    put: (map, key, value) => {
      const before = map.get(key)
      undo.push(before === undefined ? () => map.delete(key) : () => map.set(key, before))
      if (value === undefined) map.delete(key)
      else map.set(key, value)
    },
    set: (field, value) => {
      const before = state[field]
      undo.push(() => {
        state[field] = before
      })
      state[field] = value
    },
  }
}

function takeBack(folded: Folded, entry: Extract<Entry, { kind: 'taken-back' }>): void {
  const seq = folded.byId.get(entry.undoes)
  const logged = seq === undefined ? undefined : folded.log.get(seq)
  if (seq === undefined || !logged) return
  for (const step of [...logged.undo].reverse()) step()
  for (const one of logged.touches) {
    const left = folded.touched.get(one)?.filter((other) => other !== seq) ?? []
    folded.touched.set(one, left)
  }
  for (const one of logged.writes) folded.lastWrite.set(one, entry.seq)
  folded.log.set(seq, { ...logged, line: { ...logged.line, undone: true }, undo: [], touches: [] })
  const { state } = folded
  const recent = state.recent as LogLine[]
  const at = recent.findIndex((line) => line.seq === seq)
  if (at >= 0) recent[at] = { ...logged.line, undone: true }
  remember(state, { seq: entry.seq, id: entry.id, kind: 'taken-back', at: entry.at, by: entry.by, about: logged.line.about })
}

export function foldAll(entries: Iterable<Entry>): Folded {
  const folded = newFold()
  for (const entry of entries) foldEntry(folded, entry)
  return folded
}

/**
 * May this entry be appended now? The same answer on the bench and on the server; the server's counts.
 * @returns undefined when it may, else why not
 */
export function refusalOf(folded: Folded, entry: Entry, moment: Moment): Refusal | undefined {
  if (entry.kind === 'taken-back') return takeBackRefusal(folded, entry.undoes)
  const kind = kindOf(entry.kind)
  if (!kind) return { code: 'not-this-one', kind: entry.kind }
  if (isClosed(folded.state) && !kind.whenClosed) return { code: 'job-closed' }
  return kind.refuse(folded.state, entry, moment)
}

function takeBackRefusal(folded: Folded, undoes: string): Refusal | undefined {
  const seq = folded.byId.get(undoes)
  const logged = seq === undefined ? undefined : folded.log.get(seq)
  if (seq === undefined || !logged) return { code: 'unknown', what: 'entry', id: undoes }
  if (logged.line.undone) return { code: 'already', what: 'taken-back' }
  if (logged.final || (logged.line.kind === 'plan-changed' && seq === 1)) return { code: 'not-this-one', kind: logged.line.kind }
  if (isClosed(folded.state)) return { code: 'job-closed' }
  const later = [...new Set(logged.writes.flatMap((one) => folded.touched.get(one) ?? []))].filter((other) => other > seq).sort((a, b) => a - b)
  if (later.length === 0) return undefined
  return { code: 'stands-on-it', later: later.slice(0, 5).flatMap((other) => folded.log.get(other)?.line ?? []).map(({ seq: at, kind, about }) => ({ seq: at, kind, about })) }
}

/**
 * Did anybody else change the same thing since `seen`? Entries in between that are about something else do not matter.
 * @returns the sequence number of the newest entry that collides
 */
export function collision(folded: Folded, entry: Entry, seen: number): number | undefined {
  if (seen >= folded.state.seq) return undefined
  const subjects = subjectsOf(folded, entry)
  const newest = Math.max(0, ...subjects.writes.map((one) => Math.max(folded.lastWrite.get(one) ?? 0, folded.touched.get(one)?.at(-1) ?? 0)), ...(subjects.reads ?? []).map((one) => folded.lastWrite.get(one) ?? 0))
  return newest > seen ? newest : undefined
}

function subjectsOf(folded: Folded, entry: Entry): { readonly writes: readonly string[]; readonly reads?: readonly string[] } {
  if (entry.kind === 'taken-back') return { writes: folded.log.get(folded.byId.get(entry.undoes) ?? -1)?.writes ?? [] }
  return kindOf(entry.kind)?.subjects(entry, folded.state) ?? { writes: [] }
}

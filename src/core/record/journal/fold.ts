import type { Entry, EntryKindId } from './entry'
import {
  subject,
  type Draft,
  type EntryKind,
  type Moment,
  type Refusal,
  type StateField,
  type WorkAhead,
} from './entryKind'
import { entryKinds } from './entryKinds'
import { isClosed, newJobState, type JobState, type LogLine } from '../state/state'

/** A job being folded: its state, and the memory that taking back and collisions need. */
export interface Folded {
  readonly state: JobState
  /** by sequence number */
  readonly log: (Logged | undefined)[]
  /** sequence numbers by entry id, filled when somebody asks */
  readonly ids: { readonly seqs: Map<string, number>; upTo: number }
}

/** How many of the last entries a state shows. */
export const RECENT = 60

export const newFold = (): Folded => ({ state: newJobState(), log: [], ids: { seqs: new Map(), upTo: 0 } })

/** A state that came from elsewhere, to fold newer entries on. What is older cannot be taken back here: the server can. */
export const foldFrom = (state: JobState): Folded => ({ state, log: [], ids: { seqs: new Map(), upTo: state.seq } })

/** The sequence number of an entry by its id, or undefined when it is not known here. */
export function seqOf({ ids, log, state }: Folded, id: string): number | undefined {
  for (let seq = ids.upTo + 1; seq <= state.seq; seq++) {
    const known = log[seq]?.entry.id
    if (known !== undefined) ids.seqs.set(known, seq)
  }
  ids.upTo = state.seq
  return ids.seqs.get(id)
}

// The table is keyed by kind, so an entry always meets the definition of its own kind.
const kindOf = (kind: EntryKindId): EntryKind<EntryKindId> | undefined =>
  kind === 'taken-back' ? undefined : (entryKinds[kind] as unknown as EntryKind<EntryKindId>)

/** What stood somewhere before an entry wrote there; a field of the state has no map. */
interface Before {
  readonly map: Map<string, unknown> | undefined
  readonly key: string
  readonly was: unknown
}

/**
 * One folded entry with what it wrote, remembered so that it can be taken back and collisions can be told. Most entries
 * write once: their memory is the object itself, so that folding many makes no list for each.
 */
class Logged implements Draft, Before {
  undone = false
  map: Map<string, unknown> | undefined = undefined
  key = ''
  was: unknown = undefined
  more: Before[] | undefined = undefined

  constructor(
    readonly state: JobState,
    readonly entry: Entry,
  ) {}

  put<V>(map: Map<string, V>, key: string, value: V | undefined): void {
    this.remember(map, key, map.get(key))
    if (value === undefined) map.delete(key)
    else map.set(key, value)
  }

  set<K extends StateField>(field: K, value: JobState[K]): void {
    this.remember(undefined, field, this.state[field])
    this.state[field] = value
  }

  remember(map: Map<string, unknown> | undefined, key: string, was: unknown): void {
    if (this.key !== '') (this.more ??= []).push({ map, key, was })
    else {
      this.map = map
      this.key = key
      this.was = was
    }
  }

  /** All writes, first to last. */
  writes(): readonly Before[] {
    return this.key === '' ? [] : [this, ...(this.more ?? [])]
  }

  /** Puts back what was there, the last write first. */
  undo(): void {
    for (const { map, key, was } of [...this.writes()].reverse()) {
      if (!map) Object.assign(this.state, { [key]: was })
      else if (was === undefined) map.delete(key)
      else map.set(key, was)
    }
    this.undone = true
  }
}

/** Folds one entry into the job. The entry must have been admitted. */
export function foldEntry(folded: Folded, entry: Entry): void {
  step(folded, entry)
  const { recent } = folded.state
  // cut now and then, so that no step copies the list
  if (recent.length >= RECENT * 2) recent.splice(0, RECENT)
  recent.push(lineOf(folded, entry))
}

/** Folds many entries, the list of recent ones only at the end. */
export function foldMany(folded: Folded, entries: Iterable<Entry>): void {
  const from = folded.state.seq
  for (const entry of entries) step(folded, entry)
  const { recent, seq } = folded.state
  for (let at = Math.max(from + 1, seq - RECENT + 1); at <= seq; at++) {
    const logged = folded.log[at]
    if (logged) recent.push({ ...lineOf(folded, logged.entry), ...(logged.undone && { undone: true }) })
  }
  recent.splice(0, recent.length - RECENT)
}

function step(folded: Folded, entry: Entry): void {
  const { state } = folded
  const logged = new Logged(state, entry)
  if (entry.kind === 'taken-back') takeBack(folded, entry, logged)
  else {
    const kind = kindOf(entry.kind)
    leaveTray(state, kind)
    kind?.apply(logged, entry)
  }
  folded.log[entry.seq] = logged
  state.seq = entry.seq
}

/** Tools are out again: the tray is counted anew before anybody signs. Taking work back does not bring the old count back. */
function leaveTray(state: JobState, kind: EntryKind<EntryKindId> | undefined): void {
  if (state.tray && !kind?.atDesk) state.tray = undefined
}

/** An entry as it stands in a list; a taking back is about what it took back. */
function lineOf(folded: Folded, entry: Entry): LogLine {
  const meant = entry.kind === 'taken-back' ? folded.log[seqOf(folded, entry.undoes) ?? -1]?.entry : entry
  const about = meant ? (kindOf(meant.kind)?.about(meant) ?? '') : ''
  return { seq: entry.seq, id: entry.id, kind: entry.kind, at: entry.at, by: entry.by, about }
}

function takeBack(folded: Folded, entry: Extract<Entry, { kind: 'taken-back' }>, logged: Logged): void {
  const { state, log } = folded
  const seq = seqOf(folded, entry.undoes)
  const taken = seq === undefined ? undefined : log[seq]
  if (!taken) return
  taken.undo()
  // nor does taking a count back bring back the one before it: there may be work between
  if (taken.entry.kind === 'tray-counted') state.tray = undefined
  else leaveTray(state, kindOf(taken.entry.kind))
  // it is about the same things as what it took back
  for (const { map, key, was } of taken.writes()) logged.remember(map, key, was)
  const at = state.recent.findIndex((line) => line.seq === seq)
  const line = state.recent[at]
  if (line) state.recent[at] = { ...line, undone: true }
}

export function foldAll(entries: Iterable<Entry>): Folded {
  const folded = newFold()
  foldMany(folded, entries)
  return folded
}

/**
 * May this entry be appended now? The same answer on the bench and on the server; the server's counts.
 * @param ahead what is still to be done, from the floor above
 * @returns undefined when it may, else why not
 */
export function refusalGiven(folded: Folded, entry: Entry, moment: Moment, ahead: WorkAhead): Refusal | undefined {
  if (entry.kind === 'taken-back') return takeBackRefusal(folded, entry.undoes)
  const kind = kindOf(entry.kind)
  if (!kind) return { code: 'not-this-one', kind: entry.kind }
  if (isClosed(folded.state) && !kind.whenClosed) return { code: 'job-closed' }
  return kind.refuse(folded.state, entry, moment, ahead)
}

function takeBackRefusal(folded: Folded, undoes: string): Refusal | undefined {
  const seq = seqOf(folded, undoes)
  const logged = seq === undefined ? undefined : folded.log[seq]
  const kind = logged && kindOf(logged.entry.kind)
  if (seq === undefined || !logged || !kind) return { code: 'unknown', what: 'entry', id: undoes }
  if (logged.undone) return { code: 'already', what: 'taken-back' }
  if (kind.final || (logged.entry.kind === 'plan-changed' && seq === 1))
    return { code: 'not-this-one', kind: logged.entry.kind }
  if (isClosed(folded.state)) return { code: 'job-closed' }
  const { writes } = touched(folded.state, logged.entry, logged.writes())
  const later: { seq: number; kind: string; about: string }[] = []
  for (let at = seq + 1; at <= folded.state.seq && later.length < STANDS_SHOWN; at++) {
    const other = folded.log[at]
    const otherKind = other && kindOf(other.entry.kind)
    if (!other || !otherKind || other.undone) continue
    const subjects = touched(folded.state, other.entry, other.writes())
    if (meets(subjects.writes, writes) || meets(subjects.reads, writes))
      later.push({ seq: at, kind: other.entry.kind, about: otherKind.about(other.entry) })
  }
  return later.length > 0 ? { code: 'stands-on-it', later } : undefined
}

/** How many later entries are named to somebody who wants to take one back. */
const STANDS_SHOWN = 5

const meets = (one: ReadonlySet<string>, other: ReadonlySet<string>) => {
  for (const subject of one) if (other.has(subject)) return true
  return false
}

/** What an entry is about: what its kind says, and what it changed when it was folded. Worked out only when asked. */
function touched(
  state: JobState,
  entry: Entry,
  changed: readonly Before[],
): { readonly writes: Set<string>; readonly reads: ReadonlySet<string> } {
  const { writes, reads = [] } = kindOf(entry.kind)?.subjects(entry, state) ?? { writes: [] }
  const all = new Set(writes)
  const named = new Map<unknown, (key: string) => string>([
    [state.terms, subject.term],
    [state.cavities, subject.cavity],
    [state.ends, subject.endState],
    [state.setups, subject.setup],
    [state.tools, subject.tool],
    [state.nets, subject.net],
    [state.cuts, subject.cut],
    [state.adjustments, subject.adjustment],
    [state.toolChecks, subject.toolCheck],
    [state.photos, subject.photos],
    [state.seatOrders, subject.seatOrder],
  ])
  for (const { map, key } of changed) {
    const name = named.get(map)
    if (name) all.add(name(key))
  }
  return { writes: all, reads: new Set(reads) }
}

/**
 * Did anybody else change the same thing since `seen`? Entries in between that are about something else do not matter.
 * @returns the sequence number of the newest entry that collides
 */
export function collision(folded: Folded, entry: Entry, seen: number): number | undefined {
  const { state } = folded
  if (seen >= state.seq) return undefined
  const own = entry.kind === 'taken-back' ? folded.log[seqOf(folded, entry.undoes) ?? -1] : undefined
  const mine = own ? touched(state, own.entry, own.writes()) : touched(state, entry, [])
  for (let at = state.seq; at > seen; at--) {
    const other = folded.log[at]
    if (!other) continue
    const theirs = touched(state, other.entry, other.writes())
    if (meets(mine.writes, theirs.writes) || meets(mine.writes, theirs.reads) || meets(mine.reads, theirs.writes))
      return at
  }
  return undefined
}

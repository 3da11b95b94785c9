import type { LogLine } from '../state/records'
import type { Entry, EntryKindId } from './entry'
import type { EntryKind } from './entryKind'
import { entryKinds } from './entryKinds'
import { type Folded, newFold, seqOf } from './folded'
import { Logged } from './logged'

/** How many of the last entries a state shows. */
export const RECENT = 60

// The table is keyed by kind, so an entry always meets the definition of its own kind.
export const kindOf = (kind: EntryKindId): EntryKind<EntryKindId> | undefined =>
  kind === 'taken-back' ? undefined : (entryKinds[kind] as unknown as EntryKind<EntryKindId>)

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
    leaveTray(logged, kind)
    kind?.apply(logged, entry)
  }
  folded.log[entry.seq] = logged
  state.seq = entry.seq
}

/** Tools are out again: the tray is counted anew before anybody signs. */
function leaveTray(logged: Logged, kind: EntryKind<EntryKindId> | undefined): void {
  if (logged.state.tray && !kind?.atDesk) logged.set('tray', undefined)
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
  const later = log
    .slice(taken.entry.seq + 1)
    .flatMap((one) => (one === undefined || one.undone || one.entry.kind === 'taken-back' ? [] : [one]))
  taken.undo(later)
  leaveTray(logged, kindOf(taken.entry.kind))
  // it is about the same things as what it took back
  for (const { slice, key, was } of taken.writes()) if (slice !== undefined) logged.remember(slice, key, was)
  const at = state.recent.findIndex((line) => line.seq === seq)
  const line = state.recent[at]
  if (line) state.recent[at] = { ...line, undone: true }
}

export function foldAll(entries: Iterable<Entry>): Folded {
  const folded = newFold()
  foldMany(folded, entries)
  return folded
}

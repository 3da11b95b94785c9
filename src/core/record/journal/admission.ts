import { isClosed } from '../state/state'
import { meets, touched } from './collision'
import type { Entry, EntryKindId } from './entry'
import type { Moment, Refusal, WorkAhead } from './entryKind'
import { kindOf } from './fold'
import { type Folded, seqOf } from './folded'

/** How many later entries are named to somebody who wants to take one back. */
const STANDS_SHOWN = 5

/**
 * May this entry be appended now? The same answer on the bench and on the server; the server's counts.
 * @param ahead what is still to be done, from the floor above
 * @returns undefined when it may, else why not
 */
export function refusalGiven(folded: Folded, entry: Entry, moment: Moment, ahead: WorkAhead): Refusal | undefined {
  if (entry.kind === 'taken-back') return takeBackRefusal(folded, entry.undoes)
  const kind = kindOf(entry.kind)
  if (!kind) return { kind: 'not-this-one', of: entry.kind }
  if (isClosed(folded.state) && !kind.whenClosed) return { kind: 'job-closed' }
  return kind.refuse(folded.state, entry, moment, ahead)
}

function takeBackRefusal(folded: Folded, undoes: string): Refusal | undefined {
  const seq = seqOf(folded, undoes)
  const logged = seq === undefined ? undefined : folded.log[seq]
  const kind = logged && kindOf(logged.entry.kind)
  if (seq === undefined || !logged || !kind) return { kind: 'unknown', what: 'entry', id: undoes }
  if (logged.undone) return { kind: 'already', what: 'taken-back' }
  if (kind.final || (logged.entry.kind === 'plan-changed' && seq === 1))
    return { kind: 'not-this-one', of: logged.entry.kind }
  if (isClosed(folded.state)) return { kind: 'job-closed' }
  const { writes } = touched(folded.state, logged.entry, logged.writes())
  const later: { seq: number; kind: EntryKindId; about: string }[] = []
  for (let at = seq + 1; at <= folded.state.seq && later.length < STANDS_SHOWN; at++) {
    const other = folded.log[at]
    const otherKind = other && kindOf(other.entry.kind)
    if (!other || !otherKind || other.undone) continue
    const subjects = touched(folded.state, other.entry, other.writes())
    if (meets(subjects.writes, writes) || meets(subjects.reads, writes))
      later.push({ seq: at, kind: other.entry.kind, about: otherKind.about(other.entry) })
  }
  return later.length > 0 ? { kind: 'stands-on-it', later } : undefined
}

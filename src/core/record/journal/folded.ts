import { type StateStore, newJobState } from '../state/state'
import type { Logged } from './logged'

/** A job being folded: its state, and the memory that taking back and collisions need. */
export interface Folded {
  readonly state: StateStore
  /** by sequence number */
  readonly log: (Logged | undefined)[]
  /** sequence numbers by entry id, filled when somebody asks */
  readonly ids: { readonly seqs: Map<string, number>; upTo: number }
}

export const newFold = (): Folded => ({ state: newJobState(), log: [], ids: { seqs: new Map(), upTo: 0 } })

/** A state that came from elsewhere, to fold newer entries on. What is older cannot be taken back here: the server can. */
export const foldFrom = (state: StateStore): Folded => ({ state, log: [], ids: { seqs: new Map(), upTo: state.seq } })

/** The sequence number of an entry by its id, or undefined when it is not known here. */
export function seqOf({ ids, log, state }: Folded, id: string): number | undefined {
  for (let seq = ids.upTo + 1; seq <= state.seq; seq++) {
    const known = log[seq]?.entry.id
    if (known !== undefined) ids.seqs.set(known, seq)
  }
  ids.upTo = state.seq
  return ids.seqs.get(id)
}

import { type DefectCode, decide, defects } from '../../../craft/crimp/looks'
import { setupId } from '../../../craft/setup/setup'
import { setKey, termLabel } from '../../plan/keys'
import { implausibleHeight } from '../../standing/plausible'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { findTermination, isLook, withSet } from '../shared'
import { looksOf } from '../../standing/looksOf'
import { withHeight } from '../writes/heights'

/** What an append of this kind says. */
export const crimpRejectedShape = ({ key, term, above0, readBy, z }: EntryFields) => ({
  term,
  look: key,
  defect: key,
  decision: z.enum(['redo', 'scrap']),
  usedMm: z.number().min(0),
  heightMm: above0.optional(),
  heightBy: readBy,
})

const isDefect = (text: string): text is DefectCode => Object.hasOwn(defects, text)

export const crimpRejected: EntryKind<'crimp-rejected'> = {
  kind: 'crimp-rejected',
  subjects: ({ term }, state) => {
    const termination = findTermination(state, term)
    return {
      writes: [subject.term(term)],
      reads: termination ? [subject.set(termination.wire.id, termination.side)] : [],
    }
  },
  refuse: (state, { term, look, defect, decision, heightMm }) => {
    const found = withSet(state, term)
    if (found.refusal) return found.refusal
    const now = termState(state, term)
    if (!now.stripped) return { kind: 'not-yet', what: 'stripped' }
    if (now.seat) return { kind: 'already', what: 'seated' }
    if (!isLook(look) || !looksOf(state, found.set).includes(look)) return { kind: 'unknown', what: 'look', id: look }
    if (!isDefect(defect)) return { kind: 'unknown', what: 'look', id: defect }
    if (decide(defect, look).decision === 'scrap' && decision === 'redo')
      return { kind: 'decision-not-for-defect', defect, decision }
    return heightMm === undefined ? undefined : implausibleHeight(found.set, heightMm)
  },
  apply: (draft, { term, decision, usedMm, heightMm, at }) => {
    const { stripped: _strip, suspect: _suspect, crimp, ...rest } = termState(draft.state, term)
    const termination = findTermination(draft.state, term)
    const set = termination && draft.state.sets.get(setKey(termination.wire.id, termination.side))
    draft.put('terms', term, {
      ...rest,
      ...withHeight(rest, crimp?.setup ?? (set ? setupId(set.setup) : ''), heightMm, at),
      usedMm: rest.usedMm + usedMm,
      scrapped: rest.scrapped + (decision === 'scrap' ? 1 : 0),
      redone: rest.redone + (decision === 'redo' ? 1 : 0),
    })
  },
  about: ({ term }) => termLabel(term),
}

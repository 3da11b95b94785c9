import { looks as lookTable } from '../../../craft/crimp/looks'
import { termLabel } from '../../plan/keys'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { lookRefusal, withSet } from '../shared'
import { looksOf } from '../../standing/looksOf'

/** A suspect crimp was looked at again, or pulled by hand, and is good. One that is not is rejected like any other. */
export const suspectClearedShape = ({ term, look, z }: EntryFields) => ({
  term,
  how: z.enum(['looked-at', 'pulled-by-hand']),
  looks: z.array(look).max(8).optional(),
})

export const suspectCleared: EntryKind<'suspect-cleared'> = {
  kind: 'suspect-cleared',
  whenClosed: true,
  atDesk: true,
  subjects: ({ term }) => ({ writes: [subject.term(term)] }),
  refuse: (state, { term, how, looks }) => {
    const now = termState(state, term)
    if (!now.suspect || !now.crimp) return { kind: 'not-yet', what: 'suspect' }
    if (how === 'pulled-by-hand') return undefined
    // in its cavity its barrel is not seen
    if (now.seat) return { kind: 'already', what: 'seated' }
    const found = withSet(state, term)
    if (found.refusal) return found.refusal
    return lookRefusal(
      looksOf(state, found.set).filter((look) => lookTable[look].when === 'after'),
      looks ?? [],
    )
  },
  apply: (draft, { term }) => {
    const { suspect: _, ...now } = termState(draft.state, term)
    draft.put('terms', term, now)
  },
  about: ({ term }) => termLabel(term),
}

import { holdTests } from '../../../craft/crimp/holdTests'
import { termLabel } from '../../plan/keys'
import { retentionN } from '../../standing/tug'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { breakContact } from '../writes/contactWrites'
import { voidProof } from '../writes/proofs'

/** A contact pulled to see whether its cavity holds it (`retention`), or its wire by hand to see whether its crimp does. */
export const contactHeldShape = ({ term, above0, readBy, z }: EntryFields) => ({
  term,
  test: z.enum(holdTests),
  held: z.boolean(),
  /** the force that was asked for */
  askedN: above0.optional(),
  /** what a gauge showed; left out when none was read */
  forceN: above0.optional(),
  readBy,
})

/** A gauge in the hand overshoots by so much. */
const ABOVE = 1.1

export const contactHeld: EntryKind<'contact-held'> = {
  kind: 'contact-held',
  subjects: ({ term }) => ({ writes: [subject.term(term)] }),
  refuse: (state, { term, test, held, forceN, askedN }) => {
    const now = termState(state, term)
    if (!now.crimp) return { kind: 'not-yet', what: 'crimped' }
    if (test === 'hand-pull') return undefined
    if (!now.seat?.home) return { kind: 'not-yet', what: 'seated', left: 1 }
    const holdsN = retentionN(state, now.seat.end, now.seat.cavity)
    // beyond what the cavity is made to hold, the test would break what it tests
    if (forceN !== undefined && holdsN !== undefined && forceN > holdsN * ABOVE)
      return { kind: 'tug-too-hard', tugN: forceN, lightN: holdsN }
    return held && forceN !== undefined && askedN !== undefined && forceN < askedN
      ? { kind: 'pull-too-light', forceN, askedN }
      : undefined
  },
  apply: (draft, { term, test, held, forceN, askedN, at, by }) => {
    const now = termState(draft.state, term)
    if (!now.crimp) return
    const seen = {
      held,
      at,
      by,
      ...(forceN !== undefined && { forceN }),
      ...(askedN !== undefined && { askedN }),
    }
    if (test === 'hand-pull') {
      draft.put('terms', term, { ...now, crimp: { ...now.crimp, handPull: seen } })
      // what came off is no crimp: the contact comes out, and is made again
      if (!held) breakContact(draft, term, 'contact', 0)
      return
    }
    if (!now.seat) return
    draft.put('terms', term, { ...now, seat: { ...now.seat, home: held, retention: seen } })
    if (!held) voidProof(draft, term)
  },
  about: ({ term, test, held }) => `${termLabel(term)} ${test.replace('-', ' ')}: ${held ? 'held' : 'did not hold'}`,
}

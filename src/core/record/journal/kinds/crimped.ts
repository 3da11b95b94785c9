import { setupId } from '../../../craft/setup/setup'
import { termLabel } from '../../plan/keys'
import type { Termination } from '../../plan/plan'
import { rulesOf } from '../../rules/rulesOf'
import { heightRefusal } from '../../standing/firstPiece'
import { implausibleHeight } from '../../standing/plausible'
import { gaugeDue } from '../../standing/gaugeDue'
import { looksTicked } from '../../standing/looksTicked'
import { samplesDue } from '../../standing/samplesDue'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import { type EntryKind, dayIn } from '../entryKind'
import { findTermination, lookRefusal, notInHand, practiceRefusal, releaseRefusal, withSet } from '../shared'
import { looksOf } from '../../standing/looksOf'
import { withHeight } from '../writes/heights'

/** What an append of this kind says. */
export const crimpedShape = ({ key, term, above0, look, practices, readBy, z }: EntryFields) => ({
  term,
  setup: key,
  looks: z.array(look).min(1).max(8),
  heightMm: above0.optional(),
  heightBy: readBy,
  practices,
  /** all looks were answered at once, beside their pictures */
  together: z.literal(true).optional(),
})

const crimpSubjects = (termination: Termination | undefined, term: string, setup: string) => ({
  writes: [subject.term(term)],
  reads: [subject.setup(setup), ...(termination ? [subject.set(termination.wire.id, termination.side)] : [])],
})

export const crimped: EntryKind<'crimped'> = {
  kind: 'crimped',
  subjects: ({ term, setup }, state) => crimpSubjects(findTermination(state, term), term, setup),
  refuse: (state, { term, setup, looks, heightMm, practices, together }, moment) => {
    const found = withSet(state, term)
    if (found.refusal) return found.refusal
    const now = termState(state, term)
    if (now.crimp) return { kind: 'already', what: 'crimped' }
    if (!now.stripped) return { kind: 'not-yet', what: 'stripped' }
    const refusal = notInHand(state, setupId(found.set.setup), setup)
    if (refusal) return refusal
    const notReleased = releaseRefusal(state, setup, found.termination, found.set)
    if (notReleased) return notReleased
    const released = state.setups.get(setup)?.released
    if (rulesOf(state).shiftAsksAgain && released && dayIn(moment, released.at) !== dayIn(moment, moment.at))
      return { kind: 'new-day', released: dayIn(moment, released.at) }
    const due = samplesDue(state, setup)
    if (due.pull) return { kind: 'pull-due', setup, every: rulesOf(state).pullEvery }
    const gauge = gaugeDue(state, found.set.setup.tool, dayIn(moment, moment.at), (at) => dayIn(moment, at))
    if (gauge) return { kind: 'gauge-due', tool: gauge.tool, gauge: gauge.gauge.id }
    const ticked = together ? looksTicked(state, setup) : undefined
    if (ticked?.kind === 'singly') return { kind: 'singly-due', nth: ticked.nth }
    return (
      lookRefusal(looksOf(state, found.set), looks) ??
      practiceRefusal(state, found.set, 'crimp', practices) ??
      (heightMm === undefined ? undefined : implausibleHeight(found.set, heightMm)) ??
      heightRefusal(state, found.set, heightMm, due.height)
    )
  },
  apply: (draft, { term, setup, heightMm, practices, together, at, by }) => {
    const { outOf: _outOf, suspect: _suspect, ...now } = termState(draft.state, term)
    draft.put('terms', term, {
      // a new contact has never been out
      ...now,
      extractions: 0,
      ...withHeight(now, setup, heightMm, at),
      crimp: {
        setup,
        at,
        by,
        ...(heightMm !== undefined && { heightMm }),
        ...(practices && practices.length > 0 && { practices }),
        ...(together && { together }),
      },
    })
  },
  about: ({ term }) => termLabel(term),
}

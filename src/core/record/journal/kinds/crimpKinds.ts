import { heightRefusal } from '../../standing/firstPiece'
import { decide, defects, type DefectCode } from '../../../craft/crimp/looks'
import { implausibleHeight } from '../../standing/plausible'
import { samplesDue } from '../../standing/samplesDue'
import { setKey, type Termination } from '../../plan/plan'
import { setupId } from '../../../craft/setup/setup'
import { subject, termLabel, type EntryKind } from '../entryKind'
import {
  findTermination,
  isLook,
  isReleased,
  lookRefusal,
  looksOf,
  notInHand,
  practiceRefusal,
  withSet,
} from '../shared'
import { rulesOf } from '../../rules/rulesOf'
import { termState, type TermState } from '../../state/state'

const crimpSubjects = (termination: Termination | undefined, term: string, setup: string) => ({
  writes: [subject.term(term)],
  reads: [subject.setup(setup), ...(termination ? [subject.set(termination.wire.id, termination.side)] : [])],
})

/** A height once measured stays in the record of its setup, whatever becomes of the crimp. */
const withHeight = (
  { heights = [] }: TermState,
  setup: string,
  heightMm: number | undefined,
  at: string,
): Pick<TermState, 'heights'> => (heightMm === undefined ? {} : { heights: [...heights, { setup, heightMm, at }] })

export const crimped: EntryKind<'crimped'> = {
  kind: 'crimped',
  subjects: ({ term, setup }, state) => crimpSubjects(findTermination(state, term), term, setup),
  refuse: (state, { term, setup, looks, heightMm, practices }, { at }) => {
    const found = withSet(state, term)
    if (found.refusal) return found.refusal
    const now = termState(state, term)
    if (now.crimp) return { code: 'already', what: 'crimped' }
    if (!now.stripped) return { code: 'not-yet', what: 'stripped' }
    const refusal = notInHand(state, setupId(found.set.setup), setup)
    if (refusal) return refusal
    if (!isReleased(state, setup)) return { code: 'not-yet', what: 'released' }
    const released = state.setups.get(setup)?.released
    if (rulesOf(state).shiftAsksAgain && released && released.at.slice(0, 10) !== at.slice(0, 10))
      return { code: 'new-day', released: released.at }
    const due = samplesDue(state, setup)
    if (due.pull) return { code: 'pull-due', setup, every: rulesOf(state).pullEvery }
    return (
      lookRefusal(looksOf(state, found.set), looks) ??
      practiceRefusal(state, found.set, 'crimp', practices) ??
      (heightMm === undefined ? undefined : implausibleHeight(found.set, heightMm)) ??
      heightRefusal(state, found.set, heightMm, due.height)
    )
  },
  apply: (draft, { term, setup, heightMm, practices, at, by }) => {
    const { outOf: _outOf, ...now } = termState(draft.state, term)
    draft.put(draft.state.terms, term, {
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
      },
    })
  },
  about: ({ term }) => termLabel(term),
}

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
    if (!now.stripped) return { code: 'not-yet', what: 'stripped' }
    if (now.seat) return { code: 'already', what: 'seated' }
    if (!isLook(look) || !looksOf(state, found.set).includes(look)) return { code: 'unknown', what: 'look', id: look }
    if (!isDefect(defect)) return { code: 'unknown', what: 'look', id: defect }
    if (decide(defect, look).decision === 'scrap' && decision === 'redo')
      return { code: 'decision-not-for-defect', defect, decision }
    return heightMm === undefined ? undefined : implausibleHeight(found.set, heightMm)
  },
  apply: (draft, { term, decision, usedMm, heightMm, at }) => {
    const { stripped: _strip, crimp, ...rest } = termState(draft.state, term)
    const termination = findTermination(draft.state, term)
    const set = termination && draft.state.sets.get(setKey(termination.wire.id, termination.side))
    draft.put(draft.state.terms, term, {
      ...rest,
      ...withHeight(rest, crimp?.setup ?? (set ? setupId(set.setup) : ''), heightMm, at),
      usedMm: rest.usedMm + usedMm,
      scrapped: rest.scrapped + (decision === 'scrap' ? 1 : 0),
      redone: rest.redone + (decision === 'redo' ? 1 : 0),
    })
  },
  about: ({ term }) => termLabel(term),
}

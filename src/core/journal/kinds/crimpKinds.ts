import { goodPieces, heightRefusal, judgeFirstPiece } from '../../crimp/firstPiece'
import { decide, defects, type DefectCode } from '../../crimp/looks'
import { setKey, type Termination } from '../../job/plan'
import { setupId, setupIdLabel, toolDue } from '../../setup/setup'
import { subject, termLabel, type EntryKind, type Refusal } from '../entryKind'
import { findTermination, isLook, isMounted, isReleased, lookRefusal, looksOf, rulesOf, toLooks, withSet } from '../shared'
import { termState, type JobState } from '../state'

export const setupMounted: EntryKind<'setup-mounted'> = {
  kind: 'setup-mounted',
  subjects: ({ setup }) => ({ writes: [subject.tool(setup.tool), subject.setup(setupId(setup))] }),
  refuse: (state, { setup }, { at }) => {
    const id = setupId(setup)
    const wanted = [...state.sets.values()].some((set) => setupId(set.setup) === id)
    if (!wanted) return { code: 'unknown', what: 'setup', id }
    const tool = state.facts.tools[setup.tool]
    const due = tool && toolDue(tool, at.slice(0, 10))
    return due?.kind === 'overdue' && rulesOf(state).overdueTools === 'block' ? { code: 'tool-overdue', tool: setup.tool, dueOn: due.dueOn } : undefined
  },
  apply: (draft, { setup, seq, by }) => {
    const id = setupId(setup)
    const before = draft.state.setups.get(id)
    draft.put(draft.state.setups, id, { setup, mounted: seq, proven: before?.proven ?? false, pieces: before?.pieces ?? [] })
    draft.put(draft.state.tools, setup.tool, { setup: id, since: seq, by })
  },
  about: ({ setup }) => setupIdLabel(setupId(setup)),
}

/** The setup must be on its frame now, and be the one that this work is for. */
function notInHand(state: JobState, needs: string, given: string): Refusal | undefined {
  if (needs !== given) return { code: 'wrong-setup', needs, given }
  if (isMounted(state, needs)) return undefined
  const tool = state.setups.get(needs)?.setup.tool
  return { code: 'setup-not-in-hand', needs, mounted: tool === undefined ? undefined : state.tools.get(tool)?.setup }
}

export const firstPiece: EntryKind<'first-piece'> = {
  kind: 'first-piece',
  subjects: ({ setup, wire, side }) => ({ writes: [subject.setup(setup)], reads: [subject.set(wire, side)] }),
  refuse: (state, { setup, wire, side, looks, heightMm }) => {
    const set = state.sets.get(setKey(wire, side))
    if (!set) return { code: 'no-set', term: `1/${wire}/${side}` }
    const refusal = notInHand(state, setupId(set.setup), setup)
    if (refusal) return refusal
    const missing = looksOf(state, set).filter((look) => !looks.some((one) => one.look === look))
    if (missing.length > 0) return { code: 'looks-missing', missing }
    const height = heightRefusal(state, set, heightMm, true)
    return height?.code === 'height-missing' ? height : undefined
  },
  apply: (draft, { setup, wire, side, looks, heightMm, pullN, at, by }) => {
    const now = draft.state.setups.get(setup)
    const set = draft.state.sets.get(setKey(wire, side))
    if (!now || !set) return
    const { good, minimumN } = judgeFirstPiece(draft.state, set, { looks, heightMm, pullN })
    const piece = { mounted: now.mounted, contact: set.contact, ...(set.seal !== undefined && { seal: set.seal }), looks: toLooks(looks), pullN, good, at, by, ...(heightMm !== undefined && { heightMm }), ...(minimumN !== undefined && { minimumN }) }
    draft.put(draft.state.setups, setup, { ...now, pieces: [...now.pieces, piece] })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

export const setupReleased: EntryKind<'setup-released'> = {
  kind: 'setup-released',
  subjects: ({ setup }) => ({ writes: [subject.setup(setup)] }),
  refuse: (state, { setup }) => {
    if (!isMounted(state, setup)) return { code: 'not-yet', what: 'mounted' }
    if (isReleased(state, setup)) return { code: 'already', what: 'closed' }
    const left = rulesOf(state).firstPieces - goodPieces(state, setup)
    return left > 0 ? { code: 'not-yet', what: 'first-piece', left } : undefined
  },
  apply: (draft, { setup, at, by }) => {
    const now = draft.state.setups.get(setup)
    const piece = now?.pieces.findLast((one) => one.mounted === now.mounted && one.good)
    if (!now || !piece) return
    const released = { at, by, pullN: piece.pullN, ...(piece.minimumN !== undefined && { minimumN: piece.minimumN }) }
    draft.put(draft.state.setups, setup, { ...now, released, proven: true })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

const crimpSubjects = (termination: Termination | undefined, term: string, setup: string) => ({
  writes: [subject.term(term)],
  reads: [subject.setup(setup), ...(termination ? [subject.set(termination.wire.id, termination.side)] : [])],
})

export const crimped: EntryKind<'crimped'> = {
  kind: 'crimped',
  subjects: ({ term, setup }, state) => crimpSubjects(findTermination(state, term), term, setup),
  refuse: (state, { term, setup, looks, heightMm }) => {
    const found = withSet(state, term)
    if (found.refusal) return found.refusal
    const now = termState(state, term)
    if (now.crimp) return { code: 'already', what: 'crimped' }
    if (!now.stripped) return { code: 'not-yet', what: 'stripped' }
    const refusal = notInHand(state, setupId(found.set.setup), setup)
    if (refusal) return refusal
    if (!isReleased(state, setup)) return { code: 'not-yet', what: 'released' }
    return lookRefusal(looksOf(state, found.set), looks) ?? heightRefusal(state, found.set, heightMm, false)
  },
  apply: (draft, { term, setup, heightMm, at, by }) =>
    draft.put(draft.state.terms, term, { ...termState(draft.state, term), crimp: { setup, at, by, ...(heightMm !== undefined && { heightMm }) } }),
  about: ({ term }) => termLabel(term),
}

const isDefect = (text: string): text is DefectCode => Object.hasOwn(defects, text)

export const crimpRejected: EntryKind<'crimp-rejected'> = {
  kind: 'crimp-rejected',
  subjects: ({ term }, state) => {
    const termination = findTermination(state, term)
    return { writes: [subject.term(term)], reads: termination ? [subject.set(termination.wire.id, termination.side)] : [] }
  },
  refuse: (state, { term, look, defect, decision }) => {
    const found = withSet(state, term)
    if (found.refusal) return found.refusal
    const now = termState(state, term)
    if (!now.stripped) return { code: 'not-yet', what: 'stripped' }
    if (now.seat) return { code: 'already', what: 'seated' }
    if (!isLook(look) || !looksOf(state, found.set).includes(look)) return { code: 'unknown', what: 'look', id: look }
    if (!isDefect(defect)) return { code: 'unknown', what: 'look', id: defect }
    return decide(defect, look).decision === 'scrap' && decision === 'redo' ? { code: 'decision-not-for-defect', defect, decision } : undefined
  },
  apply: (draft, { term, decision, usedMm }) => {
    const { stripped: _strip, crimp: _crimp, ...rest } = termState(draft.state, term)
    draft.put(draft.state.terms, term, {
      ...rest, usedMm: rest.usedMm + usedMm,
      scrapped: rest.scrapped + (decision === 'scrap' ? 1 : 0), redone: rest.redone + (decision === 'redo' ? 1 : 0),
    })
  },
  about: ({ term }) => termLabel(term),
}

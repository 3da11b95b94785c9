import { releaseMechanisms } from '../../catalogue/releaseMechanisms'
import { secondaryLocks } from '../../catalogue/secondaryLocks'
import { housingOf } from '../../job/facts'
import { cavityKey, endKey, planIndex } from '../../job/plan'
import { endTasks, plugFor } from '../../seat/endTasks'
import { notHome } from '../../seat/home'
import { lightTugN } from '../../seat/tug'
import { subject, termLabel, type EntryKind, type Refusal } from '../entryKind'
import { findTermination } from '../shared'
import { endState, freshEnd, termState, type JobState, type TermState } from '../state'

const lockOf = (state: JobState, end: string) => {
  const housing = housingOf(state.facts, state.plan, end)
  const family = housing && state.facts.families[housing.family]
  return family && { family, lock: secondaryLocks[family.lock], release: releaseMechanisms[family.release] }
}

const seatSubjects = (term: string, end: string, cavity: string) => {
  const unit = Number(term.split('/')[0])
  return { writes: [subject.term(term), subject.cavity(cavityKey(unit, end, cavity))], reads: [subject.endState(endKey(unit, end))] }
}

/** What stands in the way of any contact going into this cavity. */
function insertRefusal(state: JobState, term: string, end: string, cavity: string): Refusal | undefined {
  const termination = findTermination(state, term)
  if (!termination) return { code: 'unknown', what: 'termination', id: term }
  if (!housingOf(state.facts, state.plan, end)?.cavities.some((one) => one.id === cavity)) return { code: 'unknown', what: 'cavity', id: `${end}.${cavity}` }
  const now = termState(state, term)
  if (!now.crimp) return { code: 'not-yet', what: 'crimped' }
  if (now.seat) return { code: 'already', what: 'seated' }
  const inside = state.cavities.get(cavityKey(termination.unit, end, cavity))
  if (inside?.term !== undefined) return { code: 'cavity-taken', cavity: `${end}.${cavity}`, by: termLabel(inside.term) }
  if (inside?.plug !== undefined) return { code: 'cavity-taken', cavity: `${end}.${cavity}`, by: inside.plug }
  const lock = lockOf(state, end)?.lock
  return lock?.openToInsert && endState(state, endKey(termination.unit, end)).lock === 'closed' ? { code: 'lock-closed', end } : undefined
}

/** The cavity that a termination is planned for; none for a terminal or splice. */
function cavityOf(state: JobState, term: string) {
  const at = findTermination(state, term)?.at
  return at?.kind === 'cavity' ? at : undefined
}

export const seated: EntryKind<'seated'> = {
  kind: 'seated',
  subjects: ({ term, end, cavity }) => seatSubjects(term, end, cavity),
  refuse: (state, { term, end, cavity, tugN }) => {
    const refusal = insertRefusal(state, term, end, cavity)
    if (refusal) return refusal
    const at = cavityOf(state, term)
    if (at?.end !== end || at.cavity !== cavity) return { code: 'wrong-cavity', planned: at ? `${at.end}.${at.cavity}` : '', given: `${end}.${cavity}` }
    const lightN = lightTugN(state, end, cavity)
    if (lockOf(state, end)?.release.tugMeans !== 'after-click' || lightN === undefined) return undefined
    if (tugN === undefined) return { code: 'tug-missing', tugN: lightN }
    return tugN > lightN * 2 ? { code: 'tug-too-hard', tugN, lightN } : undefined
  },
  apply: (draft, { term, end, cavity, tugN, at, by }) => {
    const { state } = draft
    draft.put(state.terms, term, { ...termState(state, term), seat: { end, cavity, home: true, at, by, ...(tugN !== undefined && { tugN }) } })
    draft.put(state.cavities, cavityKey(Number(term.split('/')[0]), end, cavity), { term })
  },
  about: ({ term, end, cavity }) => `${termLabel(term)} in ${end}.${cavity}`,
}

export const misplaced: EntryKind<'misplaced'> = {
  kind: 'misplaced',
  subjects: ({ term, end, cavity }) => seatSubjects(term, end, cavity),
  refuse: (state, { term, end, cavity }) => {
    const at = cavityOf(state, term)
    if (at?.end === end && at.cavity === cavity) return { code: 'wrong-cavity', planned: `${end}.${cavity}`, given: `${end}.${cavity}` }
    return insertRefusal(state, term, end, cavity)
  },
  apply: (draft, { term, end, cavity, at, by }) => {
    const { state } = draft
    draft.put(state.terms, term, { ...termState(state, term), seat: { end, cavity, home: false, at, by } })
    draft.put(state.cavities, cavityKey(Number(term.split('/')[0]), end, cavity), { term })
  },
  about: ({ term, end, cavity }) => `${termLabel(term)} in ${end}.${cavity}`,
}

export const extracted: EntryKind<'extracted'> = {
  kind: 'extracted',
  subjects: ({ term }, state) => {
    const seat = termState(state, term).seat
    return seat ? seatSubjects(term, seat.end, seat.cavity) : { writes: [subject.term(term)] }
  },
  refuse: (state, { term }) => {
    const seat = termState(state, term).seat
    if (!seat) return { code: 'not-yet', what: 'seated' }
    const unit = Number(term.split('/')[0])
    return lockOf(state, seat.end)?.lock.openToInsert && endState(state, endKey(unit, seat.end)).lock === 'closed' ? { code: 'lock-closed', end: seat.end } : undefined
  },
  apply: (draft, { term, why }) => {
    const { state } = draft
    const { seat, ...rest } = termState(state, term)
    if (!seat) return
    const unit = Number(term.split('/')[0])
    // a damaged contact is cut off: the wire comes back to Prep
    const { stripped: _s, crimp: _c, ...bare } = rest
    const after: TermState = why === 'damaged' ? { ...bare, scrapped: rest.scrapped + 1 } : rest
    draft.put(state.terms, term, { ...after, extractions: rest.extractions + 1 })
    draft.put(state.cavities, cavityKey(unit, seat.end, seat.cavity), {})
  },
  about: ({ term }) => termLabel(term),
}

export const plugged: EntryKind<'plugged'> = {
  kind: 'plugged',
  subjects: ({ unit, end, cavity }) => ({ writes: [subject.cavity(cavityKey(unit, end, cavity))], reads: [subject.end(end)] }),
  refuse: (state, { unit, end, cavity, part }) => {
    const inside = state.cavities.get(cavityKey(unit, end, cavity))
    if (inside?.term !== undefined) return { code: 'cavity-taken', cavity: `${end}.${cavity}`, by: termLabel(inside.term) }
    if (inside?.plug !== undefined) return { code: 'already', what: 'plugged' }
    if (planIndex(state.plan).byCavity.has(cavityKey(unit, end, cavity))) return { code: 'cavity-in-use', cavity: `${end}.${cavity}` }
    return plugFor(state, end, cavity) === part ? undefined : { code: 'unknown', what: 'part', id: part }
  },
  apply: (draft, { unit, end, cavity, part }) => draft.put(draft.state.cavities, cavityKey(unit, end, cavity), { plug: part }),
  about: ({ end, cavity }) => `${end}.${cavity}`,
}

export const unplugged: EntryKind<'unplugged'> = {
  kind: 'unplugged',
  subjects: ({ unit, end, cavity }) => ({ writes: [subject.cavity(cavityKey(unit, end, cavity))], reads: [subject.end(end)] }),
  refuse: (state, { unit, end, cavity }) => (state.cavities.get(cavityKey(unit, end, cavity))?.plug === undefined ? { code: 'not-yet', what: 'plugged' } : undefined),
  apply: (draft, { unit, end, cavity }) => draft.put(draft.state.cavities, cavityKey(unit, end, cavity), {}),
  about: ({ end, cavity }) => `${end}.${cavity}`,
}

export const partFitted: EntryKind<'part-fitted'> = {
  kind: 'part-fitted',
  subjects: ({ unit, end }) => ({ writes: [subject.endState(endKey(unit, end))] }),
  refuse: (state, { unit, end, part }) => {
    const housing = housingOf(state.facts, state.plan, end)
    if (!housing) return { code: 'unknown', what: 'end', id: end }
    if (housing.interfaceSeal !== part) return { code: 'unknown', what: 'part', id: part }
    return endState(state, endKey(unit, end)).fitted.includes(part) ? { code: 'already', what: 'fitted' } : undefined
  },
  apply: (draft, { unit, end, part }) => {
    const now = endState(draft.state, endKey(unit, end))
    draft.put(draft.state.ends, endKey(unit, end), { ...now, fitted: [...now.fitted, part] })
  },
  about: ({ end, part }) => `${part} on ${end}`,
}

export const lockMoved: EntryKind<'lock-moved'> = {
  kind: 'lock-moved',
  subjects: ({ unit, end }, state) => ({
    writes: [subject.endState(endKey(unit, end))],
    reads: (planIndex(state.plan).byEnd.get(endKey(unit, end)) ?? []).map((termination) => subject.term(termination.key)),
  }),
  refuse: (state, { unit, end, to }) => {
    const lock = lockOf(state, end)?.lock
    if (!lock?.present) return { code: 'unknown', what: 'end', id: end }
    if (endState(state, endKey(unit, end)).lock === to) return { code: 'already', what: to }
    const contacts = to === 'closed' ? notHome(state, unit, end).map((one) => `${termLabel(one.key)} → ${end}.${one.at.cavity}`) : []
    return contacts.length > 0 ? { code: 'not-home', contacts } : undefined
  },
  apply: (draft, { unit, end, to }) => {
    const now = draft.state.ends.get(endKey(unit, end)) ?? freshEnd
    draft.put(draft.state.ends, endKey(unit, end), { ...now, lock: to, lookedOver: false })
  },
  about: ({ end, to }) => `${end} ${to}`,
}

export const endLookedOver: EntryKind<'end-looked-over'> = {
  kind: 'end-looked-over',
  subjects: ({ unit, end, pushedBack }, state) => ({
    writes: [
      subject.endState(endKey(unit, end)),
      ...pushedBack.flatMap((cavity) => planIndex(state.plan).byCavity.get(cavityKey(unit, end, cavity))?.key ?? []).map(subject.term),
    ],
  }),
  refuse: (state, { unit, end, pushedBack }) => {
    const before = endTasks(state, unit, end).filter((task) => task.kind !== 'look-over' && !task.done)
    if (before.length > 0) return { code: 'not-yet', what: before[0]?.kind === 'insert' ? 'seated' : before[0]?.kind === 'plug' ? 'plugged' : before[0]?.kind === 'lock' ? 'closed' : 'fitted', left: before.length }
    const stranger = pushedBack.find((cavity) => !planIndex(state.plan).byCavity.has(cavityKey(unit, end, cavity)))
    return stranger === undefined ? undefined : { code: 'unknown', what: 'cavity', id: `${end}.${stranger}` }
  },
  apply: (draft, { unit, end, pushedBack }) => {
    const { state } = draft
    for (const cavity of pushedBack) {
      const key = planIndex(state.plan).byCavity.get(cavityKey(unit, end, cavity))?.key
      const now = key === undefined ? undefined : termState(state, key)
      if (key !== undefined && now?.seat) draft.put(state.terms, key, { ...now, seat: { ...now.seat, home: false } })
    }
    draft.put(state.ends, endKey(unit, end), { ...endState(state, endKey(unit, end)), lookedOver: pushedBack.length === 0 })
  },
  about: ({ end, pushedBack }) => (pushedBack.length > 0 ? `${end}: ${pushedBack.join(', ')} pushed back` : end),
}

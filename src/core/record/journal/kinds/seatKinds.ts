import { releaseMechanisms } from '../../../parts/catalogue/releaseMechanisms'
import { secondaryLocks } from '../../../parts/catalogue/secondaryLocks'
import { housingOf } from '../../plan/facts'
import { cavityKey, endKey, planIndex, termKey } from '../../plan/plan'
import { holdsContacts, housingAt } from '../../standing/benchEnds'
import { plugFor } from '../../standing/plugFor'
import { notHome } from '../../standing/home'
import { lightTugN } from '../../standing/tug'
import { subject, termLabel, type Draft, type EntryKind, type Refusal } from '../entryKind'
import { rulesOf } from '../../rules/rulesOf'
import { isSpent, reuseOf } from '../../standing/reuse'
import { findTermination } from '../shared'
import { endState, freshEnd, termState, type JobState } from '../../state/state'
import { cutOff, disturbEnd, passInto, scrapWire, voidProof } from './seatWrites'

const lockOf = (state: JobState, unit: number, end: string) => {
  const housing = housingAt(state, unit, end)
  const family = housing && state.facts.families[housing.family]
  return family && { family, lock: secondaryLocks[family.lock], release: releaseMechanisms[family.release] }
}

const seatSubjects = (term: string, end: string, cavity: string) => {
  const unit = Number(term.split('/')[0])
  return {
    writes: [subject.term(term), subject.cavity(cavityKey(unit, end, cavity))],
    reads: [subject.endState(endKey(unit, end))],
  }
}

/** What stands in the way of any contact going into this cavity. */
function insertRefusal(state: JobState, term: string, end: string, cavity: string): Refusal | undefined {
  const termination = findTermination(state, term)
  if (!termination) return { code: 'unknown', what: 'termination', id: term }
  if (!housingOf(state.facts, state.plan, end)?.cavities.some((one) => one.id === cavity))
    return { code: 'unknown', what: 'cavity', id: `${end}.${cavity}` }
  const now = termState(state, term)
  if (!now.crimp) return { code: 'not-yet', what: 'crimped' }
  if (now.seat) return { code: 'already', what: 'seated' }
  const inside = state.cavities.get(cavityKey(termination.unit, end, cavity))
  if (inside?.term !== undefined)
    return { code: 'cavity-taken', cavity: `${end}.${cavity}`, by: termLabel(inside.term) }
  if (inside?.plug !== undefined) return { code: 'cavity-taken', cavity: `${end}.${cavity}`, by: inside.plug }
  if (endState(state, endKey(termination.unit, end)).coverDue !== undefined) return { code: 'cover-due', end }
  const lock = lockOf(state, termination.unit, end)?.lock
  return lock?.openToInsert && endState(state, endKey(termination.unit, end)).lock === 'closed'
    ? { code: 'lock-closed', end }
    : undefined
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
    const reuse = reuseOf(state, term)
    if (reuse && isSpent(reuse)) return { code: 'contact-spent', ...reuse }
    const at = cavityOf(state, term)
    if (at?.end !== end || at.cavity !== cavity)
      return { code: 'wrong-cavity', planned: at ? `${at.end}.${at.cavity}` : '', given: `${end}.${cavity}` }
    const lightN = lightTugN(state, end, cavity)
    if (lockOf(state, Number(term.split('/')[0]), end)?.release.tugMeans !== 'after-click' || lightN === undefined)
      return undefined
    if (tugN === undefined) return { code: 'tug-missing', tugN: lightN }
    return tugN > lightN * 2 ? { code: 'tug-too-hard', tugN, lightN } : undefined
  },
  apply: (draft, { term, end, cavity, tugN, at, by }) => {
    const { state } = draft
    draft.put(state.terms, term, {
      ...termState(state, term),
      seat: { end, cavity, home: true, at, by, ...(tugN !== undefined && { tugN }) },
    })
    passInto(draft, cavityKey(Number(term.split('/')[0]), end, cavity), { term })
    disturbEnd(draft, Number(term.split('/')[0]), end)
  },
  about: ({ term, end, cavity }) => `${termLabel(term)} in ${end}.${cavity}`,
}

export const misplaced: EntryKind<'misplaced'> = {
  kind: 'misplaced',
  subjects: ({ term, end, cavity, swapped }, state) => {
    const { writes, reads } = seatSubjects(term, end, cavity)
    const { seat } = termState(state, term)
    return {
      writes: [
        ...writes,
        ...(seat ? seatSubjects(term, seat.end, seat.cavity).writes : []),
        ...(swapped === undefined ? [] : [subject.term(swapped)]),
      ],
      reads,
    }
  },
  refuse: (state, { term, end, cavity, swapped }) => {
    const at = cavityOf(state, term)
    if (at?.end === end && at.cavity === cavity)
      return { code: 'wrong-cavity', planned: `${end}.${cavity}`, given: `${end}.${cavity}` }
    const { seat } = termState(state, term)
    if (!seat)
      return swapped === undefined ? insertRefusal(state, term, end, cavity) : { code: 'not-yet', what: 'seated' }
    if (seat.end === end && seat.cavity === cavity) return { code: 'already', what: 'seated' }
    const unit = Number(term.split('/')[0])
    if (!housingAt(state, unit, end)?.cavities.some((one) => one.id === cavity))
      return { code: 'unknown', what: 'cavity', id: `${end}.${cavity}` }
    const inside = state.cavities.get(cavityKey(unit, end, cavity))
    if (inside?.plug !== undefined) return { code: 'cavity-taken', cavity: `${end}.${cavity}`, by: inside.plug }
    if (inside?.term === swapped) return undefined
    return inside?.term === undefined
      ? { code: 'not-yet', what: 'seated' }
      : { code: 'cavity-taken', cavity: `${end}.${cavity}`, by: termLabel(inside.term) }
  },
  apply: (draft, { term, end, cavity, swapped, at, by }) => {
    const { state } = draft
    const unit = Number(term.split('/')[0])
    const now = termState(state, term)
    draft.put(state.terms, term, { ...now, seat: { end, cavity, home: false, at, by } })
    const was = now.seat
    if (!was) {
      passInto(draft, cavityKey(unit, end, cavity), { term })
      return
    }
    // it was written down wrongly: nothing moves, and no hole is passed once more
    moveRecord(draft, cavityKey(unit, was.end, was.cavity), swapped)
    moveRecord(draft, cavityKey(unit, end, cavity), term)
    if (swapped !== undefined)
      draft.put(state.terms, swapped, {
        ...termState(state, swapped),
        seat: { end: was.end, cavity: was.cavity, home: false, at, by },
      })
    for (const one of swapped === undefined ? [term] : [term, swapped]) voidProof(draft, one)
    for (const one of new Set([was.end, end])) disturbEnd(draft, unit, one)
  },
  about: ({ term, end, cavity, swapped }) =>
    `${termLabel(term)} in ${end}.${cavity}${swapped === undefined ? '' : `, ${termLabel(swapped)} in its place`}`,
}

/** What a cavity is said to hold is put right; how often it was passed stays. */
function moveRecord(draft: Draft, key: string, term: string | undefined): void {
  draft.put(draft.state.cavities, key, {
    ...(term !== undefined && { term }),
    passes: draft.state.cavities.get(key)?.passes ?? 0,
  })
}

export const extracted: EntryKind<'extracted'> = {
  kind: 'extracted',
  subjects: ({ term }, state) => {
    const seat = termState(state, term).seat
    return seat ? seatSubjects(term, seat.end, seat.cavity) : { writes: [subject.term(term)] }
  },
  refuse: (state, { term, improvised }) => {
    const seat = termState(state, term).seat
    if (!seat) return { code: 'not-yet', what: 'seated' }
    const unit = Number(term.split('/')[0])
    const at = lockOf(state, unit, seat.end)
    const release = at?.release
    if (improvised !== undefined && !release?.improvised.some((one) => one === improvised))
      return { code: 'unknown', what: 'practice', id: improvised }
    if (improvised !== undefined && rulesOf(state).improvisedRelease === 'forbidden')
      return { code: 'improvised-forbidden', how: improvised }
    return at?.lock.openToInsert && endState(state, endKey(unit, seat.end)).lock === 'closed'
      ? { code: 'lock-closed', end: seat.end }
      : undefined
  },
  apply: (draft, { term, why }) => {
    const { state } = draft
    const { seat, ...rest } = termState(state, term)
    if (!seat) return
    draft.put(
      state.terms,
      term,
      why === 'damaged' || rest.damaged
        ? cutOff(state, term, rest)
        : { ...rest, extractions: rest.extractions + 1, outOf: `${seat.end}.${seat.cavity}` },
    )
    passInto(draft, cavityKey(Number(term.split('/')[0]), seat.end, seat.cavity), {})
    voidProof(draft, term)
    disturbEnd(draft, Number(term.split('/')[0]), seat.end)
    // of a broken wire the second side is out: the whole of it goes
    const [unit = '1', wire = '', side] = term.split('/')
    if (rest.damaged?.what === 'wire' && !termState(state, termKey(Number(unit), wire, side === 'a' ? 'b' : 'a')).seat)
      scrapWire(draft, Number(unit), wire)
  },
  about: ({ term, why, improvised }) =>
    `${termLabel(term)}${why === 'damaged' ? ', cut off' : ''}${improvised === undefined ? '' : ', improvised'}`,
}

export const plugged: EntryKind<'plugged'> = {
  kind: 'plugged',
  subjects: ({ unit, end, cavity }) => ({
    writes: [subject.cavity(cavityKey(unit, end, cavity))],
    reads: [subject.end(end)],
  }),
  refuse: (state, { unit, end, cavity, part }) => {
    const inside = state.cavities.get(cavityKey(unit, end, cavity))
    if (inside?.term !== undefined)
      return { code: 'cavity-taken', cavity: `${end}.${cavity}`, by: termLabel(inside.term) }
    if (inside?.plug !== undefined) return { code: 'already', what: 'plugged' }
    if (planIndex(state.plan).byCavity.has(cavityKey(unit, end, cavity)))
      return { code: 'cavity-in-use', cavity: `${end}.${cavity}` }
    return plugFor(state, end, cavity) === part ? undefined : { code: 'unknown', what: 'part', id: part }
  },
  apply: (draft, { unit, end, cavity, part }) => {
    passInto(draft, cavityKey(unit, end, cavity), { plug: part })
    disturbEnd(draft, unit, end)
  },
  about: ({ end, cavity }) => `${end}.${cavity}`,
}

export const unplugged: EntryKind<'unplugged'> = {
  kind: 'unplugged',
  subjects: ({ unit, end, cavity }) => ({
    writes: [subject.cavity(cavityKey(unit, end, cavity))],
    reads: [subject.end(end)],
  }),
  refuse: (state, { unit, end, cavity }) =>
    state.cavities.get(cavityKey(unit, end, cavity))?.plug === undefined
      ? { code: 'not-yet', what: 'plugged' }
      : undefined,
  apply: (draft, { unit, end, cavity }) => {
    passInto(draft, cavityKey(unit, end, cavity), {})
    disturbEnd(draft, unit, end)
  },
  about: ({ end, cavity }) => `${end}.${cavity}`,
}

export const partFitted: EntryKind<'part-fitted'> = {
  kind: 'part-fitted',
  subjects: ({ unit, end }) => ({ writes: [subject.endState(endKey(unit, end))] }),
  refuse: (state, { unit, end, part }) => {
    const housing = housingOf(state.facts, state.plan, end)
    if (!housing) return { code: 'unknown', what: 'end', id: end }
    const now = endState(state, endKey(unit, end))
    if (now.coverDue !== undefined && now.coverDue === part)
      return holdsContacts(state, unit, end) ? { code: 'not-yet', what: 'out' } : undefined
    if (housing.interfaceSeal !== part) return { code: 'unknown', what: 'part', id: part }
    return now.fitted.includes(part) ? { code: 'already', what: 'fitted' } : undefined
  },
  apply: (draft, { unit, end, part }) => {
    const { coverDue, ...now } = endState(draft.state, endKey(unit, end))
    draft.put(
      draft.state.ends,
      endKey(unit, end),
      coverDue === part ? now : { ...now, ...(coverDue !== undefined && { coverDue }), fitted: [...now.fitted, part] },
    )
  },
  about: ({ end, part }) => `${part} on ${end}`,
}

export const lockMoved: EntryKind<'lock-moved'> = {
  kind: 'lock-moved',
  subjects: ({ unit, end }, state) => ({
    writes: [subject.endState(endKey(unit, end))],
    reads: (planIndex(state.plan).byEnd.get(endKey(unit, end)) ?? []).map((termination) =>
      subject.term(termination.key),
    ),
  }),
  refuse: (state, { unit, end, to }) => {
    const lock = lockOf(state, unit, end)?.lock
    if (!lock?.present) return { code: 'unknown', what: 'end', id: end }
    if (!lock.states.includes(to)) return { code: 'no-part-way', end }
    if (endState(state, endKey(unit, end)).lock === to) return { code: 'already', what: to }
    const contacts =
      to === 'closed' ? notHome(state, unit, end).map((one) => `${termLabel(one.key)} → ${end}.${one.at.cavity}`) : []
    return contacts.length > 0 ? { code: 'not-home', contacts } : undefined
  },
  apply: (draft, { unit, end, to }) => {
    const { mated: _mated, ...now } = draft.state.ends.get(endKey(unit, end)) ?? freshEnd
    draft.put(draft.state.ends, endKey(unit, end), { ...now, lock: to, lookedOver: false })
  },
  about: ({ end, to }) => `${end} ${to}`,
}

export const endLookedOver: EntryKind<'end-looked-over'> = {
  kind: 'end-looked-over',
  subjects: ({ unit, end, pushedBack }, state) => ({
    writes: [
      subject.endState(endKey(unit, end)),
      ...pushedBack
        .flatMap((cavity) => planIndex(state.plan).byCavity.get(cavityKey(unit, end, cavity))?.key ?? [])
        .map(subject.term),
    ],
  }),
  refuse: (state, { unit, end, pushedBack }, _moment, ahead) => {
    const before = ahead.beforeLook(state, unit, end)
    if (before) return { code: 'not-yet', ...before }
    const stranger = pushedBack.find((cavity) => !planIndex(state.plan).byCavity.has(cavityKey(unit, end, cavity)))
    return stranger === undefined ? undefined : { code: 'unknown', what: 'cavity', id: `${end}.${stranger}` }
  },
  apply: (draft, { unit, end, pushedBack }) => {
    const { state } = draft
    for (const cavity of pushedBack) {
      const key = planIndex(state.plan).byCavity.get(cavityKey(unit, end, cavity))?.key
      const now = key === undefined ? undefined : termState(state, key)
      if (key === undefined || !now?.seat) continue
      draft.put(state.terms, key, { ...now, seat: { ...now.seat, home: false } })
      voidProof(draft, key)
    }
    const { mated: _mated, ...now } = endState(state, endKey(unit, end))
    draft.put(state.ends, endKey(unit, end), { ...now, lookedOver: pushedBack.length === 0 })
  },
  about: ({ end, pushedBack }) => (pushedBack.length > 0 ? `${end}: ${pushedBack.join(', ')} pushed back` : end),
}

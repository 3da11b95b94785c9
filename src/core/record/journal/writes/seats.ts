import { releaseMechanisms } from '../../../parts/catalogue/releaseMechanisms'
import { lockOfHousing } from '../../../parts/catalogue/secondaryLocks'
import { housingOf } from '../../plan/facts'
import { cavityKey, endKey, termLabel, termOf } from '../../plan/keys'
import { housingAt } from '../../standing/benchEnds'
import { type JobState, endState, termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { Refusal } from '../entryKind'
import { findTermination } from '../shared'

export const lockOf = (state: JobState, unit: number, end: string) => {
  const housing = housingAt(state, unit, end)
  const family = housing && state.facts.families[housing.family]
  return family && { family, lock: lockOfHousing(family, housing), release: releaseMechanisms[family.release] }
}

export const seatSubjects = (term: string, end: string, cavity: string) => {
  const unit = termOf(term).unit
  return {
    writes: [subject.term(term), subject.cavity(cavityKey(unit, end, cavity))],
    reads: [subject.endState(endKey(unit, end))],
  }
}

/** What stands in the way of any contact going into this cavity. */
export function insertRefusal(state: JobState, term: string, end: string, cavity: string): Refusal | undefined {
  const termination = findTermination(state, term)
  if (!termination) return { kind: 'unknown', what: 'termination', id: term }
  if (!housingOf(state.facts, state.plan, end)?.cavities.some((one) => one.id === cavity))
    return { kind: 'unknown', what: 'cavity', id: `${end}.${cavity}` }
  const now = termState(state, term)
  if (!now.crimp) return { kind: 'not-yet', what: 'crimped' }
  if (now.seat) return { kind: 'already', what: 'seated' }
  const inside = state.cavities.get(cavityKey(termination.unit, end, cavity))
  if (inside?.term !== undefined)
    return { kind: 'cavity-taken', cavity: `${end}.${cavity}`, by: termLabel(inside.term) }
  if (inside?.plug !== undefined) return { kind: 'cavity-taken', cavity: `${end}.${cavity}`, by: inside.plug }
  if (endState(state, endKey(termination.unit, end)).coverDue !== undefined) return { kind: 'cover-due', end }
  const lock = lockOf(state, termination.unit, end)?.lock
  return lock?.openToInsert && endState(state, endKey(termination.unit, end)).lock === 'closed'
    ? { kind: 'lock-closed', end }
    : undefined
}

/** The cavity that a termination is planned for; none for a terminal or splice. */
export function cavityOf(state: JobState, term: string) {
  const at = findTermination(state, term)?.at
  return at?.kind === 'cavity' ? at : undefined
}

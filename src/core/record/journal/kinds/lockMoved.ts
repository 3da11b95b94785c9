import { endKey, termLabel } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { isSetBeforeFirst } from '../../../parts/catalogue/secondaryLocks'
import { notHome } from '../../standing/home'
import { endState, freshEnd } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { lockOf } from '../writes/seats'

/** What an append of this kind says. */
export const lockMovedShape = ({ unit, key, z }: EntryFields) => ({
  unit,
  end: key,
  to: z.enum(['closed', 'part-way', 'open']),
})

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
    if (!lock?.present) return { kind: 'unknown', what: 'end', id: end }
    if (!lock.states.includes(to)) return { kind: 'no-part-way', end }
    // a new housing comes with its lock open or not on: that it was opened for its first contact is said once
    const now = endState(state, endKey(unit, end))
    const isOpening = to === 'open' && now.opened === undefined && isSetBeforeFirst(lock)
    if (now.lock === to && !isOpening) return { kind: 'already', what: to }
    const contacts =
      to === 'closed' ? notHome(state, unit, end).map((one) => `${termLabel(one.key)} → ${end}.${one.at.cavity}`) : []
    return contacts.length > 0 ? { kind: 'not-home', contacts } : undefined
  },
  apply: (draft, { unit, end, to }) => {
    const { mated: _mated, ...now } = draft.state.ends.get(endKey(unit, end)) ?? freshEnd
    draft.put('ends', endKey(unit, end), {
      ...now,
      lock: to,
      lookedOver: false,
      ...(to !== 'closed' && { opened: true as const }),
    })
  },
  about: ({ end, to }) => `${end} ${to}`,
}

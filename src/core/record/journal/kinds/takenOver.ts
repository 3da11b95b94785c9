import { lockOfHousing } from '../../../parts/catalogue/secondaryLocks'
import { housingOf } from '../../plan/facts'
import { cavityKey, endKey, termLabel, wireKey } from '../../plan/keys'
import { inCavity, planIndex } from '../../plan/plan'
import { AS_FOUND } from '../../state/records'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { findTermination } from '../shared'

/** a harness that somebody else made: what is crimped and seated in it as it came */
export const takenOverShape = ({ unit, key, term, z }: EntryFields) => ({
  terms: z.array(term).max(40_000),
  plugs: z.array(z.strictObject({ unit, end: key, cavity: key, part: key })).max(40_000),
  closed: z.array(z.strictObject({ unit, end: key })).max(10_000),
  /** what each wire has over the plan's length */
  slackMm: z.number().min(0).max(10_000).optional(),
})

export const takenOver: EntryKind<'taken-over'> = {
  kind: 'taken-over',
  subjects: ({ terms, plugs, closed }) => ({
    writes: [
      ...terms.map(subject.term),
      ...plugs.map(({ unit, end, cavity }) => subject.cavity(cavityKey(unit, end, cavity))),
      ...closed.map(({ unit, end }) => subject.endState(endKey(unit, end))),
    ],
  }),
  refuse: (state, { terms, plugs, closed }) => {
    for (const term of terms) {
      const termination = findTermination(state, term)
      if (!termination) return { kind: 'unknown', what: 'termination', id: term }
      const now = termState(state, term)
      if (now.stripped ?? now.crimp) return { kind: 'already', what: now.crimp ? 'crimped' : 'stripped' }
      const inside = inCavity(termination)
        ? state.cavities.get(cavityKey(termination.unit, termination.at.end, termination.at.cavity))
        : undefined
      const holds = inside?.term === undefined ? inside?.plug : termLabel(inside.term)
      if (holds !== undefined && inCavity(termination))
        return { kind: 'cavity-taken', cavity: `${termination.at.end}.${termination.at.cavity}`, by: holds }
    }
    const meant = new Set(terms)
    for (const { unit, end, cavity } of plugs) {
      if (
        unit > state.plan.quantity ||
        !housingOf(state.facts, state.plan, end)?.cavities.some((one) => one.id === cavity)
      )
        return { kind: 'unknown', what: 'cavity', id: `${end}.${cavity}` }
      const key = cavityKey(unit, end, cavity)
      const wanted = planIndex(state.plan).byCavity.get(key)?.key
      if (state.cavities.get(key)?.term !== undefined || (wanted !== undefined && meant.has(wanted)))
        return { kind: 'cavity-in-use', cavity: `${end}.${cavity}` }
    }
    const stranger = closed.find(
      ({ unit, end }) => unit > state.plan.quantity || !housingOf(state.facts, state.plan, end),
    )
    return stranger ? { kind: 'unknown', what: 'end', id: stranger.end } : undefined
  },
  apply: (draft, { terms, plugs, closed, slackMm = 0, at, by }) => {
    const { state } = draft
    for (const term of terms) {
      const termination = findTermination(state, term)
      if (!termination) continue
      const { unit, wire } = termination
      if (!state.cuts.has(wireKey(unit, wire.id)))
        draft.put('cuts', wireKey(unit, wire.id), { lengthMm: wire.lengthMm + slackMm, came: true })
      const crimp = { setup: AS_FOUND, at, by }
      if (!inCavity(termination)) {
        draft.put('terms', term, { ...termState(state, term), crimp })
        continue
      }
      const { end, cavity } = termination.at
      draft.put('terms', term, { ...termState(state, term), crimp, seat: { end, cavity, home: true, at, by } })
      draft.put('cavities', cavityKey(unit, end, cavity), { term })
    }
    for (const { unit, end, cavity, part } of plugs)
      draft.put('cavities', cavityKey(unit, end, cavity), { plug: part, came: true })
    for (const { unit, end } of closed) {
      const housing = housingOf(state.facts, state.plan, end)
      const family = housing && state.facts.families[housing.family]
      const locks = family && lockOfHousing(family, housing).present
      draft.put('ends', endKey(unit, end), {
        lock: locks ? 'closed' : 'open',
        fitted: housing?.interfaceSeal === undefined ? [] : [housing.interfaceSeal],
        lookedOver: true,
        came: true,
      })
    }
  },
  about: ({ terms }) => `${terms.length} terminations as they came`,
}

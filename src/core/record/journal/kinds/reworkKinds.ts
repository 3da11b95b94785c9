import { secondaryLocks } from '../../../parts/catalogue/secondaryLocks'
import { housingOf } from '../../plan/facts'
import { cavityKey, endKey, inCavity, planIndex, setKey, termKey, wireKey } from '../../plan/plan'
import { rulesOf } from '../../rules/rulesOf'
import { seatOutcome } from '../../../craft/faults/seatFaults'
import { subject, termLabel, type EntryKind } from '../entryKind'
import { findTermination } from '../shared'
import { AS_FOUND, termState, type TermState } from '../../state/state'
import { cutOff, openLacing, passInto, scrapWire, voidProof } from './seatWrites'

export const seatFaulted: EntryKind<'seat-faulted'> = {
  kind: 'seat-faulted',
  subjects: ({ term, end, cavity }) => ({
    writes: [subject.term(term), subject.cavity(cavityKey(Number(term.split('/')[0]), end, cavity))],
  }),
  refuse: (state, { term, end, cavity, fault, cause }) => {
    const termination = findTermination(state, term)
    if (!termination || !inCavity(termination)) return { code: 'unknown', what: 'termination', id: term }
    const now = termState(state, term)
    if (!now.crimp) return { code: 'not-yet', what: 'crimped' }
    if (now.seat && (now.seat.end !== end || now.seat.cavity !== cavity))
      return { code: 'stands-elsewhere', stands: `${now.seat.end}.${now.seat.cavity}`, given: `${end}.${cavity}` }
    const outcome = seatOutcome(fault, cause, rulesOf(state))
    if (outcome === undefined) return { code: 'unknown', what: 'cause', id: cause }
    const inside = state.cavities.get(cavityKey(termination.unit, end, cavity))
    if (!housingOf(state.facts, state.plan, end)?.cavities.some((one) => one.id === cavity))
      return { code: 'unknown', what: 'cavity', id: `${end}.${cavity}` }
    return outcome === 'take-out' && inside?.term !== undefined && inside.term !== term
      ? { code: 'cavity-taken', cavity: `${end}.${cavity}`, by: termLabel(inside.term) }
      : undefined
  },
  apply: (draft, { term, end, cavity, fault, cause, at, by }) => {
    const { state } = draft
    const { seat, ...now } = termState(state, term)
    const key = cavityKey(Number(term.split('/')[0]), end, cavity)
    voidProof(draft, term)
    switch (seatOutcome(fault, cause, rulesOf(state))) {
      case 'take-out':
        // it stands in the cavity, and is not home there
        draft.put(state.terms, term, { ...now, seat: { end, cavity, home: false, at, by } })
        if (!seat) passInto(draft, key, { term })
        break
      case 'cut-off':
        draft.put(state.terms, term, cutOff(state, term, now))
        if (seat) passInto(draft, key, {})
        break
      default:
        // it goes in again: nothing is lost, it was only not home
        draft.put(state.terms, term, now)
        if (seat) draft.put(state.cavities, key, { passes: state.cavities.get(key)?.passes ?? 0 })
    }
  },
  about: ({ term, end, cavity, fault, cause }) =>
    `${termLabel(term)} at ${end}.${cavity}: ${fault.replaceAll('-', ' ')}, ${cause.replaceAll('-', ' ')}`,
}

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
      if (!termination) return { code: 'unknown', what: 'termination', id: term }
      const now = termState(state, term)
      if (now.stripped ?? now.crimp) return { code: 'already', what: now.crimp ? 'crimped' : 'stripped' }
      const inside = inCavity(termination)
        ? state.cavities.get(cavityKey(termination.unit, termination.at.end, termination.at.cavity))
        : undefined
      const holds = inside?.term === undefined ? inside?.plug : termLabel(inside.term)
      if (holds !== undefined && inCavity(termination))
        return { code: 'cavity-taken', cavity: `${termination.at.end}.${termination.at.cavity}`, by: holds }
    }
    const meant = new Set(terms)
    for (const { unit, end, cavity } of plugs) {
      if (
        unit > state.plan.quantity ||
        !housingOf(state.facts, state.plan, end)?.cavities.some((one) => one.id === cavity)
      )
        return { code: 'unknown', what: 'cavity', id: `${end}.${cavity}` }
      const key = cavityKey(unit, end, cavity)
      const wanted = planIndex(state.plan).byCavity.get(key)?.key
      if (state.cavities.get(key)?.term !== undefined || (wanted !== undefined && meant.has(wanted)))
        return { code: 'cavity-in-use', cavity: `${end}.${cavity}` }
    }
    const stranger = closed.find(
      ({ unit, end }) => unit > state.plan.quantity || !housingOf(state.facts, state.plan, end),
    )
    return stranger ? { code: 'unknown', what: 'end', id: stranger.end } : undefined
  },
  apply: (draft, { terms, plugs, closed, slackMm = 0, at, by }) => {
    const { state } = draft
    for (const term of terms) {
      const termination = findTermination(state, term)
      if (!termination) continue
      const { unit, wire } = termination
      if (!state.cuts.has(wireKey(unit, wire.id)))
        draft.put(state.cuts, wireKey(unit, wire.id), { lengthMm: wire.lengthMm + slackMm, came: true })
      const crimp = { setup: AS_FOUND, at, by }
      if (!inCavity(termination)) {
        draft.put(state.terms, term, { ...termState(state, term), crimp })
        continue
      }
      const { end, cavity } = termination.at
      draft.put(state.terms, term, { ...termState(state, term), crimp, seat: { end, cavity, home: true, at, by } })
      draft.put(state.cavities, cavityKey(unit, end, cavity), { term })
    }
    for (const { unit, end, cavity, part } of plugs)
      draft.put(state.cavities, cavityKey(unit, end, cavity), { plug: part, came: true })
    for (const { unit, end } of closed) {
      const housing = housingOf(state.facts, state.plan, end)
      const family = housing && state.facts.families[housing.family]
      const locks = family && secondaryLocks[family.lock].present
      draft.put(state.ends, endKey(unit, end), {
        lock: locks ? 'closed' : 'open',
        fitted: housing?.interfaceSeal === undefined ? [] : [housing.interfaceSeal],
        lookedOver: true,
        came: true,
      })
    }
  },
  about: ({ terms }) => `${terms.length} terminations as they came`,
}

export const seatOrderSet: EntryKind<'seat-order-set'> = {
  kind: 'seat-order-set',
  atDesk: true,
  subjects: ({ end }) => ({ writes: [subject.seatOrder(end)], reads: [subject.end(end)] }),
  refuse: (state, { end, cavities }) => {
    const housing = housingOf(state.facts, state.plan, end)
    if (!housing) return { code: 'unknown', what: 'end', id: end }
    const stranger = cavities.find(
      (cavity, i) => cavities.indexOf(cavity) !== i || !housing.cavities.some((one) => one.id === cavity),
    )
    return stranger === undefined ? undefined : { code: 'unknown', what: 'cavity', id: `${end}.${stranger}` }
  },
  apply: (draft, { end, cavities }) =>
    draft.put(draft.state.seatOrders, end, cavities.length === 0 ? undefined : cavities),
  about: ({ end, cavities }) =>
    cavities.length === 0
      ? `${end} as computed`
      : `${end}: ${cavities.slice(0, 6).join(' ')}${cavities.length > 6 ? ' …' : ''}`,
}

export const damageReported: EntryKind<'damage-reported'> = {
  kind: 'damage-reported',
  subjects: ({ term, what }) => {
    const [unit = '1', wire = ''] = term.split('/')
    return {
      writes:
        what === 'wire'
          ? [
              subject.cut(wireKey(Number(unit), wire)),
              subject.term(termKey(Number(unit), wire, 'a')),
              subject.term(termKey(Number(unit), wire, 'b')),
            ]
          : [subject.term(term)],
    }
  },
  refuse: (state, { term, what }) => {
    const termination = findTermination(state, term)
    if (!termination) return { code: 'unknown', what: 'termination', id: term }
    const now = termState(state, term)
    if (!now.crimp) return { code: 'not-yet', what: 'crimped' }
    const set = state.sets.get(setKey(termination.wire.id, termination.side))
    return what === 'seal' && set && set.seal === undefined ? { code: 'unknown', what: 'part', id: 'seal' } : undefined
  },
  apply: (draft, { term, what, lostMm = 0 }) => {
    const { state } = draft
    const [unit = '1', wire = '', own] = term.split('/')
    const sides = what === 'wire' ? (['a', 'b'] as const) : [own === 'b' ? ('b' as const) : ('a' as const)]
    let seated = false
    for (const side of sides) {
      const key = termKey(Number(unit), wire, side)
      const now = termState(state, key)
      const broken: TermState = { ...now, damaged: { what, lostMm: what === 'wire' ? 0 : lostMm } }
      if (now.seat) {
        seated = true
        draft.put(state.terms, key, { ...broken, seat: { ...now.seat, home: false } })
      } else if (what !== 'wire') draft.put(state.terms, key, cutOff(state, key, broken))
    }
    if (what === 'wire' && !seated) scrapWire(draft, Number(unit), wire)
    if (what === 'wire') openLacing(draft, Number(unit), wire)
    for (const side of sides) voidProof(draft, termKey(Number(unit), wire, side))
  },
  about: ({ term, what }) => `${termLabel(term)}: ${what.replace('-', ' ')}`,
}

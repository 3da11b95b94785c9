import { cavityKey, termLabel, termOf } from '../../plan/keys'
import { isSpent, reuseOf } from '../../standing/reuse'
import { tighteningAt, tighteningRefusal } from '../../standing/tightening'
import { lightTugN, retentionN } from '../../standing/tug'
import { termState } from '../../state/state'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { disturbEnd, passInto } from '../writes/contactWrites'
import { helpRefusal } from '../shared'
import { cavityOf, insertRefusal, lockOf, seatSubjects } from '../writes/seats'

/** What an append of this kind says. */
export const seatedShape = ({ key, term, above0, helps, z }: EntryFields) => ({
  term,
  end: key,
  cavity: key,
  checked: z.array(key).max(8),
  /** what a gauge showed; older entries hold what was asked for here */
  tugN: above0.optional(),
  /** how it was tugged: by hand, and it held, or with a gauge */
  tug: z.enum(['by-hand', 'gauge']).optional(),
  /** the tug that was asked for */
  tugAskedN: above0.optional(),
  helps,
  /** a screw or nut was tightened: what its sheet asked, what the driver was set to, N·m; without the latter it was by hand */
  tightened: z.strictObject({ askedNm: above0.optional(), setNm: above0.optional(), tool: key.optional() }).optional(),
})

export const seated: EntryKind<'seated'> = {
  kind: 'seated',
  subjects: ({ term, end, cavity }) => seatSubjects(term, end, cavity),
  refuse: (state, { term, end, cavity, tug, tugN, helps, tightened }) => {
    const refusal = insertRefusal(state, term, end, cavity)
    if (refusal) return refusal
    const reuse = reuseOf(state, term)
    if (reuse && isSpent(reuse)) return { kind: 'contact-spent', ...reuse }
    const at = cavityOf(state, term)
    if (at?.end !== end || at.cavity !== cavity)
      return { kind: 'wrong-cavity', planned: at ? `${at.end}.${at.cavity}` : '', given: `${end}.${cavity}` }
    const help = helpRefusal(state, 'seat', helps)
    if (help) return help
    const tightening = tighteningAt(state, term, end, cavity)
    const loose = tightening && tighteningRefusal(state, tightening, tightened)
    if (loose) return loose
    const lightN = lightTugN(state, end, cavity)
    if (lockOf(state, termOf(term).unit, end)?.release.tugMeans !== 'when-in' || lightN === undefined) return undefined
    const told = tug === 'by-hand' || tugN !== undefined
    if (!told) return { kind: 'tug-missing', tugN: lightN }
    const holdsN = retentionN(state, end, cavity)
    // what the cavity holds by its sheet broke nothing
    return tugN !== undefined && holdsN !== undefined && tugN > holdsN
      ? { kind: 'tug-too-hard', tugN, lightN }
      : undefined
  },
  apply: (draft, { term, end, cavity, tug, tugN, tugAskedN, helps, tightened, at, by }) => {
    const { layBefore: _layBefore, ...now } = termState(draft.state, term)
    draft.put('terms', term, {
      ...now,
      seat: {
        end,
        cavity,
        home: true,
        at,
        by,
        ...(tug && { tug }),
        ...(tugN !== undefined && { tugN }),
        ...(tugAskedN !== undefined && { tugAskedN }),
        ...(helps && helps.length > 0 && { helps }),
        ...(tightened && { tightened }),
      },
    })
    passInto(draft, cavityKey(termOf(term).unit, end, cavity), { term })
    disturbEnd(draft, termOf(term).unit, end)
  },
  about: ({ term, end, cavity, helps, tightened }) =>
    [
      `${termLabel(term)} in ${end}.${cavity}`,
      ...(tightened ? [tightened.setNm === undefined ? 'tight by hand' : `${String(tightened.setNm)} N·m`] : []),
      ...(helps && helps.length > 0 ? ['helped'] : []),
    ].join(', '),
}

import { judgeStrip } from '../../../craft/strip/stripWindow'
import { termLabel } from '../../plan/keys'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { withSet } from '../shared'

/** What an append of this kind says. */
export const stripMendedShape = ({ key, term, above0, z }: EntryFields) => ({
  term,
  how: z.enum(['strip-more', 'trim-conductor', 'cut-back']),
  byMm: above0,
  why: key.optional(),
})

export const stripMended: EntryKind<'strip-mended'> = {
  kind: 'strip-mended',
  subjects: ({ term }) => ({ writes: [subject.term(term)] }),
  refuse: (state, { term, how, byMm }) => {
    const found = withSet(state, term)
    if (found.refusal) return found.refusal
    const now = termState(state, term)
    if (!now.stripped) return { kind: 'not-yet', what: 'stripped' }
    if (now.crimp) return { kind: 'already', what: 'crimped' }
    // of a strip that nobody measured nobody knows where it ends
    if (how === 'cut-back' || now.stripped.lengthFrom === 'stop') return undefined
    const afterMm = now.stripped.stripMm + (how === 'strip-more' ? byMm : -byMm)
    const verdict = judgeStrip(afterMm, found.set.strip)
    return verdict.kind === 'inside'
      ? undefined
      : { kind: 'strip-outside', verdict, minMm: found.set.strip.minMm, maxMm: found.set.strip.maxMm }
  },
  apply: (draft, { term, how, byMm }) => {
    const now = termState(draft.state, term)
    if (!now.stripped) return
    if (how === 'cut-back') {
      // what was threaded stays on the wire, but each strip is a new one to be checked
      const { stripped: _gone, ...rest } = now
      draft.put('terms', term, { ...rest, redone: now.redone + 1, usedMm: now.usedMm + byMm })
      return
    }
    const byItsLength = how === 'strip-more' ? byMm : -byMm
    const change = now.stripped.lengthFrom === 'stop' ? 0 : byItsLength
    const used = how === 'trim-conductor' ? byMm : 0
    draft.put('terms', term, {
      ...now,
      // what was measured before is no measurement of this
      stripped: { ...now.stripped, stripMm: now.stripped.stripMm + change, lengthFrom: 'stop' },
      usedMm: now.usedMm + used,
    })
  },
  about: ({ term }) => termLabel(term),
}

import { type SetupPart, setupParts } from '../../../craft/crimp/setupPart'
import { setupId, setupIdLabel } from '../../../craft/setup/setup'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { isMounted } from '../../standing/released'
import { endRelease } from '../writes/endRelease'

/** a part of the setup is set again, because of what was seen */
export const setupAdjustedShape = ({ key, above0, setupPart }: EntryFields) => ({
  setup: key,
  part: setupPart,
  toMm: above0.optional(),
  nominalMm: above0.optional(),
  why: key,
})

export const setupAdjusted: EntryKind<'setup-adjusted'> = {
  kind: 'setup-adjusted',
  // a strip stop is set at Prep, whatever is on the frame: it does not meet with those who crimp
  subjects: ({ setup, part }) => ({
    writes: [subject.adjustment(setup), ...(setupParts[part].endsRelease ? [subject.setup(setup)] : [])],
  }),
  refuse: (state, { setup, part, toMm, nominalMm }) => {
    const wanted = [...state.sets.values()].find((set) => setupId(set.setup) === setup)
    if (!wanted) return { kind: 'unknown', what: 'setup', id: setup }
    if (setupParts[part].figure && (toMm === undefined || (part === 'strip-stop' && nominalMm === undefined)))
      return { kind: 'figure-missing', part }
    // a stop that stands further off than a strip is long was never meant
    if (
      part === 'strip-stop' &&
      toMm !== undefined &&
      nominalMm !== undefined &&
      Math.abs(toMm - nominalMm) > nominalMm / 2
    )
      return { kind: 'outside-window', toMm, minMm: nominalMm / 2, maxMm: nominalMm * 1.5 }
    return setupParts[part].endsRelease && !isMounted(state, setup) ? { kind: 'not-yet', what: 'mounted' } : undefined
  },
  apply: (draft, { setup, part, toMm, nominalMm, at, by }) => {
    const now = draft.state.adjustments.get(setup) ?? {}
    if (part === 'strip-stop' && toMm !== undefined && nominalMm !== undefined)
      draft.put('adjustments', setup, { ...now, stripOffMm: Math.round((toMm - nominalMm) * 100) / 100 })
    if (part === 'wire-stop' && toMm !== undefined) draft.put('adjustments', setup, { ...now, wireStopMm: toMm })
    if (part === 'notch' && toMm !== undefined) draft.put('adjustments', setup, { ...now, notchMm: toMm })
    const before = draft.state.setups.get(setup)
    // pieces that were shown before it say nothing of what is set now, released or not
    if (setupParts[part].endsRelease && before && before.pieces.length > 0)
      endRelease(draft, setup, { why: part satisfies SetupPart, at, by })
  },
  about: ({ setup }) => setupIdLabel(setup),
}

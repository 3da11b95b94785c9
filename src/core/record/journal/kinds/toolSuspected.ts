import { setupId, setupIdLabel } from '../../../craft/setup/setup'
import { setupsSharing, suspectTerms, type ToolFinding } from '../../standing/suspects'
import { termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { endRelease } from '../writes/endRelease'

/** A cause was found that lies in the tool: what it crimped since it was last seen good is in question. */
export const toolSuspectedShape = ({ key, setup, setupPart, z }: EntryFields) => ({
  /** as it was set up where the cause was found */
  setup,
  part: setupPart,
  cause: key,
  /** where another job found it: that job, when, and the last good check anywhere before */
  foundIn: key.optional(),
  foundAt: z.iso.datetime().optional(),
  since: z.iso.datetime().optional(),
})

type Said = Parameters<EntryKind<'tool-suspected'>['apply']>[1]
const findingOf = ({ setup, part, since, foundAt, at }: Said): ToolFinding => ({
  setup,
  part,
  until: foundAt ?? at,
  ...(since !== undefined && { since }),
})

export const toolSuspected: EntryKind<'tool-suspected'> = {
  kind: 'tool-suspected',
  // it does not wait for a reopening: a signed job must not stand as sound when its tool was not
  whenClosed: true,
  atDesk: true,
  subjects: (entry, state) => ({
    writes: [
      ...setupsSharing(state, findingOf(entry)).map(subject.setup),
      ...suspectTerms(state, findingOf(entry)).map(subject.term),
    ],
  }),
  refuse: (state, entry) =>
    setupsSharing(state, findingOf(entry)).length === 0
      ? { kind: 'unknown', what: 'setup', id: setupId(entry.setup) }
      : undefined,
  apply: (draft, entry) => {
    const { cause, part, foundIn, at, by } = entry
    const finding = findingOf(entry)
    // asked before a release is ended: its pieces are the last good check
    const terms = suspectTerms(draft.state, finding)
    for (const id of setupsSharing(draft.state, finding))
      if (draft.state.setups.get(id)?.released) endRelease(draft, id, { why: part, at, by })
    const suspect = { cause, part, tool: entry.setup.tool, at, by, ...(foundIn !== undefined && { foundIn }) }
    for (const key of terms) draft.put('terms', key, { ...termState(draft.state, key), suspect })
  },
  about: ({ setup }) => setupIdLabel(setupId(setup)),
}

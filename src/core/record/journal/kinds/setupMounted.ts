import { setupId, setupIdLabel, toolDue } from '../../../craft/setup/setup'
import { rulesOf } from '../../rules/rulesOf'
import { firstLooksTicked } from '../../standing/looksTicked'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import { type EntryKind, dayIn } from '../entryKind'

/** What an append of this kind says. */
export const setupMountedShape = ({ key, setup, z }: EntryFields) => ({
  setup,
  checked: z.array(key).max(12),
  /** what is looked at in the tool was answered at once */
  together: z.literal(true).optional(),
})

export const setupMounted: EntryKind<'setup-mounted'> = {
  kind: 'setup-mounted',
  subjects: ({ setup }) => ({ writes: [subject.tool(setup.tool), subject.setup(setupId(setup))] }),
  refuse: (state, { setup, together }, moment) => {
    const id = setupId(setup)
    const wanted = [...state.sets.values()].some((set) => setupId(set.setup) === id)
    if (!wanted) return { kind: 'unknown', what: 'setup', id }
    const ticked = firstLooksTicked(state)
    if (together && ticked.kind === 'singly') return { kind: 'singly-due', nth: ticked.nth }
    const tool = state.facts.tools[setup.tool]
    const due = tool && toolDue(tool, dayIn(moment, moment.at), moment.made?.get(setup.tool))
    // gauged at this bench since: the crib's date is behind
    if (state.toolChecks.get(setup.tool)?.kind === 'verified') return undefined
    return due?.kind === 'overdue' && rulesOf(state).overdueTools === 'block'
      ? { ...due, kind: 'tool-overdue', tool: setup.tool }
      : undefined
  },
  apply: (draft, { setup, seq, by }) => {
    const id = setupId(setup)
    const before = draft.state.setups.get(id)
    draft.put('setups', id, {
      setup,
      mounted: seq,
      proven: before?.proven ?? [],
      pieces: before?.pieces ?? [],
      piecesFrom: before?.pieces.length ?? 0,
      samples: before?.samples ?? [],
    })
    draft.put('tools', setup.tool, { setup: id, since: seq, by })
  },
  about: ({ setup }) => setupIdLabel(setupId(setup)),
}

import { openingsOf } from '../../../parts/catalogue/openings'
import { type Setup, setupId, setupIdLabel } from '../../../craft/setup/setup'
import { setKey } from '../../plan/keys'
import type { SideLetter } from '../../plan/plan'
import { units } from '../../state/wireBlocks'
import { type JobState, termState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** What an append of this kind says: the set-up as it was estimated, and the nest that the hand found to be the snug one. */
export const nestFoundShape = ({ key, setup }: EntryFields) => ({ setup, nest: key })

/** Sides of wires whose set-up this is and of which nothing is crimped yet. */
function uncrimped(state: JobState, setup: Setup): readonly { readonly wire: string; readonly side: SideLetter }[] {
  const id = setupId(setup)
  return state.plan.wires.flatMap((wire) =>
    (['a', 'b'] as const).flatMap((side) => {
      const set = state.sets.get(setKey(wire.id, side))
      if (!set || setupId(set.setup) !== id) return []
      const isCrimped = units(state).some((unit) => termState(state, `${unit}/${wire.id}/${side}`).crimp)
      return isCrimped ? [] : [{ wire: wire.id, side }]
    }),
  )
}

export const nestFound: EntryKind<'nest-found'> = {
  kind: 'nest-found',
  subjects: ({ setup }, state) => ({
    writes: [
      subject.setup(setupId(setup)),
      ...uncrimped(state, setup).map(({ wire, side }) => subject.set(wire, side)),
    ],
  }),
  refuse: (state, { setup, nest }) => {
    const id = setupId(setup)
    const sets = [...state.sets.values()].filter((set) => setupId(set.setup) === id)
    // a nest that a card names is no guess
    if (setup.nest === undefined || !sets.some((set) => set.estimate)) return { kind: 'unknown', what: 'setup', id }
    const tool = state.facts.tools[setup.tool]
    const isOther = openingsOf(tool?.nestsMm, tool?.nestMarks).some(({ mark }) => mark === nest && mark !== setup.nest)
    if (!isOther) return { kind: 'unknown', what: 'nest', id: nest }
    return uncrimped(state, setup).length === 0 ? { kind: 'already', what: 'crimped' } : undefined
  },
  apply: (draft, { setup, nest }) => {
    for (const { wire, side } of uncrimped(draft.state, setup)) {
      const set = draft.state.sets.get(setKey(wire, side))
      if (set) draft.put('sets', setKey(wire, side), { ...set, setup: { ...set.setup, nest } })
    }
  },
  about: ({ setup }) => setupIdLabel(setupId(setup)),
}

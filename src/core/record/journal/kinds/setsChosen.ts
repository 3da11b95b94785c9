import { mergeFacts } from '../../plan/facts'
import { setKey } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'
import { isWorked } from '../writes/worked'

/** What an append of this kind says. */
export const setsChosenShape = ({ key, facts, chosenSet, z }: EntryFields) => ({
  choices: z
    .array(z.strictObject({ wire: key, side: z.enum(['a', 'b']), set: chosenSet.nullable() }))
    .min(1)
    .max(40_000),
  facts,
})

export const setsChosen: EntryKind<'sets-chosen'> = {
  kind: 'sets-chosen',
  subjects: ({ choices }) => ({
    writes: choices.map(({ wire, side }) => subject.set(wire, side)),
    reads: choices.map(({ wire }) => subject.wire(wire)),
  }),
  refuse: (state, { choices, facts }) => {
    const { wires } = planIndex(state.plan)
    const all = mergeFacts(state.facts, facts)
    for (const { wire, side, set } of choices) {
      if (!wires.has(wire)) return { kind: 'unknown', what: 'wire', id: wire }
      if (isWorked(state, wire, side)) return { kind: 'already', what: 'stripped' }
      if (!set) continue
      const pinned =
        Object.hasOwn(all.contacts, set.contact) &&
        Object.hasOwn(all.tools, set.setup.tool) &&
        (set.seal === undefined || Object.hasOwn(all.seals, set.seal))
      if (!pinned) return { kind: 'set-impossible', wire, side }
    }
    return undefined
  },
  apply: (draft, { choices, facts }) => {
    draft.pin(facts)
    for (const { wire, side, set } of choices) draft.put('sets', setKey(wire, side), set ?? undefined)
  },
  about: ({ choices }) =>
    choices.length === 1 ? `${choices[0]?.wire ?? ''}${choices[0]?.side ?? ''}` : `${choices.length} terminations`,
}

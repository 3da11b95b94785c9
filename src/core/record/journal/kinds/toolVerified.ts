import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** a go / no-go gauge, block or reference piece said that the tool is right */
export const toolVerifiedShape = ({ key, z }: EntryFields) => ({
  tool: key,
  gauge: key.optional(),
  selector: z.number().int().optional(),
  goEnters: z.boolean(),
  noGoStops: z.boolean(),
})

export const toolVerified: EntryKind<'tool-verified'> = {
  kind: 'tool-verified',
  subjects: ({ tool }) => ({ writes: [subject.toolCheck(tool)] }),
  refuse: (state, { tool }) =>
    Object.hasOwn(state.facts.tools, tool) ? undefined : { kind: 'unknown', what: 'tool', id: tool },
  apply: (draft, { tool, goEnters, noGoStops, at, by }) =>
    draft.put('toolChecks', tool, { kind: goEnters && noGoStops ? 'verified' : 'failed', at, by }),
  about: ({ tool }) => tool,
}

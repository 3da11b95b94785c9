import { isHeldToBlock } from '../../../craft/torque/blockCheck'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** a torque or tension tool held to its block after the work, and set to rest */
export const torqueRestedShape = ({ key, above0 }: EntryFields) => ({
  tool: key,
  set: above0,
  blockAfter: above0,
})

export const torqueRested: EntryKind<'torque-rested'> = {
  kind: 'torque-rested',
  atDesk: true,
  subjects: ({ tool }) => ({ writes: [subject.torqueTool(tool)] }),
  refuse: (state, { tool }) => (state.torqueTools.has(tool) ? undefined : { kind: 'unknown', what: 'tool', id: tool }),
  apply: (draft, { tool, set, blockAfter, at }) => {
    const now = draft.state.torqueTools.get(tool)
    if (!now) return
    const held = isHeldToBlock(set, blockAfter)
    draft.put('torqueTools', tool, { ...now, rested: { set, blockAfter, held, at } })
  },
  about: ({ tool, blockAfter }) => `${tool}: ${String(blockAfter)} after`,
}

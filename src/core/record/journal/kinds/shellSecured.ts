import { securings } from '../../../parts/catalogue/securings'
import { isHeldToBlock } from '../../../craft/torque/blockCheck'
import { endKey } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { endState } from '../../state/state'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** a shell was made fast: a backshell or nut with a set torque, a safety wire or cable, with the tool held to its block before */
export const shellSecuredShape = ({ unit, key, above0, z }: EntryFields) => ({
  unit,
  end: key,
  what: z.enum(securings),
  tool: key,
  /** what the sheet asks, in the unit of the driver: newton metres for torque, newtons for a cable's pull */
  asked: above0.optional(),
  /** what it was set to */
  set: above0,
  /** what the block showed before it was used */
  blockBefore: above0,
})

export const shellSecured: EntryKind<'shell-secured'> = {
  kind: 'shell-secured',
  subjects: ({ unit, end, tool }) => ({
    writes: [subject.endState(endKey(unit, end))],
    reads: [subject.end(end), subject.torqueTool(tool)],
  }),
  refuse: (state, { unit, end, set, asked, blockBefore }) => {
    if (!planIndex(state.plan).ends.has(end) || unit > state.plan.quantity)
      return { kind: 'unknown', what: 'end', id: end }
    if (!isHeldToBlock(set, blockBefore)) return { kind: 'block-off', set, block: blockBefore }
    return asked !== undefined && !isHeldToBlock(asked, set) ? { kind: 'block-off', set: asked, block: set } : undefined
  },
  apply: (draft, { unit, end, what, tool, asked, set, blockBefore, at, by }) => {
    const key = endKey(unit, end)
    const now = endState(draft.state, key)
    const others = (now.secured ?? []).filter((one) => one.what !== what)
    draft.put('ends', key, {
      ...now,
      secured: [...others, { what, tool, set, blockBefore, at, by, ...(asked !== undefined && { asked }) }],
    })
    draft.put('torqueTools', tool, { since: at })
  },
  about: ({ end, what, set }) => `${what.replace('-', ' ')} of ${end}: ${String(set)}`,
}

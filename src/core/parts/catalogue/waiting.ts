import { groupBy } from '../../base/collections'
import type { CatalogueInput } from './types'

/** A figure that is on the shelf before the thing it speaks of: it says nothing to a job until that is there too. */
export type Waiting =
  /** a contact's sheet, or a card, names a tool that is not here */
  | { readonly kind: 'tool'; readonly tool: string; readonly contacts: readonly string[] }
  /** rows of a tool's card are for a contact that is not on the shelf */
  | { readonly kind: 'contact'; readonly contact: string; readonly tool: string; readonly rows: readonly number[] }
  /** the sheet of a housing names a tool for its lock that is not here */
  | { readonly kind: 'lock-tool'; readonly housing: string; readonly tool: string }
  /** a housing's other half */
  | { readonly kind: 'mate'; readonly housing: string; readonly mate: string }

interface Known {
  readonly housings: ReadonlyMap<string, unknown>
  readonly contacts: ReadonlyMap<string, unknown>
  readonly tools: ReadonlyMap<string, unknown>
}

/** What of a catalogue waits for a tool, a contact or a mate. */
export function waitingIn(input: CatalogueInput, known: Known): readonly Waiting[] {
  const asked: { readonly tool: string; readonly contact: string }[] = []
  const rows: Waiting[] = []
  const mates: Waiting[] = []
  const lockTools: Waiting[] = []
  for (const { contacts, housings } of input.families) {
    for (const { id, sheetTool } of contacts)
      if (sheetTool !== undefined && !known.tools.has(sheetTool)) asked.push({ tool: sheetTool, contact: id })
    for (const { id, mates: named = [], secondLock } of housings) {
      for (const mate of named) if (!known.housings.has(mate)) mates.push({ kind: 'mate', housing: id, mate })
      const tool = secondLock?.tool
      if (tool !== undefined && !known.tools.has(tool)) lockTools.push({ kind: 'lock-tool', housing: id, tool })
    }
  }
  for (const placard of input.placards) {
    if (!known.tools.has(placard.tool))
      asked.push(...placard.rows.map(({ contact }) => ({ tool: placard.tool, contact })))
    const lost = placard.rows.flatMap(({ contact }, i) => (known.contacts.has(contact) ? [] : [{ contact, at: i + 1 }]))
    for (const [contact, at] of groupBy(lost, (one) => one.contact))
      rows.push({ kind: 'contact', contact, tool: placard.tool, rows: at.map((one) => one.at) })
  }
  const tools = [...groupBy(asked, (one) => one.tool)].map(([tool, by]): Waiting => ({
    kind: 'tool',
    tool,
    contacts: [...new Set(by.map((one) => one.contact))],
  }))
  return [...tools, ...rows, ...lockTools, ...mates]
}

/** What of that concerns a family: tools that its contacts ask for, and mates of its housings. */
export function waitingOfFamily(
  waiting: readonly Waiting[],
  family: Pick<CatalogueInput['families'][number], 'contacts' | 'housings'>,
): readonly Waiting[] {
  const contacts = new Set(family.contacts.map(({ id }) => id))
  const housings = new Set(family.housings.map(({ id }) => id))
  return waiting.flatMap((one): readonly Waiting[] => {
    if (one.kind === 'mate' || one.kind === 'lock-tool') return housings.has(one.housing) ? [one] : []
    if (one.kind === 'contact') return []
    const asking = one.contacts.filter((id) => contacts.has(id))
    return asking.length > 0 ? [{ ...one, contacts: asking }] : []
  })
}

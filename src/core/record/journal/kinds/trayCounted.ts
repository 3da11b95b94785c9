import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** What an append of this kind says. */
export const trayCountedShape = ({ key, z }: EntryFields) => ({
  tools: z.array(z.strictObject({ tool: key, back: z.boolean() })).max(60),
  scrapped: z.number().int().min(0),
  scrapFound: z.number().int().min(0),
})

export const trayCounted: EntryKind<'tray-counted'> = {
  kind: 'tray-counted',
  atDesk: true,
  subjects: () => ({ writes: [subject.tray] }),
  refuse: () => undefined,
  apply: (draft, { tools, scrapped, scrapFound, at, by }) => {
    const missing = tools.filter((tool) => !tool.back).map((tool) => tool.tool)
    draft.set('tray', {
      allBack: missing.length === 0 && scrapped === scrapFound,
      missing,
      scrapped,
      scrapFound,
      at,
      by,
    })
  },
  about: ({ tools }) => `${tools.filter((tool) => tool.back).length} of ${tools.length} tools back`,
}

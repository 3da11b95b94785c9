import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** What an append of this kind says. */
export const trayCountedShape = ({ key, text, z }: EntryFields) => ({
  tools: z
    .array(
      z.strictObject({
        tool: key,
        back: z.boolean(),
        /** where it is instead, once it was looked for */ why: text.optional(),
      }),
    )
    .max(60),
  scrapped: z.number().int().min(0),
  scrapFound: z.number().int().min(0),
  /** why scrap is missing, once it was looked for */
  scrapWhy: text.optional(),
})

export const trayCounted: EntryKind<'tray-counted'> = {
  kind: 'tray-counted',
  atDesk: true,
  subjects: () => ({ writes: [subject.tray] }),
  refuse: () => undefined,
  apply: (draft, { tools, scrapped, scrapFound, scrapWhy, at, by }) => {
    const missing = tools.filter((tool) => !tool.back && tool.why === undefined).map((tool) => tool.tool)
    const explained = tools.flatMap(({ tool, back, why }) => (!back && why !== undefined ? [{ tool, why }] : []))
    draft.set('tray', {
      allBack: missing.length === 0 && (scrapped === scrapFound || scrapWhy !== undefined),
      missing,
      scrapped,
      scrapFound,
      ...(explained.length > 0 && { explained }),
      ...(scrapWhy !== undefined && { scrapWhy }),
      at,
      by,
    })
  },
  about: ({ tools }) => `${tools.filter((tool) => tool.back).length} of ${tools.length} tools back`,
}

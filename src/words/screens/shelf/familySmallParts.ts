import { list } from '@/words/figures'

/** What `SmallPartsStep` says. */
export const familySmallPartsWords = {
  about: 'Seals and small parts',
  sealDrawn: (id: string) => `${id} in its bore, on the wire in the middle of its range`,
  holds: (insulation: string, bore: string) => `Round insulation of ${insulation} mm, in a bore of ${bore}.`,
  fillsBores: (sizes: readonly string[]) => `✓ Fills the bore of ${list([...sizes], 4)}`,
  fillsNone: '◆ No size has that bore',
  whatForParts: 'Plugs, locks, caps, clips, backshells and boots: each a part of its own, counted by the kit.',
  namedByHousings: 'A plug is named at its size, the others at their housing; from there they come into a job.',
}

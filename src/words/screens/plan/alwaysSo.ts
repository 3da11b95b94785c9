import type { AskedOfWire } from '@/core/record/plan/wiresAnswered'
import { list } from '@/words/figures'

/** What `AlwaysSo` says. */
export const alwaysSoWords = {
  asks: (asks: readonly AskedOfWire[]) =>
    `${list(
      asks.map(({ wire, what }) => `${wire} (${what.join(' and ')})`),
      8,
    )} ${asks.length === 1 ? 'is' : 'are'} cut already. Was it always so, or is it another wire?`,
  why: 'Why the plan was wrong',
  example: 'read wrongly from the sheet',
  alwaysSo: 'It was always so',
  another: 'Another wire: scrap the old',
}

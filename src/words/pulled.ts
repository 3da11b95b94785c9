import type { PulledByHand } from '@/core/record/state/records'
import { newtons } from './figures'

/** How a test piece came through a pull by hand: never a figure. */
export const byHandWords: Readonly<Record<PulledByHand, string>> = {
  held: 'pulled by hand, held',
  'came-off': 'pulled by hand, came off',
}

/** What a test piece held: a figure from a tester, or how it came through a hand's pull. */
export const pulledWords = ({
  pullN,
  byHand,
}: {
  readonly pullN?: number | undefined
  readonly byHand?: PulledByHand | undefined
}): string => (pullN !== undefined ? newtons(pullN) : byHand ? byHandWords[byHand] : 'not pulled')

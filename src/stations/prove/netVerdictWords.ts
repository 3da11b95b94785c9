import { proveStationWords as words } from '@/words/screens/prove/proveStation'

/** How a reading's verdict is shown: its sign, its words, its tone. */
export const netVerdictWords = {
  good: { sign: '✓', words: words.good, tone: 'good' },
  high: { sign: '▲', words: words.tooHigh, tone: 'fault' },
  low: { sign: '▲', words: words.tooLow, tone: 'fault' },
  'cannot-tell': { sign: '?', words: words.cannotTell, tone: 'caution' },
} as const

import type { Harm } from '@/core/craft/mismate/mismateTypes'
import type { JobMismate } from '@/core/work/prove/jobMismate'

/** What it does when two contacts meet that should not; never by colour alone. */
export const harmWords: Readonly<
  Record<
    Harm,
    {
      readonly words: string
      readonly sign: string
      readonly tone: 'fault' | 'caution' | 'good'
      readonly rank: number
    }
  >
> = {
  'supply-return': { words: 'supply on return: a short', sign: '▲', tone: 'fault', rank: 0 },
  'supply-supply': { words: 'two supplies on each other', sign: '▲', tone: 'fault', rank: 1 },
  'supply-signal': { words: 'supply on a signal', sign: '◆', tone: 'caution', rank: 2 },
  none: { words: 'harmless', sign: '✓', tone: 'good', rank: 3 },
}

/** A wrong way of joining, in words. */
export function mismateWords({ end, into, how, why }: JobMismate): string {
  if (into === undefined) return how === 'turned' ? `${end} turned round` : `${end} shifted by one`
  return why === 'same-pitch' ? `${end} into ${into}’s half, of another family` : `${end} into ${into}’s half`
}
